<?php

declare(strict_types=1);

use Tests\Core\Search;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Search\RecipeSpace;
use Zolbek\Core\Verdict\Search\Steps;

/** @return list<array<int, int>> every recipe of a space */
function recipesOf(RecipeSpace $space): array
{
    $all = [];
    foreach ($space->sets() as $set) {
        foreach ($space->recipes($set) as $parts) {
            $all[] = array_combine($set, $parts);
        }
    }

    return $all;
}

test('twelve components, up to five, in ten parts are 149,898 recipes in 1,585 sets', function (): void {
    $keys = ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'perlite-2-5-mm', 'sphagnum-peat'];
    $twelve = [...Search::shelf($keys), ...Search::shelf($keys), ...Search::shelf($keys)];
    $space = new RecipeSpace($twelve, 5, Steps::parts(10));
    expect($space->count())->toBe(149_898)->and(iterator_count((static fn() => yield from $space->sets())()))->toBe(1585)
        ->and((new RecipeSpace([...$twelve, ...$twelve, ...array_slice($twelve, 0, 6)], 4, Steps::parts(10)))->count())->toBe(2_452_125);
});

test('up to four scoops of two components are ten recipes, and two to two is one to one', function (): void {
    $recipes = recipesOf(new RecipeSpace(Search::shelf(['pumice-3-6-mm', 'perlite-2-5-mm']), 2, Steps::scoopsUpTo(4)));
    expect(array_map(array_values(...), $recipes))->toBe([[1], [1], [1, 1], [1, 2], [2, 1], [1, 3], [3, 1]]);
});

test('what is counted is what comes, whatever the bounds', function (int $seed): void {
    mt_srand($seed);
    $keys = array_slice(Search::STONES, 0, mt_rand(2, 5));
    $with = [];
    foreach ($keys as $key) {
        $least = mt_rand(0, 3) === 0 ? mt_rand(0, 4) / 10 : 0.0;
        $with[$key] = ['least' => $least, 'most' => max($least, mt_rand(2, 10) / 10), 'must' => mt_rand(0, 4) === 0];
    }
    $steps = mt_rand(0, 1) === 0 ? Steps::scoopsUpTo(mt_rand(2, 7)) : Steps::parts(mt_rand(3, 10));
    $shelf = Search::shelf($keys, $with);
    $space = new RecipeSpace($shelf, mt_rand(1, 4), $steps);
    $recipes = recipesOf($space);
    $ratios = array_map(static fn(array $parts): string => json_encode(array_map(static fn(int $each): float => round($each / array_sum($parts), 9), $parts)), $recipes);
    expect(count($recipes))->toBe($space->count())->and(array_unique($ratios))->toHaveCount(count($recipes));
    foreach ($recipes as $parts) {
        foreach ($shelf as $i => $ingredient) {
            $share = ($parts[$i] ?? 0) / array_sum($parts);
            expect($share)->toBeLessThanOrEqual($ingredient->most + 1e-9);
            if ($ingredient->mustBeIn() || $share > 0.0) {
                expect($share)->toBeGreaterThanOrEqual(max($ingredient->least - 1e-9, 1e-9));
            }
        }
    }
})->with(fn(): array => seeds(40, 400));

test('the even recipe of a set is one of its recipes, and none is more even', function (int $seed): void {
    mt_srand($seed);
    $with = ['pumice-3-6-mm' => ['least' => mt_rand(0, 5) / 10], 'sphagnum-peat' => ['most' => mt_rand(1, 4) / 10]];
    $space = new RecipeSpace(Search::shelf(['pumice-3-6-mm', 'perlite-2-5-mm', 'sphagnum-peat'], $with), 3, Steps::parts(mt_rand(4, 10)));
    foreach ($space->sets() as $set) {
        $all = iterator_to_array((static fn() => yield from $space->recipes($set))(), false);
        $even = $space->evenOf($set);
        expect($even === null)->toBe($all === []);
        if ($even !== null) {
            expect($all)->toContain($even)
                ->and(max($even) - min($even))->toBe(min(array_map(static fn(array $parts): int => max($parts) - min($parts), $all)));
        }
    }
})->with(fn(): array => seeds(20, 100));

test('scoops and per cent that nobody can count are refused', function (callable $make, string $field): void {
    expect($make)->toThrow(static fn(Refused $refused) => expect($refused->refusals[0]->field)->toBe($field));
})->with([
    'no scoop' => [static fn() => Steps::scoopsUpTo(0), 'scoops'],
    'too many' => [static fn() => Steps::scoopsUpTo(21), 'scoops'],
    'thirds' => [static fn() => Steps::perCent(33), 'per_cent'],
]);

test('steps of five per cent are twenty parts', function (): void {
    expect(Steps::perCent(5)->totals)->toBe([20])->and(Steps::perCent(25)->totals)->toBe([4])->and(Steps::scoopsUpTo(3)->totals)->toBe([1, 2, 3]);
});
