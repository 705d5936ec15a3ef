<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Weather;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Climate\Climate;

/**
 * Days that were measured, in order, as weather: up to three that are missing in a row stand for mean days without rain, and are marked.
 *
 * degC, mm. Evapotranspiration by MeanDays. Source: the season model, section 1. Check: a day without a record between two others is marked, and its rain is 0.
 */
final class MeasuredDays
{
    public const MOST_MISSING = 3;
    public const COLDEST_C = -70.0;
    public const WARMEST_C = 60.0;
    public const MOST_RAIN_MM = 2000.0;

    /**
     * @param list<array{date: string, tmin: float, tmax: float, rain_mm: float}> $rows
     *
     * @throws Refused fields "days.N.date", ".tmin", ".tmax", ".rain_mm"; "days" where there are none
     */
    public static function weather(Climate $climate, array $rows): Weather
    {
        [$first, $last] = self::check($rows);

        return self::filled($climate, $first, $last - $first + 1, $rows);
    }

    /**
     * So many days from one on: those that were measured, and mean days without rain for all others, marked, however many.
     *
     * @param list<array{date: string, tmin: float, tmax: float, rain_mm: float}> $rows in any order
     *
     * @throws Refused field "date" where a date is none
     */
    public static function filled(Climate $climate, int $first, int $days, array $rows): Weather
    {
        $measured = [];
        foreach ($rows as $row) {
            $measured[Date::number($row['date'])] = $row;
        }
        $mean = MeanDays::of($climate);
        $lows = $highs = $rain = $et0 = $filled = [];
        for ($i = 0; $i < $days; ++$i) {
            $row = $measured[$first + $i] ?? null;
            [$day, $month] = Date::inYear($first + $i);
            if ($row === null) {
                $filled[] = $i;
            }
            $lows[] = $low = $row['tmin'] ?? $mean->tMin[$day - 1] ?? 0.0;
            $highs[] = $high = $row['tmax'] ?? $mean->tMax[$day - 1] ?? 0.0;
            $rain[] = $row['rain_mm'] ?? 0.0;
            $et0[] = $mean->et0($day, $month, $low, $high);
        }

        return new Weather($first, $lows, $highs, $rain, $et0, $climate->latitude < 0.0, $filled);
    }

    /**
     * @param list<array{date: string, tmin: float, tmax: float, rain_mm: float}> $rows
     *
     * @return array{int, int} numbers of the first and the last day
     *
     * @throws Refused as weather() does
     */
    public static function check(array $rows): array
    {
        if ($rows === []) {
            throw Refused::because('days', 'weather_empty');
        }
        $refusals = new Refusals();
        $first = $next = null;
        foreach ($rows as $i => $row) {
            $number = self::number($row, $next, 'days.'.$i, $refusals);
            $first ??= $number;
            $next = $number === null ? $next : $number + 1;
        }
        $refusals->throwIfAny();

        return [$first ?? 0, ($next ?? 1) - 1];
    }

    /**
     * The day's number, or null where it cannot be used.
     *
     * @param array{date: string, tmin: float, tmax: float, rain_mm: float} $row
     */
    private static function number(array $row, ?int $next, string $path, Refusals $refusals): ?int
    {
        foreach (['tmin' => [self::COLDEST_C, self::WARMEST_C], 'tmax' => [self::COLDEST_C, self::WARMEST_C], 'rain_mm' => [0.0, self::MOST_RAIN_MM]] as $field => [$min, $max]) {
            if (! ($row[$field] >= $min && $row[$field] <= $max)) {
                $refusals->add(new Refusal($path.'.'.$field, 'between', $row[$field], ['min' => $min, 'max' => $max]));
            }
        }
        if ($row['tmax'] < $row['tmin']) {
            $refusals->add(new Refusal($path.'.tmax', 'tmax_below_tmin', $row['tmax'], ['min' => $row['tmin']]));
        }
        try {
            $number = Date::number($row['date']);
        } catch (Refused) {
            $refusals->add(new Refusal($path.'.date', 'date', $row['date']));

            return null;
        }
        if ($next !== null && $number < $next) {
            $refusals->add(new Refusal($path.'.date', 'weather_order', $row['date'], ['before' => Date::of($next - 1)]));

            return null;
        }
        if ($next !== null && $number - $next > self::MOST_MISSING) {
            $refusals->add(new Refusal($path.'.date', 'weather_gap', $row['date'], ['missing' => $number - $next, 'most' => self::MOST_MISSING]));

            return null;
        }

        return $number;
    }
}
