<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/** How windy the place is beside what the site has, and what that does to water use: starting figures of practice. */
enum Wind: string
{
    case Still = 'still';
    case Usual = 'usual';
    case Windy = 'windy';

    public function factor(): float
    {
        return match ($this) {
            self::Still => 0.9,
            self::Usual => 1.0,
            self::Windy => 1.25,
        };
    }

    /** What it does to a gust. */
    public function gustFactor(): float
    {
        return match ($this) {
            self::Still => 0.75,
            self::Usual => 1.0,
            self::Windy => 1.25,
        };
    }
}
