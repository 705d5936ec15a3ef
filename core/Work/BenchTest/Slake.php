<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Material\Material;

/**
 * What stays whole after a night in water: kept = whole_g / start_g, both dry and on the same sieve.
 *
 * Below 0.9 a granule turns to sludge in a wet pot. Source: slake durability in its simplest form (J. A. Franklin and R. Chandra, International Journal of Rock Mechanics and
 * Mining Sciences 9 (1972) 325-328). Check: 96 g of 100 g: 0.96.
 */
final class Slake implements TestMethod
{
    public const SLUDGE_BELOW = 0.9;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['jug', 'sieves', 'kitchen_scale'],
            15,
            36 * 60,
            2,
            [],
            [Reading::mass('start_g', 1), Reading::mass('whole_g', 0)],
            [new Step('weigh', [], ['start_g']), new Step('soak', waitS: 12 * 3600), new Step('dry', waitS: 24 * 3600), new Step('weigh_again', [], ['whole_g'])],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $kept = $readings->figure('slake_kept', static fn(Round $round): float => $round->share('whole_g', 'start_g'), $refusals);

        return $kept === null ? new Outcome([]) : new Outcome([$kept], [], ['slakes' => $kept->mean < self::SLUDGE_BELOW ? 'yes' : 'no']);
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [];
    }
}
