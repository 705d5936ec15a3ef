<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;

/**
 * Something that may be scooped into the mix that is looked for, how much of it there may be, and what lies of it.
 *
 * Shares are of the loose volume, 0..1. Source: practice; what counts as rich, and three tenths of it, are starting figures. Check: a sieve that keeps four fifths makes a litre at 0.40 cost 0.50.
 */
final readonly class Ingredient
{
    /** Organics below this are taken for peat and raw moss: no other is so acid. */
    private const ACID_BELOW_PH = 5.0;

    /** Organics that hold so much, cmol/L, are composts and manures: they bring salts and food that no criterion rates, so that nobody fills a pot with them. */
    private const RICH_FROM_CEC = 20.0;
    private const MOST_RICH = 0.3;

    /** Share that there may be. */
    public float $most;

    /** Whether somebody said how much of it there is to be. */
    public bool $isBound;

    /**
     * @param float      $least share that there must be; above 0 it must be in
     * @param float|null $most  share that there may be; all of it where null, of composts and manures three tenths
     * @param bool       $must  whether it has to be in, however little
     */
    public function __construct(public Portion $portion, public float $least = 0.0, ?float $most = null, public bool $must = false, public Stock $stock = new Stock())
    {
        $this->most = $most ?? ($this->isRich() ? max($least, self::MOST_RICH) : 1.0);
        $this->isBound = $least > 0.0 || ($most !== null && $most < 1.0) || $must;
    }

    public function mustBeIn(): bool
    {
        return $this->must || $this->least > 0.0;
    }

    /** Price of what has to be taken from the bin for one prepared litre; null where it is not known. */
    public function pricePerL(): ?float
    {
        $price = $this->stock->pricePerL();

        return $price === null ? null : $price / $this->portion->keptShare;
    }

    /** Prepared litres that can be had from what lies there. */
    public function atHandL(): float
    {
        return $this->stock->litres * $this->portion->keptShare;
    }

    public function isOrganic(): bool
    {
        return $this->holds(static fn(Material $material): bool => $material->kind?->isOrganic() === true);
    }

    /** Peat and raw moss, and mixes with them: organics of a pH below 5. */
    public function isAcidOrganic(): bool
    {
        return $this->holds(static fn(Material $material): bool => $material->kind === MaterialKind::Organic && $material->ph !== null && $material->ph < self::ACID_BELOW_PH);
    }

    private function isRich(): bool
    {
        return $this->holds(static fn(Material $material): bool => $material->kind === MaterialKind::Organic && $material->cec >= self::RICH_FROM_CEC);
    }

    /** @param callable(Material): bool $is */
    private function holds(callable $is): bool
    {
        foreach ($this->portion->contents as [$material]) {
            if ($is($material)) {
                return true;
            }
        }

        return false;
    }
}
