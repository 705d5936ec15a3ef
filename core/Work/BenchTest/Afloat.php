<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Material\Material;

/**
 * Share that is still afloat after a day in water: afloat_ml / total_ml, by loose volume.
 *
 * Source: model section 12. Check: 150 mL of 500 mL: 0.3.
 */
final class Afloat implements TestMethod
{
    public const FLOATS_FROM = 0.1;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['jug', 'spoon'],
            10,
            24 * 60,
            1,
            [],
            [Reading::number('total_ml', 'mL', 10, 100_000), Reading::number('afloat_ml', 'mL', 0, 100_000)],
            [new Step('stir', [], ['total_ml'], 24 * 3600), new Step('skim', [], ['afloat_ml'])],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $share = $readings->figure('float_share', static fn(Round $round): float => $round->share('afloat_ml', 'total_ml'), $refusals, 0.02);

        return $share === null ? new Outcome([]) : new Outcome([$share], [], ['floats' => $share->mean >= self::FLOATS_FROM ? 'yes' : 'no']);
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [];
    }
}
