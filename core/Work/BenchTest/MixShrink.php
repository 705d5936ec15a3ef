<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * What vanishes when parts are mixed and watered in: yield = settled volume / sum of the loose volumes, and the compaction index K that gives it.
 *
 * Volumes in mL. K is looked for between 4.1 and 9. Source: model section 3. Check: 900 mL of 1000 mL: 0.9.
 */
final class MixShrink implements TestMethod
{
    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['jug', 'bucket'],
            15,
            10,
            2,
            [],
            [Reading::number('loose_ml', 'mL', 100, 500_000), Reading::number('settled_ml', 'mL', 50, 500_000)],
            [new Step('measure', [], ['loose_ml']), new Step('mix'), new Step('water', [], ['settled_ml'], 10 * 60)],
            ['dust'],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of($readings->figure('yield_share', static fn(Round $round): float => $round->share('settled_ml', 'loose_ml'), $refusals, 0.01));
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [];
    }

    /**
     * The K for which a blend yields a share; volume falls as K rises.
     *
     * @throws Refused field "rounds" when no K from 4.1 to 9 does
     */
    public static function compactionIndex(Blend $blend, float $yield): float
    {
        [$low, $high] = [CompressiblePacking::POURED, CompressiblePacking::PRESSED];
        [$most, $least] = [(new Substrate($blend, $low))->yield, (new Substrate($blend, $high))->yield];
        if ($yield > $most || $yield < $least) {
            throw Refused::because('rounds', 'yield_out_of_reach', $yield, ['min' => $least, 'max' => $most]);
        }
        for ($step = 0; $step < 50; ++$step) {
            $middle = ($low + $high) / 2.0;
            if ((new Substrate($blend, $middle))->yield > $yield) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }
}
