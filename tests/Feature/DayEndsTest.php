<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// whatever happened on a day can be written down, ended, and taken back step by step

beforeEach(function (): void {
    foreach (['pumice-3-6-mm' => 100, 'composted-bark-fine-2-8-mm' => 100, 'perlite-2-5-mm' => 50] as $key => $litres) {
        Component::query()->where('key', $key)->update(['stock_l' => $litres]);
    }
    $id = $this->postJson('/api/v1/days', ['name' => 'Ends', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1])->assertCreated()->json('id');
    $plants = array_map(static fn(int $i): int => Collection::plant(['name' => 'Tree '.$i])->id, [1, 2, 3]);
    $this->day = "/api/v1/days/$id";
    $this->told = $this->postJson($this->day.'/plants', ['plant_ids' => $plants, 'plan' => ['ball' => null]])->assertCreated();
    $this->recipe = $this->told->json('mixes.0.recipe_id');
    $this->mix = fn(int $number) => $this->postJson($this->day.'/loads', ['recipe_id' => $this->recipe, 'number' => $number, 'person' => 'Ann']);
    $this->pot = fn(int $i, array $actual = [], array $more = []) => $this->postJson($this->day.'/plants/'.$this->told->json("entries.$i.id").'/state', ['state' => 'changed', 'actual' => ['note' => '', ...$actual], ...$more]);
    $this->close = fn(float $left, array $more = []) => $this->postJson($this->day.'/leftovers', ['recipe_id' => $this->recipe, 'left_l' => $left, ...$more]);
    $this->shelf = fn(): array => Component::query()->orderBy('id')->pluck('stock_l', 'key')->all();
});

/** Another recipe, in use. */
function otherRecipe(): int
{
    return test()->postJson('/api/v1/recipes', ['name' => 'Other', 'plant_group' => 'desert', 'parts' => Yard::parts(['perlite-2-5-mm' => 1, 'pumice-3-6-mm' => 1])])->assertCreated()->json('id');
}

test('what a load held, who mixed it and when is told, and it is drawn by what the scoops hold', function (): void {
    $before = ($this->shelf)();
    $day = ($this->mix)(1)->assertCreated();
    Contract::check($day, 'PottingDay');
    $load = $day->json('mixes.0.mixed.0');
    $planned = $this->told->json('mixes.0.load_plan.0');
    expect($load['lines'])->toEqual($planned['lines'])->and($load['litres'])->toEqual($planned['litres'])->and($load['person'])->toBe('Ann')->and($load['mixed_at'])->toStartWith(now()->toDateString())
        ->and($before['pumice-3-6-mm'] - ($this->shelf)()['pumice-3-6-mm'])->toEqualWithDelta($planned['lines'][0]['litres'], 1e-9)
        ->and(array_sum(array_column($load['taken'], 'litres')))->toEqualWithDelta($planned['litres'], 1e-9)
        ->and($day->json('mixes.0.load_plan'))->toBe([])->and($day->json('mixes.0.loads'))->toBe(1)
        ->and($load['poured_l'])->toEqualWithDelta($load['litres'] * $day->json('mixes.0.poured_yield_share'), 1e-9);
});

test('a load that does not exist is refused, with those that do', function (): void {
    ($this->mix)(7)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'no_such_load')->assertJsonPath('errors.0.message', 'There is no load 7 to mix: open are 1.');
    ($this->mix)(1)->assertCreated();
    ($this->mix)(2)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'all_mixed');
    ($this->mix)(1)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'load_mixed');
});

test('loads are planned anew from what is open, whenever the need changes', function (): void {
    ($this->mix)(1)->assertCreated();
    $more = $this->postJson($this->day.'/plants', ['plant_ids' => [Collection::plant(['name' => 'Late'])->id], 'plan' => ['ball' => null]])->assertCreated();
    $mix = $more->json('mixes.0');
    expect(array_column($mix['load_plan'], 'number'))->toBe([2])->and($mix['mixed_l'] + $mix['load_plan'][0]['litres'])->toEqualWithDelta($mix['loose_l'], 1.5)->and($mix['loads'])->toBe(2);
    // heaped scoops: one pot took more, so that more is needed for the others
    $heaped = ($this->pot)(0, ['used_l' => 9.0])->assertOk()->json('mixes.0');
    expect($heaped['loose_l'])->toBeGreaterThan($mix['loose_l'] + 4.0)->and(array_sum(array_column($heaped['load_plan'], 'litres')))->toBeGreaterThan($mix['load_plan'][0]['litres'] + 3.0);
});

test('a load is mixed and nobody of that mix is potted: the mix stays on the day and can be closed', function (): void {
    ($this->mix)(1)->assertCreated();
    $mixed = DayLoad::query()->sole()->pouredL();
    $other = otherRecipe();
    foreach ($this->told->json('entries') as $entry) {
        $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => ['recipe_id' => $other]])->assertOk();
    }
    $day = $this->getJson($this->day);
    Contract::check($day, 'PottingDay');
    $mix = collect($day->json('mixes'))->firstWhere('recipe_id', $this->recipe);
    expect($mix['pots'])->toBe(0)->and($mix['load_plan'])->toBe([])->and($mix['rest_l'])->toEqual($mixed)
        ->and(collect($day->json('mixes'))->firstWhere('recipe_id', $other)['pots'])->toBe(3);
    $closed = collect(($this->close)($mixed - 0.5)->assertCreated()->json('mixes'))->firstWhere('recipe_id', $this->recipe)['closed'];
    expect($closed['lost_l'])->toEqualWithDelta(0.5, 1e-9)->and($closed['more_l'])->toEqual(0);
    foreach ($this->told->json('entries') as $entry) {
        $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'not_today'])->assertOk();
    }
    $this->postJson($this->day.'/finished', [])->assertOk()->assertJsonPath('status', 'finished');
});

test('what is left is made of what the loads held, though the recipe was changed since', function (): void {
    ($this->mix)(1)->assertCreated();
    $this->putJson("/api/v1/recipes/{$this->recipe}", ['name' => $this->told->json('mixes.0.name'), 'plant_group' => 'desert', 'parts' => Yard::parts(['perlite-2-5-mm' => 1]), 'reason' => 'Lighter'])->assertOk();
    $bin = Component::query()->with('mixParts.component')->findOrFail(($this->close)(2.0)->assertCreated()->json('mixes.0.closed.component_id'));
    expect($bin->mixParts->map(static fn($part): string => $part->component->key)->all())->toBe(['pumice-3-6-mm', 'composted-bark-fine-2-8-mm'])->and($bin->mixParts[0]->parts / $bin->mixParts[1]->parts)->toEqualWithDelta(2.0, 1e-4);
});

test('more was used than was mixed: closed with the correction written down', function (): void {
    ($this->mix)(1)->assertCreated();
    $mixed = DayLoad::query()->sole()->pouredL();
    foreach ([0, 1, 2] as $i) {
        ($this->pot)($i, ['used_l' => $mixed / 3 + 0.4])->assertOk();
    }
    // what is left beside that was counted: only who says so
    ($this->close)(0.5)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'more_than_mixed');
    $closed = ($this->close)(0.5, ['correct' => true])->assertCreated()->json('mixes.0.closed');
    expect($closed['more_l'])->toEqualWithDelta(1.7, 1e-9)->and($closed['lost_l'])->toEqual(0)
        ->and($closed['mixed_l'] + $closed['more_l'])->toEqualWithDelta($closed['used_l'] + $closed['left_l'] + $closed['lost_l'], 1e-9);
    $this->postJson($this->day.'/finished', [])->assertOk();
});

test('potted from no load: the end asks, and either the litres are drawn or the mix is closed without', function (): void {
    foreach ([0, 1, 2] as $i) {
        ($this->pot)($i, ['used_l' => 2.0])->assertOk();
    }
    $this->postJson($this->day.'/finished', [])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_potted_unmixed')->assertJsonPath('errors.0.message', fn(string $said): bool => str_contains($said, ': 3.'));
    $before = ($this->shelf)();
    $drawn = $this->postJson($this->day.'/loads', ['recipe_id' => $this->recipe, 'litres' => 6.0])->assertCreated();
    Contract::check($drawn, 'PottingDay');
    expect($drawn->json('mixes.0.mixed.0.lines.0.scoops'))->toBeNull()->and($before['pumice-3-6-mm'] - ($this->shelf)()['pumice-3-6-mm'])->toEqualWithDelta(4.0 / $drawn->json('mixes.0.poured_yield_share'), 1e-9)->and($drawn->json('mixes.0.mixed_l'))->toEqual(6);
    $this->deleteJson($this->day.'/loads/'.$drawn->json('mixes.0.mixed.0.id'))->assertOk();
    expect(($this->shelf)())->toEqual($before);
    $closed = ($this->close)(0)->assertCreated()->json('mixes.0.closed');
    expect($closed['more_l'])->toEqual(6)->and($closed['component_id'])->toBeNull();
    $this->postJson($this->day.'/finished', [])->assertOk();
    foreach ([['litres' => 0], ['litres' => -1], ['litres' => 'all'], []] as $bad) {
        $this->deleteJson($this->day.'/finished');
        $this->postJson($this->day.'/loads', ['recipe_id' => $this->recipe, ...$bad])->assertUnprocessable();
    }
});

test('a finished day is opened again, then its mix, then all of it taken back to the start', function (): void {
    $start = [($this->shelf)(), Plant::query()->orderBy('id')->get(['pot_id', 'recipe_id', 'potted_on', 'standing'])->toArray()];
    ($this->mix)(1)->assertCreated();
    ($this->pot)(0, ['used_l' => 2.0])->assertOk();
    foreach ([1, 2] as $i) {
        $this->postJson($this->day.'/plants/'.$this->told->json("entries.$i.id").'/state', ['state' => 'not_today'])->assertOk();
    }
    $closed = ($this->close)(3.0)->assertCreated()->json('mixes.0.closed');
    $this->postJson($this->day.'/finished', [])->assertOk();
    $this->deleteJson($this->day.'/leftovers/'.$closed['id'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_finished');
    $this->deleteJson($this->day.'/finished')->assertOk()->assertJsonPath('status', 'under_way');
    $this->deleteJson($this->day.'/finished')->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_not_finished');
    // somebody took of the bin: first that goes back
    $bin = Component::query()->findOrFail($closed['component_id']);
    $this->postJson("/api/v1/components/{$bin->id}/movements", ['kind' => 'used', 'litres' => 1])->assertCreated();
    $this->deleteJson($this->day.'/leftovers/'.$closed['id'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'bin_used');
    $this->postJson("/api/v1/components/{$bin->id}/movements", ['kind' => 'count', 'counted_l' => 3])->assertCreated();
    $open = $this->deleteJson($this->day.'/leftovers/'.$closed['id'])->assertOk();
    Contract::check($open, 'PottingDay');
    expect($open->json('mixes.0.closed'))->toBeNull()->and($bin->refresh()->stock_l)->toBe(0.0)->and($bin->isArchived())->toBeTrue();
    // closed once more it is the same bin
    $again = ($this->close)(2.5)->assertCreated()->json('mixes.0.closed');
    expect($again['component_id'])->toBe($bin->id)->and($bin->refresh()->stock_l)->toBe(2.5)->and($bin->isArchived())->toBeFalse();
    $this->deleteJson($this->day.'/leftovers/'.$again['id'])->assertOk();
    $this->postJson($this->day.'/plants/'.$this->told->json('entries.0.id').'/state', ['state' => 'planned'])->assertOk();
    $this->deleteJson($this->day.'/loads/'.DayLoad::query()->sole()->id)->assertOk();
    $end = ($this->shelf)();
    unset($end[$bin->key]);
    expect($end)->toEqual($start[0])->and(Plant::query()->orderBy('id')->get(['pot_id', 'recipe_id', 'potted_on', 'standing'])->toArray())->toEqual($start[1])
        ->and(StockMovement::query()->where('component_id', $bin->id)->sum('litres'))->toEqualWithDelta(0.0, 1e-9);
});

test('a leftover of another day is not found', function (): void {
    ($this->mix)(1)->assertCreated();
    $closed = ($this->close)(1.0)->assertCreated()->json('mixes.0.closed.id');
    $other = PottingDay::query()->create(['name' => 'Else', 'planned_on' => now(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0, 'helpers' => [], 'note' => '']);
    $this->deleteJson("/api/v1/days/{$other->id}/leftovers/$closed")->assertNotFound();
});

test('a potting is dated back, not past the one before and not ahead', function (): void {
    $plant = Plant::query()->findOrFail($this->told->json('entries.0.plant.id'));
    $plant->update(['potted_on' => now()->subDays(20)]);
    ($this->pot)(0, ['used_l' => 2.0], ['done_on' => now()->subDays(21)->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'done_on')->assertJsonPath('errors.0.rule', 'before_last_potting');
    ($this->pot)(0, ['used_l' => 2.0], ['done_on' => now()->addDays(3)->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_between');
    ($this->pot)(0, ['used_l' => 2.0], ['done_on' => 'last week'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'done_on');
    $day = ($this->pot)(0, ['used_l' => 2.0], ['done_on' => now()->subDays(3)->toDateString()])->assertOk();
    expect($day->json('entries.0.done_at'))->toStartWith(now()->subDays(3)->toDateString())->and($plant->refresh()->potted_on?->toDateString())->toBe(now()->subDays(3)->toDateString())
        ->and(CareTask::query()->where('plant_id', $plant->id)->min('starts_on'))->toStartWith(now()->subDays(3)->toDateString());
    ($this->pot)(1, ['used_l' => 2.0], ['done_on' => now()->toDateString()])->assertOk()->assertJsonPath('entries.1.done_at', fn(string $at): bool => str_starts_with($at, now()->toDateString()));
});

test('what material cost is told of a day, of each plant, and carried by what is left', function (): void {
    Component::query()->update(['pack_l' => 10, 'pack_price' => 5]);
    App\Pots\Models\Pot::query()->update(['price' => 12.5]);
    ($this->mix)(1)->assertCreated();
    $litres = DayLoad::query()->sole()->litres;
    $feed = $this->postJson('/api/v1/fertilisers', ['name' => 'Beads', 'form' => 'granule', 'n_percent' => 5, 'p2o5_percent' => 4, 'k2o_percent' => 2, 'label_g_l' => 3, 'price_per_kg' => 20])->assertCreated()->json('id');
    $entry = $this->putJson($this->day.'/plants/'.$this->told->json('entries.0.id'), ['revision' => 1, 'changes' => ['fertiliser' => ['id' => $feed, 'share' => 0.5]]])->assertOk()->json('entries.0');
    $yield = $this->told->json('mixes.0.poured_yield_share');
    $day = ($this->pot)(0, ['used_l' => 2.0 * $yield])->assertOk();
    Contract::check($day, 'PottingDay');
    // half a euro a litre of everything that is scooped, two cents a gram of feed
    $fed = 0.02 * 1.5 * $entry['figures']['new_mix_l'];
    expect($day->json('costs.used'))->toEqualWithDelta(0.5 * $litres + $fed, 1e-9)
        ->and($day->json('costs.entries.0'))->toEqualWithDelta(['entry_id' => $entry['id'], 'mix' => 1.0, 'beside' => 0, 'feed' => $fed, 'pot' => 12.5, 'total' => 13.5 + $fed], 1e-9);
    // it cost that on the day
    App\Plants\Models\Fertiliser::query()->update(['price_per_kg' => 400]);
    expect($this->getJson($this->day)->json('costs.entries.0.feed'))->toEqualWithDelta($fed, 1e-9);
    $bin = Component::query()->findOrFail(($this->close)(1.0)->assertCreated()->json('mixes.0.closed.component_id'));
    expect($bin->stock()->pricePerL())->toEqualWithDelta(0.5 / $yield, 1e-9)->and($bin->pack_l)->toBeNull();
});

test('where a price is not known, neither is the cost', function (): void {
    ($this->mix)(1)->assertCreated();
    $day = ($this->pot)(0, ['used_l' => 2.0])->assertOk();
    expect($day->json('costs.used'))->toBeNull()->and($day->json('costs.entries.0.mix'))->toBeNull()->and($day->json('costs.entries.0.pot'))->toBeNull()->and($day->json('costs.entries.0.total'))->toBeNull();
});

test('from a delivery one comes to every batch, load, bin and plant that holds it, and back', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $lots = [];
    foreach (['P-1' => '2026-01-01', 'P-2' => '2026-02-01'] as $name => $on) {
        $lots[$name] = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => $name, 'delivered_on' => $on, 'quantity_l' => 200])->assertCreated()->json('id');
    }
    ($this->mix)(1)->assertCreated();
    ($this->pot)(0, ['used_l' => 2.0])->assertOk();
    $bin = ($this->close)(1.0)->assertCreated()->json('mixes.0.closed.component_id');
    $uses = $this->getJson("/api/v1/lots/{$lots['P-1']}/uses")->assertOk();
    Contract::check($uses, 'LotUses');
    $plant = $this->told->json('entries.0.plant');
    expect(array_column($uses->json('plants'), 'id'))->toBe([$plant['id']])->and(array_column($uses->json('bins'), 'id'))->toBe([$bin])->and($uses->json('loads.0.day'))->toBe('Ends')->and($uses->json('loads.0.number'))->toBe(1)
        ->and($uses->json('loads.0.litres'))->toEqual(DayLoad::query()->sole()->parts[0]['litres'])->and($uses->json('batches'))->toBe([]);
    $none = $this->getJson("/api/v1/lots/{$lots['P-2']}/uses")->assertOk();
    expect(array_filter($none->json()))->toBe([]);
    $this->putJson("/api/v1/lots/{$lots['P-1']}/held", ['held' => true, 'note' => 'sour'])->assertOk();
    $in = $this->getJson("/api/v1/plants/{$plant['id']}/deliveries")->assertOk();
    Contract::check($in, 'PlantDeliveryList');
    expect(collect($in->json('data'))->firstWhere('lot', 'P-1'))->toEqual(['component_id' => $pumice->id, 'component' => 'Pumice 3-6 mm', 'lot_id' => $lots['P-1'], 'lot' => 'P-1', 'held' => true])
        ->and(collect($in->json('data'))->whereNull('lot_id')->count())->toBe(1);
    expect($this->getJson('/api/v1/plants/'.$this->told->json('entries.1.plant.id').'/deliveries')->assertOk()->json('data'))->toBe([]);
});

test('a day does not count on a delivery that is held', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $pumice->update(['stock_l' => 0]);
    $lot = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'Only', 'delivered_on' => '2026-01-01', 'quantity_l' => 200])->assertCreated()->json('id');
    $row = fn(): array => collect($this->getJson($this->day)->json('shelf'))->firstWhere('component_id', $pumice->id);
    expect($row()['short_l'])->toEqual(0)->and(array_column($row()['lots'], 'id'))->toBe([$lot]);
    $this->putJson("/api/v1/lots/$lot/held", ['held' => true, 'note' => 'sour'])->assertOk();
    expect($row()['short_l'])->toEqualWithDelta($row()['gross_l'], 1e-9)->and($row()['stock_l'])->toEqual(0)->and($row()['lots'])->toBe([]);
});

test('what was to be looked after from an earlier potting ends with the next one, and is back where that is taken back', function (): void {
    $plant = $this->told->json('entries.0.plant.id');
    ($this->pot)(0, ['used_l' => 2.0])->assertOk();
    $first = CareTask::query()->where('plant_id', $plant)->where('state', 'open')->pluck('id')->all();
    $own = $this->postJson('/api/v1/tasks', ['plant_id' => $plant, 'due_on' => now()->toDateString(), 'note' => 'Turn it'])->assertCreated()->json('id');
    $next = $this->postJson('/api/v1/days', ['name' => 'Again', 'planned_on' => now()->toDateString()])->assertCreated()->json('id');
    $entry = $this->postJson("/api/v1/days/$next/plants", ['plant_ids' => [$plant], 'plan' => ['ball' => null]])->assertCreated()->json('entries.0.id');
    $this->postJson("/api/v1/days/$next/plants/$entry/state", ['state' => 'done'])->assertOk();
    expect($first)->not->toBeEmpty()->and(CareTask::query()->whereKey($first)->pluck('state')->unique()->all())->toBe(['skipped'])->and(CareTask::query()->findOrFail($first[0])->reason)->toBe('Potted again')
        ->and(CareTask::query()->findOrFail($own)->state)->toBe('open');
    $this->postJson("/api/v1/days/$next/plants/$entry/state", ['state' => 'planned'])->assertOk();
    expect(CareTask::query()->whereKey($first)->pluck('state')->unique()->all())->toBe(['open'])->and(CareTask::query()->where('plant_id', $plant)->where('state', 'open')->count())->toBe(count($first) + 1);
});

test('tasks of a plant in the archive stand in no list and on no calendar until it is back', function (): void {
    $plant = $this->told->json('entries.0.plant.id');
    $this->postJson('/api/v1/tasks', ['plant_id' => $plant, 'due_on' => now()->toDateString(), 'note' => 'Turn the tray'])->assertCreated();
    $shown = fn(): array => [$this->getJson('/api/v1/tasks')->json('total'), $this->getJson('/api/v1/today')->json('tasks.0.note'), str_contains((string) $this->get('/api/v1/calendar.ics')->getContent(), 'Turn the tray')];
    expect($shown())->toBe([1, 'Turn the tray', true]);
    $this->putJson("/api/v1/plants/$plant/archived", ['archived' => true])->assertOk();
    expect($shown())->toBe([0, null, false])->and($this->getJson("/api/v1/tasks?plant_id=$plant")->json('total'))->toBe(1);
    $this->putJson("/api/v1/plants/$plant/archived", ['archived' => false])->assertOk();
    expect($shown())->toBe([1, 'Turn the tray', true]);
});

test('feed goes by the label into the new mix, not into the ball that is kept', function (): void {
    $feed = $this->postJson('/api/v1/fertilisers', ['name' => 'Beads', 'form' => 'slow_release', 'n_percent' => 15, 'p2o5_percent' => 9, 'k2o_percent' => 12, 'label_g_l' => 3, 'longevity_days' => 150])->assertCreated()->json('id');
    $entry = $this->told->json('entries.0');
    $day = $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => ['ball' => ['length_cm' => 20, 'width_cm' => 14, 'height_cm' => 4], 'fertiliser' => ['id' => $feed, 'share' => 1]]])->assertOk();
    $figures = $day->json('entries.0.figures');
    expect($figures['new_mix_l'])->toBeLessThan($figures['pot_l'] - 0.5)->and($figures['fertiliser']['grams'])->toEqualWithDelta(3 * $figures['new_mix_l'], 1e-9);
});

test('feed on top goes by the rate for that and the pot, where the label has one', function (): void {
    $label = ['name' => 'Cakes', 'form' => 'granule', 'n_percent' => 5, 'p2o5_percent' => 4, 'k2o_percent' => 2, 'label_g_l' => 3];
    $feed = $this->postJson('/api/v1/fertilisers', $label)->assertCreated()->json('id');
    $entry = $this->told->json('entries.0');
    $top = ['revision' => 1, 'changes' => ['fertiliser' => ['id' => $feed, 'share' => 0.5, 'where' => 'top']]];
    $this->putJson($this->day.'/plants/'.$entry['id'], $top)->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.fertiliser.where')->assertJsonPath('errors.0.rule', 'no_surface_rate');
    $this->putJson("/api/v1/fertilisers/$feed", [...$label, 'surface_g_l' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'surface_g_l');
    $this->putJson("/api/v1/fertilisers/$feed", [...$label, 'surface_g_l' => 8])->assertOk()->assertJsonPath('surface_g_l', 8);
    $figures = $this->putJson($this->day.'/plants/'.$entry['id'], $top)->assertOk()->json('entries.0.figures');
    expect($figures['fertiliser']['grams'])->toEqualWithDelta(0.5 * 8 * $figures['pot_l'], 1e-9)->and($figures['fertiliser']['where'])->toBe('top');
});

test('a tub shows no loss where fines went between the grains: used and left are in one kind of litre', function (): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Coarse and fine', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1])])->assertCreated()->json('id');
    Component::query()->where('key', 'sharp-sand-0-25-2-mm')->update(['stock_l' => 100]);
    foreach ($this->told->json('entries') as $entry) {
        $day = $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => ['recipe_id' => $recipe]])->assertOk();
    }
    $mix = $day->json('mixes.0');
    $told = $day->json('entries.0.figures');
    expect($mix['poured_yield_share'])->toBeLessThan(0.97)->and($told['poured_l'])->toEqualWithDelta($told['base_l'] * $mix['poured_yield_share'], 1e-9);
    $this->postJson($this->day.'/loads', ['recipe_id' => $recipe, 'number' => 1])->assertCreated();
    foreach ([0, 1, 2] as $i) {
        $day = ($this->pot)($i, [], ['accepted' => 'only to see the tub'])->assertOk();
    }
    // what is left in the tub, as a jug measures it
    $mix = $day->json('mixes.0');
    $scooped = DayLoad::query()->sole()->litres;
    $left = ($scooped - array_sum(array_map(static fn(array $entry): float => $entry['figures']['base_l'], $day->json('entries')))) * $mix['poured_yield_share'];
    expect($mix['rest_l'])->toEqualWithDelta($left, 1e-3);
    $closed = $this->postJson($this->day.'/leftovers', ['recipe_id' => $recipe, 'left_l' => round($left, 3)])->assertCreated()->json('mixes.0.closed');
    expect($closed['lost_l'] + $closed['more_l'])->toBeLessThan(2e-3)->and($closed['more_share'])->toEqualWithDelta(0.0, 1e-3);
});

test('a plant that stays untouched in its pot keeps what is in it; one that is cut back keeps four fifths', function (): void {
    $pot = Yard::pot('Own', 12);
    $start = function (array $plant, int $into) use ($pot): array {
        $id = Collection::plant(['pot_id' => $pot->id, ...$plant])->id;
        $entries = $this->postJson($this->day.'/plants', ['plant_ids' => [$id], 'pot_id' => $into])->assertCreated()->json('entries');

        return collect($entries)->firstWhere('plant.id', $id);
    };
    $kept = $start(['name' => 'Sick', 'health' => 'sick'], $pot->id);
    expect($kept['problem'])->toBeNull()->and($kept['figures']['old_ball_l'] / $kept['figures']['pot_l'])->toBeGreaterThan(0.95);
    $wide = Yard::pot('Wide', 30);
    $wide->update(['measures' => array_map(static fn(float|int $cm): float|int => 3 * $cm, $wide->measures)]);
    $whole = $start(['name' => 'Weak', 'health' => 'weak'], $wide->id)['plan']['ball'];
    $cut = $start(['name' => 'Well'], $wide->id)['plan']['ball'];
    $litres = static fn(array $ball): float => $ball['length_cm'] * $ball['width_cm'] * $ball['height_cm'];
    expect($litres($cut) / $litres($whole))->toEqualWithDelta(0.8, 0.01)->and($litres($whole) * M_PI / 4000)->toEqualWithDelta($pot->toCore()->volumeL(0.0, 11.2), 0.05);
});

test('pots are counted: owned, in use, planned, and those that are too few stand on the shopping list with their price', function (): void {
    $deep = Yard::pot('Deep', 13);
    $deep->update(['owned' => 2, 'price' => 15]);
    $pots = fn(): array => collect($this->getJson('/api/v1/pots')->json('data'))->firstWhere('id', $deep->id);
    expect($pots()['planned'])->toBe(0)->and($pots()['overbooked'])->toBeFalse();
    Collection::plant(['name' => 'There', 'pot_id' => $deep->id]);
    foreach ([0, 1, 2] as $i) {
        $day = $this->putJson($this->day.'/plants/'.$this->told->json("entries.$i.id"), ['revision' => 1, 'changes' => ['pot_id' => $deep->id]])->assertOk();
    }
    Contract::check($day, 'PottingDay');
    expect($day->json('pots'))->toEqual([['pot_id' => $deep->id, 'name' => 'Deep', 'wanted' => 3, 'free' => 1, 'short' => 2, 'price' => 15, 'cost' => 30]])
        ->and([$pots()['owned'], $pots()['in_use'], $pots()['planned'], $pots()['overbooked']])->toBe([2, 1, 3, true]);
    Contract::check($this->getJson('/api/v1/pots'), 'PotPage');
    // one is potted: it stands there now, and is planned no more
    $after = ($this->pot)(0, ['used_l' => 2.0])->assertOk();
    expect($after->json('pots.0.wanted'))->toBe(2)->and($after->json('pots.0.short'))->toBe(2)->and([$pots()['in_use'], $pots()['planned']])->toBe([2, 2]);
    $deep->update(['owned' => 4]);
    expect($this->getJson($this->day)->json('pots.0.short'))->toBe(0)->and($pots()['overbooked'])->toBeFalse();
});

test('who changed what offers what takes it back, of the load, the plant, the mix and the day that it was, and that does it', function (): void {
    $other = $this->postJson('/api/v1/days', ['name' => 'Before', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1])->json('id');
    $plant = Collection::plant(['name' => 'Elsewhere'])->id;
    $told = $this->postJson("/api/v1/days/$other/plants", ['plant_ids' => [$plant], 'plan' => ['ball' => null]])->assertCreated();
    // so that loads are not numbered as days are
    foreach ([3.0, 4.0, 5.0] as $litres) {
        $this->postJson("/api/v1/days/$other/loads", ['recipe_id' => $told->json('mixes.0.recipe_id'), 'litres' => $litres])->assertCreated();
    }
    $takeBack = function (): void {
        $undo = $this->getJson('/api/v1/activity')->json('data.0.undo');
        expect($undo)->not->toBeNull();
        $this->json($undo['method'], '/api/v1/'.$undo['path'], $undo['body'] ?? [])->assertSuccessful();
    };
    $day = fn(): array => $this->getJson($this->day)->json();
    $mixed = fn(): array => array_column($day()['mixes'][0]['mixed'], 'number');
    $before = ($this->shelf)();
    ($this->mix)(1)->assertCreated();
    $takeBack();
    expect($mixed())->toBe([])->and(($this->shelf)())->toEqual($before)->and(DayLoad::query()->count())->toBe(3);
    ($this->mix)(1)->assertCreated();
    $this->postJson($this->day.'/loads', ['recipe_id' => $this->recipe, 'litres' => 2.0])->assertCreated();
    $takeBack();
    expect($mixed())->toBe([1]);
    foreach ([0, 1, 2] as $i) {
        ($this->pot)($i, ['used_l' => 1.0])->assertOk();
    }
    $takeBack();
    expect($day()['entries'][2]['state'])->toBe('planned');
    ($this->pot)(2, ['used_l' => 1.0])->assertOk();
    $left = $day()['mixes'][0]['mixed_l'] - $day()['mixes'][0]['used_l'];
    ($this->close)(max(0.0, $left), ['correct' => true])->assertCreated();
    $takeBack();
    expect($day()['mixes'][0]['closed'])->toBeNull();
    ($this->close)(max(0.0, $left), ['correct' => true])->assertCreated();
    $this->postJson($this->day.'/finished', [])->assertSuccessful();
    $takeBack();
    expect($day()['status'])->not->toBe('finished');
});
