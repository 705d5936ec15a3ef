<?php

declare(strict_types=1);

use Tests\House\Graph;

$root = dirname(__DIR__, 2);

test('no test says "not this and that" and means neither', function () use ($root): void {
    // toContain with several needles asks for all of them; its negation holds as soon as one is missing
    $loose = [];
    foreach (Graph::files($root.'/tests', ['php']) as $path => $text) {
        foreach (explode("\n", $text) as $i => $line) {
            if ($path !== 'House/HabitsTest.php' && preg_match('/->not->toContain\([^()]*,[^()]*\)/', (string) preg_replace('/"[^"]*"|\'[^\']*\'/', "'x'", $line)) === 1) {
                $loose[] = $path.':'.($i + 1);
            }
        }
    }
    expect($loose)->toBe([]);
});

test('a migration that has been in use is never edited', function () use ($root): void {
    $landed = [
        '2026_11_23_000001_create_shelf_pots_recipes_and_batches', '2026_11_23_000001_heal_tables_of_the_first_shelf', '2026_11_23_000002_create_lots_stock_bench_and_tools',
        '2026_11_23_000003_create_sites_species_and_recipe_versions', '2026_11_23_000004_create_plants_potting_days_and_care', '2026_11_25_000001_add_pore_sizes_stand_feed_and_the_revised_model',
        '2026_11_25_000002_heal_plants_and_sites', '2026_11_26_000001_keep_what_loads_held', '2026_11_26_000002_hold_deliveries_and_price_what_is_left', '2026_11_26_000003_stamp_what_changes',
        '2026_11_26_000004_litres_in_the_tub_and_what_feed_costs',
        '2026_11_27_000001_groups_tie_holes_and_ticks_at_the_tub',
        '2026_11_27_000002_rounds_of_tasks',
        '2026_11_27_000003_layers_on_their_mothers',
        '2026_11_28_000001_other_names_and_botanical_names',
        '2026_11_28_000002_indexes_of_what_was_done',
    ];
    $seals = json_decode((string) file_get_contents(__DIR__.'/migrations.json'), true);
    foreach ($landed as $migration) {
        // names of classes may change under it; what it does to the tables may not
        $text = (string) preg_replace('/^use .*\n|\s+/m', '', (string) file_get_contents($root.'/database/migrations/'.$migration.'.php'));
        expect($seals[$migration] ?? null)->toBe(hash('xxh3', $text), $migration);
    }
});

test('every dependency is pinned exactly', function () use ($root): void {
    $loose = [];
    foreach (['package.json' => ['dependencies', 'devDependencies'], 'composer.json' => ['require', 'require-dev']] as $file => $parts) {
        $packages = json_decode((string) file_get_contents($root.'/'.$file), true);
        foreach ($parts as $part) {
            foreach ($packages[$part] as $name => $version) {
                if ($name !== 'php' && preg_match('/^(?:npm:[@\w\/-]+@)?\d+\.\d+\.\d+$/', $version) !== 1) {
                    $loose[$name] = $version;
                }
            }
        }
    }
    expect($loose)->toBe([]);
});

test('what the documents name is there', function () use ($root): void {
    $missing = [];
    foreach ([...glob($root.'/docs/*.md') ?: [], $root.'/README.md', $root.'/CONTRIBUTING.md'] as $file) {
        preg_match_all('#`Zolbek\\\\Core\\\\([\w\\\\]+)`#', (string) file_get_contents($file), $classes);
        foreach ($classes[1] as $class) {
            $path = $root.'/core/'.str_replace('\\', '/', $class);
            if (! is_file($path.'.php') && ! is_dir($path)) {
                $missing[] = basename($file).': '.$class;
            }
        }
        preg_match_all('#`((?:core|app|ui|tests|database|docs|bench|lang|api|routes)/[\w./-]+)`|\]\(([\w./-]+\.(?:md|png))\)#', (string) file_get_contents($file), $found, PREG_SET_ORDER);
        foreach ($found as $one) {
            $path = $one[1] !== '' ? $root.'/'.$one[1] : dirname($file).'/'.$one[2];
            if (! file_exists($path)) {
                $missing[] = basename($file).': '.($one[1] !== '' ? $one[1] : $one[2]);
            }
        }
    }
    expect($missing)->toBe([]);
});

test('the tables of the README say what the product does', function () use ($root): void {
    $readme = (string) file_get_contents($root.'/README.md');
    foreach (['./zolbek demo', './zolbek test', './zolbek bench', './zolbek mutate', './zolbek house', './zolbek evaluate'] as $command) {
        expect($readme)->toContain($command);
    }
    preg_match_all('/^    (\w+)(?: |\) )/m', (string) file_get_contents($root.'/zolbek'), $found);
    expect(count($found[1]))->toBeGreaterThan(6);
});
