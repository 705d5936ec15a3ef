<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * Reference evapotranspiration where only temperatures are known, mm/day.
 *
 *     ET0 = 0.0023 * 0.408 Ra (Tmean + 17.8) sqrt(Tmax - Tmin)
 *
 * Temperatures degC, Ra MJ/m2/day. Never below 0. Source: G. H. Hargreaves and Z. A. Samani (1985), in FAO Irrigation and Drainage
 * Paper 56 (1998), equation 52. Check: 45.72 degrees north, 15 July, 14.8 to 26.6 degC: 5.0.
 */
final class Hargreaves
{
    public static function mmDay(float $latitude, int $day, float $tMin, float $tMax): float
    {
        return self::under((new ExtraterrestrialRadiation($latitude, $day))->mjM2Day, $tMin, $tMax);
    }

    /** The same on a day whose radiation at the top of the atmosphere is known, MJ/m2/day. */
    public static function under(float $radiation, float $tMin, float $tMax): float
    {
        return max(0.0, 0.0023 * 0.408 * $radiation * (($tMin + $tMax) / 2.0 + 17.8) * sqrt(max(0.0, $tMax - $tMin)));
    }
}
