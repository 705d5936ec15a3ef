<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/** Quarters of a year as growers name them. */
enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';

    /** @param int $month 0 to 11, north of the equator */
    public static function ofMonth(int $month): self
    {
        return match (true) {
            $month >= 2 && $month <= 4 => self::Spring,
            $month >= 5 && $month <= 7 => self::Summer,
            $month >= 8 && $month <= 10 => self::Autumn,
            default => self::Winter,
        };
    }
}
