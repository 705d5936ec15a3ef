<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * What a pot is taken for where somebody measured its rim alone.
 *
 *     floor = 0.82 rim where the walls slope, rim where they stand;   one with corners has six
 *
 * Source: practice, starting figures. Check: 34 x 26 cm at the rim is 27.9 x 21.3 at the floor.
 */
final class UsualPot
{
    public const FLOOR_OF_RIM = 0.82;
    public const SIDES = 6;
    public const HOLES = 3;
    public const HOLE_CM = 1.5;
}
