<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * Volume of a vessel from the mass of the water that fills it: V = m / 998 kg/m3.
 *
 * m in g, V in L. Source: density of water near 21 degC, as everywhere in the model. Check: 998 g are 1 L.
 */
final class WaterFill
{
    private const WATER_G_L = 998.0;

    public static function litres(float $waterG): float
    {
        return $waterG / self::WATER_G_L;
    }
}
