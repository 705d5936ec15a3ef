<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Site;

/**
 * How a pot stands among others: what leaves lose more where air and light reach them from the sides.
 *
 * Source: model revision (e); the crop coefficients of lone container plants, 1.1 to 5.1 in D. W. Burger and others, Journal of Environmental Horticulture 5 (1987).
 * Check: on a bench 1.3 times what a closed stand uses.
 */
enum Stand: string
{
    /** Pot to pot in a closed stand. */
    case Bed = 'bed';
    case Bench = 'bench';

    /** By itself on a wall or a roof. */
    case Wall = 'wall';

    public function lone(): float
    {
        return match ($this) {
            self::Bed => 1.0,
            self::Bench => 1.3,
            self::Wall => 1.8,
        };
    }
}
