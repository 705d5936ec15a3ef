<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Feeding;

/** How people feed: the days between two feeds in the season, and the share of the label each time. Starting figures of practice, never above the label. */
enum FeedingSchool: string
{
    case LittleOften = 'little_often';
    case WeeklyGrowth = 'weekly_growth';
    case HalfYear = 'half_year';
    case Generous = 'generous';
    case None = 'none';

    public function everyDays(): ?int
    {
        return match ($this) {
            self::LittleOften => 4,
            self::WeeklyGrowth => 7,
            self::HalfYear => 150,
            self::Generous => 14,
            self::None => null,
        };
    }

    public function labelShare(): float
    {
        return match ($this) {
            self::LittleOften => 0.25,
            self::WeeklyGrowth => 0.5,
            default => 1.0,
        };
    }
}
