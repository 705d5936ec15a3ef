<?php

declare(strict_types=1);

namespace Zolbek\Core\Batching;

use Zolbek\Core\Component\Component;

/** One component of a batch: loose litres for the mix and for the drainage layer, their mass, and what must be bought. */
final readonly class BatchLine
{
    public float $litres;
    public float $massKg;
    public ?int $packs;
    public ?float $cost;
    public ?float $packsCost;

    public function __construct(
        public Component $component,
        public float $mixL,
        public float $layerL,
        public Stock $stock,
    ) {
        $this->litres = $mixL + $layerL;
        $this->massKg = $this->litres * $component->bulkDensity;
        $this->packs = $stock->packsFor($this->litres);
        $pricePerL = $stock->pricePerL();
        $this->cost = $pricePerL === null ? null : $pricePerL * $this->litres;
        $this->packsCost = match (true) {
            $this->packs === 0 => 0.0,
            $this->packs === null || $stock->packPrice === null => null,
            default => $this->packs * $stock->packPrice,
        };
    }
}
