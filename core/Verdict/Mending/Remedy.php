<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Verdict\Fit\Criterion;

/**
 * Which changes a grower would make for which complaint: what is tried first, what else may serve, and what nobody would do for it though the figure moves.
 *
 * Lime for raw peat, rain in the water or acid feed for a rising pH, more water or a deeper pot for drought, a lighter stone for a heavy pot; never a drainage
 * layer for pH. Source: practice. Check: lime is first for a pH that is too low, and none for one that is too high.
 */
final class Remedy
{
    private const RECIPE = [Change::MORE, Change::LESS, Change::ADD, Change::SWAP];

    /** 0 tried first, 1 next, 2 if all else fails; null where it is no remedy. */
    public static function rank(Criterion $criterion, string $kind, bool $isTooLow): ?int
    {
        $order = match ($criterion) {
            Criterion::Air => $isTooLow
                ? [[Change::RINSE, ...self::RECIPE], [Change::DEEPER, Change::OTHER_POT, Change::TIP, Change::NO_LAYER, Change::LAYER], []]
                : [self::RECIPE, [Change::SHALLOWER, Change::OTHER_POT, Change::NO_LAYER], []],
            Criterion::Drought => [[Change::HABIT], [Change::DEEPER, Change::OTHER_POT, Change::TOGETHER, Change::SHADE, Change::MOSS, Change::STONE, Change::WINDBREAK, ...self::RECIPE], [Change::NO_LAYER]],
            Criterion::RunThrough => [[Change::HOLES, Change::RINSE], [...self::RECIPE, Change::OTHER_POT, Change::SHALLOWER], [Change::LAYER]],
            Criterion::Ph => $isTooLow
                ? [[Change::LIME], [...self::RECIPE], [Change::FEED]]
                : [[Change::RAIN, Change::FEED], [...self::RECIPE], []],
            Criterion::LaterPh => $isTooLow
                ? [[Change::LIME, Change::FEED], [...self::RECIPE], [Change::REPOT]]
                : [[Change::RAIN, Change::FEED], [...self::RECIPE, Change::SHADE, Change::TOGETHER], [Change::REPOT]],
            Criterion::Years => [[Change::WINTER_SHELTER, ...self::RECIPE], [Change::RINSE, Change::DEEPER, Change::OTHER_POT, Change::HOLES, Change::REPOT], [Change::LAYER, Change::TIP]],
            Criterion::FloatShare => [[Change::STONE, Change::MOSS], self::RECIPE, []],
            Criterion::LargestGrain => [[Change::SIEVE_OUT], [...self::RECIPE, Change::DEEPER, Change::OTHER_POT], []],
            Criterion::WetWeight => [[Change::SWAP], [Change::LESS, Change::MORE, Change::ADD, Change::SHALLOWER, Change::OTHER_POT], [Change::NO_LAYER]],
            Criterion::Segregation => [[Change::SIEVE_OUT, Change::SWAP], [Change::LESS, Change::RINSE], []],
        };
        foreach ($order as $rank => $kinds) {
            if (in_array($kind, $kinds, true)) {
                return $rank;
            }
        }

        return null;
    }
}
