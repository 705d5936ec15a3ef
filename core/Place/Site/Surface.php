<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/** What lies on top: share of ET0 that leaves the surface, and share of floating grains that it does not hold back. */
enum Surface: string
{
    case Bare = 'bare';
    case Stone = 'stone';
    case Moss = 'moss';

    public function cover(): float
    {
        return match ($this) {
            self::Bare => 0.40,
            self::Stone => 0.25,
            self::Moss => 0.50,
        };
    }

    public function letsFloat(): float
    {
        return match ($this) {
            self::Bare => 1.0,
            self::Stone => 0.10,
            self::Moss => 0.15,
        };
    }
}
