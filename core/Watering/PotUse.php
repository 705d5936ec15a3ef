<?php

declare(strict_types=1);

namespace Zolbek\Core\Watering;

use Zolbek\Core\Container\Pot;

/**
 * What a potted plant uses in a day, in litres.
 *
 *     use = ET0 * (kc leaf exposure canopy recovery + cover exposure open soil + 0.5 exposure drying sides)
 *
 * ET0 mm/day (1 mm on 1 m2 is 1 L), areas m2; exposure is light times wind; cover 0.4 bare, 0.25 stone, 0.5 wet moss. Where no canopy is given it is taken as one and a half times the
 * open soil. Source: model section 9 after FAO Irrigation and Drainage Paper 56 (1998), section on crop coefficients.
 * Check: ET0 5, kc 1, full sun, canopy 0.2 m2, 0.1 m2 of bare soil: 1.2 L/day.
 */
final readonly class PotUse
{
    private const CANOPY_OVER_SOIL = 1.5;
    private const SIDES = 0.5;

    public float $openSoilM2;
    public float $canopyM2;
    public float $dryingSideM2;

    public function __construct(Pot $pot, float $levelCm, bool $dryingSides, private Plant $plant, private Place $place, private Surface $surface)
    {
        $this->openSoilM2 = $pot->areaCm2($levelCm) / 1e4;
        $this->canopyM2 = $plant->canopyM2 ?? self::CANOPY_OVER_SOIL * $this->openSoilM2;
        $this->dryingSideM2 = $dryingSides ? self::wallM2($pot, $levelCm) : 0.0;
    }

    public function litresPerDay(float $et0MmDay, float $cropCoefficient, ?float $recovery = null): float
    {
        return $et0MmDay * $this->place->factor() * (
            $cropCoefficient * $this->plant->leaf->factor() * $this->canopyM2 * ($recovery ?? $this->plant->recovery())
            + $this->surface->cover() * $this->openSoilM2
            + self::SIDES * $this->dryingSideM2
        );
    }

    /** Wall up to a level, as that of a round pot of the same sections. */
    private static function wallM2(Pot $pot, float $levelCm): float
    {
        $around = static fn(float $z): float => 2.0 * sqrt(M_PI * $pot->areaCm2($z));

        return $levelCm * ($around(0.0) + 4.0 * $around($levelCm / 2.0) + $around($levelCm)) / 6.0 / 1e4;
    }
}
