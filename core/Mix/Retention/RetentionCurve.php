<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Retention;

use Zolbek\Core\Basis\Numerics\Erfc;

/**
 * Water held at a suction head h, as a share of bulk volume.
 *
 *     between grains  S(h) = 0.07 erfc(ln(h/1000)/(sqrt2 1.5))/2 + 0.93 erfc(ln(h/hm)/(sqrt2 sigma))/2,  S = 1 for h <= 0
 *     inside grains   w_i(h) = wu + (ws - wu) erfc(ln(h/hi)/(sqrt2 si))/2,  ws for h <= 0
 *     together        theta(h) = phi sum f_i w_i(h) + eps S(h)
 *
 * Every term but wu is a weight times erfc(slope (ln h - centre)), and is kept so. h in cm of water. The water inside the
 * grains is that after a thorough soak: a splash on dry grains does not reach it.
 * Source: K. Kosugi, Water Resources Research 32 (1996) 2697-2703; the film term is a calibration.
 * Check: even blend of pumice, lava and soft clay granule, settled: theta(0) = 0.6262203024, theta(10) = 0.2414397379.
 */
final readonly class RetentionCurve
{
    public const FILM_SHARE = 0.07;
    public const FILM_MEDIAN_CM = 1000.0;
    public const FILM_SPREAD = 1.5;

    /** @var list<float> */
    private array $weights;

    /** @var list<float> */
    private array $centres;

    /** @var list<float> */
    private array $slopes;

    private float $locked;

    public float $saturated;

    /**
     * @param float                                        $interPorosity eps, share of bulk volume between grains
     * @param float                                        $medianHeadCm  hm, cm
     * @param float                                        $headSpread    sigma
     * @param list<array{float, float, float, float, float}> $grains      for each component: share of bulk volume phi f_i, ws, wu, hi in cm, si
     */
    public function __construct(public float $interPorosity, public float $medianHeadCm, public float $headSpread, array $grains)
    {
        $weights = [$interPorosity * self::FILM_SHARE / 2.0, $interPorosity * (1.0 - self::FILM_SHARE) / 2.0];
        $centres = [log(self::FILM_MEDIAN_CM), log($medianHeadCm)];
        $slopes = [M_SQRT1_2 / self::FILM_SPREAD, M_SQRT1_2 / $headSpread];
        $locked = 0.0;
        foreach ($grains as [$share, $soaked, $unavailable, $median, $spread]) {
            $locked += $share * $unavailable;
            $weights[] = $share * ($soaked - $unavailable) / 2.0;
            $centres[] = log($median);
            $slopes[] = M_SQRT1_2 / $spread;
        }
        $this->weights = $weights;
        $this->centres = $centres;
        $this->slopes = $slopes;
        $this->locked = $locked;
        $this->saturated = $locked + 2.0 * array_sum($weights);
    }

    /** Water content theta at a suction in cm, as a share of bulk volume. */
    public function theta(float $headCm): float
    {
        if ($headCm <= 0.0) {
            return $this->saturated;
        }
        $ln = log($headCm);
        $theta = $this->locked;
        foreach ($this->weights as $i => $weight) {
            $theta += $weight * Erfc::of($this->slopes[$i] * ($ln - $this->centres[$i]));
        }

        return $theta;
    }

    /**
     * Litres held in a body of substrate: the sum of theta(suction + more) times the litres that stand at that suction.
     *
     * @param list<float> $suctionsCm all above 0 once $moreCm is added
     * @param list<float> $litres     one for each suction
     */
    public function water(array $suctionsCm, array $litres, float $moreCm): float
    {
        $lns = [];
        $water = 0.0;
        foreach ($suctionsCm as $n => $suction) {
            $lns[] = log($suction + $moreCm);
            $water += $litres[$n];
        }
        $water *= $this->locked;
        foreach ($this->weights as $i => $weight) {
            $slope = $this->slopes[$i];
            $offset = -$slope * $this->centres[$i];
            $held = 0.0;
            foreach ($lns as $n => $ln) {
                $held += $litres[$n] * Erfc::of($slope * $ln + $offset);
            }
            $water += $weight * $held;
        }

        return $water;
    }

    /**
     * Litres of it that stand between the grains, eps S.
     *
     * @param list<float> $suctionsCm all above 0
     * @param list<float> $litres     one for each suction
     */
    public function freeWater(array $suctionsCm, array $litres): float
    {
        $water = 0.0;
        foreach ($suctionsCm as $n => $suction) {
            $water += $litres[$n] * $this->saturationBetweenGrains($suction);
        }

        return $this->interPorosity * $water;
    }

    /** Share S of the space between the grains that is filled at a suction in cm; 1 at the water table. */
    public function saturationBetweenGrains(float $headCm): float
    {
        if ($headCm <= 0.0 || $this->interPorosity <= 0.0) {
            return 1.0;
        }
        $ln = log($headCm);

        return ($this->weights[0] * Erfc::of($this->slopes[0] * ($ln - $this->centres[0]))
            + $this->weights[1] * Erfc::of($this->slopes[1] * ($ln - $this->centres[1]))) / $this->interPorosity;
    }

    /** Air as a share of bulk volume at a suction in cm: what a saturated mix has given up. */
    public function air(float $headCm): float
    {
        return $this->saturated - $this->theta($headCm);
    }

    /**
     * Head hc in cm at which the coarse pores let go of the water column above: 0.07 + 0.93 erfc(..)/2 = 0.10.
     *
     * Check: even blend of pumice, lava and soft clay granule, settled: 7.918492033 cm.
     */
    public function disconnectHeadCm(): float
    {
        return $this->medianHeadCm * exp(M_SQRT2 * $this->headSpread * Erfc::inverse(2.0 * (0.10 - self::FILM_SHARE) / (1.0 - self::FILM_SHARE)));
    }
}
