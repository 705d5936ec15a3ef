<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Erfc;

/**
 * The climate of a site by months, and what follows from it: reference evapotranspiration ET0 (Penman-Monteith where humidity, wind and sun are known,
 * else Hargreaves, on the 15th of the month), days of frost and thaw, first warm weeks.
 *
 *     days of frost and thaw of a month = days * P(night < 0) * P(day > 0), nights and days spread by 4.5 K about their means
 *
 *     frost of a freezing night = 8 h * E max(0, -T) / P(night < 0),  E max(0, -T) = 4.5 pdf(tmin/4.5) - tmin cdf(-tmin/4.5)
 *
 * Those are days in the air; how often a pot freezes through is told by FrostCycles. A month with P(night < 0) <= 1e-9 has none.
 *
 * Altitude in m. Source: FAO Irrigation and Drainage Paper 56 (1998); spread of daily about monthly temperatures, a usual figure of temperate
 * climates. Check: a month whose nights are at 0 degC on the mean and days at 20 has 15 frost nights of 30.
 */
final readonly class Climate
{
    private const SPREAD_K = 4.5;
    private const NIGHT_H = 8.0;
    private const NEVER = 1e-9;
    public const MID_MONTH = [15, 46, 74, 105, 135, 166, 196, 227, 258, 288, 319, 349];
    public const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** @var non-empty-list<float> ET0 of each month, mm/day */
    public array $et0MmDay;

    /** 0 to 11: the month in which a pot uses most. */
    public int $hottestMonth;

    public float $meanC;

    /** Days a year on which it freezes and thaws in the air. */
    public float $thawDays;

    /** @var list<array{float, float}> of each month that has frost: days on which it freezes and thaws in the air, and the frost of such a night, K h */
    public array $frosts;

    /** @param non-empty-list<MonthClimate> $months twelve, January first */
    public function __construct(public float $latitude, public float $altitudeM, public array $months)
    {
        $et0 = $frosts = [];
        $thawDays = $mean = 0.0;
        foreach ($months as $i => $month) {
            $et0[] = $this->et0($i, $month);
            $nights = self::below(0.0, $month->tMin);
            $days = self::DAYS[$i] * $nights * (1.0 - self::below(0.0, $month->tMax));
            $thawDays += $days;
            if ($nights > self::NEVER) {
                $frosts[] = [$days, self::nightFrostKh($month->tMin, $nights)];
            }
            $mean += $month->meanC / 12.0;
        }
        $this->frosts = $frosts;
        $this->et0MmDay = $et0;
        $this->hottestMonth = (int) array_search(max($et0), $et0, true);
        $this->thawDays = $thawDays;
        $this->meanC = $mean;
    }

    /**
     * @param mixed $input object with "latitude", "altitude_m" and "months", twelve objects with "tmin", "tmax", "rain_mm" and perhaps "humidity",
     *                     "wind_ms", "sun_hours" and "wet_days"
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(mixed $input): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['latitude', 'altitude_m', 'months'], $refusals);
        $latitude = $fields->number('latitude', -90, 90);
        $altitude = $fields->number('altitude_m', -500, 6000, 0);
        $rows = $fields->raw('months');
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) !== 12) {
            $refusals->add(new Refusal('months', 'twelve_months', is_array($rows) ? count($rows) : $rows));
            $rows = [];
        }
        $months = array_map(static fn(int $i, mixed $row): MonthClimate => self::month($row, $refusals, 'months.'.$i, self::DAYS[$i]), array_keys($rows), $rows);
        $refusals->throwIfAny();
        assert($months !== []);

        return new self($latitude, $altitude, $months);
    }

    /** Nights below 0 degC in a month, 0 to 11. */
    public function frostNights(int $month): float
    {
        return self::DAYS[$month] * self::below(0.0, ($this->months[$month] ?? $this->months[0])->tMin);
    }

    /** Day of the year on which the daily mean rises past a temperature, between the middles of two months; null where it never does. */
    public function warmsPast(float $celsius): ?int
    {
        foreach ($this->months as $i => $month) {
            $next = $this->months[($i + 1) % 12] ?? $month;
            if ($month->meanC < $celsius && $next->meanC >= $celsius) {
                $along = ($celsius - $month->meanC) / ($next->meanC - $month->meanC);
                $day = (int) round(self::MID_MONTH[$i] + 30.4 * $along);

                return $day > 365 ? $day - 365 : $day;
            }
        }

        return null;
    }

    /** Season of a month, 0 to 11: spring, summer, autumn or winter, turned round south of the equator. */
    public function season(int $month): Season
    {
        return Season::ofMonth($this->latitude >= 0.0 ? $month : ($month + 6) % 12);
    }

    public function daysIn(int $month): int
    {
        return self::DAYS[$month] ?? 30;
    }

    private static function nightFrostKh(float $tMin, float $nights): float
    {
        $z = $tMin / self::SPREAD_K;

        return self::NIGHT_H * (self::SPREAD_K * exp(-$z * $z / 2.0) / sqrt(2.0 * M_PI) - $tMin * Erfc::of($z / M_SQRT2) / 2.0) / $nights;
    }

    private function et0(int $i, MonthClimate $month): float
    {
        $day = self::MID_MONTH[$i] ?? 15;
        if ($month->humidity === null || $month->windMS === null || $month->sunHours === null) {
            return Hargreaves::mmDay($this->latitude, $day, $month->tMin, $month->tMax);
        }
        $saturation = (PenmanMonteith::saturationKpa($month->tMin) + PenmanMonteith::saturationKpa($month->tMax)) / 2.0;

        return PenmanMonteith::mmDay($this->latitude, $this->altitudeM, $day, $month->tMin, $month->tMax, $saturation * $month->humidity / 100.0, $month->windMS, $month->sunHours);
    }

    private static function month(mixed $row, Refusals $refusals, string $path, int $days): MonthClimate
    {
        $fields = Fields::of($row, ['tmin', 'tmax', 'rain_mm', 'humidity', 'wind_ms', 'sun_hours', 'wet_days'], $refusals, $path);
        $tMin = $fields->number('tmin', -70, 50);
        $tMax = $fields->number('tmax', -70, 60);
        if ($tMax < $tMin) {
            $refusals->add(new Refusal($path.'.tmax', 'tmax_below_tmin', $tMax, ['min' => $tMin]));
        }
        $known = static fn(string $name, float $min, float $max): ?float => $fields->has($name) ? $fields->number($name, $min, $max) : null;
        $rain = $fields->number('rain_mm', 0, 3000, 0);
        $wet = $rain > 0.0 ? $fields->optionalAbove('wet_days', 0, $days) : $known('wet_days', 0, $days);

        return new MonthClimate($tMin, $tMax, $rain, $known('humidity', 1, 100), $known('wind_ms', 0, 40), $known('sun_hours', 0, 24), $wet);
    }

    /** Share of nights or days below a temperature, spread by 4.5 K about a mean. */
    public static function below(float $celsius, float $mean): float
    {
        return Erfc::of(($mean - $celsius) / (self::SPREAD_K * M_SQRT2)) / 2.0;
    }
}
