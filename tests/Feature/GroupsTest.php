<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// sixty alike are one entry with a number; and what is ticked at the tub, potted without a day, or split off

beforeEach(function (): void {
    Component::query()->update(['stock_l' => 500]);
    $this->id = $this->postJson('/api/v1/days', ['name' => 'Many', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => []])->assertCreated()->json('id');
    $this->day = '/api/v1/days/'.$this->id;
    $this->add = fn(Plant ...$plants): array => $this->postJson($this->day.'/plants', ['plant_ids' => array_map(static fn(Plant $plant): int => $plant->id, $plants), 'plan' => ['ball' => null, 'dressing' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'cm' => 0.5]]])->assertCreated()->json();
});

test('sixty alike are one entry: litres, minutes, wire, mesh and pots are those of sixty', function (): void {
    $one = ($this->add)(Collection::plant(['name' => 'Single']));
    $other = $this->postJson('/api/v1/days', ['name' => 'Sixty', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => []])->assertCreated()->json('id');
    $this->day = '/api/v1/days/'.$other;
    $group = Collection::plant(['name' => 'Sixty quinces', 'count' => 60]);
    $many = ($this->add)($group);
    Contract::check($this->getJson($this->day), 'PottingDay');
    expect($many['entries'])->toHaveCount(1)->and($many['entries'][0]['count'])->toBe(60)->and($many['plants'])->toBe(60)->and($many['totals']['plants'])->toBe(60)
        ->and($many['mixes'][0]['pots'])->toBe(60)->and($many['mixes'][0]['net_l'])->toEqualWithDelta(60.0 * $one['mixes'][0]['net_l'], 1e-6)->and($many['mixes'][0]['loose_l'])->toEqualWithDelta(60.0 * $one['mixes'][0]['loose_l'], 1e-6)
        ->and($many['totals']['minutes'])->toEqualWithDelta(60.0 * $one['totals']['minutes'], 1e-6)->and($many['totals']['wires'][0]['length_cm'])->toEqualWithDelta(60.0 * $one['totals']['wires'][0]['length_cm'], 1e-6)
        ->and($many['totals']['mesh'][0]['pieces'])->toBe(60 * $one['totals']['mesh'][0]['pieces']);
    $granite = static fn(array $day): float => array_column($day['shelf'], 'gross_l', 'name')['Granite chip 4-8 mm'];
    expect($granite($many))->toEqualWithDelta(60.0 * $granite($one), 1e-6);
    $this->getJson('/api/v1/pots')->assertJsonPath('data.0.in_use', 61);
    // potted: what was given is of all of them, and so is what it cost
    $this->postJson($this->day.'/plants/'.$many['entries'][0]['id'].'/state', ['state' => 'done'])->assertOk();
    $entry = DayPlant::query()->findOrFail($many['entries'][0]['id']);
    expect($entry->actual->usedL)->toEqualWithDelta(60.0 * $one['entries'][0]['figures']['poured_l'], 1e-2)->and(array_sum(array_column($entry->actual->taken, 'litres')))->toEqualWithDelta(60.0 * $one['entries'][0]['figures']['dressing_l'], 1e-6);
    $done = $this->getJson($this->day)->json();
    expect($done['done'])->toBe(60)->and(abs($done['mixes'][0]['loose_l'] - $entry->actual->scoopedL()))->toBeLessThan(1e-3);
});

test('a group that changes is as many on the days to come, and as many as it was on those that are past', function (): void {
    $group = Collection::plant(['name' => 'Quinces', 'count' => 12]);
    $entry = ($this->add)($group)['entries'][0]['id'];
    $this->putJson('/api/v1/plants/'.$group->id, ['revision' => $group->refresh()->revision, 'count' => 10])->assertOk()->assertJsonPath('count', 10);
    expect(DayPlant::query()->findOrFail($entry)->count)->toBe(10);
    $this->postJson($this->day.'/plants/'.$entry.'/state', ['state' => 'done'])->assertOk();
    $this->putJson('/api/v1/plants/'.$group->id, ['revision' => $group->refresh()->revision, 'count' => 4])->assertOk();
    expect(DayPlant::query()->findOrFail($entry)->count)->toBe(10);
    $this->putJson('/api/v1/plants/'.$group->id, ['revision' => $group->refresh()->revision, 'count' => 1])->assertUnprocessable()->assertJsonPath('errors.0.path', 'count');
    $this->getJson($this->day)->assertJsonPath('entries.0.count', 10);
});

test('some of a group are split off, in the same mix and with a history', function (): void {
    $group = Collection::plant(['name' => 'Quinces', 'count' => 12, 'place' => 'Tunnel']);
    $part = $this->postJson("/api/v1/plants/{$group->id}/split", ['count' => 5, 'place' => 'Field'])->assertCreated()->json();
    expect($part['count'])->toBe(5)->and($part['place'])->toBe('Field')->and($part['number'])->not->toBe($group->number)->and($part['mix'])->toBe('Grit and bark')->and($group->refresh()->count)->toBe(7);
    $history = $this->getJson('/api/v1/plants/'.$part['id'])->json('events');
    expect(array_column($history, 'kind'))->toContain('came_from');
    $this->postJson("/api/v1/plants/{$group->id}/split", ['count' => 7])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'less_than_group');
    $this->postJson("/api/v1/plants/{$group->id}/split", ['count' => 6])->assertCreated()->assertJsonPath('count', 6);
    expect($group->refresh()->count)->toBeNull();
    $this->postJson("/api/v1/plants/{$group->id}/split", ['count' => 1])->assertUnprocessable();
    // cuttings as one group
    $young = $this->postJson("/api/v1/plants/{$group->id}/offspring", ['kind' => 'cutting', 'count' => 300, 'together' => true])->assertCreated()->json('data');
    expect($young)->toHaveCount(1)->and($young[0]['count'])->toBe(300);
});

test('ticks at the tub are seen by everybody, and are gone once the load is mixed', function (): void {
    $day = ($this->add)(Collection::plant());
    $recipe = $day['mixes'][0]['recipe_id'];
    $number = $day['mixes'][0]['load_plan'][0]['number'];
    [$first, $second] = array_column($day['mixes'][0]['parts'], 'component_id');
    $stamp = $this->getJson($this->day)->json('stamp');
    $tick = fn(int $component, bool $on = true) => $this->putJson($this->day.'/ticks', ['recipe_id' => $recipe, 'number' => $number, 'component_id' => $component, 'ticked' => $on]);
    $tick($first)->assertOk()->assertJsonPath('ticked.0.component_ids', [$first]);
    $tick($second)->assertOk();
    $tick($second)->assertOk();
    expect($this->getJson($this->day)->json('stamp'))->not->toBe($stamp)->and($this->getJson($this->day)->json('mixes.0.ticked'))->toBe([['number' => $number, 'component_ids' => [$first, $second]]]);
    $tick($first, false)->assertOk()->assertJsonPath('ticked.0.component_ids', [$second]);
    $tick($second, false)->assertOk()->assertJsonPath('ticked', []);
    $tick($first);
    $this->putJson($this->day.'/ticks', ['recipe_id' => 999_999, 'number' => 1, 'component_id' => 1])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'recipe_not_on_day');
    $this->postJson($this->day.'/loads', ['recipe_id' => $recipe, 'number' => $number])->assertCreated()->assertJsonPath('mixes.0.ticked', []);
    expect($day['mixes'][0]['turns'])->toBeGreaterThanOrEqual(6)->and($day['mixes'][0]['parts'][0]['median_mm'])->toBeGreaterThan(0.0);
});

test('a potting that was done without a day is written at its date, with all that follows from it', function (): void {
    $plant = Collection::plant(['potted_on' => now()->subYears(3)->toDateString()]);
    $other = Collection::recipe('Sharp', ['pumice-3-6-mm' => 3, 'perlite-2-5-mm' => 1]);
    $pot = Yard::pot('Deep tray', 9);
    $on = now()->subDays(20)->toDateString();
    $input = ['on' => $on, 'recipe_id' => $other->id, 'pot_id' => $pot->id, 'plan' => ['ball' => ['length_cm' => 14, 'width_cm' => 12, 'height_cm' => 5], 'height' => ['how' => 'raised', 'cm' => 0.5]], 'person' => 'Ann'];
    $stock = Yard::component('perlite-2-5-mm')->stock_l;
    $day = $this->postJson("/api/v1/plants/{$plant->id}/potted", $input)->assertCreated()->json();
    expect($day['status'])->toBe('finished')->and($day['plants'])->toBe(1)->and($day['done'])->toBe(1);
    $plant->refresh();
    expect($plant->potted_on?->toDateString())->toBe($on)->and($plant->pot_id)->toBe($pot->id)->and($plant->standing?->recipeName)->toBe('Sharp')->and($plant->standing?->contents?->ball['height_cm'] ?? 0)->toEqual(5)
        ->and(Yard::component('perlite-2-5-mm')->stock_l)->toBe($stock);
    $dossier = $this->getJson('/api/v1/plants/'.$plant->id);
    Contract::check($dossier, 'PlantDossier');
    expect($dossier->json('events.0.kind'))->toBe('potted')->and($dossier->json('events.0.happened_on'))->toBe($on)->and($dossier->json('tasks'))->not->toBe([]);
    // again, drawn from the shelf; before the last potting it cannot have been, nor in a mix that is not there
    $this->postJson("/api/v1/plants/{$plant->id}/potted", [...$input, 'on' => now()->subDays(30)->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'on');
    $this->postJson("/api/v1/plants/{$plant->id}/potted", [...$input, 'recipe_id' => 999_999])->assertUnprocessable()->assertJsonPath('errors.0.path', 'recipe_id');
    $this->postJson("/api/v1/plants/{$plant->id}/potted", [...$input, 'on' => now()->addDays(3)->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'on');
    $days = PottingDay::query()->count();
    $this->postJson("/api/v1/plants/{$plant->id}/potted", [...$input, 'on' => now()->toDateString(), 'drawn' => true])->assertCreated();
    expect(Yard::component('perlite-2-5-mm')->stock_l)->toBeLessThan($stock - 0.2)->and(PottingDay::query()->count())->toBe($days + 1);
});

test('what a plant stood in before is what its ball is of, also once it is potted', function (): void {
    $plant = Collection::plant(['potted_on' => now()->subYears(4)->toDateString()]);
    $entry = $this->postJson($this->day.'/plants', ['plant_ids' => [$plant->id], 'recipe_id' => Collection::recipe('Sharp', ['pumice-3-6-mm' => 3, 'perlite-2-5-mm' => 1])->id, 'plan' => ['ball' => ['length_cm' => 14, 'width_cm' => 12, 'height_cm' => 4]]])->json('entries.0');
    expect($entry['figures']['ball']['mix'])->toBe('Grit and bark')->and($entry['figures']['ball']['years'])->toEqual(4);
    $after = $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'done'])->assertOk()->json('entries.0');
    expect($after['figures']['ball'])->toEqual($entry['figures']['ball'])->and($after['figures']['water_l'])->toEqual($entry['figures']['water_l']);
});

test('the day before has its list: moss to soak, what repels water to damp, balls to water or to leave dry, pots to bring', function (): void {
    $moss = Yard::component('long-fibre-sphagnum-moss');
    Yard::pot();
    $cement = Yard::pot('Trough', 9);
    $cement->update(['wall' => 'cement', 'place' => 'Shed']);
    $maple = Collection::plant(['name' => 'Maple', 'count' => 3]);
    $desert = Collection::plant(['name' => 'Succulent', 'plant_group' => 'desert', 'species_id' => null]);
    $bare = Collection::plant(['name' => 'Bare']);
    $ball = ['length_cm' => 12, 'width_cm' => 10, 'height_cm' => 4];
    $this->postJson($this->day.'/plants', ['plant_ids' => [$maple->id], 'pot_id' => $cement->id, 'plan' => ['ball' => $ball, 'surface' => 'moss', 'wall' => ['kind' => 'moss', 'component_id' => $moss->id, 'thickness_cm' => 0.5]]])->assertCreated();
    $this->postJson($this->day.'/plants', ['plant_ids' => [$desert->id], 'plan' => ['ball' => $ball]])->assertCreated();
    $day = $this->postJson($this->day.'/plants', ['plant_ids' => [$bare->id], 'plan' => ['ball' => null]])->assertCreated()->json();
    $before = $day['day_before'];
    $figures = array_column(array_map(static fn(array $entry): array => ['name' => $entry['plant']['name'], ...$entry['figures']], $day['entries']), null, 'name');
    expect($before['water'])->toBe([$maple->number])->and($before['leave_dry'])->toBe([$desert->number])->and($before['moss_cm2'])->toEqualWithDelta(3.0 * $figures['Maple']['moss_cm2'], 1e-6)
        ->and($before['moss'][0]['litres'])->toEqualWithDelta(3.0 * $figures['Maple']['wall_l'], 1e-9)->and(array_column($before['repels'], 'name'))->toBe(['Composted bark fine 2-8 mm'])
        ->and($before['pots'])->toBe([['name' => 'Trough', 'place' => 'Shed', 'count' => 3, 'cement' => true]]);
    foreach ($day['entries'] as $entry) {
        $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'not_today'])->assertOk();
    }
    $none = $this->getJson($this->day)->json('day_before');
    expect($none['water'])->toBe([])->and($none['pots'])->toBe([])->and($none['moss'])->toBe([])->and($none['repels'])->toBe([]);
});

test('old mix that comes out goes to a bin by mix and age, with its plants; never from a sick one; and is taken back', function (): void {
    $plants = array_map(static fn(string $name): Plant => Collection::plant(['name' => $name, 'potted_on' => now()->subYears(4)->toDateString()]), ['One', 'Two', 'Sick']);
    $plants[2]->update(['health' => 'sick']);
    $entries = array_column(($this->add)(...$plants)['entries'], null, 'id');
    [$one, $two, $sick] = array_values($entries);
    // nothing of it is kept: all that stood in the pot comes out
    expect($one['figures']['old_out_l'])->toBeGreaterThan(3.0);
    $pot = fn(array $entry, array $old) => $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'changed', 'actual' => ['old_mix' => $old], 'accepted' => 'A trial.']);
    $pot($one, ['to' => 'bin', 'litres' => 2.5])->assertOk();
    $pot($two, ['to' => 'bin', 'litres' => 1.5])->assertOk();
    $bin = Component::query()->where('source', 'reclaimed')->sole();
    expect($bin->name)->toBe('Reclaimed: Grit and bark, 4 years')->and($bin->stock_l)->toEqual(4)->and($bin->reclaimed_years)->toEqual(4)->and($bin->mixParts()->count())->toBe(2);
    $moved = $this->getJson("/api/v1/components/{$bin->id}/movements")->json('data');
    expect(array_column($moved, 'note'))->toEqualCanonicalizing([$plants[0]->number, $plants[1]->number]);
    $pot($sick, ['to' => 'bin', 'litres' => 1])->assertUnprocessable()->assertJsonPath('errors.0.path', 'actual.old_mix.to');
    $pot($sick, ['to' => 'waste', 'litres' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'actual.old_mix.litres');
    $pot($sick, ['to' => 'waste', 'litres' => 3])->assertOk();
    expect(Component::query()->where('source', 'reclaimed')->sole()->stock_l)->toEqual(4);
    // a slip: it is taken out of the bin again, unless it was used meanwhile
    $this->postJson($this->day.'/plants/'.$two['id'].'/state', ['state' => 'planned'])->assertOk();
    expect($bin->refresh()->stock_l)->toEqual(2.5);
    $pot($two, ['to' => 'bin', 'litres' => 1.5, 'screened' => true])->assertOk();
    expect(Component::query()->where('source', 'reclaimed')->where('sieved_mm', 1)->sole()->stock_l)->toEqual(1.5);
    $this->postJson("/api/v1/components/{$bin->id}/movements", ['kind' => 'count', 'counted_l' => 1])->assertCreated();
    $this->postJson($this->day.'/plants/'.$one['id'].'/state', ['state' => 'planned'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'bin_used');
    // and it can be mixed with, as what it is
    $this->postJson('/api/v1/evaluate', ['parts' => [['component_id' => $bin->id, 'parts' => 1]], 'pot_id' => $one['pot']['id'], 'plant_group' => 'broadleaf_deciduous', 'mends' => false])->assertOk();
});

test('living soil that is saved is kept in a bin with its plant and a date to use it by, and offered to plants that live with fungi', function (): void {
    $beech = Collection::plant(['name' => 'Beech', 'potted_on' => now()->subYears(2)->toDateString()]);
    [$entry] = ($this->add)($beech)['entries'];
    $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'changed', 'accepted' => 'A trial.', 'actual' => ['saved' => ['what' => 'soil', 'for_plant_id' => null, 'litres' => 0.6]]])->assertOk();
    $bin = Component::query()->where('source', 'reclaimed')->sole();
    $until = now()->addDays(28)->toDateString();
    expect($bin->name)->toBe('Living soil: Grit and bark, 2 years')->and($bin->stock_l)->toEqual(0.6)->and($bin->note)->toContain($until);
    expect($this->getJson("/api/v1/components/{$bin->id}/movements")->json('data.0.note'))->toBe($beech->number.' (well), use by '.$until);
    $entries = ($this->add)(Collection::plant(['name' => 'Pine', 'plant_group' => 'airy_conifers', 'species_id' => null]), Collection::plant(['name' => 'Cactus', 'plant_group' => 'desert', 'species_id' => null]))['entries'];
    $offered = array_map(fn(array $each): array => array_column($this->getJson($this->day.'/plants/'.$each['id'].'/judgement')->assertOk()->json('living_soil'), 'component_id'), array_slice($entries, 1));
    expect($offered)->toBe([[$bin->id], []]);
    // it goes in as an extra, and is drawn from its bin
    $this->putJson($this->day.'/plants/'.$entries[1]['id'], ['revision' => 1, 'changes' => ['extras' => [['component_id' => $bin->id, 'litres' => 0.15]]]])->assertOk();
    $this->postJson($this->day.'/plants/'.$entries[1]['id'].'/state', ['state' => 'done', 'accepted' => 'A trial.'])->assertOk();
    expect($bin->refresh()->stock_l)->toEqualWithDelta(0.45, 1e-9);
    $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'planned'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'bin_used');
});

test('moss that is saved lies in a bin with its plant and a date, is offered where moss is laid, and a slip takes it out again', function (): void {
    $beech = Collection::plant(['name' => 'Beech']);
    $fir = Collection::plant(['name' => 'Fir', 'plant_group' => 'desert', 'species_id' => null]);
    [$entry, $other] = ($this->add)($beech, $fir)['entries'];
    $state = fn(array $entry, array $body) => $this->postJson($this->day.'/plants/'.$entry['id'].'/state', $body);
    $state($entry, ['state' => 'changed', 'accepted' => 'A trial.', 'actual' => ['saved' => ['what' => 'moss', 'for_plant_id' => null, 'litres' => 0.4]]])->assertOk();
    $bin = Component::query()->where('source', 'reclaimed')->sole();
    $until = now()->addDays(28)->toDateString();
    expect($bin->name)->toBe('Living moss')->and($bin->stock_l)->toEqual(0.4)->and($bin->note)->toContain($until)
        ->and($this->getJson("/api/v1/components/{$bin->id}/movements")->json('data.0.note'))->toBe($beech->number.' (well), use by '.$until);
    $offered = fn(): array => $this->getJson($this->day.'/plants/'.$other['id'].'/judgement')->assertOk()->json('living_soil');
    expect($offered())->toBe([]);
    $this->putJson($this->day.'/plants/'.$other['id'], ['revision' => 1, 'changes' => ['surface' => 'moss']])->assertOk();
    expect(array_column($offered(), 'what', 'component_id'))->toBe([$bin->id => 'moss']);
    $state($entry, ['state' => 'planned'])->assertOk();
    expect($bin->refresh()->stock_l)->toEqual(0.0)->and($offered())->toBe([]);
});
