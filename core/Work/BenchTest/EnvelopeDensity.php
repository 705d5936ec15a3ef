<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;

/**
 * Density of grains with their pores, and the water they soak up: re = m_dry / V, ws = (m_soaked - m_dry) / (0.998 V).
 *
 * m in g, V the water in mL that the soaked, towel-dried grains displace. Source: displacement by Archimedes, as in EN 1097-6 for aggregates.
 * Check: 100 g dry, 141 g soaked, 117.6 mL displaced: re 0.8503 kg/L, ws 0.3493.
 */
final class EnvelopeDensity implements TestMethod
{
    private const WATER_G_ML = 0.998;
    private const HEAVIEST_SOLID = 5.5;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['kitchen_scale', 'measuring_cylinder', 'towel'],
            25,
            12 * 60,
            2,
            [],
            [Reading::mass('dry_g'), Reading::mass('soaked_g'), Reading::number('displaced_ml', 'mL', 1, 50_000)],
            [
                new Step('dry', [], ['dry_g']),
                new Step('soak', waitS: 12 * 3600),
                new Step('towel', [], ['soaked_g']),
                new Step('displace', [], ['displaced_ml']),
            ],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of(
            $readings->figure('particle_density', self::density(...), $refusals),
            $readings->figure('internal_water', self::water(...), $refusals, 0.01),
        );
    }

    /** @throws Refused where nothing on earth is that dense */
    private static function density(Round $round): float
    {
        $density = $round->number('dry_g') / $round->number('displaced_ml');
        if ($density > self::HEAVIEST_SOLID) {
            throw Refused::because('displaced_ml', 'denser_than_stone', $round->number('displaced_ml'), ['density' => $density]);
        }

        return $density;
    }

    /** @throws Refused where soaked grains weigh less than dry ones, or hold more than their own volume */
    private static function water(Round $round): float
    {
        [$dry, $soaked, $displaced] = [$round->number('dry_g'), $round->number('soaked_g'), $round->number('displaced_ml')];
        if ($soaked < $dry) {
            throw Refused::because('soaked_g', 'lighter_than_dry', $soaked, ['min' => $dry]);
        }
        if ($soaked - $dry >= self::WATER_G_ML * $displaced) {
            throw Refused::because('soaked_g', 'porosity_over_one', $soaked, ['max' => $dry + self::WATER_G_ML * $displaced]);
        }

        return ($soaked - $dry) / self::WATER_G_ML / $displaced;
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [MeasuredProperty::of('particle_density', $outcome->figures[0]), MeasuredProperty::of('internal_water', $outcome->figures[1])];
    }
}
