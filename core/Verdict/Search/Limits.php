<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Supply;

/**
 * What wishes leave of a shelf for one pot: how much of each ingredient may be in at all, which recipes go against a wish, and which.
 *
 * Cost and litres from stock are bounded by one litre scooped for each litre filled, for a mix never lies looser in the pot than as it was scooped. Source: practice.
 * Check: of a bin with a litre at most a litre of the mix of one pot, spare and all, comes from it.
 */
final readonly class Limits
{
    /** A cost, a weight or a share that is at its limit but for rounding. */
    private const SLACK = 1e-9;

    /** @var list<float|null> of a litre of each ingredient */
    private array $prices;

    /** @param list<Ingredient> $ingredients */
    public function __construct(private Setup $place, private array $ingredients, private Wishes $wishes)
    {
        $this->prices = array_map(static fn(Ingredient $each): ?float => $each->pricePerL(), $ingredients);
    }

    /** @return list<Ingredient> the shelf with what may be in of each by what is wished and what lies there */
    public function bounded(): array
    {
        return array_map($this->boundedOne(...), $this->ingredients, array_keys($this->ingredients));
    }

    /** @param non-empty-array<int, int> $parts by place of the ingredient */
    public function candidate(array $parts, Glimpse $seen): Candidate
    {
        return new Candidate($parts, $seen, $this->costOf($parts, $seen->scoopedL), $this->isInStock($parts, $seen->scoopedL));
    }

    /**
     * The wish that a recipe goes against however it lies in the pot; null where that is not sure yet.
     *
     * @param non-empty-array<int, int> $parts by place of the ingredient
     */
    public function brokenAnyway(array $parts): ?Wish
    {
        if ($this->isOther($parts)) {
            return Wish::Character;
        }
        $least = $this->wishes->mostCost === null ? 0.0 : $this->costOf($parts, $this->place->newMixL()) ?? INF;

        return $least > ($this->wishes->mostCost ?? INF) + self::SLACK ? Wish::Cost : null;
    }

    /** The wish that a recipe goes against as it lies in the pot, years aside; null where there is none. */
    public function broken(Candidate $candidate): ?Wish
    {
        return match (true) {
            $this->wishes->mostCost !== null && ($candidate->cost === null || $candidate->cost > $this->wishes->mostCost + self::SLACK) => Wish::Cost,
            $this->wishes->mostKg !== null && $candidate->glimpse->wetKg > $this->wishes->mostKg + self::SLACK => Wish::Weight,
            $this->wishes->source === Source::Stock && ! $candidate->isInStock => Wish::Source,
            default => null,
        };
    }

    public function lastsAsWished(Confirmed $full): bool
    {
        return $this->wishes->leastYears === null || $full->lasts() >= min($this->wishes->leastYears, Forecast::HORIZON);
    }

    /**
     * All wishes that a recipe of this shelf goes against, whether or not it would be looked at.
     *
     * @return list<Wish>
     */
    public function brokenBy(Confirmed $full): array
    {
        $parts = $full->candidate->parts();
        $total = array_sum($parts);
        $broken = [
            $this->broken($full->candidate),
            $this->lastsAsWished($full) ? null : Wish::Years,
            $this->isOther($parts) ? Wish::Character : null,
            count($parts) > $this->wishes->mostComponents ? Wish::Components : null,
        ];
        foreach ($this->ingredients as $i => $ingredient) {
            $share = ($parts[$i] ?? 0) / $total;
            $isWithin = $share > 0.0 ? $share <= $ingredient->most + self::SLACK && $share >= $ingredient->least - self::SLACK : ! $ingredient->mustBeIn();
            array_push($broken, $isWithin ? null : Wish::Shares, $share > 0.0 ? $this->forbids($ingredient) : null);
        }

        return array_values(array_unique(array_filter($broken), SORT_REGULAR));
    }

    /**
     * Whether a recipe holds no more of anything than is usual, where nobody said how much.
     *
     * @param non-empty-array<int, int> $parts by place of the ingredient
     */
    public function isUsual(array $parts): bool
    {
        foreach ($parts as $i => $each) {
            if (! $this->ingredients[$i]->isBound && $each / array_sum($parts) > $this->ingredients[$i]->most + self::SLACK) {
                return false;
            }
        }

        return true;
    }

    private function boundedOne(Ingredient $ingredient, int $place): Ingredient
    {
        $most = match (true) {
            $this->forbids($ingredient) !== null => 0.0,
            $this->wishes->source === Source::Stock => min($ingredient->most, $ingredient->atHandL() / $this->neededL($this->place->newMixL())),
            default => $ingredient->most,
        };
        $share = $this->wishes->like[$place] ?? 0.0;
        $isLike = $this->wishes->like !== [];

        return new Ingredient(
            $ingredient->portion,
            $isLike ? max($ingredient->least, $share - $this->wishes->within) : $ingredient->least,
            $isLike ? min($most, $share + $this->wishes->within) : $most,
            $ingredient->must,
            $ingredient->stock,
        );
    }

    private function forbids(Ingredient $ingredient): ?Wish
    {
        return match (true) {
            $this->wishes->withoutOrganics && $ingredient->isOrganic() => Wish::Organics,
            $this->wishes->withoutAcidOrganics && $ingredient->isAcidOrganic() => Wish::AcidOrganics,
            $this->wishes->source !== Source::Bought && $ingredient->stock->litres <= 0.0 => Wish::Source,
            default => null,
        };
    }

    /** @param non-empty-array<int, int> $parts */
    private function isOther(array $parts): bool
    {
        $total = array_sum($parts);

        return $this->wishes->like !== [] && $this->wishes->away(array_map(static fn(int $each): float => $each / $total, $parts)) > $this->wishes->within + self::SLACK;
    }

    /** @param non-empty-array<int, int> $parts */
    private function costOf(array $parts, float $litres): ?float
    {
        $cost = 0.0;
        foreach ($parts as $i => $each) {
            $perL = $this->prices[$i];
            if ($perL === null) {
                return null;
            }
            $cost += $each * $perL;
        }

        return $cost / array_sum($parts) * $litres;
    }

    /** @param non-empty-array<int, int> $parts */
    private function isInStock(array $parts, float $scoopedL): bool
    {
        $litres = $this->neededL($scoopedL) / array_sum($parts);
        foreach ($parts as $i => $each) {
            if ($each * $litres > $this->ingredients[$i]->atHandL() + self::SLACK) {
                return false;
            }
        }

        return true;
    }

    /** Litres for all pots, spare and all, from those of one. */
    private function neededL(float $onePotL): float
    {
        return $onePotL * $this->wishes->pots * (1.0 + Supply::SPARE);
    }
}
