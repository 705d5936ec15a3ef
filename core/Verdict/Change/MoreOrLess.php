<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** More of a part, or less of it. */
final class MoreOrLess implements Way
{
    public static function from(AsItStands $at): iterable
    {
        foreach ($at->setup->portions as [$portion, $parts]) {
            foreach (AsItStands::STEPS as $times) {
                $by = $times * $at->unit;
                yield static fn(): Change => new Change(ChangeKind::More, $at->setup->withParts($portion, $parts + $by), $times, $by, $portion->key);
                if ($by <= $parts) {
                    yield static fn(): Change => new Change(ChangeKind::Less, $at->setup->withParts($portion, $parts - $by), $times, $by, $portion->key);
                }
            }
        }
    }
}
