<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Weather;

/**
 * Days of weather in a row, each figure in a list of its own: a hundred years of them are gone through often.
 *
 * Temperatures degC, rain and reference evapotranspiration ET0 mm; a day runs from one morning to the next. Source: the season model, section 1.
 * Check: the mean of a day of 10 and 20 degC is 15.
 */
final readonly class Weather
{
    public int $days;

    /** @var list<int> day of the year, 1 to 365 */
    public array $dayOfYear;

    /** @var list<int> 0 to 11 */
    public array $month;

    /** @var list<float> (tmin + tmax)/2 */
    public array $meanC;

    /**
     * @param int         $first  the first day, see Date
     * @param list<float> $tMin
     * @param list<float> $tMax
     * @param list<float> $rainMm
     * @param list<float> $et0Mm
     * @param list<int>   $filled places of days that were not measured and stand for a mean day
     */
    public function __construct(public int $first, public array $tMin, public array $tMax, public array $rainMm, public array $et0Mm, public bool $south, public array $filled = [])
    {
        $this->days = count($tMin);
        $dayOfYear = $month = $mean = [];
        for ($i = 0; $i < $this->days; ++$i) {
            [$dayOfYear[], $month[]] = Date::inYear($first + $i);
            $mean[] = (($tMin[$i] ?? 0.0) + ($tMax[$i] ?? 0.0)) / 2.0;
        }
        $this->dayOfYear = $dayOfYear;
        $this->month = $month;
        $this->meanC = $mean;
    }

    public function date(int $i): string
    {
        return Date::of($this->first + $i);
    }

    /** These days, then others that follow them. */
    public function then(self $more): self
    {
        return new self(
            $this->first,
            [...$this->tMin, ...$more->tMin],
            [...$this->tMax, ...$more->tMax],
            [...$this->rainMm, ...$more->rainMm],
            [...$this->et0Mm, ...$more->et0Mm],
            $this->south,
            [...$this->filled, ...array_map(fn(int $i): int => $i + $this->days, $more->filled)],
        );
    }
}
