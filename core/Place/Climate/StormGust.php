<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

use Zolbek\Core\Place\Site\Wind;

/**
 * The gust that is to be reckoned with where a pot stands, m/s: that of the windiest month's strongest hour, and a gale anywhere.
 *
 *     gust = spot * max(gale, G u 2/sqrt(pi) sqrt(ln 720))
 *
 * u mean wind of the windiest month at 2 m, m/s; hourly winds follow Rayleigh's law, so that the strongest of 720 is 2.89 times their mean; G 1.5 a gust of three seconds over the mean
 * of its hour; spot 0.75 where it is still, 1.25 where it is windy. Source: J. V. Seguro and T. W. Lambert, Journal of Wind Engineering and Industrial Aerodynamics 85 (2000)
 * 75-84 for the law; gale by Beaufort's scale; G and spot are starting figures. Check: 4 m/s at a usual spot: 17.37; without any wind known a gale, 17.2.
 */
final class StormGust
{
    /** Where Beaufort's scale says gale. */
    public const GALE_MS = 17.2;

    private const GUST_OVER_HOUR = 1.5;
    private const HOURS_OF_MONTH = 720;

    public static function ms(?Climate $climate, Wind $spot = Wind::Usual): float
    {
        $winds = $climate === null ? [] : array_map(static fn(MonthClimate $month): float => $month->windMS ?? 0.0, $climate->months);

        return $spot->gustFactor() * max(self::GALE_MS, self::GUST_OVER_HOUR * 2.0 / sqrt(M_PI) * sqrt(log(self::HOURS_OF_MONTH)) * max([0.0, ...$winds]));
    }
}
