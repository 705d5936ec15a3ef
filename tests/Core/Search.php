<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Search\Candidate;
use Zolbek\Core\Verdict\Search\Confirmed;
use Zolbek\Core\Verdict\Search\Found;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\MixSearch;
use Zolbek\Core\Verdict\Search\RecipeSpace;
use Zolbek\Core\Verdict\Search\SearchAnswer;
use Zolbek\Core\Verdict\Search\Sweep;
use Zolbek\Core\Verdict\Search\Wishes;

/** Shelves to search, answers as one can read them, and what judging every recipe in full would say. */
final class Search
{
    public const STONES = ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'akadama-type-clay-granule-2-6-mm', 'sphagnum-peat', 'perlite-2-5-mm', 'granite-chip-4-8-mm'];

    /**
     * @param list<string>                $keys
     * @param array<string, array<mixed>> $with arguments of an ingredient by key
     *
     * @return list<Ingredient>
     */
    public static function shelf(array $keys, array $with = []): array
    {
        return array_map(static fn(string $key, int $i): Ingredient => new Ingredient(...[
            'portion' => Portion::of(Shipped::component($key)),
            'stock' => new Stock(20.0, 10.0, 3.0 + $i % 4),
            ...($with[$key] ?? []),
        ]), $keys, array_keys($keys));
    }

    /** @param list<Ingredient> $shelf */
    public static function answer(Setup $place, array $shelf, Wishes $wishes = new Wishes(), int $budget = 3000): SearchAnswer
    {
        $run = (new MixSearch($place, $shelf, $wishes, budget: $budget))->run();
        foreach ($run as $_) {
            continue;
        }

        return $run->getReturn();
    }

    /** @return list<string> what was found, with why */
    public static function told(SearchAnswer $answer): array
    {
        return array_map(static fn(Found $found): string => json_encode([$found->recipe->candidate->parts(), array_column($found->merits, 'value'), round($found->recipe->fit, 9)], JSON_THROW_ON_ERROR), $answer->found);
    }

    /**
     * Every recipe of a shelf in full.
     *
     * @param list<Ingredient> $shelf
     *
     * @return list<Confirmed>
     */
    public static function everything(Setup $place, array $shelf, Wishes $wishes): array
    {
        $space = new RecipeSpace($shelf, $wishes->mostComponents, $wishes->steps);
        $sweep = new Sweep($place, $shelf, $wishes, 1);
        $all = [];
        foreach ($space->sets() as $set) {
            foreach ($space->recipes($set) as $parts) {
                $all[] = $sweep->tried(array_combine($set, $parts));
            }
        }

        return $all;
    }

    /** @param list<Confirmed> $all */
    public static function bestOf(array $all): Confirmed
    {
        usort($all, static fn(Confirmed $a, Confirmed $b): int => [$a->rating->rank(), -$a->fit] <=> [$b->rating->rank(), -$b->fit]);

        return $all[0];
    }

    /** @return array<string, int> parts by key */
    public static function parts(Candidate $candidate, array $shelf): array
    {
        $named = [];
        foreach ($candidate->parts() as $i => $parts) {
            $named[$shelf[$i]->portion->key] = $parts;
        }

        return $named;
    }
}
