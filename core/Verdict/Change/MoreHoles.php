<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Container\Holes;

/**
 * One, two or four holes more, as wide as those there are.
 *
 * Source: practice; more than half of the floor is none any more. Check: a pot without holes is tried with 1, 2 and 4 of 2 cm.
 */
final class MoreHoles implements Way
{
    private const MORE = [1, 2, 4];
    private const MOST_OF_FLOOR = 0.5;
    private const USUAL_CM = 2.0;
    private const USUAL_OPEN = 0.6;

    public static function from(AsItStands $at): iterable
    {
        $setup = $at->setup;
        $now = $setup->holes;
        foreach (self::MORE as $by) {
            $more = $now->count === 0 ? Holes::of($by, self::USUAL_CM, self::USUAL_OPEN) : Holes::of($now->count + $by, $now->diameterCm, $now->openShare);
            if ($more->openAreaCm2() < self::MOST_OF_FLOOR * $setup->pot->floorCm2()) {
                yield static fn(): Change => new Change(ChangeKind::Holes, $setup->with(holes: $more), 1.0 + $by / 4.0);
            }
        }
    }
}
