<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/** What is at hand of a component, what a pack of it holds and costs, and what a litre of this very delivery cost; null where that is not known. */
final readonly class Stock
{
    public function __construct(public float $litres = 0.0, public ?float $packL = null, public ?float $packPrice = null, private ?float $paidPerL = null) {}

    /** Packs to buy for a need in litres: ceil((gross - stock) / pack), null where the pack is not known. */
    public function packsFor(float $litres): ?int
    {
        $short = $litres - $this->litres;
        if ($short <= 1e-9) {
            return 0;
        }

        return $this->packL === null ? null : (int) ceil($short / $this->packL - 1e-9);
    }

    public function pricePerL(): ?float
    {
        return $this->paidPerL ?? ($this->packL === null || $this->packPrice === null ? null : $this->packPrice / $this->packL);
    }
}
