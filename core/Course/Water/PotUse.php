<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Surface;

/**
 * What a potted plant uses in a day, in litres.
 *
 *     use = ET0 * exposure * wind * (k_lone kc leaf canopy recovery + cover open soil + 0.5 drying sides)
 *
 * ET0 mm/day (1 mm on 1 m2 is 1 L), areas m2; cover 0.4 bare, 0.25 stone, 0.5 wet moss. Source: model revision (e) after FAO Irrigation and Drainage
 * Paper 56 (1998), section on crop coefficients. Check: ET0 4.4 on a hot day (1.3), full sun on a bench, needles over 0.135 m2, 0.066 m2 of bare soil: 0.954096 L/day.
 */
final readonly class PotUse
{
    private const SIDES = 0.5;

    /** @param float $canopyM2 that drives it */
    public function __construct(
        public float $canopyM2,
        public float $openSoilM2,
        public float $dryingSideM2,
        private Crown $plant,
        private Place $place,
        private Surface $surface,
    ) {}

    public function litresPerDay(float $et0MmDay, float $cropCoefficient, ?float $recovery = null): float
    {
        return $et0MmDay * ($cropCoefficient * ($recovery ?? $this->plant->recovery()) * $this->leafyM2() + $this->bareM2());
    }

    /** m2 of ET0 that leaves in growth, with roots recovered, lose here. */
    public function leafyM2(): float
    {
        return $this->place->factor() * $this->place->lone() * $this->plant->leaf->factor() * $this->canopyM2;
    }

    /** m2 of ET0 that soil and walls lose here. */
    public function bareM2(): float
    {
        return $this->place->factor() * ($this->surface->cover() * $this->openSoilM2 + self::SIDES * $this->dryingSideM2);
    }
}
