<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Setup;

/**
 * What the mix in one pot costs, and how many pots the stock fills: they stand beside the fit, not in it.
 *
 * Litres per pot = new mix / yield, of each portion its share over what its preparing keeps. Money as the yard reckons. Source: conservation.
 * Check: half a litre of each of two components at 2 and 4 a litre costs 3.
 */
final readonly class Supply
{
    /** Mixed in addition, so that it suffices. */
    public const SPARE = 0.08;

    /** @var list<array{string, float}> key of each portion, and litres of it that one pot takes from the bin */
    private array $perPotL;

    public function __construct(Setup $setup, private Situation $situation)
    {
        $scooped = array_sum(array_column($setup->portions, 1));
        $perPot = $setup->newMixL() / $setup->substrate->yield / $setup->loosePerScooped;
        $gross = [];
        foreach ($setup->portions as [$portion, $parts]) {
            if ($parts > 0.0) {
                $gross[] = [$portion->key, $perPot * $parts / $scooped / $portion->keptShare];
            }
        }
        $this->perPotL = $gross;
    }

    /** Null where a price is not known. */
    public function costPerPot(): ?float
    {
        $cost = 0.0;
        foreach ($this->perPotL as [$key, $litres]) {
            $price = ($this->situation->stocks[$key] ?? null)?->pricePerL();
            if ($price === null) {
                return null;
            }
            $cost += $litres * $price;
        }

        return $cost;
    }

    /** By what runs out first; null where nothing is known of a stock. */
    public function potsFromStock(): ?float
    {
        $pots = INF;
        foreach ($this->perPotL as [$key, $litres]) {
            $stock = $this->situation->stocks[$key] ?? null;
            if ($stock === null) {
                return null;
            }
            $pots = min($pots, floor($stock->litres / $litres + 1e-9));
        }

        return is_finite($pots) ? $pots : null;
    }
}
