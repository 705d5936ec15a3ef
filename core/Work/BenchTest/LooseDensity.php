<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;

/**
 * Loose bulk density: rb = (m_full - m_empty) / V, kg/L, of dry material poured into a vessel of known volume and struck off.
 *
 * m in g, V in L. Source: definition, as in EN 13040 for growing media. Check: 672 g in a jug of 1 L and 212 g: 0.46 kg/L.
 */
final class LooseDensity implements TestMethod
{
    private const HEAVIEST = 3.0;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['jug', 'kitchen_scale'],
            10,
            0,
            3,
            [Reading::number('vessel_l', 'L', 0.05, 100), Reading::mass('empty_g', 0)],
            [Reading::mass('full_g')],
            [new Step('dry'), new Step('vessel', ['vessel_l', 'empty_g']), new Step('fill', [], ['full_g'])],
            ['dust'],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of($readings->figure('bulk_density', static fn(Round $round): float => self::density($round, $readings), $refusals));
    }

    /** @throws Refused where the full vessel is lighter than the empty one, or heavier than stone */
    private static function density(Round $round, Readings $readings): float
    {
        $full = $round->number('full_g');
        $density = ($full - $readings->number('empty_g')) / 1000.0 / $readings->number('vessel_l');
        if ($density <= 0.0) {
            throw Refused::because('full_g', 'lighter_than_empty', $full, ['min' => $readings->number('empty_g')]);
        }
        if ($density > self::HEAVIEST) {
            throw Refused::because('full_g', 'heavier_than_stone', $full, ['density' => $density]);
        }

        return $density;
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [MeasuredProperty::of('bulk_density', $outcome->figures[0])];
    }
}
