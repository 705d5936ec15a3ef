<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * The fewest mixes from one shelf that serve a set of plants and pots, and what one mix for all would cost each of them.
 *
 *     1  for each situation a few really different recipes are found among a number of them
 *     2  every one of these is assessed in full in every situation
 *     3  a mix serves a situation where its word is as good as the best of all there, and its fit at least so much of the best fit
 *     4  the fewest that together serve every situation (see SetCover), of equally many those that give up least fit, weighed by plants
 *
 * Source: practice: one base mix for a day.
 * Check: two situations that want opposite things need two; of two alike one serves both.
 */
final readonly class FewestMixes
{
    public const CANDIDATES = 6;

    /** Recipes looked at for one situation. */
    private const BUDGET = 700;
    private const TRIES = 60;

    /** Of the best fit that a shared mix has to reach. */
    private const SERVES_FROM = 0.8;

    /** @var list<SharedMix> most plants first */
    public array $mixes;

    /** The single mix that does best in all of them: by the worst word, then by fit. */
    public SharedMix $oneForAll;

    /** Whether no smaller number can serve them. */
    public bool $isProved;

    /**
     * @param non-empty-list<Setup> $situations whose own mixes do not matter
     * @param non-empty-list<int>   $plants     how many of each
     * @param list<Ingredient>      $ingredients
     *
     * @throws Refused field "components" where nothing can be mixed
     */
    public function __construct(array $situations, array $plants, array $ingredients, Wishes $wishes)
    {
        $recipes = [];
        foreach ($situations as $place) {
            foreach (self::recipesFor($place, $ingredients, $wishes) as $candidate) {
                $recipes[$candidate->code()] = $candidate->parts();
            }
        }
        if ($recipes === []) {
            throw Refused::because('components', 'nothing_fits');
        }
        $recipes = array_values($recipes);
        $table = [];
        foreach ($recipes as $r => $parts) {
            foreach ($situations as $s => $place) {
                $portions = array_map(static fn(int $i, int $each): array => [$ingredients[$i]->portion, (float) $each], array_keys($parts), array_values($parts));
                $assessment = new Assessment($place->with(portions: $portions));
                $table[$r][$s] = [$assessment->rating, $assessment->fit];
            }
        }
        $best = [];
        foreach (array_keys($situations) as $s) {
            foreach ($table as $row) {
                if (! isset($best[$s]) || [$row[$s][0]->rank(), -$row[$s][1]] < [$best[$s][0]->rank(), -$best[$s][1]]) {
                    $best[$s] = $row[$s];
                }
            }
        }
        $served = static fn(int $r, int $s): Served => new Served($s, $table[$r][$s][0], $table[$r][$s][1], $best[$s][0], $best[$s][1]);
        $serves = [];
        foreach (array_keys($recipes) as $r) {
            foreach (array_keys($situations) as $s) {
                if ($table[$r][$s][0] === $best[$s][0] && $table[$r][$s][1] >= self::SERVES_FROM * $best[$s][1]) {
                    $serves[$r][$s] = $plants[$s] * ($best[$s][1] - $table[$r][$s][1]);
                }
            }
        }
        $cover = new SetCover($serves, count($situations));
        $this->isProved = $cover->isProved;
        $by = [];
        foreach (array_keys($situations) as $s) {
            $mine = array_values(array_filter($cover->chosen, static fn(int $r): bool => isset($serves[$r][$s])));
            usort($mine, static fn(int $a, int $b): int => $serves[$a][$s] <=> $serves[$b][$s] ?: $a <=> $b);
            $by[$mine[0]][] = $served($mine[0], $s);
        }
        $mixes = array_map(static fn(int $r, array $of): SharedMix => new SharedMix($recipes[$r], $of), array_keys($by), $by);
        $count = static fn(SharedMix $mix): int => array_sum(array_map(static fn(Served $each): int => $plants[$each->situation], $mix->serves));
        usort($mixes, static fn(SharedMix $a, SharedMix $b): int => $count($b) <=> $count($a));
        $this->mixes = $mixes;

        $all = array_keys($recipes);
        $key = static fn(int $r): array => [max(array_map(static fn(array $each): int => $each[0]->rank(), $table[$r])), -array_sum(array_map(static fn(array $each, int $n): float => $each[1] * $n, $table[$r], $plants))];
        usort($all, static fn(int $a, int $b): int => $key($a) <=> $key($b) ?: $a <=> $b);
        $this->oneForAll = new SharedMix($recipes[$all[0]], array_map(static fn(int $s): Served => $served($all[0], $s), array_keys($situations)));
    }

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return list<Candidate> the best few that are not alike
     */
    private static function recipesFor(Setup $place, array $ingredients, Wishes $wishes): array
    {
        $full = (new Sweep($place, $ingredients, $wishes, self::BUDGET))->toItsEnd()->best(self::TRIES);
        $chosen = [];
        foreach ([true, false] as $mustDiffer) {
            foreach ($full as $each) {
                $isNear = array_filter($chosen, static fn(Candidate $other): bool => $other === $each->candidate || ($mustDiffer && Unlike::isNear($other, $each->candidate))) !== [];
                if (count($chosen) < self::CANDIDATES && ! $isNear) {
                    $chosen[] = $each->candidate;
                }
            }
        }

        return $chosen;
    }
}
