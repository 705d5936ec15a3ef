<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * Weight of a finished pot in kg: pot + dry mix + water after watering + tree, the drainage layer with its water included.
 *
 *     wet = pot + tree + V rb + layer + what lies on top or stands in it + 0.998 W, W in L
 *
 * Source: sum of masses, 1 L of water 0.998 kg. Check: even blend of pumice, lava and soft clay granule in the oval tray of case s01: 2.289240559 kg dry,
 * 3.693517425 kg with its water.
 */
final readonly class Weights
{
    private const WATER_KG_L = 0.998;
    private const DRESSING_KG_L = 1.5;
    private const OBJECTS_KG_L = 2.4;

    public float $dryMixKg;
    public float $wetKg;

    /**
     * @param float      $waterL what the root zone holds after free drainage
     * @param float|null $dryKg       of what fills it, where it is not all new mix
     * @param bool       $weighsLayer whether the drainage layer counts
     * @param float      $besideKg    top dressing and objects
     */
    public function __construct(RootZone $zone, Substrate $substrate, float $waterL, float $potKg, float $treeKg, ?float $dryKg = null, bool $weighsLayer = true, float $besideKg = 0.0)
    {
        $layer = $weighsLayer ? $zone->layer : null;
        $layerKg = $layerWater = 0.0;
        if ($layer !== null) {
            $layerKg = $zone->pot->volumeL(0.0, $layer->thicknessCm) * $layer->substrate->bulkDensity;
            $layerWater = GaussLegendre::integrate(
                static fn(float $z): float => $layer->substrate->retention->theta($z) * $zone->pot->areaCm2($z) / 1000.0,
                0.0,
                $layer->thicknessCm,
            );
        }
        $this->dryMixKg = $dryKg ?? $zone->volumeL * $substrate->bulkDensity;
        $this->wetKg = $potKg + $treeKg + $this->dryMixKg + $layerKg + $besideKg
            + self::WATER_KG_L * ($waterL + $layerWater);
    }

    /**
     * Top dressing and objects, kg: as chippings and stone where nobody said what they are, for who lifts the pot should not be told too little.
     *
     * @param float|null $dressingKg where that is known
     */
    public static function beside(RootZone $zone, float $dressingCm, float $objectsL, ?float $dressingKg = null): float
    {
        return ($dressingKg ?? self::DRESSING_KG_L * $zone->pot->volumeL($zone->topCm, $zone->topCm + $dressingCm)) + self::OBJECTS_KG_L * $objectsL;
    }
}
