<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

use Zolbek\Core\Blending\Substrate;
use Zolbek\Core\Container\DrainageLayer;
use Zolbek\Core\Container\RootZone;
use Zolbek\Core\Fit\Setup;
use Zolbek\Core\Flow\RunThrough;
use Zolbek\Core\Flow\RunThroughSpeed;

/**
 * A pot after so many years, taken as topped up to its level: the mix and its drainage layer aged, roots in what was air.
 *
 *     air(t) = theta(0) - mean theta - root_fill t, not below 0      level drop = (1 - yield(t)/yield(0)) H
 *
 * It fails its plant where air lies below the band and its margin, or where 2 cm of water take longer than two minutes, each as it ages: a pot that has too
 * much air does not fail by age. Source: model section 8. Check: after 0 years the air is that of PotWater.
 */
final readonly class AgedPot
{
    public float $air;
    public float $easyL;
    public ?float $runThroughS;
    public float $levelDropCm;
    public Substrate $substrate;

    public function __construct(private Setup $setup, public float $years)
    {
        $climate = $setup->situation?->climate?->ageing();
        $this->substrate = $years > 0.0 ? new Substrate($setup->substrate->blend, $setup->compactionIndex, $years, $climate) : $setup->substrate;
        $layer = $setup->layer;
        $zone = $layer === null || $years <= 0.0 ? $setup->zone : new RootZone(
            $setup->pot,
            $setup->headspaceCm,
            $setup->topDressingCm,
            new DrainageLayer(new Substrate($layer->substrate->blend, $setup->compactionIndex, $years, $climate), $layer->thicknessCm),
        );
        $retention = $this->substrate->retention;
        $waterL = $zone->waterL($retention);
        $roots = ($setup->situation->vigour ?? RootVigour::Middling)->fillPerYear() * $years;
        $this->air = max(0.0, $retention->saturated - $waterL / $zone->volumeL - $roots);
        $this->easyL = $waterL - $zone->waterL($retention, 50.0);
        $this->runThroughS = (new RunThrough($zone, $this->substrate, $setup->holes, $setup->holeCover))->seconds;
        $this->levelDropCm = max(0.0, 1.0 - $this->substrate->yield / $setup->substrate->yield) * ($zone->topCm - $zone->bottomCm);
    }

    public function fails(): bool
    {
        $air = $this->setup->targets()->air;

        return $this->air <= $air->low - $air->margin
            || $this->runThroughS === null
            || $this->runThroughS > RunThroughSpeed::SLOW_S;
    }
}
