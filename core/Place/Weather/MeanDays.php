<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Weather;

use WeakMap;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\ExtraterrestrialRadiation;
use Zolbek\Core\Place\Climate\Hargreaves;
use Zolbek\Core\Place\Climate\MonthClimate;
use Zolbek\Core\Place\Climate\MonthLine;

/**
 * The mean day of each of the 365 of a year at a site, and what turns a day's temperatures into its evapotranspiration there.
 *
 *     tmin, tmax   lines that keep the means of the months (see MonthLine), tmax at least tmin + 0.5
 *     ET0          e_m Hargreaves with the radiation and the temperatures of the day;  e_m = Penman-Monteith over Hargreaves of the month where humidity, wind and
 *                  sun are known, else 1
 *
 * degC, mm/day. Source: the season model, section 1; FAO Irrigation and Drainage Paper 56 (1998). Check: on mid-month nodes of a hill the first is -6.195573189 degC.
 */
final class MeanDays
{
    private const LEAST_RANGE_K = 0.5;

    /** @var WeakMap<Climate, self> */
    private static WeakMap $known;

    /** @var list<float> of the days 1 to 365 */
    public readonly array $tMin;

    /** @var list<float> */
    public readonly array $tMax;

    /** @var list<float> MJ/m2/day */
    private readonly array $radiation;

    /** @var list<float> e_m of the twelve months */
    private readonly array $penmanOverHargreaves;

    private function __construct(public readonly Climate $climate)
    {
        $this->tMin = (new MonthLine(array_map(static fn(MonthClimate $month): float => $month->tMin, $climate->months)))->days();
        $highs = (new MonthLine(array_map(static fn(MonthClimate $month): float => $month->tMax, $climate->months)))->days();
        $this->tMax = array_map(static fn(float $low, float $high): float => max($high, $low + self::LEAST_RANGE_K), $this->tMin, $highs);
        $this->radiation = array_map(static fn(int $day): float => (new ExtraterrestrialRadiation($climate->latitude, $day))->mjM2Day, range(1, 365));
        $this->penmanOverHargreaves = array_map(static function (int $i, MonthClimate $month) use ($climate): float {
            $hargreaves = Hargreaves::mmDay($climate->latitude, Climate::MID_MONTH[$i] ?? 15, $month->tMin, $month->tMax);

            return $hargreaves > 0.0 && $month->humidity !== null && $month->windMS !== null && $month->sunHours !== null ? ($climate->et0MmDay[$i] ?? $hargreaves) / $hargreaves : 1.0;
        }, array_keys($climate->months), $climate->months);
    }

    public static function of(Climate $climate): self
    {
        if (! isset(self::$known)) {
            self::$known = new WeakMap();
        }

        return self::$known[$climate] ??= new self($climate);
    }

    /** Days in a row of nothing but means, without rain. */
    public function weather(int $first, int $days): Weather
    {
        $lows = $highs = $et0 = [];
        for ($i = 0; $i < $days; ++$i) {
            [$day, $month] = Date::inYear($first + $i);
            $lows[] = $low = $this->tMin[$day - 1] ?? 0.0;
            $highs[] = $high = $this->tMax[$day - 1] ?? 0.0;
            $et0[] = $this->et0($day, $month, $low, $high);
        }

        return new Weather($first, $lows, $highs, array_fill(0, $days, 0.0), $et0, $this->climate->latitude < 0.0, range(0, max(0, $days - 1)));
    }

    /**
     * @param int $day   1 to 365
     * @param int $month 0 to 11
     */
    public function et0(int $day, int $month, float $tMin, float $tMax): float
    {
        return ($this->penmanOverHargreaves[$month] ?? 1.0) * Hargreaves::under($this->radiation[$day - 1] ?? 0.0, $tMin, $tMax);
    }
}
