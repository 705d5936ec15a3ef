<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(function (): void {
    foreach (['pumice-3-6-mm' => 100, 'composted-bark-fine-2-8-mm' => 100, 'granite-chip-4-8-mm' => 5, 'perlite-2-5-mm' => 20] as $key => $litres) {
        Component::query()->where('key', $key)->update(['stock_l' => $litres, 'pack_l' => 20, 'pack_price' => 10]);
    }
});

function onShelf(string $key): float
{
    return Yard::component($key)->stock_l;
}

/** A day with so many plants, each without a ball in an oval tray of 3.48 L. */
function plannedDay(int $plants, array $plan = ['ball' => null, 'headspace_cm' => 0.8]): TestResponse
{
    $test = test();
    $day = $test->postJson('/api/v1/days', ['name' => 'Bench', 'planned_on' => now()->addDay()->toDateString(), 'tub_l' => 5, 'scoop_l' => 0.5, 'spare' => 0.1, 'helpers' => ['Ann', 'Bo']])->assertCreated()->json('id');
    $ids = array_map(static fn(int $i): int => Collection::plant(['name' => 'Tree '.$i])->id, range(1, $plants));

    return $test->postJson("/api/v1/days/$day/plants", ['plant_ids' => $ids, 'plan' => $plan])->assertCreated();
}

test('volumes of a day are those worked out by hand', function (): void {
    $day = plannedDay(3);
    Contract::check($day, 'PottingDay');
    $mix = $day->json('mixes.0');
    // an oval tray 34 x 26 over 30 x 22, 6.5 deep, filled to 0.8 below the rim, holds 3.381309855 L settled
    $net = 3 * 3.381309855 / $mix['yield_share'];
    expect($mix['net_l'])->toEqualWithDelta($net, 1e-6)
        ->and($mix['loose_l'])->toEqualWithDelta(1.1 * $net, 1e-6)
        // two of pumice to one of bark are 0.75 L in half scoops of 0.5 L: six such units in a tub of 5 L, sixteen are enough for some 11.7 L
        ->and(array_column($mix['load_plan'], 'litres'))->toEqual([4.5, 4.5, 3.0])->and($mix['loads'])->toBe(3)->and($mix['warnings'])->toBe([])
        ->and($mix['load_plan'][2]['lines'])->toEqual([['component_id' => $mix['parts'][0]['component_id'], 'scoops' => 4.0, 'scoop_l' => 0.5, 'ml' => 0, 'litres' => 2.0], ['component_id' => $mix['parts'][1]['component_id'], 'scoops' => 2.0, 'scoop_l' => 0.5, 'ml' => 0, 'litres' => 1.0]])
        ->and(array_column($mix['parts'], 'gross_l'))->toEqual([8.0, 4.0])
        ->and($day->json('shelf.*.short_l'))->each->toEqual(0)
        ->and($day->json('totals.minutes'))->toBeGreaterThan(30.0);
});

test('change one pot and the sums follow', function (): void {
    $day = plannedDay(2);
    $id = $day->json('id');
    $entry = $day->json('entries.0');
    $change = fn(array $changes, int $revision) => $this->putJson("/api/v1/days/$id/plants/{$entry['id']}", ['revision' => $revision, 'changes' => $changes]);
    $after = $change(['pot_id' => Yard::pot('Deep', 13)->id], 1)->assertOk();
    expect($after->json('mixes.0.net_l'))->toBeGreaterThan(1.4 * $day->json('mixes.0.net_l'))->and($after->json('entries.0.revision'))->toBe(2);
    $granite = Yard::component('granite-chip-4-8-mm')->id;
    $layered = $change(['layer' => ['component_id' => $granite, 'thickness_cm' => 2], 'extras' => [['component_id' => Yard::component('perlite-2-5-mm')->id, 'litres' => 0.5]], 'old_soil_share' => 0.2], 2)->assertOk();
    expect($layered->json('mixes.0.net_l'))->toBeLessThan($after->json('mixes.0.net_l'))->and($layered->json('entries.0.figures.layer_l'))->toBeGreaterThan(1.0)->and($layered->json('entries.0.figures.old_soil_l'))->toBeGreaterThan(0.5)
        ->and(array_column($layered->json('shelf'), 'component_id'))->toContain($granite);
    $full = $change(['extras' => [['component_id' => $granite, 'litres' => 900]]], 3)->assertOk();
    expect($full->json('entries.0.problem'))->not->toBeNull()->and($full->json('entries.0.figures'))->toBeNull()->and($full->json('entries.1.figures'))->not->toBeNull();
    foreach ([['pot_id' => 999], ['treatment' => 'blow-dried'], ['layer' => ['component_id' => 99999, 'thickness_cm' => 1]], ['fertiliser' => ['id' => 5, 'share' => 1]], ['roots_cut_share' => 3], ['unheard' => 1]] as $bad) {
        $change($bad, 4)->assertUnprocessable()->assertJsonPath('errors.0.path', fn(string $path): bool => str_starts_with($path, 'changes.'.array_key_first($bad)));
    }
});

test('two helpers change one plant without losing each other', function (): void {
    $day = plannedDay(1);
    $path = "/api/v1/days/{$day->json('id')}/plants/{$day->json('entries.0.id')}";
    // both read revision 1
    $this->putJson($path, ['revision' => 1, 'changes' => ['bed_cm' => 2]])->assertOk();
    $this->putJson($path, ['revision' => 1, 'changes' => ['surface' => 'moss']])->assertOk()->assertJsonPath('entries.0.plan.bed_cm', 2)->assertJsonPath('entries.0.plan.surface', 'moss');
    // the very same field, otherwise: refused, and told what it is now
    $this->putJson($path, ['revision' => 1, 'changes' => ['bed_cm' => 3]])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'changed_elsewhere')->assertJsonPath('errors.0.message', fn(string $message): bool => str_contains($message, '2'));
    $this->putJson($path, ['revision' => 1, 'changes' => ['bed_cm' => 2]])->assertOk();
    $this->putJson($path, ['revision' => 3, 'changes' => ['bed_cm' => 3]])->assertOk()->assertJsonPath('entries.0.plan.bed_cm', 3);
    // and a plant that one of them potted is not potted again
    $this->postJson("$path/state", ['state' => 'done', 'person' => 'Ann'])->assertOk();
    $this->postJson("$path/state", ['state' => 'done', 'person' => 'Bo'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'entry_done');
});

test('a shortage is seen, refused at the tub, and bought', function (): void {
    Component::query()->where('key', 'pumice-3-6-mm')->update(['stock_l' => 1]);
    $day = plannedDay(3);
    $id = $day->json('id');
    $pumice = Yard::component('pumice-3-6-mm')->id;
    $row = collect($day->json('shelf'))->firstWhere('component_id', $pumice);
    expect($row['short_l'])->toEqualWithDelta($row['gross_l'] - 1, 1e-9)->and($row['packs'])->toBe(1)->and($row['packs_cost'])->toEqual(10)->and($day->json('packs_cost'))->toEqual(10);
    $standIns = $this->getJson("/api/v1/days/$id/stand-ins/$pumice")->assertOk();
    Contract::check($standIns, 'StandIns');
    expect($standIns->json('data'))->not->toBeEmpty()->and(array_column($standIns->json('data'), 'component_id'))->not->toContain($pumice);
    $load = ['recipe_id' => $day->json('mixes.0.recipe_id'), 'number' => 1];
    $this->postJson("/api/v1/days/$id/loads", $load)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'stock_too_small');
    expect(StockMovement::query()->where('kind', 'used')->count())->toBe(0);
    $bought = $this->postJson("/api/v1/days/$id/purchases", ['component_id' => $pumice, 'litres' => 20, 'price' => 10])->assertCreated();
    expect(collect($bought->json('shelf'))->firstWhere('component_id', $pumice)['short_l'])->toEqual(0)->and(onShelf('pumice-3-6-mm'))->toBe(21.0);
    $this->postJson("/api/v1/days/$id/loads", $load)->assertCreated();
    $this->postJson("/api/v1/days/$id/loads", $load)->assertUnprocessable()->assertJsonPath('errors.0.rule', 'load_mixed');
});

test('a day from choosing to its end conserves every litre, and teaches the next', function (): void {
    $day = plannedDay(2, ['ball' => null, 'headspace_cm' => 0.8, 'layer' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1]]);
    $id = $day->json('id');
    $mix = $day->json('mixes.0');
    $before = ['pumice-3-6-mm' => onShelf('pumice-3-6-mm'), 'composted-bark-fine-2-8-mm' => onShelf('composted-bark-fine-2-8-mm'), 'granite-chip-4-8-mm' => onShelf('granite-chip-4-8-mm')];
    for ($number = 1; $number <= $mix['loads']; ++$number) {
        $after = $this->postJson("/api/v1/days/$id/loads", ['recipe_id' => $mix['recipe_id'], 'number' => $number, 'person' => 'Ann'])->assertCreated();
    }
    $yield = $mix['poured_yield_share'];
    $poured = $after->json('mixes.0.mixed_l');
    $mixed = $poured / $yield;
    expect($mixed)->toEqualWithDelta(array_sum(array_column($mix['load_plan'], 'litres')), 1e-9)->toEqualWithDelta($mix['loose_l'], 0.5)
        ->and($before['pumice-3-6-mm'] - onShelf('pumice-3-6-mm'))->toEqualWithDelta($mixed * 2 / 3, 1e-6)
        ->and($before['composted-bark-fine-2-8-mm'] - onShelf('composted-bark-fine-2-8-mm'))->toEqualWithDelta($mixed / 3, 1e-6);
    $used = 0.0;
    foreach ($day->json('entries') as $i => $entry) {
        $litres = round($entry['figures']['poured_l'] * 1.05, 3);
        $used += $litres;
        $after = $this->postJson("/api/v1/days/$id/plants/{$entry['id']}/state", ['state' => 'changed', 'person' => 'Bo', 'actual' => ['used_l' => $litres, 'minutes' => 40, 'findings' => $i === 0 ? ['grubs'] : []]])->assertOk();
    }
    expect($before['granite-chip-4-8-mm'] - onShelf('granite-chip-4-8-mm'))->toEqualWithDelta(2 * $day->json('entries.0.figures.layer_l'), 1e-6)->and($after->json('pace'))->toBeGreaterThan(1.0);
    $this->postJson("/api/v1/days/$id/finished", [])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_open_mixes');
    $this->postJson("/api/v1/days/$id/leftovers", ['recipe_id' => $mix['recipe_id'], 'left_l' => 500])->assertUnprocessable()->assertJsonPath('errors.0.path', 'left_l');
    $left = round($poured - $used - 0.05, 3);
    $closed = $this->postJson("/api/v1/days/$id/leftovers", ['recipe_id' => $mix['recipe_id'], 'left_l' => $left])->assertCreated()->json('mixes.0.closed');
    expect($closed['used_l'] + $closed['left_l'] + $closed['lost_l'])->toEqualWithDelta($closed['mixed_l'], 1e-9)->and($closed['lost_l'])->toEqualWithDelta(0.05, 2e-3)
        ->and(Component::query()->findOrFail($closed['component_id'])->stock_l)->toBe($left);
    $this->postJson("/api/v1/days/$id/finished", [])->assertOk()->assertJsonPath('status', 'finished');
    $next = $this->postJson('/api/v1/days', ['name' => 'Next', 'planned_on' => now()->toDateString()])->assertCreated();
    expect($next->json('learned_spare.days'))->toBe(1)->and($next->json('learned_spare.share'))->toEqualWithDelta((0.16 + 0.05) / 3, 2e-3);
    $plant = Plant::query()->findOrFail($day->json('entries.0.plant.id'));
    expect($plant->potted_on?->isToday())->toBeTrue()->and(CareTask::query()->where('plant_id', $plant->id)->pluck('kind')->all())->toContain('treat_again', 'check_wires', 'after_six_weeks', 'after_a_year');
    $this->putJson("/api/v1/days/$id", ['name' => 'Changed', 'planned_on' => now()->toDateString()])->assertUnprocessable();
});

test('a tick and a potting can be taken back, and all is as it was', function (): void {
    $day = plannedDay(1, ['ball' => null, 'layer' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1]]);
    $id = $day->json('id');
    $plant = Plant::query()->findOrFail($day->json('entries.0.plant.id'));
    $before = [$plant->only(['pot_id', 'recipe_id', 'standing', 'buried']), $plant->potted_on?->toDateString(), onShelf('pumice-3-6-mm'), onShelf('granite-chip-4-8-mm')];
    $load = $this->postJson("/api/v1/days/$id/loads", ['recipe_id' => $day->json('mixes.0.recipe_id'), 'number' => 1])->assertCreated()->json('mixes.0.mixed.0.id');
    $this->postJson("/api/v1/days/$id/plants/{$day->json('entries.0.id')}/state", ['state' => 'done'])->assertOk();
    expect(onShelf('granite-chip-4-8-mm'))->toBeLessThan($before[3]);
    $this->postJson("/api/v1/days/$id/plants/{$day->json('entries.0.id')}/state", ['state' => 'planned'])->assertOk();
    $this->deleteJson("/api/v1/days/$id/loads/$load")->assertOk();
    $plant->refresh();
    expect([$plant->only(['pot_id', 'recipe_id', 'standing', 'buried']), $plant->potted_on?->toDateString()])->toEqual([$before[0], $before[1]])
        ->and(onShelf('pumice-3-6-mm'))->toEqualWithDelta($before[2], 1e-9)->and(onShelf('granite-chip-4-8-mm'))->toEqualWithDelta($before[3], 1e-9)
        ->and(CareTask::query()->count())->toBe(0)->and(PlantEvent::query()->where('kind', 'potted')->count())->toBe(0);
});

test('what is drawn comes from the delivery that was named', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $lots = array_map(fn(string $name): int => $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => $name, 'delivered_on' => '2026-01-0'.strlen($name), 'quantity_l' => 30])->json('id'), ['a', 'bb']);
    $day = plannedDay(1);
    $taken = $this->postJson("/api/v1/days/{$day->json('id')}/loads", ['recipe_id' => $day->json('mixes.0.recipe_id'), 'number' => 1, 'lots' => [$pumice->id => $lots[1]]])->assertCreated()->json('mixes.0.mixed.0.taken');
    expect(collect($taken)->where('component_id', $pumice->id)->pluck('lot_id')->all())->toBe([$lots[1]]);
});

test('nothing is saved from a sick plant', function (): void {
    $day = plannedDay(1);
    $path = "/api/v1/days/{$day->json('id')}/plants/{$day->json('entries.0.id')}/state";
    $this->postJson($path, ['state' => 'changed', 'actual' => ['findings' => ['black_soft'], 'saved' => ['what' => 'soil']]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'actual.saved');
    expect(DayPlant::query()->sole()->state)->toBe('planned');
    $other = Collection::plant(['name' => 'Starter']);
    $this->postJson($path, ['state' => 'changed', 'actual' => ['saved' => ['what' => 'moss', 'for_plant_id' => $other->id]]])->assertOk();
    expect($other->events()->where('kind', 'saved_soil')->sole()->data->jsonSerialize()['what'])->toBe('moss');
});

test('fertiliser goes by the label and never above it', function (): void {
    $label = ['name' => 'Granules', 'form' => 'slow_release', 'n_percent' => 15, 'p2o5_percent' => 9, 'k2o_percent' => 12, 'label_g_l' => 4, 'longevity_days' => 90];
    $made = $this->postJson('/api/v1/fertilisers', $label)->assertCreated();
    Contract::check($made, 'Fertiliser');
    $day = plannedDay(1, ['ball' => null, 'headspace_cm' => 0.8, 'fertiliser' => ['id' => $made->json('id'), 'share' => 1]]);
    expect($day->json('entries.0.figures.fertiliser.grams'))->toEqualWithDelta(4 * 3.381309855, 1e-6);
    $this->putJson("/api/v1/days/{$day->json('id')}/plants/{$day->json('entries.0.id')}", ['revision' => 1, 'changes' => ['fertiliser' => ['id' => $made->json('id'), 'share' => 1.5]]])->assertUnprocessable();
    $this->postJson('/api/v1/fertilisers', $label)->assertUnprocessable()->assertJsonPath('errors.0.path', 'name');
    $this->putJson('/api/v1/fertilisers/'.$made->json('id').'/archived', ['archived' => true])->assertOk();
    expect(Fertiliser::query()->sole()->isArchived())->toBeTrue();
});

test('nonsense in the frame of a day is refused at its field', function (string $field, mixed $value): void {
    $this->postJson('/api/v1/days', ['name' => 'Bench', 'planned_on' => now()->toDateString(), $field => $value])->assertUnprocessable()->assertJsonPath('errors.0.path', fn(string $path): bool => str_starts_with($path, $field));
    expect(PottingDay::query()->count())->toBe(0);
})->with([['name', ''], ['planned_on', 'soon'], ['planned_on', '2026-13-01'], ['tub_l', 0], ['tub_l', 'big'], ['scoop_l', 5000], ['spare', 7], ['helpers', 'Ann'], ['helpers', [5]], ['helpers', array_fill(0, 50, 'x')], ['unheard', 1]]);

test('plants of a day must be there, once, and can be taken off again', function (): void {
    $day = plannedDay(1);
    $id = $day->json('id');
    $this->postJson("/api/v1/days/$id/plants", ['plant_ids' => [$day->json('entries.0.plant.id')]])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'plant_on_day');
    $this->postJson("/api/v1/days/$id/plants", ['plant_ids' => [99999]])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'plant_missing');
    $this->postJson("/api/v1/days/$id/plants", ['plant_ids' => 'all'])->assertUnprocessable();
    $this->deleteJson("/api/v1/days/$id/plants/{$day->json('entries.0.id')}")->assertOk()->assertJsonCount(0, 'entries');
    $this->getJson('/api/v1/days/1/stand-ins/1')->assertOk();
    Contract::check($this->getJson('/api/v1/days'), 'PottingDaySummaryPage');
});

test('a day asks the same number of questions however many plants are on it', function (): void {
    $count = function (int $id): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson("/api/v1/days/$id")->assertOk();

        return count(DB::getQueryLog());
    };
    expect($count(plannedDay(12)->json('id')))->toBe($count(plannedDay(2)->json('id')));
});

test('a day that is finished stays as it was', function (): void {
    $day = plannedDay(2);
    $id = $day->json('id');
    [$first, $second] = $day->json('entries');
    $this->postJson("/api/v1/days/$id/plants/{$first['id']}/state", ['state' => 'done'])->assertOk();
    $this->postJson("/api/v1/days/$id/plants/{$second['id']}/state", ['state' => 'not_today', 'actual' => ['note' => 'rain']])->assertOk();
    $this->postJson("/api/v1/days/$id/finished", [])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_potted_unmixed');
    $this->postJson("/api/v1/days/$id/leftovers", ['recipe_id' => $first['recipe']['id'], 'left_l' => 0])->assertCreated();
    $this->postJson("/api/v1/days/$id/finished", [])->assertOk();
    $before = $this->getJson("/api/v1/days/$id")->json('entries');
    $refused = [
        $this->putJson("/api/v1/days/$id/plants/{$second['id']}", ['revision' => 1, 'changes' => ['bed_cm' => 3]]),
        $this->deleteJson("/api/v1/days/$id/plants/{$second['id']}"),
        $this->postJson("/api/v1/days/$id/plants/{$first['id']}/state", ['state' => 'planned']),
        $this->postJson("/api/v1/days/$id/plants", ['plant_ids' => [Collection::plant()->id]]),
        $this->postJson("/api/v1/days/$id/loads", ['recipe_id' => $first['recipe']['id'], 'number' => 1]),
        $this->postJson("/api/v1/days/$id/purchases", ['component_id' => 1, 'litres' => 5]),
        $this->postJson("/api/v1/days/$id/leftovers", ['recipe_id' => $first['recipe']['id'], 'left_l' => 0]),
    ];
    foreach ($refused as $answer) {
        $answer->assertUnprocessable()->assertJsonPath('errors.0.rule', 'day_finished');
    }
    expect($this->getJson("/api/v1/days/$id")->json('entries'))->toEqual($before);
});

test('all that a potting wrote is taken back with it, and only the last one can be', function (): void {
    $day = plannedDay(1);
    $other = Collection::plant(['name' => 'Starter']);
    $path = "/api/v1/days/{$day->json('id')}/plants/{$day->json('entries.0.id')}/state";
    $this->postJson($path, ['state' => 'changed', 'actual' => ['saved' => ['what' => 'moss', 'for_plant_id' => $other->id]]])->assertOk();
    expect(PlantEvent::query()->where('kind', 'saved_soil')->count())->toBe(2);
    $this->postJson($path, ['state' => 'planned'])->assertOk();
    expect(PlantEvent::query()->whereIn('kind', ['saved_soil', 'potted'])->count())->toBe(0);
    $this->postJson($path, ['state' => 'done'])->assertOk();
    $again = $this->postJson('/api/v1/days', ['name' => 'Again', 'planned_on' => now()->toDateString()])->json('id');
    $entry = $this->postJson("/api/v1/days/$again/plants", ['plant_ids' => [$day->json('entries.0.plant.id')]])->assertCreated()->json('entries.0.id');
    $this->postJson("/api/v1/days/$again/plants/$entry/state", ['state' => 'done'])->assertOk();
    $this->postJson($path, ['state' => 'planned'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'potted_since');
});

test('a plant starts with its planned pot, and one without a mix with the newest of its group', function (): void {
    $next = Yard::pot('Next', 9);
    Collection::recipe('First of all', ['lava-scoria-3-6-mm' => 1]);
    $newest = Collection::recipe('Newest', ['pumice-3-6-mm' => 1]);
    $plant = Collection::plant(['recipe_id' => null, 'plan' => [['year' => (int) now()->year, 'what' => 'next_pot', 'note' => '', 'pot_id' => $next->id]]]);
    $day = $this->postJson('/api/v1/days', ['name' => 'Bench', 'planned_on' => now()->toDateString()])->json('id');
    $entry = $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$plant->id]])->assertCreated()->json('entries.0');
    expect($entry['pot']['name'])->toBe('Next');
    // the plant helper made "Grit and bark" last of all
    expect($entry['recipe']['name'])->toBe('Grit and bark')->and($newest->id)->toBeLessThan($entry['recipe']['id']);
});
