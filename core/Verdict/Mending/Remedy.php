<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Criterion;

/**
 * Which changes a grower would make for which complaint: what is tried first, what else may serve, and what nobody would do for it though the figure moves.
 *
 * Lime for raw peat, rain in the water or acid feed for a rising pH, more water or a deeper pot for drought, a lighter stone for a heavy pot; never a drainage
 * layer for pH. Source: practice. Check: lime is first for a pH that is too low, and none for one that is too high.
 */
final class Remedy
{
    private const RECIPE = [ChangeKind::More, ChangeKind::Less, ChangeKind::Add, ChangeKind::Swap];

    /** 0 tried first, 1 next, 2 if all else fails; null where it is no remedy. */
    public static function rank(Criterion $criterion, ChangeKind $kind, bool $isTooLow): ?int
    {
        $order = match ($criterion) {
            Criterion::Air => $isTooLow
                ? [[ChangeKind::Rinse, ...self::RECIPE], [ChangeKind::Deeper, ChangeKind::OtherPot, ChangeKind::Tip, ChangeKind::NoLayer, ChangeKind::Layer], []]
                : [self::RECIPE, [ChangeKind::Shallower, ChangeKind::OtherPot, ChangeKind::NoLayer], []],
            Criterion::Drought => [[ChangeKind::Habit], [ChangeKind::Deeper, ChangeKind::OtherPot, ChangeKind::Together, ChangeKind::Shade, ChangeKind::Moss, ChangeKind::Stone, ChangeKind::Windbreak, ...self::RECIPE], [ChangeKind::NoLayer]],
            Criterion::RunThrough => [[ChangeKind::Holes, ChangeKind::Rinse], [...self::RECIPE, ChangeKind::OtherPot, ChangeKind::Shallower], [ChangeKind::Layer]],
            Criterion::Ph => $isTooLow
                ? [[ChangeKind::Lime], [...self::RECIPE], [ChangeKind::Feed]]
                : [[ChangeKind::Rain, ChangeKind::Feed], [...self::RECIPE], []],
            Criterion::LaterPh => $isTooLow
                ? [[ChangeKind::Lime, ChangeKind::Feed], [...self::RECIPE], [ChangeKind::Repot]]
                : [[ChangeKind::Rain, ChangeKind::Feed], [...self::RECIPE, ChangeKind::Shade, ChangeKind::Together], [ChangeKind::Repot]],
            Criterion::Years => [[ChangeKind::WinterShelter, ...self::RECIPE], [ChangeKind::Rinse, ChangeKind::Deeper, ChangeKind::OtherPot, ChangeKind::Holes, ChangeKind::Repot], [ChangeKind::Layer, ChangeKind::Tip]],
            Criterion::FloatShare => [[ChangeKind::Stone, ChangeKind::Moss], self::RECIPE, []],
            Criterion::LargestGrain => [[ChangeKind::SieveOut], [...self::RECIPE, ChangeKind::Deeper, ChangeKind::OtherPot], []],
            Criterion::WetWeight => [[ChangeKind::Swap], [ChangeKind::Less, ChangeKind::More, ChangeKind::Add, ChangeKind::Shallower, ChangeKind::OtherPot], [ChangeKind::NoLayer]],
            Criterion::Segregation => [[ChangeKind::SieveOut, ChangeKind::Swap], [ChangeKind::Less, ChangeKind::Rinse], []],
        };
        foreach ($order as $rank => $kinds) {
            if (in_array($kind, $kinds, true)) {
                return $rank;
            }
        }

        return null;
    }
}
