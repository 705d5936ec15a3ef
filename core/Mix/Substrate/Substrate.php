<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Substrate;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Flow\Ergun;
use Zolbek\Core\Mix\Grading\PoreSize;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Retention\RetentionCurve;

/**
 * A blend as it lies: packed to a compaction index and aged by some years.
 *
 *     envelope volume    v_i = p_i rb_i / re_i for parts p_i that sum to 1, shares f_i; class shares y_k = sum f_i y_ik
 *     volume             sum v_i / phi = yield;  bulk density = sum mass / volume
 *     total porosity     1 - sum(mass_i / rs_i) / volume, sealed pores included
 *     Sauter mean        d32 = 1 / sum(y_k / d_k), mm; a fibre enters as one class of its hydraulic size
 *     pore-making size   1/d_h = sum f_i / d_i, mm; d_i of the components, see PoreSize
 *     hydraulic pore     dh = (2/3) eps/(1-eps) d_h psi, mm
 *     median head        hm = 0.79 * 4 * 0.0728 / (998 * 9.81 * dh/1000) * 100, cm
 *     head spread        sigma = sqrt(0.35^2 + Var(ln d) + sum f_i hydraulic_spread_i^2)
 *
 * Without an index it lies as it settles once watered in. With years its crumbs and flakes give way: keep_i = exp(-s_i t 2^((mean-15)/10)),
 *
 *     d_i(t) = d32_i(t) (d_i(0)/d32_i(0))^keep_i (exponent 1 where that ratio is below 1: fibres); a hydraulic size becomes d_i(t) in d32 and in Var too
 *     K(t)   = min(9, K + sum f_i (9 - K_i)(1 - keep_i)), f_i of the fresh blend
 *
 * Source: model sections 3, 4 and 8. 0.79 puts the median head of uniform silica sands of d50 1.105, 0.713, 0.532 and 0.359 mm (M. H. Schroth et al., Soil Science
 * Society of America Journal 60 (1996) 1331-1339) at 6.6, 10.3, 13.8 and 20.4 cm against 6.5, 9.8, 14.4 and 22.2 measured.
 * Check: even blend of pumice, lava and soft clay granule: K 5.5, d_h 2.928683323 mm, yield 0.9453083899; at K 6.7 phi 0.5981104989, yield 0.9175782912,
 * hm 2.490432845 cm. Garden compost after two years at 15 degC: d_h 0.5264965822 mm, K 7.436512375.
 */
final readonly class Substrate
{
    private const CAPILLARY_CALIBRATION = 0.79;
    private const SURFACE_TENSION = 0.0728;
    private const WATER_WEIGHT = 998.0 * 9.81;
    private const LEAST_SPREAD = 0.35;

    /** Envelope volume of which no share can be taken any more. */
    private const NOTHING = 1e-250;

    /** phi, share of bulk volume that grains with their inner pores take. */
    public float $packingDensity;

    public float $interPorosity;

    public float $totalPorosity;

    /** Dry, kg/L. */
    public float $bulkDensity;

    /** Litres of this substrate from one litre of loose parts; falls with compaction and years. */
    public float $yield;

    public float $sauterMm;

    /** d_h, mm. */
    public float $poreSizeMm;

    public float $sphericity;

    /** K that it lies at now. */
    public float $compactionIndex;

    public RetentionCurve $retention;

    public Ergun $flow;

    /**
     * @param float|null $compactionIndex K, 4.1 poured to 9 pressed, of the fresh mix; its own once watered in where null
     * @param float      $years           0 to 100; without frost and at 15 degC unless a climate is given
     * @param float      $headFactor      what the median head is multiplied by: 1, but to see what the model's own error does
     *
     * @throws Refused field "compaction_index" or "years"
     */
    public function __construct(
        public Blend $blend,
        ?float $compactionIndex = null,
        public float $years = 0.0,
        public ?AgeingClimate $climate = null,
        float $headFactor = 1.0,
    ) {
        if ($compactionIndex !== null) {
            CompressiblePacking::checkIndex($compactionIndex);
        }
        Attrition::checkYears($years);

        $ageing = $climate ?? new AgeingClimate();
        $washOut = $years > 0.0 ? WashOut::of($blend) : null;
        $wholeMonths = round(12.0 * $years) / 12.0;
        $index = $compactionIndex ?? $blend->settledIndex();
        $envelopes = $classShares = $poreSizes = [];
        $mass = $solid = $envelope = 0.0;
        foreach ($blend->components as $i => $component) {
            $aged = $washOut === null ? null : Attrition::of($component, $years, $washOut, $ageing);
            $componentMass = $blend->shares[$i] * $component->bulkDensity * ($aged->left ?? 1.0);
            $mass += $componentMass;
            $solid += $componentMass / $component->solidDensity;
            $envelopes[] = $componentMass / $component->particleDensity;
            $envelope += $envelopes[$i];
            $classShares[] = $aged->shares ?? $component->classShares;
            $poreSizes[] = $component->poreSizeMm;
            if ($aged !== null) {
                $kept = $ageing->structureKept($component, $wholeMonths);
                $coarser = $component->poreSizeMm / $component->sauterMm;
                $poreSizes[$i] = PoreSize::sauterMm($aged->shares) * ($coarser < 1.0 ? $coarser : $coarser ** $kept);
                $index += $blend->envelopeShares[$i] * (CompressiblePacking::PRESSED - $component->settledIndex) * (1.0 - $kept);
            }
        }
        $this->compactionIndex = min(CompressiblePacking::PRESSED, $index);
        if ($envelope < self::NOTHING) {
            throw Refused::because('years', 'nothing_left', $years);
        }

        $shares = $sharesOverBeta = array_fill(0, SizeClasses::COUNT, 0.0);
        $pores = new PoreSizes();
        $sphericity = $inverseSize = $spread = 0.0;
        foreach ($blend->components as $i => $component) {
            $share = $envelopes[$i] / $envelope;
            $overBeta = $share / $component->residualPacking;
            foreach ($classShares[$i] as $k => $classShare) {
                $shares[$k] += $share * $classShare;
                $sharesOverBeta[$k] += $overBeta * $classShare;
            }
            if ($washOut === null) {
                $pores->addFresh($share, $component);
            } else {
                $pores->add($share, $classShares[$i], $component->hydraulicSizeMm === null ? null : $poreSizes[$i]);
            }
            $sphericity += $share * $component->sphericity;
            $inverseSize += $share / $poreSizes[$i];
            $spread += $share * $component->hydraulicSpread ** 2;
        }

        assert(array_is_list($shares) && array_is_list($sharesOverBeta));
        $this->packingDensity = CompressiblePacking::density($shares, $sharesOverBeta, $this->compactionIndex);
        $volume = $envelope / $this->packingDensity;
        $this->interPorosity = 1.0 - $this->packingDensity;
        $this->totalPorosity = 1.0 - $solid / $volume;
        $this->bulkDensity = $mass / $volume;
        $this->yield = $volume;
        $this->sauterMm = $pores->sauterMm();
        $this->poreSizeMm = 1.0 / $inverseSize;
        $this->sphericity = $sphericity;

        $grains = [];
        foreach ($blend->components as $i => $component) {
            $grains[] = [
                $this->packingDensity * $envelopes[$i] / $envelope,
                $component->internalWater,
                $component->unavailableWater,
                $component->internalMedianCm,
                $component->internalSpread,
            ];
        }
        $this->retention = new RetentionCurve(
            $this->interPorosity,
            $headFactor * self::medianHeadCm($this->interPorosity, $this->poreSizeMm, $sphericity),
            sqrt(self::LEAST_SPREAD ** 2 + $pores->varianceOfLn() + $spread),
            $grains,
        );
        $this->flow = new Ergun($this->interPorosity, $this->sauterMm, $sphericity);
    }

    /** hm in cm of grains of a pore-making size in mm and a sphericity that leave a porosity between them. */
    public static function medianHeadCm(float $interPorosity, float $poreSizeMm, float $sphericity): float
    {
        $poreMm = 2.0 / 3.0 * $interPorosity / (1.0 - $interPorosity) * $poreSizeMm * $sphericity;

        return self::CAPILLARY_CALIBRATION * 4.0 * self::SURFACE_TENSION / (self::WATER_WEIGHT * $poreMm / 1000.0) * 100.0;
    }

    /** Pores that water cannot reach even when all is soaked, as a share of bulk volume. */
    public function sealedPorosity(): float
    {
        return max(0.0, $this->totalPorosity - $this->retention->saturated);
    }
}
