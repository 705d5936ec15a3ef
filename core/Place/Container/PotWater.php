<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * What a substrate holds in the root zone of a pot after free drainage, in litres, and the reserves that it gives up:
 *
 *     easy W(0) - W(50)    buffer W(50) - W(100)    slow W(100) - W(15000)    locked W(15000)
 *
 * theta mean water content, air = theta(0) - theta, both as shares of bulk volume. A suction in cm at the floor (a wick, a bench of sand)
 * moves water, theta and air only.
 * Source: M. De Boodt and O. Verdonck, Acta Horticulturae 26 (1972) 37-44. Check: see RootZone; theta 0.4250164544, air 0.201203848.
 */
final readonly class PotWater
{
    public float $volumeL;
    public float $waterL;
    public float $theta;
    public float $air;
    public float $easyL;
    public float $bufferL;
    public float $slowL;
    public float $lockedL;

    public function __construct(RootZone $zone, Substrate $substrate, float $suctionCm = 0.0)
    {
        $retention = $substrate->retention;
        $drained = $zone->waterL($retention);
        $at50 = $zone->waterL($retention, 50.0);
        $at100 = $zone->waterL($retention, 100.0);
        $this->lockedL = $zone->waterL($retention, 15_000.0);
        $this->easyL = $drained - $at50;
        $this->bufferL = $at50 - $at100;
        $this->slowL = $at100 - $this->lockedL;
        $this->volumeL = $zone->volumeL;
        $this->waterL = $suctionCm > 0.0 ? $zone->waterL($retention, $suctionCm) : $drained;
        $this->theta = $this->waterL / $zone->volumeL;
        $this->air = $retention->saturated - $this->theta;
    }
}
