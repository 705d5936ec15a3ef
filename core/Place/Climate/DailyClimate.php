<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * A climate day by day, in lines that keep the means of the months (see MonthLine); days of the year 1 to 365.
 *
 *     last and first frost   the day after which, or from which on, a night is below 0 degC with a likelihood of 1 in 10
 *     end of the heat        mean maximum falling below 28 degC; where it never is that hot, 30 days after the warmest mid-month
 *     start of warming       daily mean rising past a temperature; where it is always above, past a quarter of the year's range
 *
 * degC. Source: model section 13; the 1 in 10 and the quarter are starting figures. Check: the days of January of a hill are -6 degC on the mean at night.
 */
final readonly class DailyClimate
{
    private const LIKELY_FROST = 0.1;
    public const HEAT_C = 28.0;

    public ?int $lastFrost;
    public ?int $firstFrost;
    public int $endOfHeat;

    private MonthLine $lows;
    private MonthLine $highs;

    public function __construct(public Climate $climate)
    {
        $this->lows = new MonthLine(array_map(static fn(MonthClimate $month): float => $month->tMin, $climate->months));
        $this->highs = new MonthLine(array_map(static fn(MonthClimate $month): float => $month->tMax, $climate->months));
        $coldest = $this->coldest();
        $first = $last = null;
        for ($i = 0; $i < 365; ++$i) {
            $day = self::day($coldest + $i);
            $frost = Climate::below(0.0, $this->tMin($day)) >= self::LIKELY_FROST;
            $last = $frost && $i < 183 ? $day : $last;
            $first ??= $frost && $i >= 183 ? $day : null;
        }
        $this->lastFrost = $last;
        $this->firstFrost = $first;
        $this->endOfHeat = $this->endOfHeat($coldest);
    }

    public function meanC(int $day): float
    {
        return ($this->lows->at($day) + $this->highs->at($day)) / 2.0;
    }

    public function tMin(int $day): float
    {
        return $this->lows->at($day);
    }

    public function tMax(int $day): float
    {
        return $this->highs->at($day);
    }

    /** Nights below 0 degC to expect in so many days from one on. */
    public function frostNights(int $from, int $days): float
    {
        $nights = 0.0;
        for ($i = 0; $i < $days; ++$i) {
            $nights += Climate::below(0.0, $this->tMin(self::day($from + $i)));
        }

        return $nights;
    }

    /** Day on which the warming starts that wakes plants; null where it is never as warm. */
    public function warming(float $celsius): ?int
    {
        $coldest = $this->coldest();
        $low = $this->meanC($coldest);
        $high = max(array_map(static fn(MonthClimate $month): float => $month->meanC, $this->climate->months));
        $threshold = $low >= $celsius ? $low + ($high - $low) / 4.0 : $celsius;
        for ($i = 0; $i < 365; ++$i) {
            if ($this->meanC(self::day($coldest + $i)) >= $threshold) {
                return $high - $low < 1.0 ? null : self::day($coldest + $i);
            }
        }

        return null;
    }

    /** Mean of the lowest nights of the year. */
    public function coldestNights(): float
    {
        return min(array_map(static fn(MonthClimate $month): float => $month->tMin, $this->climate->months));
    }

    /** Days from one day of the year to the next time that another comes. */
    public static function daysUntil(int $from, int $to): int
    {
        return ($to - $from + 365) % 365;
    }

    private static function day(int $day): int
    {
        return ($day - 1 + 730) % 365 + 1;
    }

    private function coldest(): int
    {
        $means = array_map(static fn(MonthClimate $month): float => $month->meanC, $this->climate->months);

        return Climate::MID_MONTH[(int) array_search(min($means), $means, true)] ?? 15;
    }

    private function endOfHeat(int $coldest): int
    {
        $hot = null;
        for ($i = 0; $i < 365; ++$i) {
            $day = self::day($coldest + $i);
            $hot = $this->tMax($day) >= self::HEAT_C ? $day : $hot;
        }
        $warmest = array_map(static fn(MonthClimate $month): float => $month->meanC, $this->climate->months);

        return self::day(($hot ?? (Climate::MID_MONTH[(int) array_search(max($warmest), $warmest, true)] ?? 196) + 30) + 1);
    }
}
