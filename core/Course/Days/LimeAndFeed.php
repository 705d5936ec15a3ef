<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * What a pot's water does from day to day to the reaction of its mix, and to a charge of slow-release feed.
 *
 *     c = clamp(pH - 4.5, 0, 1),  x = 10^pH,  r = ln10 (given/V (Alk - c Fw)/50.04 - c Fn/365)/B,  q = ln10 drained/V 1000 pCO2 10^-7.82/B
 *     x <- x e^r/(1 + q x (e^r - 1)/r),  |r| < 1e-9: x/(1 + q x);  never above the cap
 *     released = min(left, F0/longevity 2^((T - 21)/10)) into a pool M;  leached = M (1 - exp(-0.5 drained/W));  taken = M min(1, 0.5 kc used/D)
 *     Fn/365 = 71.39 a released/V where nothing else is said of it: 1 mmol H+ of each mmol N of the share a that is ammonium, urea or organic
 *
 * Given are litres of the tap alone, drained all that ran out, rain too; V and B at least 2. Half of what runs through mixes, and 0.6 and 0.5, are judged. Litres, g N,
 * mmol. Source: model revision (c); the season model, section 3. Check: under steady litres it meets ReactionCourse within 0.001 over two years.
 */
final class LimeAndFeed
{
    private const ACID_MMOL_G = 71.39;
    private const MIXES = 0.5;
    private const TAKES = 0.5;
    private const STILL = 1e-9;

    public float $leftG;
    public float $poolG = 0.0;
    public float $releasedG = 0.0;
    public float $leachedG = 0.0;
    public float $takenG = 0.0;
    private float $buffer;
    private float $cap;
    private float $takenAlong;

    /**
     * @param float      $bufferMmolL          B
     * @param float      $alkalinityMgL        Alk of the tap
     * @param float      $feedAcidityMgL       Fw
     * @param float|null $feedAcidityMmolLYear Fn; null: of the charge alone
     * @param float      $chargeG              F0, g N
     * @param float      $longevityDays        at 21 degC
     * @param int        $chargedOn            number of the day, see Date
     * @param float      $acidShare            a
     */
    public function __construct(
        public float $ph,
        float $bufferMmolL,
        private readonly float $alkalinityMgL,
        private readonly float $feedAcidityMgL = 0.0,
        private readonly ?float $feedAcidityMmolLYear = 15.0,
        private readonly float $chargeG = 0.0,
        private readonly float $longevityDays = 150.0,
        private readonly int $chargedOn = 0,
        private readonly float $acidShare = 0.6,
        float $pco2Atm = ModelConstants::PCO2_ATM,
    ) {
        $this->buffer = max(ReactionCourse::LEAST_BUFFER, $bufferMmolL);
        $this->cap = ReactionCourse::cap($pco2Atm);
        $this->takenAlong = ReactionCourse::takenAlong($pco2Atm);
        $this->ph = min($this->cap, $ph);
        $this->leftG = $chargeG;
    }

    /**
     * One day.
     *
     * @param float $takesUp kc used/D, 0 where nothing is wanted
     */
    public function day(int $number, float $meanC, float $volumeL, float $waterL, float $givenL, float $drainedL, float $takesUp): void
    {
        $released = 0.0;
        if ($this->leftG > 0.0 && $number >= $this->chargedOn) {
            $released = min($this->leftG, $this->chargeG / $this->longevityDays * 2.0 ** (($meanC - 21.0) / 10.0));
            $this->leftG -= $released;
            $this->releasedG += $released;
            $this->poolG += $released;
        }
        if ($this->poolG > 0.0) {
            $leached = $this->poolG * (1.0 - exp(-self::MIXES * $drainedL / $waterL));
            $this->poolG -= $leached;
            $this->leachedG += $leached;
            $taken = $this->poolG * min(1.0, self::TAKES * $takesUp);
            $this->poolG -= $taken;
            $this->takenG += $taken;
        }
        $nitrifies = max(0.0, min(1.0, $this->ph - 4.5));
        $acid = $this->feedAcidityMmolLYear === null ? self::ACID_MMOL_G * $this->acidShare * $released / $volumeL : $this->feedAcidityMmolLYear / 365.0;
        $r = M_LN10 * ($givenL / $volumeL * ($this->alkalinityMgL - $nitrifies * $this->feedAcidityMgL) / ReactionCourse::MG_PER_MMOL - $nitrifies * $acid) / $this->buffer;
        $q = M_LN10 * $drainedL / $volumeL * $this->takenAlong / $this->buffer;
        $x = 10.0 ** $this->ph;
        $grown = exp($r);
        $this->ph = min($this->cap, log10(abs($r) < self::STILL ? $x / (1.0 + $q * $x) : $x * $grown / (1.0 + $q * $x * ($grown - 1.0) / $r)));
    }
}
