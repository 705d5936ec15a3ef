<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Shelf\Models\Component;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// the day knows what it pots: every entry is judged, what kills is asked about, and many are changed at once

beforeEach(function (): void {
    Component::query()->update(['stock_l' => 200]);
    $id = $this->postJson('/api/v1/days', ['name' => 'Judged', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => ['Ann', 'Bo']])->assertCreated()->json('id');
    $this->day = "/api/v1/days/$id";
    $this->recipe = fn(string $name, array $parts): int => $this->postJson('/api/v1/recipes', ['name' => $name, 'plant_group' => 'desert', 'parts' => Yard::parts($parts)])->assertCreated()->json('id');
    $this->add = function (array $plants, ?int $recipe = null): array {
        $ids = array_map(static fn(array $plant): int => Collection::plant($plant)->id, $plants);

        return $this->postJson($this->day.'/plants', ['plant_ids' => $ids, 'plan' => ['ball' => null], ...($recipe === null ? [] : ['recipe_id' => $recipe])])->assertCreated()->json('entries');
    };
    $this->pot = fn(array $entry, array $more = []) => $this->postJson($this->day.'/plants/'.$entry['id'].'/state', ['state' => 'done', ...$more]);
});

test('each entry is judged as Blend judges it, in its pot, place and mix', function (): void {
    $mud = ($this->recipe)('Mud', ['loam-screened-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1]);
    [$good] = ($this->add)([['name' => 'Good']]);
    $day = $this->getJson($this->day);
    Contract::check($day, 'PottingDay');
    $plant = Plant::query()->findOrFail($good['plant']['id']);
    $blend = $this->postJson('/api/v1/evaluate', [
        'parts' => Yard::parts(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]), 'pot_id' => $good['pot']['id'], 'plant_group' => $plant->plant_group, 'headspace_cm' => $good['plan']['headspace_cm'], 'tree_weight_kg' => 2,
        'situation' => ['site_id' => $plant->site_id, 'species_id' => $plant->species_id, 'exposure' => $plant->exposure, 'canopy_cm' => 50, 'old' => false, 'roots_cut_share' => $good['plan']['roots_cut_share']], 'mends' => false,
    ])->assertOk();
    foreach ($blend->json('verdicts') as $verdict) {
        $here = $good['assessment']['criteria'][$verdict['criterion']];
        expect($here['value'])->toEqualWithDelta($verdict['value'], 1e-9, $verdict['criterion'])->and($here['level'])->toBe($verdict['level'], $verdict['criterion']);
    }
    expect($good['assessment']['rating'])->toBe($blend->json('rating'))->and($good['assessment']['criteria'])->toHaveKeys(['air', 'drought', 'run_through', 'ph', 'later_ph', 'years', 'float_share', 'largest_grain', 'wet_weight', 'segregation']);
    [, $bad] = ($this->add)([['name' => 'Bad', 'plant_group' => 'airy_conifers', 'species_id' => null]], $mud);
    expect($bad['assessment']['rating'])->toBe('lethal')->and($bad['worst']['level'])->toBe('stop')
        ->and($bad['assessment']['criteria'][$bad['worst']['criterion']]['value'])->toEqual($bad['worst']['value']);
    $day = $this->getJson($this->day);
    $judged = $day->json('totals.judged');
    $levels = array_count_values(array_map(static fn(array $entry): string => $entry['worst']['level'], $day->json('entries')));
    expect($judged['lethal'])->toBe(1)->and($judged['stop'])->toBe($levels['stop'])->and($judged['mind'])->toBe($levels['mind'] ?? 0)->and($judged['sick'])->toBe(0);
});

test('sick plants, and what is out of season or has frost to come, are counted', function (): void {
    $this->travelTo('2026-01-10 12:00:00');
    ($this->add)([['name' => 'Sick', 'health' => 'sick'], ['name' => 'Well']]);
    $day = $this->getJson($this->day);
    $windows = array_map(static fn(array $entry): string => $entry['figures']['season']['window'], $day->json('entries'));
    $frosty = array_filter($day->json('entries'), static fn(array $entry): bool => in_array('cold_to_come', array_column($entry['figures']['season']['reasons'], 'code'), true));
    expect($windows)->toBe(['early', 'early'])->and(array_map(static fn(array $entry): array => array_diff($entry['against'], ['frost']), $day->json('entries')))->toEqual([['sick', 'early'], ['early']])->and($day->json('totals.judged.out_of_season'))->toBe(2)->and($day->json('totals.judged.sick'))->toBe(1)->and($day->json('totals.judged.frost'))->toBe(count($frosty));
});

test('plants that are alike are judged once', function (): void {
    $judged = new App\PottingDays\Judged();
    ($this->add)(array_map(static fn(int $i): array => ['name' => 'Tree '.$i], range(1, 6)));
    $day = App\PottingDays\Models\PottingDay::query()->with(['entries.plant.species', 'entries.plant.site', 'entries.pot', 'entries.recipe.parts.component', 'loads'])->sole();
    $assembly = App\PottingDays\Assembly::of($day, app(App\Plants\PlantSituation::class), app(App\Plants\Standing::class));
    $found = $day->entries->map(static fn($entry) => $judged->assessment(App\PottingDays\EntryKey::of($entry, App\PottingDays\StoodBefore::of($day->entries)), $assembly->sums->pots[$entry->id]));
    expect($found->map(static fn($assessment): int => spl_object_id($assessment))->unique())->toHaveCount(1);
    // another habit of the plant, its place, its plan: judged for itself
    foreach ([['exposure' => 'shade'], ['canopy_cm' => 20], ['planned_years' => 6], ['feed' => 'acid']] as $i => $other) {
        Plant::query()->whereKey($day->entries[$i]->plant_id)->update($other);
    }
    $day->entries[4]->plan = $day->entries[4]->plan->with(['headspace_cm' => 2.0]);
    $day->entries->each(static fn($entry) => $entry->plant->refresh());
    $judged = new App\PottingDays\Judged();
    expect($day->entries->map(static fn($entry): int => spl_object_id($judged->assessment(App\PottingDays\EntryKey::of($entry, App\PottingDays\StoodBefore::of($day->entries)), $assembly->sums->pots[$entry->id])))->unique())->toHaveCount(6);
});

test('an entry looked at closely tells every band, and what would mend it from the yard', function (): void {
    $mud = ($this->recipe)('Mud', ['loam-screened-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1]);
    $airy = ($this->recipe)('Airy', ['pumice-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 1]);
    [$entry] = ($this->add)([['name' => 'Bad', 'plant_group' => 'airy_conifers', 'species_id' => null]], $mud);
    $told = $this->getJson($this->day.'/plants/'.$entry['id'].'/judgement');
    Contract::check($told, 'EntryJudgement');
    $mixes = array_values(array_filter($told->json('mends'), static fn(array $mend): bool => $mend['kind'] === 'other_mix'));
    expect($told->json('rating'))->toBe('lethal')->and(array_column($told->json('verdicts'), 'criterion'))->toContain('air', 'years')->and($told->json('verdicts.0.criterion'))->toBe($entry['worst']['criterion'])
        ->and($mixes)->toHaveCount(1)->and($mixes[0]['rating'])->not->toBe('lethal')->and(count($told->json('mends')))->toBeLessThanOrEqual(2);
    // what it promises is what comes
    $after = $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => $mixes[0]['changes']])->assertOk()->json('entries.0');
    expect($after['assessment']['rating'])->toBe($mixes[0]['rating'])->and($after['assessment']['fit'])->toEqualWithDelta($mixes[0]['fit'], 1e-9)->and($after['assessment']['criteria'][$mixes[0]['criterion']]['value'])->toEqualWithDelta($mixes[0]['value'], 1e-9)
        ->and($airy)->toBeGreaterThan(0);
});

test('a pot is only offered where it is free and the ball fits', function (): void {
    $mix = ($this->recipe)('Fine', ['loam-screened-6-mm' => 1, 'pumice-3-6-mm' => 2]);
    [$entry] = ($this->add)([['name' => 'One', 'plant_group' => 'airy_conifers', 'species_id' => null]], $mix);
    $deep = Yard::pot('Deep', 16);
    $deep->update(['owned' => 0]);
    $offered = fn(): array => array_column(array_filter($this->getJson($this->day.'/plants/'.$entry['id'].'/judgement')->json('mends'), static fn(array $mend): bool => $mend['kind'] === 'other_pot'), 'name');
    expect($offered())->toBe([]);
    $deep->update(['owned' => 1]);
    expect($offered())->toBe(['Deep']);
    // it stands in it itself: it becomes free
    Plant::query()->whereKey($entry['plant']['id'])->update(['pot_id' => $deep->id]);
    expect($offered())->toBe(['Deep']);
    Plant::query()->whereKey($entry['plant']['id'])->update(['pot_id' => $entry['pot']['id']]);
    // taken by another plant
    $other = Collection::plant(['name' => 'In it', 'pot_id' => $deep->id]);
    expect($offered())->toBe([]);
    $other->delete();
    $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => ['ball' => ['length_cm' => 90, 'width_cm' => 30, 'height_cm' => 5]]]);
    expect($offered())->toBe([]);
});

test('a mix that kills is asked about once, and the reason is kept', function (): void {
    $mud = ($this->recipe)('Mud', ['loam-screened-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1]);
    [$entry] = ($this->add)([['name' => 'Bad', 'plant_group' => 'airy_conifers', 'species_id' => null]], $mud);
    ($this->pot)($entry)->assertUnprocessable()->assertJsonPath('errors.0.path', 'accepted')->assertJsonPath('errors.0.rule', 'lethal_mix');
    expect(Plant::query()->sole()->potted_on?->isToday())->toBeFalse();
    ($this->pot)($entry, ['accepted' => 'For a week only, the tray is broken'])->assertOk();
    expect(PlantEvent::query()->where('kind', 'potted')->latest('id')->first()->data->jsonSerialize()['accepted'])->toBe(['doubt' => 'lethal_mix', 'why' => 'For a week only, the tray is broken']);
    // a second later it is not overdue
    $plant = Plant::query()->sole();
    $this->getJson('/api/v1/plants/'.$plant->id)->assertJsonPath('due.level', 'just_potted');
    expect($plant->due_on->isAfter(now()->addDays(29)))->toBeTrue();
    $this->travel(40)->days();
    $this->getJson('/api/v1/plants/'.$plant->id)->assertJsonPath('due.level', 'overdue');
});

test('what suits is not asked about', function (): void {
    [$entry] = ($this->add)([['name' => 'Good']]);
    ($this->pot)($entry)->assertOk();
    expect(PlantEvent::query()->where('kind', 'potted')->latest('id')->first()->data->jsonSerialize()['accepted'])->toBeNull();
});

test('many are changed at once: all of them, or none', function (): void {
    $entries = ($this->add)(array_map(static fn(int $i): array => ['name' => 'Tree '.$i], [1, 2, 3]));
    $which = array_map(static fn(array $entry): array => ['id' => $entry['id'], 'revision' => $entry['revision']], $entries);
    $day = $this->putJson($this->day.'/plants', ['entries' => $which, 'changes' => ['helper' => 'Bo', 'treatment' => 'washed']])->assertOk();
    Contract::check($day, 'PottingDay');
    expect(array_column($day->json('entries'), 'helper'))->toBe(['Bo', 'Bo', 'Bo'])->and(array_column(array_column($day->json('entries'), 'plan'), 'treatment'))->toBe(['washed', 'washed', 'washed']);
    // somebody changed the second meanwhile: nothing is written
    $this->putJson($this->day.'/plants', ['entries' => $which, 'changes' => ['helper' => 'Ann']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'entries.0')->assertJsonPath('errors.0.rule', 'changed_elsewhere');
    ($this->pot)($entries[1])->assertOk();
    $now = array_map(static fn(array $entry): array => ['id' => $entry['id'], 'revision' => $entry['revision']], $this->getJson($this->day)->json('entries'));
    $this->putJson($this->day.'/plants', ['entries' => $now, 'changes' => ['helper' => 'Ann']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'entries.1')->assertJsonPath('errors.0.rule', 'entry_done');
    expect(array_column($this->getJson($this->day)->json('entries'), 'helper'))->toBe(['Bo', 'Bo', 'Bo']);
});

test('what cannot be the same for many is refused at its field', function (array $input, string $path, string $rule): void {
    $entries = ($this->add)([['name' => 'One'], ['name' => 'Two']]);
    $which = array_map(static fn(array $entry): array => ['id' => $entry['id'], 'revision' => 1], $entries);
    $this->putJson($this->day.'/plants', ['entries' => $which, ...$input])->assertUnprocessable()->assertJsonPath('errors.0.path', $path)->assertJsonPath('errors.0.rule', $rule);
})->with([
    'a ball' => [['changes' => ['ball' => null]], 'changes.ball', 'unknown'],
    'a pot that is not there' => [['changes' => ['pot_id' => 9999]], 'changes.pot_id', 'pot_missing'],
    'a treatment that is none' => [['changes' => ['treatment' => 'boiled']], 'changes.treatment', 'one_of'],
    'no plant' => [['entries' => [], 'changes' => ['helper' => 'Bo']], 'entries', 'list_of_most'],
    'a plant of another day' => [['entries' => [['id' => 9999, 'revision' => 1]], 'changes' => ['helper' => 'Bo']], 'entries.0', 'entry_missing'],
]);

test('layers hold each other, or it is said what sifts down', function (): void {
    $layers = function (string $dressing, string $layer, ?float $mesh) {
        Plant::query()->exists() || ($this->add)([['name' => 'One']]);
        $entry = $this->getJson($this->day)->json('entries.0');
        App\Pots\Models\Pot::query()->update(['mesh_mm' => $mesh]);
        $changes = ['dressing' => ['component_id' => Yard::component($dressing)->id, 'cm' => 0.5], 'layer' => ['component_id' => Yard::component($layer)->id, 'thickness_cm' => 1]];
        $day = $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => $entry['revision'], 'changes' => $changes])->assertOk();
        Contract::check($day, 'PottingDay');

        return collect($day->json('entries.0.figures.layers'))->keyBy(static fn(array $pair): string => $pair['upper'].' on '.$pair['lower']);
    };
    $held = $layers('horticultural-grit-2-5-mm', 'granite-chip-4-8-mm', 3.0);
    expect($held->keys()->all())->toBe(['dressing on mix', 'mix on layer', 'layer on mesh'])->and($held->every(static fn(array $pair): bool => $pair['holds'] && $pair['sifts_l'] === 0))->toBeTrue();
    Yard::component('sharp-sand-0-25-2-mm')->update(['is_reference' => false, 'sieve' => ['0.5' => 0, '0.25' => 60, '0.125' => 40]]);
    $falls = $layers('sharp-sand-0-25-2-mm', 'granite-chip-4-8-mm', 20.0);
    $sand = $falls['dressing on mix'];
    expect($sand['holds'])->toBeFalse()->and($sand['ratio'])->toBeGreaterThan(5)->and($sand['sifts_l'])->toBeGreaterThan(0.05)->and($sand['air_lost_l'])->toBeGreaterThan(0.0)->and($falls['layer on mesh']['holds'])->toBeFalse();
});

test('the gust that a plant stands is told: tied, loose, held by stones; and what it lacks', function (): void {
    [$entry] = ($this->add)([['name' => 'Tall', 'height_cm' => 90, 'canopy_cm' => 80, 'weight_kg' => 1]]);
    [, $unknown] = ($this->add)([['name' => 'Nobody measured it', 'height_cm' => null, 'canopy_cm' => null]]);
    expect($unknown['figures']['topple'])->toBeNull();
    $bare = $entry['figures']['topple'];
    expect($bare['loose_ms'])->toBeNull()->and($bare['dry_ms'])->toBeLessThan($bare['wet_ms'])->and($bare['lacks_kg'] > 0.0)->toBe($bare['dry_ms'] < $bare['storm_ms']);
    $day = $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => 1, 'changes' => ['ball' => ['length_cm' => 18, 'width_cm' => 14, 'height_cm' => 4]]])->assertOk();
    Contract::check($day, 'PottingDay');
    $balled = $day->json('entries.0.figures.topple');
    expect($balled['loose_ms'])->toBeLessThan($balled['stones_ms'])->and($balled['stones_ms'])->toBeLessThan($balled['wet_ms']);
    // by hand: 18 by 14 cm of ball in a tray that is 22 cm broad at its foot
    $figures = $day->json('entries.0.figures');
    $collar = $figures['fit']['collar_cm'];
    $tied = new Zolbek\Core\Place\Container\Toppling(90.0, 80.0, $collar, 22.0);
    expect($balled['wet_ms'])->toEqualWithDelta($tied->gustMs($figures['wet_kg']), 1e-9);
});

test('every shape of pot has a foot to stand on', function (array $pot): void {
    $made = $this->postJson('/api/v1/pots', ['name' => 'Shape', 'hole_count' => 1, 'hole_diameter_cm' => 2, ...$pot])->assertCreated()->json('id');
    [$entry] = $this->postJson($this->day.'/plants', ['plant_ids' => [Collection::plant(['name' => 'Tree', 'height_cm' => 30, 'canopy_cm' => 25])->id], 'pot_id' => $made, 'plan' => ['ball' => null]])->assertCreated()->json('entries');
    expect($entry['figures']['topple']['wet_ms'])->toBeGreaterThan(3.0)->toBeLessThan(80.0);
})->with([
    'round' => [['shape' => 'round', 'depth' => 18, 'measures' => ['top' => 16, 'base' => 11]]],
    'bowl' => [['shape' => 'bowl', 'depth' => 7, 'measures' => ['top' => 20]]],
    'polygon' => [['shape' => 'polygon', 'depth' => 9, 'measures' => ['sides' => 6, 'top' => 22, 'base' => 19]]],
    'measured by water' => [['shape' => 'measured', 'depth' => 11, 'measures' => ['volume_l' => 6.2]]],
]);

test('a mix that is too fine is mended by rinsing it, as a recipe of its own', function (): void {
    $fine = ($this->recipe)('Granite', ['decomposed-granite-1-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 1]);
    [$entry] = ($this->add)([['name' => 'Wet', 'plant_group' => 'airy_conifers', 'species_id' => null]], $fine);
    App\Recipes\Models\Recipe::query()->whereKeyNot($fine)->update(['archived_at' => now()]);
    $told = $this->getJson($this->day.'/plants/'.$entry['id'].'/judgement')->assertOk();
    Contract::check($told, 'EntryJudgement');
    $rinse = array_values(array_filter($told->json('mends'), static fn(array $mend): bool => $mend['kind'] === 'rinse'))[0] ?? null;
    expect($rinse)->not->toBeNull()->and($rinse['name'])->toContain('granite')->and($rinse['changes']['rinse']['mm'])->toBeIn([0.5, 1, 2]);
    $take = fn(array $entry, array $rinse) => $this->putJson($this->day.'/plants/'.$entry['id'], ['revision' => $entry['revision'], 'changes' => ['rinse' => $rinse]]);
    $after = $take($entry, $rinse['changes']['rinse'])->assertOk()->json('entries.0');
    expect($after['assessment']['criteria'][$rinse['criterion']]['value'])->toEqualWithDelta($rinse['value'], 1e-9)->and($after['assessment']['rating'])->toBe($rinse['rating'])
        ->and($after['recipe']['id'])->not->toBe($fine)->and($after['recipe']['name'])->toStartWith('Granite, ')->toContain('rinsed at');
    // the one it came from stays what it was; the same again is the same recipe
    expect(App\Recipes\Models\Recipe::query()->findOrFail($fine)->parts()->whereNotNull('preparation')->count())->toBe(0);
    [, $second] = ($this->add)([['name' => 'Wet too', 'plant_group' => 'airy_conifers', 'species_id' => null]], $fine);
    $all = $take($second, $rinse['changes']['rinse'])->assertOk()->json('entries');
    expect($all[1]['recipe']['id'])->toBe($after['recipe']['id']);
    // what is rinsed already is not offered again, and nothing else can be asked for
    expect(array_column($this->getJson($this->day.'/plants/'.$entry['id'].'/judgement')->json('mends'), 'name'))->not->toContain($rinse['name']);
    $take($all[0], $rinse['changes']['rinse'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'nothing_to_rinse');
    $take($all[1], ['component_id' => 999_999, 'mm' => 1])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'nothing_to_rinse');
    $take($all[1], ['component_id' => $rinse['changes']['rinse']['component_id'], 'mm' => 'fine'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.rinse.mm');
});
