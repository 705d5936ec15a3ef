<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/** How much of the open sky a pot stands under, and the share of ET0 that drives it there: starting figures of practice. */
enum Exposure: string
{
    case FullSun = 'full_sun';
    case HalfShade = 'half_shade';
    case Shade = 'shade';
    case Glass = 'glass';
    case Indoors = 'indoors';

    public function factor(): float
    {
        return match ($this) {
            self::FullSun => 1.0,
            self::Glass => 0.8,
            self::HalfShade => 0.7,
            self::Shade => 0.45,
            self::Indoors => 0.3,
        };
    }

    public function isUnderCover(): bool
    {
        return $this === self::Glass || $this === self::Indoors;
    }
}
