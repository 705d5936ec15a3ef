<?php

declare(strict_types=1);

namespace Zolbek\Core\Blending;

use Zolbek\Core\Component\Component;
use Zolbek\Core\Watering\Surface;
use Zolbek\Core\Watering\WateringMethod;

/**
 * What of a mix floats, and what share of its surface a way of watering would wash off.
 *
 *     a grain floats when re + ws < 1 even soaked; at first when re < 1, until its pores fill
 *     washed off = (share of grains that float + a quarter of those that float at first) * method * surface
 *
 * Shares are of envelope volume, as grains show at a surface. Source: buoyancy; factors of method and surface are starting figures.
 * Check: a mix of grains of re 2.6 has nothing to lose.
 */
final class Floating
{
    private const AT_FIRST_COUNTS = 0.25;
    private const WATER = 1.0;

    public static function floats(Component $component): bool
    {
        return $component->particleDensity + $component->internalWater < self::WATER;
    }

    public static function floatsAtFirst(Component $component): bool
    {
        return ! self::floats($component) && $component->particleDensity < self::WATER && $component->kind?->isCompressible() !== true;
    }

    /** @return array{float, float} share of grains that float, and that float at first */
    public static function shares(Blend $blend): array
    {
        $total = $always = $atFirst = 0.0;
        foreach ($blend->components as $i => $component) {
            $grains = $blend->shares[$i] * $component->bulkDensity / $component->particleDensity;
            $total += $grains;
            $always += self::floats($component) ? $grains : 0.0;
            $atFirst += self::floatsAtFirst($component) ? $grains : 0.0;
        }

        return [$always / $total, $atFirst / $total];
    }

    public static function washedOff(Blend $blend, Surface $surface, WateringMethod $method): float
    {
        [$always, $atFirst] = self::shares($blend);

        return ($always + self::AT_FIRST_COUNTS * $atFirst) * $surface->letsFloat() * $method->carriesOff();
    }
}
