<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Place\Container\SurfaceShape;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\Batching\PotShare;

/**
 * What one pot of a day takes, loose litres: base mix, extras, drainage layer, top dressing, moss at the wall, cover over the holes.
 *
 *     layer, dressing, wall = their volume / their yield;  cover: half a ball as wide as twice the hole over each, / its yield
 *
 * Source: conservation of volume. Check: a layer of 1 cm over 100 cm2 at a yield of 0.9 takes 0.111 L.
 */
final readonly class DayPotNeeds
{
    public PotShare $share;

    /** Base mix that is mixed for it: old soil that is blended in is not. */
    public float $baseL;

    /** New mix as it lies: in the root zone, in the mound and in the slope. */
    public float $newMixL;

    public SurfaceShape $shape;
    public float $layerL;
    public float $dressingL;
    public float $wallL;
    public float $coverL;

    /** Area of the surface, cm2: what moss would have to cover. */
    public float $surfaceCm2;

    public function __construct(public DayPot $pot)
    {
        $setup = $pot->setup;
        $this->shape = self::shape($setup, $pot->riseCm);
        $overL = $this->shape->moundL + $this->shape->wedgeL;
        $this->newMixL = $setup->newMixL() + $overL;
        $this->share = new PotShare($setup, $pot->extras, 'extras', $overL);
        $this->baseL = $this->share->baseL * (1.0 - $pot->oldSoilShare);
        $layer = $setup->layer;
        $this->layerL = $layer === null ? 0.0 : $setup->pot->volumeL(0.0, $layer->thicknessCm) / $layer->substrate->yield;
        $top = $setup->zone->topCm;
        $this->dressingL = $pot->dressing === null ? 0.0 : $setup->pot->volumeL($top, $top + $setup->topDressingCm) / $pot->dressing->yield;
        $wall = $setup->contents?->wall;
        $this->wallL = $pot->wallKey === null || $wall === null ? 0.0 : ($setup->filling->wallL ?? 0.0) / $wall->substrate->yield;
        $cover = $setup->holeCover;
        $this->coverL = $pot->coverKey === null || $cover === null ? 0.0
            : $setup->holes->count * 2.0 / 3.0 * M_PI * $setup->holes->diameterCm ** 3 / 1000.0 / $cover->yield;
        $this->surfaceCm2 = $setup->pot->areaCm2($top);
    }

    /** Of the finished pot, with what lies on it and stands in it. */
    public function weights(): Weights
    {
        $setup = $this->share->setup;
        $beside = Weights::beside($setup->zone, $setup->topDressingCm, $setup->contents->objectsL ?? 0.0, $this->dressingKg());

        return new Weights($setup->zone, $setup->substrate, $setup->waterL(0.0), $setup->potWeightKg, $setup->treeWeightKg, $setup->filling?->dryKg(), besideKg: $beside);
    }

    private static function shape(Setup $setup, float $riseCm): SurfaceShape
    {
        $surface = $setup->pot->depthCm - $setup->headspaceCm;
        $contents = $setup->contents;
        $ball = $setup->filling?->ball;
        $mound = $contents === null || $ball === null ? 0.0 : min($contents->moundCm, max(0.0, $setup->zone->bottomCm + $contents->bedCm + $ball->heightCm + $contents->collarCm - $surface));

        return new SurfaceShape($setup->pot->areaCm2($surface), $ball?->areaCm2($setup->pot) ?? 0.0, $mound, $riseCm);
    }

    /** What lies on top, kg; null where nobody said what it is. */
    public function dressingKg(): ?float
    {
        return $this->pot->dressing === null ? null : $this->dressingL * $this->pot->dressing->blend->components[0]->bulkDensity;
    }

    /** @return array<string, float> litres beside the base mix, by key of the component */
    public function besideMix(): array
    {
        $litres = [];
        $add = static function (?string $key, float $more) use (&$litres): void {
            if ($key !== null && $more > 0.0) {
                $litres[$key] = ($litres[$key] ?? 0.0) + $more;
            }
        };
        foreach ($this->pot->extras as [$portion, $more]) {
            $add($portion->key, $more / $portion->keptShare);
        }
        $add($this->pot->layerKey, $this->layerL);
        $add($this->pot->dressingKey, $this->dressingL);
        $add($this->pot->wallKey, $this->wallL);
        $add($this->pot->coverKey, $this->coverL);

        return $litres;
    }
}
