<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Place\Climate\Climate;

/** Two made-up climates: a hill with frosts and a mild coast without. */
final class Climates
{
    /** @return list<array{tmin: float, tmax: float, rain_mm: float}> */
    public static function rows(float $warmer = 0.0): array
    {
        $months = [[-4, 4], [-3, 6], [0, 11], [4, 15], [8, 20], [12, 24], [14, 27], [14, 26], [10, 21], [6, 15], [1, 8], [-3, 4]];

        return array_map(static fn(array $month): array => ['tmin' => $month[0] + $warmer, 'tmax' => $month[1] + $warmer, 'rain_mm' => 80.0], $months);
    }

    public static function hill(float $latitude = 44.0): Climate
    {
        return Climate::read(['latitude' => $latitude, 'altitude_m' => 600, 'months' => self::rows()]);
    }

    public static function frostFree(): Climate
    {
        return Climate::read(['latitude' => 36, 'altitude_m' => 20, 'months' => self::rows(18.0)]);
    }
}
