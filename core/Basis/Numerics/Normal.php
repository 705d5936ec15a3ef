<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * Quantiles of the standard normal distribution: z with P(Z < z) = p, z = -sqrt2 erfcinv(2 p).
 *
 * Source: definition of erfc. Check: 0.975 is 1.959963985; 0.5 is 0.
 */
final class Normal
{
    /** Nearer to 0 and 1 than this no draw is told apart. */
    private const FURTHEST = 1e-9;

    /** @param float $share 0 to 1 */
    public static function quantile(float $share): float
    {
        return -M_SQRT2 * Erfc::inverse(2.0 * min(1.0 - self::FURTHEST, max(self::FURTHEST, $share)));
    }
}
