<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Setup;

/**
 * The constants of the model that are least sure, gathered so that Propagation can move each by its own uncertainty. Left alone they are the model's.
 *
 * Source: model revision (e), (g). Check: as they stand, nothing changes.
 */
final readonly class ModelConstants
{
    /** 90th percentile of a summer day over its mean, coefficient of variation 0.25. */
    public const HOT_DAY = 1.3;

    /** Share of what is missing that a watering restores. */
    public const REFILL = 0.85;

    /** Carbon dioxide among the roots, atm. */
    public const PCO2_ATM = 0.01;

    /** Share of the water given that runs out again. */
    public const LEACHING = 0.25;

    /**
     * @param float $head       what the median head is multiplied by
     * @param float $runThrough what the run-through time is multiplied by
     * @param float $compaction what is added to the compaction index
     * @param float $canopy     what the canopy is multiplied by
     * @param float $hotDay     use on a hot day over that of the mean day
     * @param float $refill     share of what is missing that a watering restores
     * @param float $leaching   share of the water given that runs out again
     * @param float $pco2Atm    carbon dioxide among the roots
     * @param float $ageing     pace of crumbling, decay and loss of structure
     * @param float $washOut    pace of the wash-out
     * @param array<string, float> $left what is left of the model's own uncertainty where a yard's tests say more, by what is uncertain; 1 where left out
     */
    public function __construct(
        public float $head = 1.0,
        public float $runThrough = 1.0,
        public float $compaction = 0.0,
        public float $canopy = 1.0,
        public float $hotDay = self::HOT_DAY,
        public float $refill = self::REFILL,
        public float $leaching = self::LEACHING,
        public float $pco2Atm = self::PCO2_ATM,
        public float $ageing = 1.0,
        public float $washOut = 1.0,
        public array $left = [],
    ) {}

    /** Whether a fresh mix lies and holds water alike under both. */
    public function packsAs(self $other): bool
    {
        return $this->head === $other->head && $this->compaction === $other->compaction;
    }

    public function with(
        ?float $head = null,
        ?float $runThrough = null,
        ?float $compaction = null,
        ?float $canopy = null,
        ?float $hotDay = null,
        ?float $refill = null,
        ?float $leaching = null,
        ?float $pco2Atm = null,
        ?float $ageing = null,
        ?float $washOut = null,
    ): self {
        return new self(
            $head ?? $this->head,
            $runThrough ?? $this->runThrough,
            $compaction ?? $this->compaction,
            $canopy ?? $this->canopy,
            $hotDay ?? $this->hotDay,
            $refill ?? $this->refill,
            $leaching ?? $this->leaching,
            $pco2Atm ?? $this->pco2Atm,
            $ageing ?? $this->ageing,
            $washOut ?? $this->washOut,
            $this->left,
        );
    }
}
