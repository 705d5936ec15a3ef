<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** The pot tipped while it rains for long. */
final class Tip implements Way
{
    private const DEGREES = [15.0, 25.0, 35.0];

    public static function from(AsItStands $at): iterable
    {
        foreach (self::DEGREES as $i => $degrees) {
            if ($degrees > $at->setup->tipDeg) {
                yield static fn(): Change => new Change(ChangeKind::Tip, $at->setup->with(tipDeg: $degrees), 1.0 + 0.5 * $i, $degrees);
            }
        }
    }
}
