<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** A pot as wide and deeper, or shallower. */
final class OtherDepth implements Way
{
    private const BY_CM = [1.0, 2.0, 3.0, 5.0, 8.0];

    public static function from(AsItStands $at): iterable
    {
        $setup = $at->setup;
        $pot = $setup->pot;
        foreach (self::BY_CM as $by) {
            yield static fn(): Change => new Change(ChangeKind::Deeper, $setup->with(pot: $pot->withDepth($pot->depthCm + $by)), 1.0 + $by / 4.0, $by);
            if ($by < $pot->depthCm) {
                yield static fn(): Change => new Change(ChangeKind::Shallower, $setup->with(pot: $pot->withDepth($pot->depthCm - $by)), 1.0 + $by / 4.0, $by);
            }
        }
    }
}
