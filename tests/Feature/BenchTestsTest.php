<?php

declare(strict_types=1);

use App\Bench\Models\BenchTest;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Lot;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Work\BenchTest\TestKind;

/**
 * A test with its readings, not finished.
 *
 * @param array<string, mixed>       $subject
 * @param array<string, mixed>       $setup
 * @param list<array<string, mixed>> $rounds
 */
function running(string $kind, array $subject, array $setup, array $rounds): int
{
    $id = test()->postJson('/api/v1/bench/tests', ['kind' => $kind, ...$subject])->assertCreated()->json('id');
    test()->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => (object) $setup, 'rounds' => $rounds]])->assertOk();

    return $id;
}

/**
 * @param array<string, mixed>       $subject
 * @param array<string, mixed>       $setup
 * @param list<array<string, mixed>> $rounds
 */
function finished(string $kind, array $subject, array $setup, array $rounds): int
{
    $id = running($kind, $subject, $setup, $rounds);
    test()->postJson("/api/v1/bench/tests/$id/finish", [])->assertOk();

    return $id;
}

function used(int $id, bool $inUse = true): TestResponse
{
    return test()->putJson("/api/v1/bench/tests/$id/in-use", ['in_use' => $inUse]);
}

/** @return array<string, mixed> what a mix of pumice alone does in the tray */
function pumiceInTray(): array
{
    return test()->postJson('/api/v1/evaluate', Yard::question(['parts' => Yard::parts(['pumice-3-6-mm' => 1])]))->assertOk()->json();
}

test('the plans of all tests are told', function (): void {
    $response = $this->getJson('/api/v1/bench/plans')->assertOk();
    Contract::check($response, 'BenchPlanList');
    expect(array_column($response->json('data'), 'kind'))->toBe(array_column(TestKind::cases(), 'value'));
});

test('a test is interrupted, resumed, finished and used, and taken back out', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $before = pumiceInTray();
    $id = $this->postJson('/api/v1/bench/tests', ['kind' => 'loose_density', 'component_id' => $pumice->id, 'person' => 'Orsolt'])->assertCreated()->json('id');
    $kept = $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['vessel_l' => 1], 'rounds' => [['full_g' => 712]]], 'step' => 2]);
    Contract::check($kept->assertOk(), 'BenchTest');
    expect($kept->json('result.missing'))->toBe(['setup.empty_g']);
    $this->getJson('/api/v1/bench/tests?status=running')->assertJsonPath('total', 1);

    $again = $this->getJson("/api/v1/bench/tests/$id")->assertOk();
    expect($again->json('readings.rounds.0.full_g'))->toBe(712)->and($again->json('step'))->toBe(2);
    $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertStatus(422)->assertJsonPath('errors.0.path', 'readings.setup.empty_g');

    $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['vessel_l' => 1, 'empty_g' => 212], 'rounds' => [['full_g' => 712], ['full_g' => 722]]]]);
    $done = $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertOk();
    Contract::check($done, 'BenchTest');
    expect($done->json('result.figures.0.mean'))->toEqualWithDelta(0.505, 1e-9)->and($done->json('status'))->toBe('finished')
        ->and($done->json('result.changes.0.before'))->toBe(0.46);
    expect(pumiceInTray()['mix']['bulk_density'])->toBe($before['mix']['bulk_density']);

    used($id)->assertOk()->assertJsonPath('in_use', true);
    $measured = pumiceInTray();
    expect($measured['mix']['bulk_density'] / $before['mix']['bulk_density'])->toEqualWithDelta(0.505 / 0.46, 0.02)
        ->and($measured['pot']['air'])->toBeLessThan($before['pot']['air']);
    $component = $this->getJson('/api/v1/components/'.$pumice->id);
    Contract::check($component, 'Component');
    expect($component->json('measured.properties.bulk_density'))->toMatchArray(['value' => 0.505, 'n' => 2])->and($component->json('bulk_density'))->toBe(0.46);
    $sheet = $this->getJson("/api/v1/components/{$pumice->id}/sheet");
    expect($sheet->json('uncertainty.bulk_density'))->toEqualWithDelta(0.03 * 0.505, 1e-9);

    // the next test is held against what this one found
    $next = finished('loose_density', ['component_id' => $pumice->id], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 490]]);
    expect($this->getJson("/api/v1/bench/tests/$next")->json('result.changes.0'))->toMatchArray(['before' => 0.505])
        ->and($this->getJson("/api/v1/bench/tests/$next")->json('result.changes.0.before_uncertainty'))->toEqualWithDelta(0.03 * 0.505, 1e-9);

    used($id, false)->assertOk();
    expect(pumiceInTray())->toBe($before);
});

test('a finished test is not changed any more', function (): void {
    $id = finished('run_through', ['component_id' => Yard::component('pumice-3-6-mm')->id], [], [['seconds' => 20]]);
    $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => (object) [], 'rounds' => []]])->assertStatus(422)->assertJsonPath('errors.0.rule', 'test_not_running');
});

test('a reading that cannot be is kept as it was typed and refused where it stands', function (): void {
    $id = running('drained_pot', ['component_id' => Yard::component('pumice-3-6-mm')->id], ['filled_l' => 2, 'height_cm' => 12], [['added_ml' => 400, 'drained_ml' => 'lots']]);
    $test = $this->getJson("/api/v1/bench/tests/$id");
    expect($test->json('readings.rounds.0.drained_ml'))->toBe('lots')
        ->and($test->json('result.faults.0'))->toMatchArray(['path' => 'rounds.0.drained_ml', 'message' => 'This must be a number, not "lots".']);
    $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['filled_l' => 2, 'height_cm' => 12], 'rounds' => [['added_ml' => 400, 'drained_ml' => 500]]]]);
    $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertStatus(422)->assertJsonPath('message', 'More cannot run out (500 mL) than was poured in (400 mL).');
});

test('a sieve loss over 2 % needs a reason, which is recorded', function (): void {
    $sample = ['before_g' => 100, 'retained' => ['4' => 60, '2' => 30, 'pan' => 6]];
    $id = running('sieve_analysis', ['component_id' => Yard::component('pumice-3-6-mm')->id], ['apertures' => [4, 2]], [$sample]);
    $refused = $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertStatus(422);
    expect($refused->json('errors.0'))->toMatchArray(['path' => 'overrides.sieve_loss', 'message' => '4 % of the sample is lost; up to 2 % is usual. Look under the sieves, weigh again, or give a reason.']);
    $this->putJson("/api/v1/bench/tests/$id", ['overrides' => ['sieve_loss' => 'Wind took the dust']])->assertOk();
    $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertOk()->assertJsonPath('result.doubts.0.reason', 'Wind took the dust');
});

test('an outlier is shown and stays in the mean until somebody sets it aside', function (): void {
    $id = running('loose_density', ['component_id' => Yard::component('pumice-3-6-mm')->id], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 460], ['full_g' => 462], ['full_g' => 458], ['full_g' => 700]]);
    $figure = $this->getJson("/api/v1/bench/tests/$id")->json('result.figures.0');
    expect(array_column($figure['rounds'], 'stands_out'))->toBe([false, false, false, true])->and($figure['n'])->toBe(4);
    $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['vessel_l' => 1, 'empty_g' => 0.0], 'rounds' => [['full_g' => 460], ['full_g' => 462], ['full_g' => 458], ['full_g' => 700, 'set_aside' => true]]]]);
    $figure = $this->getJson("/api/v1/bench/tests/$id")->json('result.figures.0');
    expect($figure['mean'])->toEqualWithDelta(0.46, 1e-9)->and($figure['rounds'][3])->toMatchArray(['set_aside' => true, 'value' => 0.7]);
});

test('a result that contradicts what else is known is not used, and nothing changes', function (): void {
    $component = Yard::component('granite-chip-4-8-mm');
    $id = finished('loose_density', ['component_id' => $component->id], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 2900]]);
    expect($this->getJson("/api/v1/bench/tests/$id")->json('result.trouble'))->toContain('Loose bulk density must be below');
    used($id)->assertStatus(422)->assertJsonPath('errors.0.path', 'bulk_density');
    expect(BenchTest::query()->findOrFail($id)->in_use)->toBeFalse()->and($component->refresh()->measured)->toBe([]);
});

test('a discarded test is out of use, and can be taken back', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $id = finished('slurry_reaction', ['component_id' => $pumice->id], [], [['ph' => 6.1], ['ph' => 6.2], ['ph' => 6.3]]);
    used($id)->assertOk();
    expect($pumice->refresh()->toCore()->ph)->toEqualWithDelta(6.2, 1e-9);
    $this->putJson("/api/v1/bench/tests/$id/discarded", ['discarded' => true])->assertOk()->assertJsonPath('status', 'discarded');
    expect($pumice->refresh()->toCore()->ph)->toBe(7.0);
    $this->putJson("/api/v1/bench/tests/$id/discarded", ['discarded' => false])->assertOk()->assertJsonPath('status', 'finished');
});

test('several tests of one property are averaged, whichever order they were taken into use', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $density = finished('loose_density', ['component_id' => $pumice->id], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 480]]);
    $again = finished('loose_density', ['component_id' => $pumice->id], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 500], ['full_g' => 520]]);
    $drained = finished('drained_pot', ['component_id' => $pumice->id], ['filled_l' => 2, 'height_cm' => 14], [['added_ml' => 1250, 'drained_ml' => 540]]);
    foreach ([$drained, $density, $again] as $id) {
        used($id)->assertOk();
    }
    $first = $pumice->refresh()->measured['properties'];
    foreach ([$drained, $density, $again] as $id) {
        used($id, false)->assertOk();
    }
    foreach ([$again, $drained, $density] as $id) {
        used($id)->assertOk();
    }
    expect($first['bulk_density']['value'])->toEqualWithDelta(0.5, 1e-9)->and($first['bulk_density']['n'])->toBe(3)
        ->and($pumice->refresh()->measured['properties'])->toEqualWithDelta($first, 1e-12)
        ->and($first)->toHaveKeys(['hydraulic_size_mm', 'internal_water']);
});

test('a delivery has figures of its own: a batch that names it uses them, another one does not', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $lot = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'P-1', 'delivered_on' => '2026-05-02', 'quantity_l' => 100, 'price' => 40])->assertCreated();
    Contract::check($lot, 'Lot');
    $order = ['pots' => 4, 'tub_l' => 20, 'scoop_l' => 1];
    $batch = fn(?int $lotId): array => $this->postJson('/api/v1/batches', [
        ...Yard::question(['parts' => [['component_id' => $pumice->id, 'parts' => 1, ...($lotId === null ? [] : ['lot_id' => $lotId])]]]), 'name' => 'Batch', 'order' => $order,
    ])->assertCreated()->json();
    $old = $batch($lot->json('id'));

    $id = finished('loose_density', ['lot_id' => $lot->json('id')], ['vessel_l' => 1, 'empty_g' => 0.0], [['full_g' => 520]]);
    used($id)->assertOk();
    expect(Lot::query()->findOrFail($lot->json('id'))->measured['properties']['bulk_density']['value'])->toBe(0.52)
        ->and($pumice->refresh()->measured)->toBe([]);
    $new = $batch($lot->json('id'));
    $plain = $batch(null);
    expect($new['result']['mass_kg'])->toBeGreaterThan($plain['result']['mass_kg'])
        ->and($plain['result']['mass_kg'])->toEqualWithDelta($old['result']['mass_kg'], 1e-9)
        ->and($new['inputs']['lots'])->toBe(['pumice-3-6-mm' => 'P-1'])
        ->and($new['result']['lines'][0]['cost'] / $new['result']['lines'][0]['gross_l'])->toEqualWithDelta(0.4, 1e-9)
        ->and($this->getJson('/api/v1/batches/'.$old['id'])->json())->toBe($old);
    Contract::check($this->getJson('/api/v1/batches/'.$new['id']), 'Batch');
    // a test of the component leaves what is the delivery's own with the delivery, and reaches it
    used(finished('slurry_reaction', ['component_id' => $pumice->id], [], [['ph' => 6.1]]))->assertOk();
    expect(array_keys($pumice->refresh()->measured['properties']))->toBe(['ph'])
        ->and(Lot::query()->findOrFail($lot->json('id'))->toCore($pumice)->ph)->toBe(6.1)
        ->and(Lot::query()->findOrFail($lot->json('id'))->toCore($pumice)->bulkDensity)->toBe(0.52);
});

test('a mix is laid over what was computed, and a measured shrink gives it its own compaction', function (): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'airy_conifers', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1])])->assertCreated()->json();
    $drained = finished('drained_pot', ['recipe_id' => $recipe['id']], ['filled_l' => 3, 'height_cm' => 14], [['added_ml' => 1900, 'drained_ml' => 400]]);
    $compared = collect($this->getJson("/api/v1/bench/tests/$drained")->json('result.compared'))->keyBy('figure');
    expect($compared['air']['verdict'])->toBe('lower')->and($compared['air']['measured'])->toEqualWithDelta(0.1333, 1e-3)->and($compared['air']['computed'])->toBeGreaterThan(0.25);

    $shrink = finished('mix_shrink', ['recipe_id' => $recipe['id']], [], [['loose_ml' => 1000, 'settled_ml' => 940]]);
    used($shrink)->assertOk();
    $index = $this->getJson("/api/v1/recipes/{$recipe['id']}")->json('compaction_index');
    $evaluated = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => Yard::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]), 'compaction_index' => $index]));
    expect($index)->toBeGreaterThan(4.1)->toBeLessThan(9.0)->and($evaluated->json('mix.yield_share'))->toEqualWithDelta(0.94, 1e-6);
    // another mix under the same name is not the one that was measured
    $this->putJson("/api/v1/recipes/{$recipe['id']}", ['name' => 'Even', 'plant_group' => 'airy_conifers', 'parts' => Yard::parts(['pumice-3-6-mm' => 2, 'lava-scoria-3-6-mm' => 1]), 'reason' => 'Airier'])->assertOk()->assertJsonPath('compaction_index', null);
    expect(Recipe::query()->findOrFail($recipe['id'])->compaction_index)->toBeNull();
});

test('a run-through is compared with the pot it was done in', function (): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'airy_conifers', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->json();
    $id = finished('run_through', ['recipe_id' => $recipe['id'], 'pot_id' => Yard::pot()->id], [], [['seconds' => 300]]);
    expect($this->getJson("/api/v1/bench/tests/$id")->json('result.compared.0'))->toMatchArray(['figure' => 'run_through_s', 'verdict' => 'higher']);
});

test('findings are kept with the component and go when the test goes', function (): void {
    $shale = Yard::component('expanded-shale-3-8-mm');
    $id = finished('acid_drop', ['component_id' => $shale->id], [], [['fizz' => 'none'], ['fizz' => 'weak']]);
    used($id)->assertOk();
    expect($this->getJson('/api/v1/components/'.$shale->id)->json('measured.findings.lime.value'))->toBe('weak');
    used($id, false)->assertOk();
    expect($this->getJson('/api/v1/components/'.$shale->id)->json('measured.findings'))->toBe([]);
});

test('a test must know what it is of', function (array $input, string $path, string $rule): void {
    $this->postJson('/api/v1/bench/tests', $input)->assertStatus(422)->assertJsonPath('errors.0.path', $path)->assertJsonPath('errors.0.rule', $rule);
})->with([
    'nothing' => [['kind' => 'float'], 'component_id', 'test_subject'],
    'a component that is not there' => [['kind' => 'float', 'component_id' => 9999], 'component_id', 'component_missing'],
    'a delivery that is not there' => [['kind' => 'float', 'lot_id' => 9999], 'lot_id', 'lot_missing'],
    'a shrink of one component' => [['kind' => 'mix_shrink', 'component_id' => 1], 'kind', 'test_not_of_component'],
    'no test at all' => [['kind' => 'tasting', 'component_id' => 1], 'kind', 'one_of'],
]);

test('a test that still runs cannot be used', function (): void {
    $id = running('loose_density', ['component_id' => Yard::component('pumice-3-6-mm')->id], [], []);
    used($id)->assertStatus(422)->assertJsonPath('errors.0.rule', 'test_not_finished');
});

test('the list of tests asks as many questions however long it is', function (): void {
    $pumice = Yard::component('pumice-3-6-mm')->id;
    finished('run_through', ['component_id' => $pumice], [], [['seconds' => 20]]);
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/api/v1/bench/tests')->assertOk();

        return count(DB::getQueryLog());
    };
    $one = $count();
    foreach (range(1, 5) as $seconds) {
        finished('run_through', ['component_id' => $pumice], [], [['seconds' => $seconds]]);
    }
    expect($count())->toBe($one);
    Contract::check($this->getJson('/api/v1/bench/tests'), 'BenchTestSummaryPage');
});
