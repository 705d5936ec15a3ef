<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;

/**
 * A pot as litres: all that its days need to know of it, until the mix has aged by another half-year.
 *
 *     eta = 0.85 (1 - 0.6 f_o clamp((W300 - W)/(W300 - Wx), 0, 1))      share of what is missing that a watering restores; 1 when dunked
 *     a watering restores eta (W(0) - W), and takes that over 1 - 0.25 where it runs through, no more than that dunked
 *     room = W(limit) - Wx, at least 1e-9
 *     use of D, exact:  W - D where that is at least W(limit);  above it: Wx + room exp(-(D - (W - W(limit)))/room);  else Wx + (W - Wx) exp(-D/room)
 *
 * W(s) is what everything in the root zone holds at suction s, an old ball with it: a ball that is drier than its mix is not seen. Dried bark and organics repel (0.6,
 * judged). Litres, m2. Source: FAO Irrigation and Drainage Paper 56 (1998), equation 84; the season model, section 2. Check: W(0) 1, W(limit) 0.6, Wx 0.2, 0.70 L in it
 * and 0.15 L wanted leave 0.552998761; half organic, W300 0.5, at 0.35 L eta is 0.7225.
 */
final readonly class PotLitres
{
    private const REPELS = 0.6;
    private const REPELS_FROM_CM = 300.0;
    private const LEAST_ROOM = 1e-9;

    public float $roomL;

    /**
     * @param float $volumeL      V of the root zone
     * @param float $fullL        W(0), of a tipped pot less what tipping lets out
     * @param float $limitL       W at the suction at which the plant begins to suffer
     * @param float $repelsL      W(300): below it dried organics repel water
     * @param float $lockedL      Wx = W(15000)
     * @param float $wetL         W above which air is below the least that the plant wants
     * @param float $organicShare f_o of the envelope volume
     * @param float $refills      share of what is missing that a watering restores, before it repels
     */
    public function __construct(
        public float $volumeL,
        public float $fullL,
        public float $limitL,
        public float $repelsL,
        public float $lockedL,
        public float $wetL,
        public float $openSoilM2,
        public float $organicShare = 0.0,
        private float $refills = ModelConstants::REFILL,
    ) {
        $this->roomL = max(self::LEAST_ROOM, $limitL - $lockedL);
    }

    /** A pot after so many years. */
    public static function of(Setup $setup, float $years = 0.0): self
    {
        $layer = $setup->layer;
        $aged = $years <= 0.0 ? $setup : $setup->with(
            substrate: $setup->substrateAfter($years),
            layer: $layer === null ? null : new DrainageLayer($setup->zoneAfter($years)->layer->substrate ?? $layer->substrate, $layer->thicknessCm),
        );
        $retention = $aged->substrate->retention;
        $targets = $setup->targets();
        $letsOut = $setup->tipDeg > 0.0 ? (new TippedPot($aged->zone, $retention, $setup->tipDeg))->letsOutL : 0.0;
        $full = $aged->waterL(0.0) - $letsOut;

        return new self(
            $aged->zone->volumeL,
            $full,
            min($full, $aged->waterL($targets->tensionLimitCm)),
            $aged->waterL(self::REPELS_FROM_CM),
            $aged->waterL(WaterCourse::LOCKED_CM),
            ($retention->saturated - $targets->air->low) * $aged->zone->volumeL,
            $setup->pot->areaCm2($aged->zone->topCm) / 1e4,
            $aged->substrate->blend->shareOfKind(static fn(MaterialKind $kind): bool => $kind->isOrganic()),
            $setup->model->refill,
        );
    }

    /** Litres that a plant can have before it suffers, from full. */
    public function easyL(): float
    {
        return $this->fullL - $this->limitL;
    }

    /** eta, 0..1. */
    public function refill(float $waterL, bool $dunked = false): float
    {
        if ($dunked) {
            return 1.0;
        }
        if ($this->organicShare === 0.0 || $waterL >= $this->repelsL) {
            return $this->refills;
        }

        return $this->refills * (1.0 - self::REPELS * $this->organicShare * min(1.0, ($this->repelsL - $waterL) / max(self::LEAST_ROOM, $this->repelsL - $this->lockedL)));
    }

    /** Litres that a watering restores. */
    public function restoresL(float $waterL, bool $dunked = false): float
    {
        return $this->refill($waterL, $dunked) * max(0.0, $this->fullL - $waterL);
    }

    /** Litres that are poured for it: through and through a part runs out, dunked none. */
    public function roundL(float $waterL, bool $dunked = false): float
    {
        return $this->restoresL($waterL, $dunked) / ($dunked ? 1.0 : 1.0 - ModelConstants::LEACHING);
    }

    /** Litres left after so much was wanted. Steps compose: a time may be cut without changing it. */
    public function after(float $waterL, float $wantedL): float
    {
        if ($waterL - $wantedL >= $this->limitL) {
            return $waterL - $wantedL;
        }
        if ($waterL > $this->limitL) {
            return $this->lockedL + $this->roomL * exp(-($wantedL - ($waterL - $this->limitL)) / $this->roomL);
        }

        return $this->lockedL + max(0.0, $waterL - $this->lockedL) * exp(-$wantedL / $this->roomL);
    }

    /** What is held between 0 and Wx, of water that came with an older pot. */
    public function held(float $waterL): float
    {
        return max($this->lockedL, min($this->fullL, $waterL));
    }

    /** a = (W - W(limit))/(W(0) - W(limit)): 1 full, 0 where the plant begins to suffer. */
    public function easyShare(float $waterL): float
    {
        return ($waterL - $this->limitL) / max(self::LEAST_ROOM, $this->easyL());
    }
}
