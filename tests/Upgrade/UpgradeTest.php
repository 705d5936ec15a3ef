<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Upgrade\Databases;

test('there is a database of every state that the tables have been in', function (): void {
    expect(Databases::commits())->toEqualCanonicalizing(['533ed4e', '9d53bb1', '3694f22', '53a9877', '2ce5956', 'b3c1324', '028b6a9', '630a20a', 'cb79fe2', '1180c02', 'b284662', '80bd02b', 'eee4b8d', '3d7f3e7', 'b34061d', 'c61d223', 'cd9bc67', '5dc83dc', '52ddec3', 'f553b77', 'fb5b285', '8f0006f', 'f8c1101', 'a0c92fd', '9ce5c4f']);
});

/**
 * Eight of many, from the first to the last; all of them where there is time (./zolbek test long).
 *
 * @param list<int> $ids
 *
 * @return list<int>
 */
function spread(array $ids): array
{
    $step = isLong() ? 1 : max(1, intdiv(count($ids), 8));

    return array_values(array_filter($ids, static fn(int $at): bool => $at % $step === 0 || $at === count($ids) - 1, ARRAY_FILTER_USE_KEY));
}

/** @return list<string> commits: the first and the last, of those between them whose turn it is */
function inTheirTurn(): array
{
    return array_values(array_filter(Databases::commits(), static fn(string $commit): bool => $commit === Databases::OLDEST || $commit === Databases::NEWEST || isTurnOf($commit)));
}

test('old data opens and answers', function (string $commit): void {
    Databases::upgradedFrom($commit);
    $paths = ['meta', 'components', 'components?low=1', 'pots', 'recipes', 'batches', 'sites', 'species', 'vessels', 'sieve-sets', 'bench/plans', 'bench/tests', 'plants', 'plant-places', 'fertilisers', 'days', 'today', 'tasks', 'proportions', 'model-news', 'round', 'zones', 'outcomes', 'trials', 'right', 'diary', ...($commit === Databases::NEWEST || isLong() ? ['trainer'] : [])];
    foreach (['components' => 'components', 'pots' => 'pots', 'recipes' => 'recipes', 'batches' => 'batches', 'plants' => 'plants', 'potting_days' => 'days', 'bench_tests' => 'bench/tests', 'trials' => 'trials'] as $table => $address) {
        foreach (spread(DB::table($table)->orderBy('id')->limit(40)->pluck('id')->all()) as $id) {
            $paths[] = $address.'/'.$id;
        }
    }
    foreach (spread(DB::table('components')->orderBy('id')->limit(12)->pluck('id')->all()) as $id) {
        array_push($paths, "components/$id/sheet", "components/$id/lots", "components/$id/movements", "component-files/$id");
    }
    foreach (DB::table('recipes')->limit(6)->pluck('id') as $id) {
        array_push($paths, "recipes/$id/versions", "recipe-files/$id");
    }
    foreach (['components', 'lots', 'sieve-tests', 'plants', 'plant-history', 'pots'] as $sheet) {
        $paths[] = 'exports/'.$sheet;
    }
    $broken = [];
    foreach ($paths as $path) {
        $answer = $this->get('/api/v1/'.$path);
        if ($answer->getStatusCode() !== 200) {
            $broken[$path] = $answer->getStatusCode().' '.($answer->exception?->getMessage() ?? '');
        }
    }
    expect($broken)->toBe([]);
})->with(inTheirTurn(...));

test('an old mix is evaluated, an old pot too', function (string $commit): void {
    Databases::upgradedFrom($commit);
    $part = DB::table('recipe_parts')->first();
    $this->postJson('/api/v1/evaluate', ['parts' => [['component_id' => $part->component_id, 'parts' => 1]], 'pot_id' => DB::table('pots')->value('id'), 'plant_group' => 'airy_conifers', 'mends' => false])->assertOk();
})->with(inTheirTurn(...));

test('an upgraded database has the tables and columns that a new one has', function (string $commit): void {
    static $fresh = [];
    if ($fresh === []) {
        Databases::fresh('new');
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            $fresh[$table] = Schema::getColumnListing($table);
        }
    }
    Databases::upgradedFrom($commit);
    expect(count($fresh))->toBeGreaterThan(20);
    foreach ($fresh as $table => $columns) {
        expect(array_diff($columns, Schema::getColumnListing($table)))->toBe([], $table);
    }
})->with(Databases::commits());

test('what was kept stays as it was', function (string $commit): void {
    Databases::madeBy($commit);
    $before = array_map(static fn(object $row): array => (array) $row, DB::table('batches')->get(['id', 'name', 'inputs', 'result'])->all());
    $recipes = DB::table('recipes')->count();
    Databases::upgradedFrom($commit);
    expect(array_map(static fn(object $row): array => (array) $row, DB::table('batches')->get(['id', 'name', 'inputs', 'result'])->all()))->toBe($before)
        ->and(DB::table('recipes')->count())->toBe($recipes);
})->with(Databases::commits());
