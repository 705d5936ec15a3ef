<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/**
 * What somebody wants of a mix beside that it suits the plant. Ceilings are of one pot: cost of its mix, and kg of the finished pot when wet.
 *
 * Source: practice. Check: without any wish every recipe of the shelf is looked at.
 */
final readonly class Wishes
{
    /** Let go of, so many more components are looked at. */
    private const MORE_COMPONENTS = 2;

    /** From so many on, or with the whole shelf, nobody is kept from a component more. */
    private const ANY_COMPONENTS = 5;

    public Steps $steps;

    /**
     * @param Steps|null $steps      ten parts in all where null
     * @param float|null $leastYears until it fails its plant
     * @param int        $pots       that are to be filled, for what lies in stock
     * @param array<int, float> $like shares of the recipe that it should be like, by place of the ingredient; none where there is none
     * @param float      $within     share that may be something else than in that
     */
    public function __construct(
        public int $mostComponents = 4,
        ?Steps $steps = null,
        public Source $source = Source::Bought,
        public ?float $mostCost = null,
        public ?float $mostKg = null,
        public ?float $leastYears = null,
        public bool $withoutOrganics = false,
        public bool $withoutAcidOrganics = false,
        public int $pots = 1,
        public array $like = [],
        public float $within = 1.0,
    ) {
        $this->steps = $steps ?? Steps::parts(10);
    }

    /** @return list<Wish> those that somebody has, in the order in which they are let go of when nothing fits */
    public function held(): array
    {
        return array_values(array_filter([
            $this->mostCost === null ? null : Wish::Cost,
            $this->mostKg === null ? null : Wish::Weight,
            $this->leastYears === null ? null : Wish::Years,
            $this->like === [] || $this->within >= 1.0 ? null : Wish::Character,
            $this->source === Source::Bought ? null : Wish::Source,
            $this->withoutOrganics ? Wish::Organics : null,
            $this->withoutAcidOrganics && ! $this->withoutOrganics ? Wish::AcidOrganics : null,
        ]));
    }

    /**
     * Share of something else than in the recipe that it should be like; 0 where there is none.
     *
     * @param array<int, float> $shares by place of the ingredient
     */
    public function away(array $shares): float
    {
        return $this->like === [] ? 0.0 : Ratio::apart($shares, $this->like);
    }

    /**
     * Those that somebody has, and those that he has of single components and their number.
     *
     * @param list<Ingredient> $ingredients
     *
     * @return list<Wish> in the order in which they are let go of
     */
    public function heldWith(array $ingredients): array
    {
        $isBound = array_filter($ingredients, static fn(Ingredient $each): bool => $each->isBound) !== [];

        return [
            ...$this->held(),
            ...$isBound ? [Wish::Shares] : [],
            ...$this->mostComponents < min(self::ANY_COMPONENTS, count($ingredients)) ? [Wish::Components] : [],
        ];
    }

    /** The same without one of them. */
    public function without(Wish $wish): self
    {
        return new self(
            $this->mostComponents + ($wish === Wish::Components ? self::MORE_COMPONENTS : 0),
            $this->steps,
            $wish === Wish::Source ? Source::Bought : $this->source,
            $wish === Wish::Cost ? null : $this->mostCost,
            $wish === Wish::Weight ? null : $this->mostKg,
            $wish === Wish::Years ? null : $this->leastYears,
            $wish !== Wish::Organics && $this->withoutOrganics,
            $wish !== Wish::AcidOrganics && $wish !== Wish::Organics && $this->withoutAcidOrganics,
            $this->pots,
            $this->like,
            $wish === Wish::Character ? 1.0 : $this->within,
        );
    }
}
