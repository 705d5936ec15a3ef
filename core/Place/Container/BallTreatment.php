<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/** How a root ball was opened, and the share of its volume that new mix then fills. */
enum BallTreatment: string
{
    case Untouched = 'untouched';
    case Teased = 'teased';
    case Combed = 'combed';
    case Washed = 'washed';

    public function gapShare(): float
    {
        return match ($this) {
            self::Untouched => 0.0,
            self::Teased => 0.10,
            self::Combed => 0.25,
            self::Washed => 0.45,
        };
    }
}
