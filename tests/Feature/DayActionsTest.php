<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Actions\AddToDay;
use App\PottingDays\Actions\BuyForDay;
use App\PottingDays\Actions\ChangeEntry;
use App\PottingDays\Actions\CloseDayMix;
use App\PottingDays\Actions\FinishDay;
use App\PottingDays\Actions\MixLoad;
use App\PottingDays\Actions\PotEntry;
use App\PottingDays\Actions\SavePottingDay;
use App\PottingDays\Assembly;
use App\PottingDays\DayDocument;
use App\PottingDays\DayStamp;
use App\PottingDays\Learned;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Tests\Feature\Collection;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\BallTreatment;

// each action of a potting day by itself: what it writes, what it refuses, and that it leaves nothing half done

beforeEach(function (): void {
    foreach (['pumice-3-6-mm' => 100, 'composted-bark-fine-2-8-mm' => 100, 'granite-chip-4-8-mm' => 5] as $key => $litres) {
        Component::query()->where('key', $key)->update(['stock_l' => $litres]);
    }
});

function aDay(array $changed = []): PottingDay
{
    return app(SavePottingDay::class)(new PottingDay(), ['name' => 'Trial', 'planned_on' => now()->addDay()->toDateString(), 'tub_l' => 5, 'scoop_l' => 0.5, 'spare' => 0.1, 'helpers' => ['Ann'], ...$changed]);
}

/** @return list<Plant> */
function trees(int $count, array $changed = []): array
{
    return array_map(static fn(int $i): Plant => Collection::plant(['name' => 'Tree '.$i, ...$changed]), range(1, $count));
}

function withTrees(PottingDay $day, int $count, array $plan = ['ball' => null]): PottingDay
{
    return app(AddToDay::class)($day, ['plant_ids' => array_map(static fn(Plant $plant): int => $plant->id, trees($count)), 'plan' => $plan])->load('entries');
}

function rule(callable $try): array
{
    try {
        $try();
    } catch (Refused $refused) {
        return [$refused->refusals[0]->field, $refused->refusals[0]->rule];
    }

    return ['', 'taken'];
}

/** What stands in every table that a day writes to. */
function everything(): array
{
    return array_map(static fn(string $table): string => (string) json_encode(Illuminate\Support\Facades\DB::table($table)->get()), ['plants', 'plant_events', 'care_tasks', 'day_plants', 'day_loads', 'day_leftovers', 'components', 'lots', 'stock_movements', 'potting_days']);
}

test('a plant starts with a plan that suits it', function (): void {
    $well = Collection::plant(['name' => 'Well']);
    $sick = Collection::plant(['name' => 'Sick', 'health' => 'sick']);
    $day = app(AddToDay::class)(aDay(), ['plant_ids' => [$well->id, $sick->id]]);
    $plans = $day->entries->mapWithKeys(static fn(DayPlant $entry): array => [$entry->plant_id => $entry->plan]);
    expect($plans[$well->id]->treatment)->toBe(BallTreatment::Combed)->and($plans[$well->id]->rootsCutShare)->toBe(0.2)
        ->and($plans[$sick->id]->treatment)->toBe(BallTreatment::Untouched)->and($plans[$sick->id]->rootsCutShare)->toBe(0.0)
        ->and($plans[$sick->id]->ball['length_cm'])->toBeGreaterThan($plans[$well->id]->ball['length_cm'])
        ->and($day->entries->pluck('position')->all())->toBe([1, 2]);
});

test('nobody is put on a day who cannot be, and then nobody is', function (): void {
    $day = withTrees(aDay(), 1);
    $new = Collection::plant(['name' => 'New']);
    $there = $day->entries[0]->plant_id;
    foreach ([['plant_ids' => [$new->id, $there]], ['plant_ids' => [$new->id, 999_999]], ['plant_ids' => [$new->id], 'pot_id' => 999_999], ['plant_ids' => [$new->id], 'recipe_id' => 999_999], ['plant_ids' => [$new->id], 'plan' => ['bed_cm' => -1]], ['plant_ids' => []], ['plant_ids' => 'all']] as $input) {
        $before = everything();
        expect(rule(fn() => app(AddToDay::class)($day, $input))[1])->not->toBe('taken')->and(everything())->toBe($before);
    }
    expect(rule(fn() => app(AddToDay::class)($day, ['plant_ids' => [$new->id, $there]])))->toBe(['plant_ids.1', 'plant_on_day']);
});

test('a change counts up only where something changes, and stamps that field alone', function (): void {
    $entry = withTrees(aDay(), 1)->entries[0];
    $change = app(ChangeEntry::class);
    $same = $change($entry->day ?? PottingDay::query()->findOrFail($entry->potting_day_id), $entry, ['revision' => 1, 'changes' => ['bed_cm' => $entry->plan->bedCm]]);
    expect($same->revision)->toBe(1)->and($same->stamps)->toBe([]);
    $other = $change(PottingDay::query()->findOrFail($entry->potting_day_id), $entry, ['revision' => 1, 'changes' => ['bed_cm' => 2.5, 'helper' => 'Bo']]);
    expect($other->revision)->toBe(2)->and($other->stamps)->toBe(['helper' => 2, 'bed_cm' => 2])->and($other->plan->bedCm)->toBe(2.5)->and($other->helper)->toBe('Bo');
});

test('a load draws what is in it and the tick taken back puts it there again', function (): void {
    $day = withTrees(aDay(), 3);
    $recipe = $day->entries[0]->recipe_id;
    $before = Component::query()->orderBy('id')->pluck('stock_l')->all();
    $load = app(MixLoad::class)($day, ['recipe_id' => $recipe, 'number' => 1, 'person' => 'Ann']);
    $drawn = array_sum(array_column($load->taken, 'litres'));
    expect($load->person)->toBe('Ann')->and($drawn)->toBeGreaterThan(1.0)->and(array_sum($before) - array_sum(Component::query()->pluck('stock_l')->all()))->toEqualWithDelta($drawn, 1e-9)
        ->and($day->refresh()->status)->toBe('under_way');
    app(MixLoad::class)->undo($day, $load);
    expect(Component::query()->orderBy('id')->pluck('stock_l')->all())->toEqualWithDelta($before, 1e-9)->and(DayLoad::query()->count())->toBe(0)
        ->and(StockMovement::query()->sum('litres'))->toEqualWithDelta(0.0, 1e-9);
});

test('a load that cannot be mixed draws nothing', function (): void {
    $day = withTrees(aDay(), 3);
    $recipe = $day->entries[0]->recipe_id;
    // enough of the first component, too little of the second
    Component::query()->where('key', 'composted-bark-fine-2-8-mm')->update(['stock_l' => 0.01]);
    $before = everything();
    expect(rule(fn() => app(MixLoad::class)($day, ['recipe_id' => $recipe, 'number' => 1])))->toBe(['stock', 'stock_too_small'])
        ->and(everything())->toBe($before)
        ->and(rule(fn() => app(MixLoad::class)($day, ['recipe_id' => 999_999, 'number' => 1])))->toBe(['recipe_id', 'recipe_not_on_day'])
        ->and(rule(fn() => app(MixLoad::class)($day, ['recipe_id' => $recipe, 'number' => 0]))[0])->toBe('number')
        ->and(everything())->toBe($before);
});

test('potting writes entry, plant, history and tasks; taking it back leaves them as they were', function (): void {
    $day = withTrees(aDay(), 1, ['ball' => null, 'layer' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1]]);
    $entry = $day->entries[0];
    $plant = $entry->plant->refresh();
    $before = [$plant->only(['pot_id', 'recipe_id', 'buried']), $plant->potted_on?->toDateString(), $plant->due_on?->toDateString(), json_encode($plant->standing), Component::query()->orderBy('id')->pluck('stock_l')->all()];
    $potted = app(PotEntry::class)($day, $entry, ['state' => 'done', 'person' => 'Ann', 'actual' => ['used_l' => 2.5, 'minutes' => 9, 'findings' => ['circling'], 'buried_note' => 'a tag', 'note' => 'good']]);
    $plant->refresh();
    expect($potted->isPotted())->toBeTrue()->and($potted->actual->usedL)->toBe(2.5)->and($potted->actual->taken)->toHaveCount(1)->and($potted->actual->tasks)->toBe(CareTask::query()->where('day_plant_id', $entry->id)->count())
        ->and($potted->actual->tasks)->toBeGreaterThan(2)
        ->and($plant->potted_on?->isToday())->toBeTrue()->and(array_column($plant->buried, 'kind'))->toBe(['wires', 'other'])->and($plant->standing?->layer['thickness_cm'])->toEqual(1)
        ->and(PlantEvent::query()->where('plant_id', $plant->id)->where('kind', 'potted')->sole()->person)->toBe('Ann');
    app(PotEntry::class)($day, $potted, ['state' => 'planned']);
    $plant->refresh();
    expect([$plant->only(['pot_id', 'recipe_id', 'buried']), $plant->potted_on?->toDateString(), $plant->due_on?->toDateString(), json_encode($plant->standing)])->toEqual(array_slice($before, 0, 4))
        ->and(Component::query()->orderBy('id')->pluck('stock_l')->all())->toEqualWithDelta($before[4], 1e-9)
        ->and(CareTask::query()->count())->toBe(0)->and(PlantEvent::query()->where('kind', 'potted')->count())->toBe(0);
});

test('what is entered wrongly at the bench writes nothing', function (array $input, string $field): void {
    $day = withTrees(aDay(), 1);
    $before = everything();
    expect(rule(fn() => app(PotEntry::class)($day, $day->entries[0], $input))[0])->toBe($field)->and(everything())->toBe($before);
})->with([
    [['state' => 'thrown'], 'state'],
    [['state' => 'done', 'actual' => ['used_l' => -1]], 'actual.used_l'],
    [['state' => 'done', 'actual' => ['minutes' => 2000]], 'actual.minutes'],
    [['state' => 'done', 'actual' => ['findings' => ['dragons']]], 'actual.findings.0'],
    [['state' => 'done', 'actual' => ['saved' => ['what' => 'gold']]], 'actual.saved.what'],
    [['state' => 'done', 'actual' => ['findings' => ['grubs'], 'saved' => ['what' => 'soil']]], 'actual.saved'],
    [['state' => 'done', 'actual' => ['roots_cut_share' => 1.5]], 'actual.roots_cut_share'],
    [['state' => 'done', 'person' => ['Ann']], 'person'],
]);

test('saved soil is in the history of both plants', function (): void {
    $day = withTrees(aDay(), 1);
    $other = Collection::plant(['name' => 'Other']);
    app(PotEntry::class)($day, $day->entries[0], ['state' => 'done', 'actual' => ['saved' => ['what' => 'soil', 'for_plant_id' => $other->id]]]);
    $saved = PlantEvent::query()->where('kind', 'saved_soil')->orderBy('id')->get();
    expect($saved->pluck('plant_id')->all())->toBe([$day->entries[0]->plant_id, $other->id])->and($saved[1]->data->jsonSerialize()['from'])->toBe($day->entries[0]->plant->number);
});

test('a mix is closed once all of it is told of', function (): void {
    $day = withTrees(aDay(), 2);
    $recipe = $day->entries[0]->recipe_id;
    $load = app(MixLoad::class)($day, ['recipe_id' => $recipe, 'number' => 1]);
    foreach ($day->entries as $entry) {
        app(PotEntry::class)($day, $entry, ['state' => 'done', 'actual' => ['used_l' => 1.0]]);
    }
    expect(rule(fn() => app(CloseDayMix::class)($day->refresh(), ['recipe_id' => $recipe, 'left_l' => $load->pouredL()])))->toBe(['left_l', 'more_than_mixed'])
        ->and(rule(fn() => app(FinishDay::class)($day)))->toBe(['status', 'day_open_mixes']);
    $closed = app(CloseDayMix::class)($day->refresh(), ['recipe_id' => $recipe, 'left_l' => 1.0]);
    expect($closed->lost_l)->toEqualWithDelta($load->pouredL() - 3.0, 1e-9)->and(Component::query()->findOrFail($closed->component_id)->stock_l)->toBe(1.0)
        ->and(Component::query()->findOrFail($closed->component_id)->name)->toBe('Left: Grit and bark, Trial')
        ->and(rule(fn() => app(CloseDayMix::class)($day->refresh(), ['recipe_id' => $recipe, 'left_l' => 1.0])))->toBe(['recipe_id', 'mix_closed'])
        ->and(rule(fn() => app(MixLoad::class)->undo($day->refresh(), $load)))->toBe(['number', 'mix_closed'])
        ->and(rule(fn() => app(MixLoad::class)($day->refresh(), ['recipe_id' => $recipe, 'number' => 2])))->toBe(['recipe_id', 'mix_closed'])
        ->and(rule(fn() => app(PotEntry::class)($day, $day->entries[0], ['state' => 'planned'])))->toBe(['state', 'mix_closed']);
    app(FinishDay::class)($day->refresh());
    expect($day->refresh()->isFinished())->toBeTrue()->and(rule(fn() => app(MixLoad::class)($day, ['recipe_id' => $recipe, 'number' => 2]))[1])->not->toBe('taken');
});

test('what is bought for a day is a delivery with a mark of its own', function (): void {
    $day = aDay();
    $pumice = Yard::component('pumice-3-6-mm');
    $first = app(BuyForDay::class)($day, ['component_id' => $pumice->id, 'litres' => 20, 'price' => 9]);
    $second = app(BuyForDay::class)($day, ['component_id' => $pumice->id, 'litres' => 5]);
    $names = App\Shelf\Models\Lot::query()->whereKey([$first->lot_id, $second->lot_id])->orderBy('id')->pluck('name')->all();
    expect($names)->toBe(['Trial', 'Trial (2)'])->and($pumice->refresh()->stock_l)->toBe(125.0)->and($second->price)->toBeNull()
        ->and(rule(fn() => app(BuyForDay::class)($day, ['component_id' => 999_999, 'litres' => 1])))->toBe(['component_id', 'component_missing'])
        ->and(rule(fn() => app(BuyForDay::class)($day, ['component_id' => $pumice->id, 'litres' => 0])))->toBe(['litres', 'above']);
});

test('an entry that cannot be is left out of the sums, with the reason', function (): void {
    $day = withTrees(aDay(), 2);
    $entry = $day->entries[0];
    $entry->plan = $entry->plan->with(['objects_l' => 900.0]);
    $entry->save();
    $assembly = Assembly::of($day->refresh(), app(PlantSituation::class), new Standing());
    expect(array_keys($assembly->refused))->toBe([$entry->id])->and($assembly->refused[$entry->id]->refusals[0]->rule)->toBe('objects_fill_pot')
        ->and(array_keys($assembly->sums->pots))->toBe([$day->entries[1]->id]);
});

test('a day in the answer adds up to what its entries take', function (): void {
    $day = withTrees(aDay(), 3);
    $told = app(DayDocument::class)->toArray($day->refresh());
    $base = array_sum(array_map(static fn(array $entry): float => $entry['figures']['base_l'], $told['entries']));
    expect($told['mixes'][0]['net_l'])->toEqualWithDelta($base, 1e-9)
        ->and($told['mixes'][0]['loose_l'])->toEqualWithDelta(1.1 * $base, 1e-9)
        ->and(array_sum(array_column($told['mixes'][0]['parts'], 'gross_l')))->toEqualWithDelta(array_sum(array_column($told['mixes'][0]['load_plan'], 'litres')), 1e-9)
        ->and(array_column($told['entries'], 'state'))->toBe(['planned', 'planned', 'planned']);
});

test('the stamp of a day moves with everything that its answer tells, and with nothing else', function (): void {
    $day = withTrees(aDay(), 1);
    $stamp = static fn(): string => DayStamp::of(PottingDay::query()->findOrFail($day->id));
    $was = $stamp();
    expect($stamp())->toBe($was);
    $moved = static function () use (&$was, $stamp): bool {
        [$before, $was] = [$was, $stamp()];

        return $before !== $was;
    };
    app(ChangeEntry::class)($day, $day->entries[0], ['revision' => 1, 'changes' => ['bed_cm' => 3]]);
    expect($moved())->toBeTrue();
    $load = app(MixLoad::class)($day, ['recipe_id' => $day->entries[0]->recipe_id, 'number' => 1]);
    expect($moved())->toBeTrue();
    app(MixLoad::class)->undo($day, $load);
    expect($moved())->toBeTrue();
    app(PotEntry::class)($day, $day->entries[0], ['state' => 'done']);
    expect($moved())->toBeTrue()->and($stamp())->toBe($was);
});

test('the pace of a yard is learned from what was noted', function (): void {
    expect(Learned::pace())->toBe(1.0);
    $day = withTrees(aDay(), 4);
    foreach ($day->entries as $entry) {
        app(PotEntry::class)($day, $entry, ['state' => 'done', 'actual' => ['minutes' => 60]]);
    }
    expect(Learned::pace())->toBeGreaterThan(1.2);
});
