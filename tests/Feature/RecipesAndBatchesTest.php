<?php

declare(strict_types=1);

use App\Batches\Models\Batch;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Component;
use App\Situations\Actions\LoadReferenceSpecies;
use Database\Demo\TessivaleYard;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Question\Evaluation\Request;
use Zolbek\Core\Verdict\Fit\Assessment;

/** @return array<string, mixed> */
function batch(array $changed = []): array
{
    return [...Yard::question(), 'name' => 'Spring trays', 'order' => ['pots' => 10, 'tub_l' => 20, 'scoop_l' => 1], ...$changed];
}

test('a recipe keeps the order of its parts and can be changed', function (): void {
    $parts = Yard::parts(['zeolite-2-5-mm' => 2.5, 'pumice-3-6-mm' => 1, 'charcoal-3-8-mm' => 0.5]);
    $response = $this->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'mediterranean', 'note' => 'South wall', 'parts' => $parts])->assertCreated();
    Contract::check($response, 'Recipe');
    expect(array_column($response->json('parts'), 'component_id'))->toBe(array_column($parts, 'component_id'));
    $id = $response->json('id');
    $this->putJson("/api/v1/recipes/$id", ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => array_slice($parts, 1), 'reason' => 'Drier'])->assertOk()->assertJsonCount(2, 'parts')->assertJsonPath('plant_group', 'desert');
    Contract::check($this->getJson('/api/v1/recipes?search=scr'), 'RecipePage');
    $this->putJson("/api/v1/recipes/$id/archived", ['archived' => true])->assertOk();
    $this->getJson('/api/v1/recipes')->assertJsonPath('total', 0);
});

test('a recipe that is refused leaves the one before as it was', function (): void {
    $id = $this->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->json('id');
    $this->putJson("/api/v1/recipes/$id", ['name' => '', 'plant_group' => 'desert', 'parts' => [['component_id' => 1, 'parts' => -2]]])->assertStatus(422)
        ->assertJsonPath('errors.0.path', 'name')->assertJsonPath('errors.1.path', 'parts.0.parts');
    $this->getJson("/api/v1/recipes/$id")->assertJsonPath('name', 'Scree')->assertJsonPath('parts.0.parts', 1);
    $this->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->assertStatus(422)->assertJsonPath('errors.0.rule', 'name_taken');
});

test('a recipe with an archived component opens, says so, and cannot be saved', function (): void {
    $body = ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'charcoal-3-8-mm' => 1])];
    $id = $this->postJson('/api/v1/recipes', $body)->json('id');
    Yard::component('charcoal-3-8-mm')->setArchived(true);
    $this->getJson("/api/v1/recipes/$id")->assertOk()->assertJsonPath('parts.1.component_archived', true);
    $this->putJson("/api/v1/recipes/$id", $body)->assertStatus(422)->assertJsonPath('errors.0.path', 'parts.1.component_id');
});

test('a batch is worked out without being kept', function (): void {
    Yard::component('pumice-3-6-mm')->update(['stock_l' => 5, 'pack_l' => 4, 'pack_price' => 3]);
    $response = $this->postJson('/api/v1/batches/plan', [...Yard::question(), 'order' => ['pots' => 10, 'spare' => 0, 'tub_l' => 20, 'scoop_l' => 1]])->assertOk();
    Contract::check($response, 'BatchPlan');
    $plan = $response->json();
    $pumice = collect($plan['lines'])->firstWhere('name', 'Pumice 3-6 mm');
    expect($plan['loose_l'])->toBeNear(10 * 3.381309855 / 0.9453083899, 1e-6)
        ->and($plan['loads'])->toBe(2)
        ->and($pumice['litres'])->toBeNear($plan['loose_l'] / 3, 1e-9)
        ->and($pumice['packs'])->toBe((int) ceil(($plan['loose_l'] / 3 - 5) / 4))
        ->and($plan['cost'])->toBeNull()
        ->and($plan['hazards'])->toBe(['dust'])
        ->and(Batch::query()->count())->toBe(0);
});

test('an order that cannot be is refused under its own path', function (): void {
    $this->postJson('/api/v1/batches/plan', [...Yard::question(), 'order' => ['pots' => 0, 'tub_l' => 20, 'scoop_l' => 30]])->assertStatus(422)
        ->assertJsonPath('errors.0.path', 'order.pots')->assertJsonPath('errors.1.path', 'order.scoop_l');
    $this->postJson('/api/v1/batches/plan', Yard::question())->assertStatus(422)->assertJsonPath('errors.0.path', 'order');
});

test('a saved batch keeps the values it was made with', function (): void {
    $id = $this->postJson('/api/v1/components', Yard::ownComponent())->json('id');
    $saved = $this->postJson('/api/v1/batches', batch(['parts' => [['component_id' => $id, 'parts' => 2], ...Yard::parts(['pumice-3-6-mm' => 1])], 'note' => 'For the wall']))->assertCreated();
    Contract::check($saved, 'Batch');
    $this->putJson("/api/v1/components/$id", [...Yard::ownComponent(), 'name' => 'Renamed', 'bulk_density' => 1.5, 'stock_l' => 0])->assertOk();
    $this->putJson("/api/v1/components/$id/archived", ['archived' => true])->assertOk();
    Yard::pot('Another');
    $later = $this->getJson('/api/v1/batches/'.$saved->json('id'))->assertOk();
    Contract::check($later, 'Batch');
    expect($later->json())->toBe($saved->json());
    $kept = collect($later->json('inputs.components'))->firstWhere('key', 'pit-gravel-2-8');
    expect($kept['bulk_density'])->toBe(1.46)->and($kept['name'])->toBe('Pit gravel 2-8')->and($kept['stock_l'])->toBe(40);
});

test('a batch draws from the shelf when it is mixed, and gives back when that is taken back', function (): void {
    Component::query()->update(['stock_l' => 60]);
    $pumice = Yard::component('pumice-3-6-mm');
    $lot = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'New', 'delivered_on' => now()->toDateString(), 'quantity_l' => 40])->assertCreated()->json('id');
    $older = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'Old', 'delivered_on' => now()->subYear()->toDateString(), 'quantity_l' => 40])->assertCreated()->json('id');
    $parts = array_map(static fn(array $part): array => $part['component_id'] === $pumice->id ? [...$part, 'lot_id' => $lot] : $part, batch()['parts']);
    $saved = $this->postJson('/api/v1/batches', batch(['parts' => $parts]))->assertCreated();
    $id = $saved->json('id');
    expect($saved->json('mixed_at'))->toBeNull()->and($saved->json('taken'))->toBe([])->and($pumice->refresh()->stock_l)->toBe(140.0);
    $before = Component::query()->orderBy('id')->pluck('stock_l')->all();
    $mixed = $this->postJson("/api/v1/batches/$id/mixed", ['person' => 'Ann'])->assertOk();
    Contract::check($mixed, 'Batch');
    $line = collect($mixed->json('result.lines'))->firstWhere('component_id', $pumice->id);
    expect($mixed->json('mixed_by'))->toBe('Ann')->and($mixed->json('mixed_at'))->toStartWith(now()->toDateString())
        ->and(140.0 - $pumice->refresh()->stock_l)->toEqualWithDelta($line['gross_l'], 1e-9)->and($line['gross_l'])->toEqual($line['scooped_l'] / $line['kept_share'])
        // the delivery that it names goes first, not the oldest
        ->and(collect($mixed->json('taken'))->where('component_id', $pumice->id)->values()->all())->toEqual([['component_id' => $pumice->id, 'lot_id' => $lot, 'litres' => $line['gross_l'], 'cost' => null]])
        ->and($mixed->json('result'))->toEqual($saved->json('result'));
    $this->postJson("/api/v1/batches/$id/mixed", [])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'batch_mixed');
    $back = $this->deleteJson("/api/v1/batches/$id/mixed")->assertOk();
    expect($back->json('mixed_at'))->toBeNull()->and($back->json('taken'))->toBe([])->and(Component::query()->orderBy('id')->pluck('stock_l')->all())->toEqualWithDelta($before, 1e-9)
        ->and(App\Shelf\Models\Lot::query()->findOrFail($older)->stock_l)->toBe(40.0);
    $this->deleteJson("/api/v1/batches/$id/mixed")->assertUnprocessable()->assertJsonPath('errors.0.rule', 'batch_not_mixed');
});

test('a batch of which something is short is not mixed at all', function (): void {
    Yard::component('pumice-3-6-mm')->update(['stock_l' => 60]);
    $id = $this->postJson('/api/v1/batches', batch())->assertCreated()->json('id');
    Component::query()->whereKeyNot(Yard::component('pumice-3-6-mm')->id)->update(['stock_l' => 0.01]);
    $this->postJson("/api/v1/batches/$id/mixed", ['person' => 'Ann'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'stock_too_small');
    expect(Yard::component('pumice-3-6-mm')->stock_l)->toBe(60.0)->and(Batch::query()->findOrFail($id)->mixed_at)->toBeNull();
});

test('a batch from when all loads were alike is told with the scoops that it was told with', function (): void {
    $id = $this->postJson('/api/v1/batches', batch())->assertCreated()->json('id');
    $batch = Batch::query()->findOrFail($id);
    $result = $batch->result;
    foreach (['load_plan', 'warnings', 'scooped_l', 'tub_l'] as $new) {
        unset($result[$new]);
    }
    $result = [...$result, 'loads' => 2, 'load_l' => 9.9, 'too_small_for_scoop' => [$result['lines'][1]['name']]];
    foreach ($result['lines'] as $i => $line) {
        unset($line['deviation_share'], $line['scooped_l']);
        $result['lines'][$i] = [...$line, 'scoops_per_load' => $i === 0 ? 9.5 : 0.0, 'true_share' => $i === 0 ? 1.0 : 0.0];
    }
    $batch->update(['result' => $result]);
    $told = $this->getJson("/api/v1/batches/$id")->assertOk();
    Contract::check($told, 'Batch');
    expect(array_column($told->json('result.load_plan'), 'number'))->toBe([1, 2])->and($told->json('result.load_plan.1.lines.0.scoops'))->toEqual(9.5)->and($told->json('result.load_plan.0.litres'))->toEqual(9.5)
        ->and($told->json('result.warnings'))->toEqual([['code' => 'too_small', 'part' => $result['lines'][1]['component_id']]])
        ->and($told->json('result.lines.1.deviation_share'))->toEqual(-1);
});

test('what a batch keeps is enough to compute it again', function (): void {
    $saved = $this->postJson('/api/v1/batches', batch())->json();
    $answer = Answer::to(Request::read([
        'components' => array_map(static fn(array $component): array => array_diff_key($component, array_flip(['stock_l', 'pack_l', 'pack_price'])), $saved['inputs']['components']),
        'blend' => array_column($saved['inputs']['parts'], 'parts', 'key'),
        'pot' => array_diff_key($saved['inputs']['pot'], array_flip(['name', 'weight_kg'])),
        'headspace_cm' => $saved['inputs']['headspace_cm'],
    ], []));
    expect($answer['pot']['volume_l'])->toBeNear($saved['result']['root_zone_l'], 1e-9)
        ->and($answer['yield_share'])->toBeNear($saved['result']['yield_share'], 1e-9);
});

test('a batch that is refused is not kept', function (): void {
    $this->postJson('/api/v1/batches', batch(['name' => '', 'recipe_id' => 987]))->assertStatus(422)
        ->assertJsonPath('errors.0.path', 'name')->assertJsonPath('errors.1.path', 'recipe_id')->assertJsonPath('errors.1.rule', 'recipe_missing');
    expect(Batch::query()->count())->toBe(0);
});

test('batches are listed newest first, without their contents', function (): void {
    $this->postJson('/api/v1/batches', batch(['name' => 'First']))->assertCreated();
    $this->travel(1)->hours();
    $this->postJson('/api/v1/batches', batch(['name' => 'Second']))->assertCreated();
    $list = $this->getJson('/api/v1/batches')->assertOk();
    Contract::check($list, 'BatchSummaryPage');
    expect(array_column($list->json('data'), 'name'))->toBe(['Second', 'First']);
    $this->getJson('/api/v1/batches/987')->assertNotFound()->assertJsonPath('message', 'There is no batch with the id 987.');
});

test('the demo yard is whole, and loading it twice changes nothing', function (): void {
    $this->app->make(LoadReferenceSpecies::class)();
    $yard = $this->app->make(TessivaleYard::class);
    $yard->load();
    $yard->load();
    expect(Component::query()->where('stock_l', '>', 0)->count())->toBe(14)
        ->and(Recipe::query()->count())->toBe(6)
        ->and(Batch::query()->count())->toBe(2);
    $pots = $this->getJson('/api/v1/pots')->assertJsonPath('total', 8)->json('data');
    expect(count(array_unique(array_column($pots, 'shape'))))->toBe(6);
    foreach ($this->getJson('/api/v1/recipes')->json('data') as $recipe) {
        $parts = array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts']], $recipe['parts']);
        $this->postJson('/api/v1/evaluate', ['parts' => $parts, 'pot_id' => $pots[0]['id'], 'plant_group' => $recipe['plant_group']])->assertOk();
    }
});

test('on the days of the demo yard every plant can be potted, and every ball fits', function (): void {
    $this->app->make(LoadReferenceSpecies::class)();
    $this->app->make(TessivaleYard::class)->load();
    foreach ($this->getJson('/api/v1/days')->json('data') as $day) {
        foreach ($this->getJson('/api/v1/days/'.$day['id'])->assertOk()->json('entries') as $entry) {
            expect($entry['problem'])->toBeNull($entry['plant']['name'])->and($entry['figures']['fit']['fits'] ?? true)->toBeTrue($entry['plant']['name'])
                ->and($entry['figures']['fit']['thin_cm'] ?? 0)->toEqualWithDelta(0.0, 1e-9, $entry['plant']['name']);
        }
    }
});

test('what the demo yard grows stands in mixes that suit it, but for one that teaches', function (): void {
    $this->app->make(LoadReferenceSpecies::class)();
    $this->app->make(TessivaleYard::class)->load();
    $outlook = $this->app->make(Outlook::class);
    $rated = [];
    foreach (Plant::query()->with(['species', 'site', 'pot', 'recipe'])->whereNotNull('recipe_id')->where('status', 'kept')->get() as $plant) {
        $setup = $outlook->setup($plant);
        expect($setup)->not->toBeNull();
        $rated[(new Assessment($setup))->rating->value][] = $plant->number;
    }
    ksort($rated);
    expect(array_keys($rated))->toBe(['good', 'poor', 'workable'])->and($rated['poor'])->toBe(['T-018'])->and(count($rated['good']))->toBeGreaterThan(12);
});

test('a batch keeps which of its components are dusty', function (): void {
    $parts = Yard::parts(['pumice-3-6-mm' => 1, 'bark-mini-chip-6-12-mm' => 1]);
    $saved = $this->postJson('/api/v1/batches', batch(['parts' => $parts]))->assertCreated()->json();
    expect(array_column($saved['inputs']['components'], 'dust_hazard', 'key'))
        ->toBe(['pumice-3-6-mm' => true, 'bark-mini-chip-6-12-mm' => false])
        ->and(array_column($saved['result']['lines'], 'dusty', 'name'))
        ->toBe(['Pumice 3-6 mm' => true, 'Bark mini-chip 6-12 mm' => false]);
});
