<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Feeding;

use DateTimeImmutable;
use Zolbek\Core\Place\Climate\DailyClimate;

/**
 * When feeding starts and stops at a site: from a daily mean of 9 degC on, until six weeks before the first frost; all year where neither comes.
 *
 * Source: practice, starting figures. Check: a day before the start is out of season, the day after it in season.
 */
final readonly class FeedingSeason
{
    private const FROM_C = 9.0;
    private const BEFORE_FROST = 42;

    public ?int $startsDay;
    public ?int $stopsDay;

    public function __construct(?DailyClimate $climate)
    {
        $this->startsDay = $climate?->warming(self::FROM_C);
        $this->stopsDay = $climate?->firstFrost === null ? null : ($climate->firstFrost - self::BEFORE_FROST - 1 + 365) % 365 + 1;
    }

    public function includes(DateTimeImmutable $day): bool
    {
        if ($this->startsDay === null || $this->stopsDay === null) {
            return true;
        }
        $since = DailyClimate::daysUntil($this->startsDay, min(365, (int) $day->format('z') + 1));

        return $since <= DailyClimate::daysUntil($this->startsDay, $this->stopsDay);
    }

    /** The first day from one on that is in season. */
    public function next(DateTimeImmutable $day): DateTimeImmutable
    {
        for ($i = 0; $i < 366 && ! $this->includes($day); ++$i) {
            $day = $day->modify('+1 day');
        }

        return $day;
    }
}
