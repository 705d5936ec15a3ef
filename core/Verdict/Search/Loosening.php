<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Change\AsItStands;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\MoreHoles;
use Zolbek\Core\Verdict\Change\OtherDepth;
use Zolbek\Core\Verdict\Change\OtherFeed;
use Zolbek\Core\Verdict\Change\Rain;
use Zolbek\Core\Verdict\Change\Shelter;
use Zolbek\Core\Verdict\Change\WaterSooner;
use Zolbek\Core\Verdict\Fit\Rating;

/**
 * What stands against a good mix, and the smallest step that would help: each wish let go of by itself, pairs of them where none alone helps, then each change of
 * water, light, pot and holes, each looked for anew among fewer recipes.
 *
 * How far a ceiling has to rise is told by the best recipe that keeps all else. Source: practice. Check: where cost alone stands against it, the cost of the cheapest good recipe.
 */
final readonly class Loosening
{
    /** Recipes looked at for one step. */
    private const BUDGET = 800;
    private const MOST = 6;
    private const TRIES = 30;

    /** Ways of changing a pot or its place that leave the mix alone. */
    private const WAYS = [WaterSooner::class, Shelter::class, OtherDepth::class, MoreHoles::class, Rain::class, OtherFeed::class];

    /** @param list<Ingredient> $ingredients */
    public function __construct(private Setup $place, private array $ingredients, private Wishes $wishes) {}

    /**
     * What gives a better word than one that was reached.
     *
     * @return list<Loosened> wishes first, then what is the smaller step
     */
    public function of(?Rating $reached): array
    {
        $worse = $reached?->rank() ?? Sweep::NONE;
        $held = $this->wishes->heldWith($this->ingredients);
        $found = [];
        foreach ($held as $wish) {
            $found[] = $this->letGo([$wish], $worse);
        }
        $found = array_filter($found);
        for ($a = 0; $found === [] && $a < count($held); ++$a) {
            for ($b = $a + 1; $b < count($held); ++$b) {
                $found[] = $this->letGo([$held[$a], $held[$b]], $worse);
            }
            $found = array_filter($found);
        }

        return array_slice([...array_values($found), ...$this->changes($worse)], 0, self::MOST);
    }

    /** @param non-empty-list<Wish> $wishes */
    private function letGo(array $wishes, int $worse): ?Loosened
    {
        $looser = $this->wishes;
        $ingredients = $this->ingredients;
        foreach ($wishes as $wish) {
            $looser = $looser->without($wish);
            if ($wish === Wish::Shares) {
                $ingredients = array_map(static fn(Ingredient $each): Ingredient => new Ingredient($each->portion, stock: $each->stock), $ingredients);
            }
        }
        $sweep = self::swept($this->place, $ingredients, $looser);
        $best = $sweep->best(self::TRIES)[0] ?? null;
        if ($best === null || $best->rating->rank() >= $worse) {
            return null;
        }
        $least = self::least($sweep, $wishes[0]) ?? $best;

        return new Loosened($wishes, null, count($wishes) > 1 ? null : match ($wishes[0]) {
            Wish::Cost => $least->candidate->cost,
            Wish::Weight => $least->candidate->glimpse->wetKg,
            Wish::Years => $least->lasts(),
            Wish::Components => (float) $least->candidate->count(),
            default => null,
        }, null, $least->rating, $least);
    }

    /** @return list<Loosened> */
    private function changes(int $worse): array
    {
        $found = [];
        $at = new AsItStands($this->place, [], []);
        foreach (self::WAYS as $way) {
            foreach ($way::from($at) as $make) {
                try {
                    /** @var Change $change */
                    $change = $make();
                } catch (Refused) {
                    continue;
                }
                if (isset($found[$change->kind->value]) && $found[$change->kind->value][0] <= $change->size) {
                    continue;
                }
                $best = self::swept($change->setup, $this->ingredients, $this->wishes)->best(self::TRIES)[0] ?? null;
                if ($best !== null && $best->rating->rank() < $worse) {
                    $found[$change->kind->value] = [$change->size, new Loosened([], $change->kind, $change->kind === ChangeKind::Holes ? (float) ($change->setup->holes->count - $this->place->holes->count) : $change->by, $change->to, $best->rating, $best)];
                }
            }
        }
        usort($found, static fn(array $a, array $b): int => [$a[1]->rating->rank(), $a[0]] <=> [$b[1]->rating->rank(), $b[0]]);

        return array_column($found, 1);
    }

    /** @param list<Ingredient> $ingredients */
    private static function swept(Setup $place, array $ingredients, Wishes $wishes): Sweep
    {
        return (new Sweep($place, $ingredients, $wishes, self::BUDGET))->toItsEnd();
    }

    /** The recipe of the best word that asks least of the wish that was let go of. */
    private static function least(Sweep $sweep, Wish $wish): ?Confirmed
    {
        $by = static fn(Candidate $each): float => match ($wish) {
            Wish::Cost => $each->cost ?? INF,
            Wish::Weight => $each->glimpse->wetKg,
            Wish::Components => (float) $each->count(),
            default => -$each->glimpse->fit,
        };
        $all = $sweep->candidates();
        usort($all, static fn(Candidate $a, Candidate $b): int => [$by($a), -$a->glimpse->fit] <=> [$by($b), -$b->glimpse->fit]);
        $longest = null;
        foreach (array_slice($all, 0, self::TRIES) as $candidate) {
            $full = $sweep->confirm($candidate);
            if ($full === null || $full->rating !== $sweep->bestRating()) {
                continue;
            }
            if ($wish !== Wish::Years) {
                return $full;
            }
            $longest = $longest === null || $full->lasts() > $longest->lasts() ? $full : $longest;
        }

        return $longest;
    }
}
