<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Setup;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Filling;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;

/** A mix in a pot for a plant: all that a verdict depends on, and the single changes that could mend it. */
final readonly class Setup
{
    public Substrate $substrate;
    public RootZone $zone;

    /** Null where the whole root zone is new mix. */
    public ?Filling $filling;

    /** @var list<array{Portion, float}> */
    public array $portions;

    /** Litres of water after free drainage, of everything in the root zone. */
    public float $drainedL;

    /** What frost and warmth do to it here; null where nobody said where it stands. */
    public ?AgeingClimate $ageing;

    /** Loose litres of components in one scooped litre: 1 where no mix stands among the portions. */
    public float $loosePerScooped;

    /**
     * @param list<array{Material|Portion, float}> $portions
     * @param float          $potWeightKg  of the empty pot
     * @param float          $treeWeightKg of the plant without substrate
     * @param float|null     $compactionIndex K, of the mix and of its layer; that at which it settles where null
     * @param RootZone|null  $zone         of this pot and layer, where it is known already
     * @param Situation|null $situation    where it stands; without one only mix and pot are rated
     * @param Contents|null  $contents     root ball, zones and objects beside the mix
     * @param Substrate|null $holeCover    coarse grains over the holes alone
     * @param float          $tipDeg       how far the pot stands tipped
     * @param Substrate|null $substrate    of these portions and this compaction, where it is known already
     * @param Filling|null   $filling      of this zone and these contents, where it is known already
     *
     * @throws Refused when the blend, the pot or what is left of it cannot be
     */
    public function __construct(
        array $portions,
        public Container $pot,
        public Holes $holes,
        public PlantGroup $group,
        public float $headspaceCm = 0.0,
        public float $topDressingCm = 0.0,
        public ?DrainageLayer $layer = null,
        public float $potWeightKg = 0.0,
        public float $treeWeightKg = 0.0,
        public ?float $compactionIndex = null,
        ?RootZone $zone = null,
        public ?Situation $situation = null,
        public ?Contents $contents = null,
        public ?Substrate $holeCover = null,
        public float $tipDeg = 0.0,
        ?Substrate $substrate = null,
        ?Filling $filling = null,
        public ModelConstants $model = new ModelConstants(),
    ) {
        $this->portions = array_map(static fn(array $portion): array => [self::portion($portion[0]), $portion[1]], $portions);
        $this->substrate = $substrate ?? $this->packed(Portion::blend($this->portions));
        $this->loosePerScooped = $this->substrate->blend->totalParts / array_sum(array_column($this->portions, 1));
        $this->zone = $zone ?? new RootZone($pot, $headspaceCm, $topDressingCm, $layer);
        $this->filling = $contents === null ? null : new Filling($this->zone, $this->substrate, $contents, $filling);
        $this->drainedL = $this->filling?->waterL() ?? $this->zone->waterL($this->substrate->retention);
        $this->ageing = $situation?->ageing($this->zone, $this->drainedL, $model)
            ?? ($model->ageing === 1.0 && $model->washOut === 1.0 ? null : new AgeingClimate(pace: $model->ageing, washOutPace: $model->washOut));
    }

    /** The mix as it lies after some years here. */
    public function substrateAfter(float $years): Substrate
    {
        return $years > 0.0 ? $this->packed($this->substrate->blend, $years) : $this->substrate;
    }

    /** The root zone after some years, its drainage layer aged. */
    public function zoneAfter(float $years): RootZone
    {
        return $this->layer === null || $years <= 0.0 ? $this->zone : new RootZone(
            $this->pot,
            $this->headspaceCm,
            $this->topDressingCm,
            new DrainageLayer(new Substrate($this->layer->substrate->blend, $this->layer->substrate->compactionIndex, $years, $this->ageing), $this->layer->thicknessCm),
        );
    }

    /** Whether it goes through the years as another setup of the same plant does: what lies in the pot, the pot, and frost and warmth are the same. */
    public function agesAs(self $other): bool
    {
        return $this->substrate === $other->substrate && $this->zone === $other->zone && $this->holes === $other->holes && $this->tipDeg === $other->tipDeg
            && $this->ageing === $other->ageing;
    }

    public function targets(): Targets
    {
        return $this->situation->targets ?? Targets::of($this->group);
    }

    /** Litres held by everything in the root zone when the floor is at a suction. */
    public function waterL(float $suctionCm): float
    {
        if ($suctionCm === 0.0) {
            return $this->drainedL;
        }

        return $this->filling?->waterL($suctionCm) ?? $this->zone->waterL($this->substrate->retention, $suctionCm);
    }

    /** Litres of new mix in the root zone, settled. */
    public function newMixL(): float
    {
        return $this->filling->newMixL ?? $this->zone->volumeL;
    }

    /**
     * With other portions in the same pot.
     *
     * @param list<array{Material|Portion, float}> $portions
     */
    public function withPortions(array $portions): self
    {
        return $this->with(portions: array_map(static fn(array $portion): array => [self::portion($portion[0]), $portion[1]], $portions));
    }

    /** With other parts of a component; it joins the blend if it was not in it. */
    public function withParts(Material|Portion $what, float $parts): self
    {
        $added = self::portion($what);
        $portions = array_values(array_filter($this->portions, static fn(array $portion): bool => $portion[0]->key !== $added->key));

        return $this->with(portions: [...$portions, [$added, $parts]]);
    }

    public function withoutLayer(): self
    {
        return $this->with(withLayer: false);
    }

    /**
     * The same setup but for what is named.
     *
     * @param list<array{Portion, float}>|null $portions
     * @param Substrate|null                   $substrate of these portions, where it is known already
     */
    public function with(
        ?array $portions = null,
        ?Container $pot = null,
        ?Holes $holes = null,
        ?DrainageLayer $layer = null,
        bool $withLayer = true,
        ?float $topDressingCm = null,
        ?float $potWeightKg = null,
        ?float $compactionIndex = null,
        ?Situation $situation = null,
        ?float $tipDeg = null,
        bool $withContents = true,
        ?ModelConstants $model = null,
        ?Substrate $substrate = null,
    ): self {
        $sameZone = $pot === null && $layer === null && $withLayer && $topDressingCm === null;

        return new self(
            $portions ?? $this->portions,
            $pot ?? $this->pot,
            $holes ?? $this->holes,
            $this->group,
            $this->headspaceCm,
            $topDressingCm ?? $this->topDressingCm,
            $layer ?? ($withLayer ? $this->layer : null),
            $potWeightKg ?? $this->potWeightKg,
            $this->treeWeightKg,
            $compactionIndex ?? $this->compactionIndex,
            $sameZone ? $this->zone : null,
            $situation ?? $this->situation,
            $withContents ? $this->contents : null,
            $this->holeCover,
            $tipDeg ?? $this->tipDeg,
            $substrate ?? ($portions === null && $compactionIndex === null && ($model === null || $model->packsAs($this->model)) ? $this->substrate : null),
            $sameZone && $withContents ? $this->filling : null,
            $model ?? $this->model,
        );
    }

    /** How a blend lies here, fresh or after some years. */
    public function packed(Blend $blend, float $years = 0.0): Substrate
    {
        $index = $this->compactionIndex;
        if ($this->model->compaction !== 0.0) {
            $index = min(CompressiblePacking::PRESSED, max(CompressiblePacking::POURED, ($index ?? $blend->settledIndex()) + $this->model->compaction));
        }

        return new Substrate($blend, $index, $years, $years > 0.0 ? $this->ageing : null, $this->model->head);
    }

    private static function portion(Material|Portion $what): Portion
    {
        return $what instanceof Portion ? $what : Portion::of($what);
    }
}
