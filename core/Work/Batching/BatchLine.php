<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;

/**
 * One portion of a batch: loose litres for the mix and for the drainage layer, what the scoops hold of it, its mass, what is lost in preparing it, and what
 * must be bought.
 *
 * gross = scooped / kept share + layer; mass, packs and costs are of what is scooped. Check: 10 L scooped of which 80 % is kept take 12.5 L from the bin.
 */
final readonly class BatchLine
{
    /** That the pots ask for, spare included. */
    public float $litres;
    /** Taken from the bin before screening and rinsing. */
    public float $grossL;
    public float $massKg;
    public ?int $packs;
    public ?float $cost;
    public ?float $packsCost;

    public function __construct(
        public Portion $portion,
        public float $mixL,
        public float $scoopedL,
        public float $layerL,
        public Stock $stock,
    ) {
        $this->litres = $mixL + $layerL;
        $this->grossL = $scoopedL / $portion->keptShare + $layerL;
        $this->massKg = ($scoopedL + $layerL) * $portion->bulkDensity;
        $this->packs = $stock->packsFor($this->grossL);
        $this->cost = $stock->costOf($this->grossL);
        $this->packsCost = match (true) {
            $this->packs === 0 => 0.0,
            $this->packs === null || $stock->packPrice === null => null,
            default => $this->packs * $stock->packPrice,
        };
    }

    /** What the litres thrown away in preparing are worth; null where no price is known. */
    public function lossCost(): ?float
    {
        return $this->cost === null || $this->grossL <= 0.0 ? $this->cost : $this->cost * ($this->grossL - $this->scoopedL - $this->layerL) / $this->grossL;
    }
}
