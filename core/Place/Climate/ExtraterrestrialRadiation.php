<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * Radiation at the top of the atmosphere on a day, MJ/m2/day, and the hours of daylight.
 *
 *     Ra = 24*60/pi Gsc dr (ws sin phi sin delta + cos phi cos delta sin ws)      N = 24/pi ws
 *     dr = 1 + 0.033 cos(2 pi J/365)   delta = 0.409 sin(2 pi J/365 - 1.39)   cos ws = -tan phi tan delta
 *
 * phi latitude, J day of the year, Gsc 0.0820 MJ/m2/min. The sunset cosine is held to -1..1 for polar days and nights.
 * Source: R. G. Allen and others, FAO Irrigation and Drainage Paper 56 (1998), equations 21 to 25 and 34. Check: 20 degrees south on day 246: 32.2.
 */
final readonly class ExtraterrestrialRadiation
{
    private const SOLAR_CONSTANT = 0.0820;

    public float $mjM2Day;

    /** N, hours. */
    public float $daylightHours;

    /**
     * @param float $latitude degrees, south below 0
     * @param int   $day      of the year, 1 to 366
     */
    public function __construct(float $latitude, int $day)
    {
        $phi = deg2rad($latitude);
        $turn = 2.0 * M_PI * $day / 365.0;
        $distance = 1.0 + 0.033 * cos($turn);
        $declination = 0.409 * sin($turn - 1.39);
        $sunset = acos(max(-1.0, min(1.0, -tan($phi) * tan($declination))));
        $this->mjM2Day = max(0.0, 24.0 * 60.0 / M_PI * self::SOLAR_CONSTANT * $distance
            * ($sunset * sin($phi) * sin($declination) + cos($phi) * cos($declination) * sin($sunset)));
        $this->daylightHours = 24.0 / M_PI * $sunset;
    }
}
