<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/**
 * What is at hand of a component, what a pack of it holds and costs, what a litre of this very delivery or bin cost, and what is left of its deliveries in the order in
 * which they are drawn; null where that is not known.
 *
 *     cost of n litres = sum over deliveries, as they are drawn, of litres * price;  what is short of them at the price of a pack
 *
 * Source: practice: what one pays is what lies there, not what the next pack costs. Check: 30 L from 20 L at 0.5 and 40 L at 0.8 cost 18, 0.6 a litre.
 */
final readonly class Stock
{
    /** @param list<array{litres: float, per_l: float|null}> $deliveries what is left of each, in the order in which they are drawn; a price that is not known is that of a pack */
    public function __construct(public float $litres = 0.0, public ?float $packL = null, public ?float $packPrice = null, private ?float $paidPerL = null, private array $deliveries = []) {}

    /** Packs to buy for a need in litres: ceil((gross - stock) / pack), null where the pack is not known. */
    public function packsFor(float $litres): ?int
    {
        $short = $litres - $this->litres;
        if ($short <= 1e-9) {
            return 0;
        }

        return $this->packL === null ? null : (int) ceil($short / $this->packL - 1e-9);
    }

    /** What so many litres are worth; null where the price of some of them is not known. */
    public function costOf(float $litres): ?float
    {
        if ($this->paidPerL !== null) {
            return $this->paidPerL * $litres;
        }
        $cost = 0.0;
        foreach ([...$this->deliveries, ['litres' => INF, 'per_l' => null]] as ['litres' => $left, 'per_l' => $perL]) {
            $part = min($litres, $left);
            if ($part <= 0.0) {
                continue;
            }
            $price = $perL ?? $this->packPerL();
            if ($price === null) {
                return null;
            }
            $cost += $part * $price;
            $litres -= $part;
        }

        return $cost;
    }

    /** On the average of what is left; of a pack where nothing is. */
    public function pricePerL(): ?float
    {
        $left = array_sum(array_column($this->deliveries, 'litres'));

        return $left > 0.0 && $this->paidPerL === null ? self::perLitre($this->costOf($left), $left) : $this->paidPerL ?? $this->packPerL();
    }

    private static function perLitre(?float $cost, float $litres): ?float
    {
        return $cost === null ? null : $cost / $litres;
    }

    private function packPerL(): ?float
    {
        return $this->packL === null || $this->packPrice === null ? null : $this->packPrice / $this->packL;
    }
}
