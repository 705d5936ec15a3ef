<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/**
 * How much warmer a dry surface gets in full summer sun than the air: a rough figure, good to a half either way.
 *
 *     dT = S (1 - albedo) exposure / h,   S 800 W/m2, h 20 W/m2/K of air and sky together
 *
 * A wet surface stays nearer to the air; moss wetter still. Source: heat balance of a dry surface at midday. Check: albedo 0.15 in full sun: 34 K, albedo 0.55: 18 K.
 */
final class SurfaceHeat
{
    private const SUN = 800.0;
    private const LOSS = 20.0;

    public static function aboveAirK(float $albedo, Exposure $exposure): float
    {
        return self::SUN * (1.0 - $albedo) * $exposure->factor() / self::LOSS;
    }
}
