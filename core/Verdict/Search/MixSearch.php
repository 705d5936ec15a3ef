<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Rating;

/**
 * What to mix from a shelf for a plant in a pot: all recipes in whole parts judged or ruled out (see Sweep), a few that are really different offered with why (see
 * Choice), the limits that bind them (see Binding), and where nothing is good, what stands against it (see Loosening).
 *
 * Bounded by a number of recipes and not by time, without chance: the same question always gives the same answer in the same order. Source: model section 10.
 * Check: of twelve components, up to five, ten parts, all 149,898 recipes are judged or ruled out.
 */
final readonly class MixSearch
{
    /** Recipes that are looked at, as many as there are of twelve components. */
    public const BUDGET = 150_000;

    /** After so many recipes what was found so far is told again. */
    private const MEANWHILE = 50_000;

    /**
     * @param list<Ingredient>                     $ingredients
     * @param list<Merit>                          $priorities  what matters more first
     * @param array<string, array<string, string>> $bases       basis of each property by key of the material; typical where left out
     */
    public function __construct(
        private Setup $place,
        private array $ingredients,
        private Wishes $wishes,
        private array $priorities = Merit::USUAL,
        private array $bases = [],
        private int $budget = self::BUDGET,
    ) {}

    /**
     * Yields what was found so far and how far it has come; a false sent back ends it with what there is.
     *
     * @return \Generator<int, SearchAnswer, bool|null, SearchAnswer>
     */
    public function run(): \Generator
    {
        $sweep = new Sweep($this->place, $this->ingredients, $this->wishes, $this->budget, $this->bases);
        $steps = $sweep->run();
        $next = 0;
        while ($steps->valid()) {
            $looked = $sweep->counts->space - $sweep->counts->notLookedAt();
            $isTime = $sweep->bestRating() !== null && $looked >= $next;
            $goesOn = yield new SearchAnswer($isTime ? $this->chosen($sweep, false) : [], $sweep->counts);
            $next = $isTime ? $looked + self::MEANWHILE : $next;
            $steps->send($goesOn);
            if ($goesOn === false) {
                break;
            }
        }
        $isFree = $this->wishes->heldWith($this->ingredients) === [];
        $found = array_map(static fn(Found $each): Found => $each->boundBy($isFree ? null : Binding::of($sweep, $each->recipe, $each->merits[0])), $this->chosen($sweep));
        $best = $sweep->bestRating();

        return new SearchAnswer(
            $found,
            $sweep->counts,
            $best === Rating::Good ? [] : (new Loosening($this->place, $this->ingredients, $this->wishes))->of($best),
            $sweep->leftAtMost(),
            true,
        );
    }

    /** @return list<Found> */
    private function chosen(Sweep $sweep, bool $isEnd = true): array
    {
        return (new Choice($sweep, $isEnd))->made($this->priorities);
    }
}
