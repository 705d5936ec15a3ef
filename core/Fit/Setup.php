<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Blending\Blend;
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

    /**
     * @param list<array{Component, float}> $portions
     * @param float                         $potWeightKg  of the empty pot
     * @param float                         $treeWeightKg of the plant without substrate
     *
     * @param RootZone|null                    $zone         of this pot and layer, where it is known already
     *
     * @throws \Zolbek\Core\Input\Refused when the blend, the pot or what is left of it cannot be
     */
    public function __construct(
        public array $portions,
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
        $this->substrate = new Substrate(new Blend($portions), $compactionIndex);
        $this->zone = $zone ?? new RootZone($pot, $headspaceCm, $topDressingCm, $layer);
    }

    /** With other parts of a component; it joins the blend if it was not in it. */
    public function withParts(Component $component, float $parts): self
    {
        $portions = array_values(array_filter($this->portions, static fn(array $portion): bool => $portion[0]->key !== $component->key));

        return $this->change(portions: [...$portions, [$component, $parts]]);
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
        return new self($this->portions, $this->pot, $this->holes, $this->group, $this->headspaceCm, $this->topDressingCm, null, $this->potWeightKg, $this->treeWeightKg, $this->compactionIndex);
    }

    /** @param list<array{Component, float}>|null $portions */
    private function change(?array $portions = null, ?Pot $pot = null, ?Holes $holes = null): self
    {
        return new self(
            $portions ?? $this->portions,
            $pot ?? $this->pot,
            $holes ?? $this->holes,
            $this->group,
            $this->headspaceCm,
            $this->topDressingCm,
            $this->layer,
            $this->potWeightKg,
            $this->treeWeightKg,
            $this->compactionIndex,
            $pot === null ? $this->zone : null,
        );
    }
}
