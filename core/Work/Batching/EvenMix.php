<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Mix\Blending\Blend;

/**
 * How often a load is turned over until it is even.
 *
 *     turns = 6 + one for each 10 L beyond the first 10, half as many again where the sizes part (largest D50 over the smallest from 4 on), rounded up
 *
 * By shovel or by hand, from the bottom up. Source: practice, starting figures. Check: 10 L of grains of one size: 6; 40 L of sizes that part: 14.
 */
final class EvenMix
{
    private const LEAST = 6.0;
    private const LITRES = 10.0;
    private const PARTS_FROM = 4.0;
    private const MORE = 1.5;

    public static function turns(Blend $blend, float $litres): int
    {
        $turns = self::LEAST + max(0.0, $litres - self::LITRES) / self::LITRES;

        return (int) ceil(($blend->sizeRatio() >= self::PARTS_FROM ? self::MORE : 1.0) * $turns - 1e-9);
    }
}
