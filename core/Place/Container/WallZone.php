<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * A zone of another material all round the wall, so many cm thick: moss that lines the pot, or old soil kept at the rim.
 *
 * Its section is A (1 - (1 - 2 t/d)^2) with d the diameter of a circle of the same area. Source: geometry.
 * Check: 1 cm in a round pot of 10 cm takes 36 % of the section.
 */
final readonly class WallZone
{
    public function __construct(public Substrate $substrate, public float $thicknessCm) {}

    /** Share of a section of so many cm2 that it takes. */
    public function shareOf(float $areaCm2): float
    {
        $diameter = 2.0 * sqrt(max(1e-9, $areaCm2) / M_PI);

        return 1.0 - max(0.0, 1.0 - 2.0 * $this->thicknessCm / $diameter) ** 2;
    }
}
