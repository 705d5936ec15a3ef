<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * Reference evapotranspiration where humidity, wind and sun are known too, mm/day.
 *
 *     ET0 = (0.408 D (Rn - G) + g 900/(T + 273) u2 (es - ea)) / (D + g (1 + 0.34 u2))
 *     D = 4098 * 0.6108 exp(17.27 T/(T + 237.3)) / (T + 237.3)^2      g = 0.665e-3 P,  P = 101.3 ((293 - 0.0065 z)/293)^5.26
 *     Rn = 0.77 Rs - s (TmaxK^4 + TminK^4)/2 (0.34 - 0.14 sqrt ea)(1.35 Rs/Rso - 0.35),  Rs = (0.25 + 0.5 n/N) Ra,  Rso = (0.75 + 2e-5 z) Ra
 *
 * Temperatures degC, vapour pressures kPa, radiation MJ/m2/day, u2 wind at 2 m in m/s, n hours of sun, z altitude in m, G heat into the soil. Never below 0.
 * Source: R. G. Allen and others, FAO Irrigation and Drainage Paper 56 (1998), equation 6. Check: 50.8 degrees north, 100 m, 6 July,
 * 12.3 to 21.5 degC, 63 to 84 % humidity, wind 2.78 m/s at 10 m, 9.25 h of sun: 3.88.
 */
final class PenmanMonteith
{
    private const STEFAN_BOLTZMANN = 4.903e-9;
    private const KELVIN = 273.16;

    public static function mmDay(
        float $latitude,
        float $altitudeM,
        int $day,
        float $tMin,
        float $tMax,
        float $actualVapourKpa,
        float $wind2mMS,
        float $sunHours,
        float $soilHeatMj = 0.0,
    ): float {
        $mean = ($tMin + $tMax) / 2.0;
        $sky = new ExtraterrestrialRadiation($latitude, $day);
        $slope = 4098.0 * self::saturationKpa($mean) / ($mean + 237.3) ** 2;
        $psychrometric = 0.665e-3 * 101.3 * ((293.0 - 0.0065 * $altitudeM) / 293.0) ** 5.26;
        $saturation = (self::saturationKpa($tMin) + self::saturationKpa($tMax)) / 2.0;

        $solar = $sky->daylightHours > 0.0 ? (0.25 + 0.5 * min(1.0, $sunHours / $sky->daylightHours)) * $sky->mjM2Day : 0.0;
        $clear = (0.75 + 2e-5 * $altitudeM) * $sky->mjM2Day;
        $cloud = $clear > 0.0 ? 1.35 * min(1.0, $solar / $clear) - 0.35 : 0.05;
        $longwave = self::STEFAN_BOLTZMANN * (($tMax + self::KELVIN) ** 4 + ($tMin + self::KELVIN) ** 4) / 2.0
            * (0.34 - 0.14 * sqrt(max(0.0, $actualVapourKpa))) * $cloud;
        $net = 0.77 * $solar - $longwave;

        return max(0.0, (0.408 * $slope * ($net - $soilHeatMj)
            + $psychrometric * 900.0 / ($mean + 273.0) * $wind2mMS * ($saturation - $actualVapourKpa))
            / ($slope + $psychrometric * (1.0 + 0.34 * $wind2mMS)));
    }

    /** Vapour pressure of saturated air, kPa. */
    public static function saturationKpa(float $celsius): float
    {
        return 0.6108 * exp(17.27 * $celsius / ($celsius + 237.3));
    }

    /** Actual vapour pressure in kPa from the day's highest and lowest relative humidity in %. */
    public static function vapourKpa(float $tMin, float $tMax, float $humidityMax, float $humidityMin): float
    {
        return (self::saturationKpa($tMin) * $humidityMax + self::saturationKpa($tMax) * $humidityMin) / 200.0;
    }

    /** Wind at 2 m from wind at another height in m. */
    public static function windAt2m(float $windMS, float $heightM): float
    {
        return $windMS * 4.87 / log(67.8 * $heightM - 5.42);
    }
}
