<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use WeakMap;
use Zolbek\Core\Basis\Numerics\Erfc;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Retention\RetentionCurve;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * The water of many fresh mixes in one root zone at one suction: what grains of a material hold inside them there is the same in every mix, and is summed once.
 *
 *     W = phi sum f_i G_i + eps (F + 0.93/2 integral erfc(ln(h/hm)/(sqrt2 sigma)) dV)
 *     G_i litres held inside grains of material i that filled the whole zone, F litres of film on grains with a porosity of 1
 *
 * Litres. Source: RootZone and RetentionCurve, with the sums exchanged. Check: the same as RootZone::waterL to rounding.
 */
final readonly class ZoneWater
{
    /** @var list<float> ln of the suctions in cm */
    private array $lns;

    /** @var list<float> litres that stand at each */
    private array $litres;

    /** F. */
    private float $film;

    /** @var WeakMap<Material, float> G_i */
    private WeakMap $inside;

    public function __construct(RootZone $zone, float $suctionCm)
    {
        [$suctions, $this->litres] = $zone->standing($suctionCm);
        $this->lns = array_map(static fn(float $suction): float => log($suction + $suctionCm), $suctions);
        $this->film = $this->held(RetentionCurve::FILM_SHARE, log(RetentionCurve::FILM_MEDIAN_CM), RetentionCurve::FILM_SPREAD);
        $this->inside = new WeakMap();
    }

    public function litres(Substrate $mix): float
    {
        $inside = 0.0;
        foreach ($mix->blend->components as $i => $material) {
            $inside += $mix->blend->envelopeShares[$i] * ($this->inside[$material] ??= $this->insideOf($material));
        }
        $curve = $mix->retention;

        return $mix->packingDensity * $inside
            + $mix->interPorosity * ($this->film + $this->held(1.0 - RetentionCurve::FILM_SHARE, log($curve->medianHeadCm), $curve->headSpread));
    }

    private function insideOf(Material $material): float
    {
        return $material->unavailableWater * array_sum($this->litres)
            + $this->held($material->internalWater - $material->unavailableWater, log($material->internalMedianCm), $material->internalSpread);
    }

    private function held(float $weight, float $lnMedian, float $spread): float
    {
        $slope = M_SQRT1_2 / $spread;
        $held = 0.0;
        foreach ($this->lns as $n => $ln) {
            $held += $this->litres[$n] * Erfc::of($slope * ($ln - $lnMedian));
        }

        return $weight / 2.0 * $held;
    }
}
