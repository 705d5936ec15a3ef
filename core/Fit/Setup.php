<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Blending\Blend;
use Zolbek\Core\Blending\Portion;
use Zolbek\Core\Blending\Substrate;
use Zolbek\Core\Component\Component;
use Zolbek\Core\Container\DrainageLayer;
use Zolbek\Core\Container\Holes;
use Zolbek\Core\Container\Pot;
use Zolbek\Core\Container\RootZone;
use Zolbek\Core\Packing\CompressiblePacking;

/** A mix in a pot for a group of plants: all that a verdict depends on, and the single changes that could mend it. */
final readonly class Setup
{
    public Substrate $substrate;
    public RootZone $zone;

    /** @var list<array{Portion, float}> */
    public array $portions;

    /** Loose litres of components in one scooped litre: 1 where no mix stands among the portions. */
    public float $loosePerScooped;

    /**
     * @param list<array{Component|Portion, float}> $portions
     * @param float                         $potWeightKg  of the empty pot
     * @param float                         $treeWeightKg of the plant without substrate
     *
     * @param RootZone|null                    $zone         of this pot and layer, where it is known already
     *
     * @throws \Zolbek\Core\Input\Refused when the blend, the pot or what is left of it cannot be
     */
    public function __construct(
        array $portions,
        public Pot $pot,
        public Holes $holes,
        public PlantGroup $group,
        public float $headspaceCm = 0.0,
        public float $topDressingCm = 0.0,
        public ?DrainageLayer $layer = null,
        public float $potWeightKg = 0.0,
        public float $treeWeightKg = 0.0,
        public float $compactionIndex = CompressiblePacking::SETTLED,
        ?RootZone $zone = null,
    ) {
        $this->portions = array_map(static fn(array $portion): array => [self::portion($portion[0]), $portion[1]], $portions);
        $this->substrate = new Substrate(Blend::scooped($this->portions), $compactionIndex);
        $this->loosePerScooped = $this->substrate->blend->totalParts / array_sum(array_column($this->portions, 1));
        $this->zone = $zone ?? new RootZone($pot, $headspaceCm, $topDressingCm, $layer);
    }

    /**
     * With other portions in the same pot.
     *
     * @param list<array{Component|Portion, float}> $portions
     */
    public function withPortions(array $portions): self
    {
        return $this->change(portions: array_map(static fn(array $portion): array => [self::portion($portion[0]), $portion[1]], $portions));
    }

    /** With other parts of a component; it joins the blend if it was not in it. */
    public function withParts(Component|Portion $what, float $parts): self
    {
        $added = self::portion($what);
        $portions = array_values(array_filter($this->portions, static fn(array $portion): bool => $portion[0]->key !== $added->key));

        return $this->change(portions: [...$portions, [$added, $parts]]);
    }

    public function withPot(Pot $pot): self
    {
        return $this->change(pot: $pot);
    }

    public function withHoles(Holes $holes): self
    {
        return $this->change(holes: $holes);
    }

    public function withoutLayer(): self
    {
        return $this->change(withLayer: false);
    }

    /** @param list<array{Portion, float}>|null $portions */
    private function change(?array $portions = null, ?Pot $pot = null, ?Holes $holes = null, bool $withLayer = true): self
    {
        return new self(
            $portions ?? $this->portions,
            $pot ?? $this->pot,
            $holes ?? $this->holes,
            $this->group,
            $this->headspaceCm,
            $this->topDressingCm,
            $withLayer ? $this->layer : null,
            $this->potWeightKg,
            $this->treeWeightKg,
            $this->compactionIndex,
            $pot === null && $withLayer ? $this->zone : null,
        );
    }

    private static function portion(Component|Portion $what): Portion
    {
        return $what instanceof Portion ? $what : Portion::of($what);
    }
}
