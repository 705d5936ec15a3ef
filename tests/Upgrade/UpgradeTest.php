<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A file of this process that is deleted with it. */
function upgradeFile(string $name): string
{
    $file = sys_get_temp_dir().'/zolbek-upgrade-'.getmypid().'-'.$name.'.sqlite';
    register_shutdown_function(static fn() => array_map(unlink(...), glob($file.'*') ?: []));

    return $file;
}

function opened(string $file): string
{
    config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.synchronous' => 'OFF']);
    DB::purge('sqlite');

    return $file;
}

/** A database as the code of a commit made it. */
function madeBy(string $commit): string
{
    $file = upgradeFile('now');
    array_map(unlink(...), glob($file.'*') ?: []);
    $database = new PDO('sqlite:'.$file);
    $database->exec('pragma synchronous = off; pragma journal_mode = memory');
    $database->exec((string) gzdecode((string) file_get_contents(__DIR__.'/databases/'.$commit.'.sql.gz')));

    return opened($file);
}

/** The same, opened by the code of today; that is done once for all tests, each of which has a copy. */
function upgradedFrom(string $commit): string
{
    static $kept = [];
    if (! isset($kept[$commit])) {
        madeBy($commit);
        expect(Artisan::call('zolbek:prepare'))->toBe(0);
        DB::statement('pragma wal_checkpoint(truncate)');
        DB::purge('sqlite');
        $kept[$commit] = upgradeFile($commit);
        copy(upgradeFile('now'), $kept[$commit]);
    }
    $file = upgradeFile('copy');
    array_map(unlink(...), glob($file.'*') ?: []);
    copy($kept[$commit], $file);

    return opened($file);
}

/** @return list<string> */
function commitsOfMigrations(): array
{
    return array_map(static fn(string $file): string => basename($file, '.sql.gz'), glob(__DIR__.'/databases/*.sql.gz') ?: []);
}

test('there is a database of every state that the tables have been in', function (): void {
    expect(commitsOfMigrations())->toEqualCanonicalizing(['533ed4e', '9d53bb1', '3694f22', '53a9877', '2ce5956', 'b3c1324', '028b6a9', '630a20a', 'cb79fe2', '1180c02', 'b284662', '80bd02b', 'eee4b8d', '3d7f3e7']);
});

test('old data opens and answers', function (string $commit): void {
    upgradedFrom($commit);
    $paths = ['meta', 'components', 'components?low=1', 'pots', 'recipes', 'batches', 'sites', 'species', 'vessels', 'sieve-sets', 'bench/plans', 'bench/tests', 'plants', 'plant-places', 'fertilisers', 'days', 'today', 'tasks', 'proportions', 'model-news'];
    foreach (['components' => 'components', 'pots' => 'pots', 'recipes' => 'recipes', 'batches' => 'batches', 'plants' => 'plants', 'potting_days' => 'days', 'bench_tests' => 'bench/tests'] as $table => $address) {
        foreach (DB::table($table)->orderBy('id')->limit(40)->pluck('id') as $id) {
            $paths[] = $address.'/'.$id;
        }
    }
    foreach (DB::table('components')->orderBy('id')->limit(12)->pluck('id') as $id) {
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
})->with(commitsOfMigrations());

test('an old mix is evaluated, an old pot too', function (string $commit): void {
    upgradedFrom($commit);
    $part = DB::table('recipe_parts')->first();
    $this->postJson('/api/v1/evaluate', ['parts' => [['component_id' => $part->component_id, 'parts' => 1]], 'pot_id' => DB::table('pots')->value('id'), 'plant_group' => 'airy_conifers', 'mends' => false])->assertOk();
})->with(commitsOfMigrations());

test('an upgraded database has the tables and columns that a new one has', function (string $commit): void {
    config(['database.connections.sqlite.database' => ':memory:']);
    DB::purge('sqlite');
    Artisan::call('migrate', ['--force' => true]);
    $fresh = [];
    foreach (Schema::getTableListing(schemaQualified: false) as $table) {
        $fresh[$table] = Schema::getColumnListing($table);
    }
    upgradedFrom($commit);
    foreach ($fresh as $table => $columns) {
        expect(array_diff($columns, Schema::getColumnListing($table)))->toBe([], $table);
    }
})->with(commitsOfMigrations());

test('what was kept stays as it was', function (string $commit): void {
    madeBy($commit);
    $before = array_map(static fn(object $row): array => (array) $row, DB::table('batches')->get(['id', 'name', 'inputs', 'result'])->all());
    $recipes = DB::table('recipes')->count();
    Artisan::call('zolbek:prepare');
    expect(array_map(static fn(object $row): array => (array) $row, DB::table('batches')->get(['id', 'name', 'inputs', 'result'])->all()))->toBe($before)
        ->and(DB::table('recipes')->count())->toBe($recipes);
})->with(commitsOfMigrations());
