<?php

declare(strict_types=1);

use App\Plants\KeptSoil;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\StandsIn;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Plan;
use App\Shelf\Models\Component;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// what is really in the pot: the ball and what it is of, old soil, the wall, how high it stands; and that the plant keeps it all

beforeEach(function (): void {
    Component::query()->update(['stock_l' => 200]);
    $this->id = $this->postJson('/api/v1/days', ['name' => 'Filled', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => []])->assertCreated()->json('id');
    $this->day = '/api/v1/days/'.$this->id;
    $plant = Collection::plant();
    $this->entry = $this->postJson($this->day.'/plants', ['plant_ids' => [$plant->id], 'plan' => ['ball' => ['length_cm' => 14, 'width_cm' => 12, 'height_cm' => 4]]])->assertCreated()->json('entries.0');
    $this->plant = $plant->id;
    $this->change = function (array $changes) {
        $revision = DayPlant::query()->findOrFail($this->entry['id'])->revision;

        return $this->putJson($this->day.'/plants/'.$this->entry['id'], ['revision' => $revision, 'changes' => $changes]);
    };
    $this->figures = fn(array $changes): array => ($this->change)($changes)->assertOk()->json('entries.0.figures');
});

test('the ball is of what the plant stood in, as it has aged, or of what is said', function (): void {
    $stood = $this->entry['figures']['ball'];
    expect($stood['of'])->toBe(KeptSoil::AS_STOOD)->and($stood['mix'])->toBe('Grit and bark')->and($stood['years'])->toEqual(3)->and($stood['stays'])->toBe('alike');
    $peat = ($this->figures)(['ball_soil' => 'nursery_peat']);
    expect($peat['ball']['of'])->toBe('nursery_peat')->and($peat['ball']['mix'])->toBe('')->and($peat['ball']['stays'])->toBe('wetter')
        ->and($peat['ball']['theta'])->toBeGreaterThan($peat['ball']['theta_around'] + 0.08)->and($peat['water_l'])->toBeGreaterThan($this->entry['figures']['water_l'] + 0.05)
        ->and($peat['mix_water_l'] + $peat['ball']['water_l'])->toEqualWithDelta($peat['water_l'], 1e-9);
    ($this->change)(['ball_soil' => 'marzipan'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.ball_soil');
    // of a plant of which nobody knows what it stands in, nothing better is known
    $stranger = Collection::plant(['name' => 'Stranger', 'recipe_id' => null, 'pot_id' => null, 'potted_on' => null]);
    $entries = $this->postJson($this->day.'/plants', ['plant_ids' => [$stranger->id], 'recipe_id' => Collection::recipe()->id, 'pot_id' => $this->entry['pot']['id'], 'plan' => ['ball' => ['length_cm' => 12, 'width_cm' => 10, 'height_cm' => 4]]])->assertCreated()->json('entries');
    expect(array_column($entries, null, 'id')[max(array_column($entries, 'id'))]['figures']['ball']['of'])->toBe('unknown');
});

test('old soil that is worked in counts in air and water, and is not mixed anew', function (): void {
    $none = $this->entry['figures'];
    $half = ($this->figures)(['old_soil_share' => 0.5, 'ball_soil' => 'garden_clay']);
    $most = ($this->figures)(['old_soil_share' => 0.9]);
    expect($half['air'])->toBeLessThan($none['air'] - 0.02)->and($most['air'])->toBeLessThan($half['air'])
        ->and($half['base_l'])->toBeLessThan(0.6 * $none['base_l'])->and($half['old_soil_l'])->toEqualWithDelta($half['base_l'], 1e-9)->and($most['old_soil_l'])->toEqualWithDelta(9.0 * $most['base_l'], 1e-6);
    $day = $this->getJson($this->day)->assertOk();
    Contract::check($day, 'PottingDay');
    // what is mixed for the day is the recipe alone
    expect(array_column($day->json('mixes.0.parts'), 'name'))->toHaveCount(2)->and(array_column($day->json('mixes.0.parts'), 'name'))->toEqualCanonicalizing(['Pumice 3-6 mm', 'Composted bark fine 2-8 mm']);
});

test('the height is chosen, and bed, thinning and mound follow', function (): void {
    $pot = 6.5;
    $fit = $this->entry['figures']['fit'];
    $free = $this->entry['plan']['headspace_cm'];
    expect($this->entry['plan']['height'])->toEqual(['how' => 'flush', 'cm' => 0])->and($fit['collar_over_surface_cm'])->toEqualWithDelta(0.0, 1e-9)->and($fit['bed_cm'])->toEqualWithDelta($pot - $free - 4.0, 1e-9)
        ->and($fit['collar_over_rim_cm'])->toEqualWithDelta(-$free, 1e-9)
        ->and($fit['beneath_l'] + $fit['beside_l'] + $fit['above_l'])->toEqualWithDelta($this->entry['figures']['new_mix_l'], 1e-9);
    $raised = ($this->figures)(['height' => ['how' => 'raised', 'cm' => 1]]);
    expect($raised['fit']['collar_over_rim_cm'])->toEqualWithDelta(1.0 - $free, 1e-9)->and($raised['fit']['mound_cm'])->toEqualWithDelta(1.0, 1e-9)->and($raised['fit']['fits'])->toBeTrue()
        ->and($raised['new_mix_l'])->toBeGreaterThan($this->entry['figures']['new_mix_l'] + 0.05);
    $buried = ($this->figures)(['height' => ['how' => 'buried', 'cm' => 1.4]]);
    expect($buried['fit']['collar_over_surface_cm'])->toEqualWithDelta(-1.4, 1e-9)->and($buried['fit']['bed_cm'])->toEqualWithDelta(0.5, 1e-6)->and($buried['fit']['thin_cm'])->toEqualWithDelta(0.5 + 1.4 + 4.0 + $free - $pot, 1e-6);
    $layered = ($this->figures)(['height' => ['how' => 'flush', 'cm' => 5], 'layer' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1]]);
    expect($layered['fit']['collar_over_surface_cm'])->toEqualWithDelta(0.0, 1e-9)->and($layered['fit']['bed_cm'])->toEqualWithDelta(max(0.5, $pot - $free - 5.0), 1e-6);
    $slope = ($this->figures)(['slope' => ['cm' => 1, 'to' => 'back']]);
    expect($slope['fit']['wedge_l'])->toBeGreaterThan(0.2)->and($slope['new_mix_l'])->toEqualWithDelta($layered['new_mix_l'] + $slope['fit']['wedge_l'], 1e-9);
});

test('a bed or a mound that contradicts the height is refused at its field, and another pot tells it with the entry', function (): void {
    ($this->change)(['mound_cm' => 2])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.mound_cm')->assertJsonPath('errors.0.rule', 'mound_over_collar');
    ($this->change)(['bed_cm' => 0.2])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.bed_cm')->assertJsonPath('errors.0.rule', 'bed_too_low');
    ($this->change)(['height' => ['how' => 'sunk', 'cm' => 1]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.height.how');
    expect(($this->figures)(['bed_cm' => 3])['fit']['thin_cm'])->toBeGreaterThan(1.0);
    $deep = Yard::pot('Deep one', 14);
    $entry = ($this->change)(['pot_id' => $deep->id])->assertOk()->json('entries.0');
    expect($entry['figures'])->toBeNull()->and($entry['problem'])->toContain('lower than was chosen');
    expect(($this->figures)(['bed_cm' => null])['fit']['bed_cm'])->toBeGreaterThan(7.0);
});

test('a ball off the middle has less room on one side, and does not go through the wall', function (): void {
    $fit = ($this->figures)(['placing' => ['x_cm' => 3, 'y_cm' => -1, 'turn_deg' => 0]])['fit'];
    expect($fit['left_cm'] - $fit['right_cm'])->toEqualWithDelta(6.0, 1e-9)->and($fit['back_cm'] - $fit['front_cm'])->toEqualWithDelta(2.0, 1e-9)->and($fit['beside_cm'])->toBe($fit['right_cm'])->and($fit['fits'])->toBeTrue();
    expect(($this->figures)(['placing' => ['x_cm' => 12, 'y_cm' => 0, 'turn_deg' => 0]])['fit']['fits'])->toBeFalse();
    $lean = ($this->figures)(['lean' => ['deg' => 30, 'to' => 'left']])['fit'];
    expect($lean['collar_tilt_cm'])->toEqualWithDelta(0.75, 1e-9);
    ($this->change)(['lean' => ['deg' => 120, 'to' => 'left']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.lean.deg');
    expect(($this->change)(['lean' => ['deg' => 0, 'to' => 'left']])->json('entries.0.plan.lean'))->toBeNull();
});

test('what a plant stands in keeps ball, wall, old soil, dressing and extras, and the stick reads it', function (): void {
    $moss = Yard::component('long-fibre-sphagnum-moss');
    ($this->change)([
        'ball_soil' => 'nursery_peat', 'wall' => ['kind' => 'old_soil', 'component_id' => null, 'thickness_cm' => 0.5], 'old_soil_share' => 0.2, 'objects_l' => 0.1, 'surface' => 'moss',
        'dressing' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'cm' => 0.4], 'extras' => [['component_id' => Yard::component('perlite-2-5-mm')->id, 'litres' => 0.2]], 'hole_cover_id' => Yard::component('granite-chip-4-8-mm')->id,
    ])->assertOk();
    $figures = $this->getJson($this->day)->json('entries.0.figures');
    expect($figures['wall_soil_l'])->toBeGreaterThan(0.1)->and($figures['wall_l'])->toEqual(0);
    $this->postJson($this->day.'/plants/'.$this->entry['id'].'/state', ['state' => 'done', 'accepted' => 'A trial.'])->assertOk();
    $plant = Plant::query()->with(['species', 'site'])->findOrFail($this->plant);
    $setup = app(Outlook::class)->setup($plant) ?? throw new LogicException('It was potted.');
    expect($setup->waterL(0.0))->toEqualWithDelta($figures['water_l'], 1e-9)->and($setup->newMixL())->toEqualWithDelta($figures['new_mix_l'], 1e-9)
        ->and($setup->filling?->waterOf()[1])->toEqualWithDelta($figures['ball']['water_l'], 1e-9)->and($setup->contents?->objectsL)->toBe(0.1)->and($setup->holeCover)->not->toBeNull()
        ->and($setup->situation?->surface->value)->toBe('moss')->and($setup->topDressingCm)->toBe(0.4)->and($plant->standing?->dressing['kept']['name'] ?? '')->toBe('Granite chip 4-8 mm');
    $names = array_map(static fn($component): string => $component->key, $setup->substrate->blend->components);
    expect($names)->toContain('perlite-2-5-mm')->and($names)->toContain('nursery-peat');
    // what the components become later is nothing to it
    Component::query()->update(['bulk_density' => 0.9]);
    $later = app(Outlook::class)->setup(Plant::query()->with(['species', 'site'])->findOrFail($this->plant));
    expect($later?->waterL(0.0))->toEqualWithDelta($figures['water_l'], 1e-9);
    $stick = $this->getJson('/api/v1/plants/'.$this->plant)->assertOk()->json('stick.days.0.levels');
    expect(array_filter(array_column($stick, 'theta_ball')))->not->toBe([])->and(max(array_map(static fn(array $level): float => ($level['theta_ball'] ?? 0.0) - $level['theta'], $stick)))->toBeGreaterThan(0.05);
});

test('what was kept before a standing had contents opens, and a plan from before heights stands on its bed', function (): void {
    $kept = json_decode((string) json_encode(Plant::query()->findOrFail($this->plant)->standing), true);
    unset($kept['contents'], $kept['dressing'], $kept['cover'], $kept['surface'], $kept['tree_weight_kg']);
    expect(StandsIn::fromKept($kept)->contents)->toBeNull()->and(StandsIn::fromKept($kept)->surface->value)->toBe('bare');
    $old = array_diff_key((new Plan())->jsonSerialize(), array_flip(['height', 'ball_soil', 'placing', 'lean', 'slope']));
    $old = [...$old, 'ball' => $this->entry['plan']['ball'], 'bed_cm' => 1, 'mound_cm' => 0, 'headspace_cm' => 0.8];
    Illuminate\Support\Facades\DB::table('day_plants')->where('id', $this->entry['id'])->update(['plan' => json_encode($old)]);
    $entry = $this->getJson($this->day)->assertOk()->json('entries.0');
    expect($entry['plan']['height'])->toBeNull()->and($entry['figures']['fit']['bed_cm'])->toEqual(1)->and($entry['figures']['fit']['collar_over_rim_cm'])->toEqualWithDelta(5.0 - 6.5, 1e-9);
    expect(($this->figures)(['height' => ['how' => 'flush', 'cm' => 0], 'bed_cm' => null, 'mound_cm' => null])['fit']['collar_over_surface_cm'])->toEqualWithDelta(0.0, 1e-9);
});

test('what will be looked after is told before potting, and what is taken off with a reason is not written down', function (): void {
    $path = $this->day.'/plants/'.$this->entry['id'];
    ($this->change)(['surface' => 'moss', 'fixing' => 'none'])->assertOk();
    $answer = $this->getJson($path.'/judgement')->assertOk();
    Contract::check($answer, 'EntryJudgement');
    $care = array_column($answer->json('care'), null, 'kind');
    expect($care)->toHaveKeys(['shade', 'mist_moss', 'leave_alone', 'out_of_storms', 'first_weeks'])->and($care)->not->toHaveKey('cover')->and($care['out_of_storms']['figures']['kmh'])->toBeGreaterThan(10.0)
        ->and($care['first_weeks']['figures']['days'])->toBeGreaterThan(0.0);
    ($this->change)(['lower' => ['cm' => 2, 'months' => 0]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.lower.months');
    ($this->change)(['lower' => ['cm' => 2, 'months' => 8]])->assertOk();
    expect(array_column($this->getJson($path.'/judgement')->json('care'), 'figures', 'kind')['lower_surface']['cm'])->toEqual(0.25);
    expect(($this->change)(['lower' => ['cm' => 0, 'months' => 8]])->json('entries.0.plan.lower'))->toBeNull();
    ($this->change)(['care_off' => [['kind' => 'mist_moss', 'why' => '']]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.care_off.0.why');
    ($this->change)(['care_off' => [['kind' => 'own', 'why' => 'x']]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'changes.care_off.0.kind');
    ($this->change)(['care_off' => [['kind' => 'mist_moss', 'why' => 'Fog every morning']]])->assertOk();
    expect(array_column($this->getJson($path.'/judgement')->json('care'), 'taken_off', 'kind')['mist_moss'])->toBe('Fog every morning');
    $this->postJson($path.'/state', ['state' => 'done'])->assertOk();
    $tasks = array_column($this->getJson('/api/v1/plants/'.$this->plant)->json('tasks'), 'kind');
    expect($tasks)->toContain('leave_alone')->toContain('first_weeks')->not->toContain('mist_moss');
    $planned = array_diff(array_keys($care), ['mist_moss']);
    expect(array_diff($planned, $tasks))->toBe([]);
});

test('what is proposed to hold a plant is the least that stands a gale', function (): void {
    $squat = Collection::plant(['name' => 'Squat', 'height_cm' => 12, 'canopy_cm' => 18, 'weight_kg' => 6]);
    $tall = Collection::plant(['name' => 'Tall', 'height_cm' => 90, 'canopy_cm' => 70, 'weight_kg' => 2]);
    $unknown = Collection::plant(['name' => 'Unknown', 'height_cm' => null]);
    $ball = ['ball' => ['length_cm' => 20, 'width_cm' => 18, 'height_cm' => 5]];
    $this->postJson($this->day.'/plants', ['plant_ids' => [$squat->id, $tall->id, $unknown->id], 'plan' => $ball])->assertCreated();
    $fixing = [];
    foreach ($this->getJson($this->day)->json('entries') as $entry) {
        $fixing[$entry['plant']['name']] = [$entry['plan']['fixing'], $entry['figures']['topple']['least'] ?? null];
    }
    expect($fixing['Squat'])->toBe(['none', 'none'])->and($fixing['Tall'])->toBe(['wire', 'wire'])->and($fixing['Unknown'])->toBe(['wire', null]);
    // who says how it is fixed is not overruled
    $said = Collection::plant(['name' => 'Said', 'height_cm' => 12, 'canopy_cm' => 18, 'weight_kg' => 6]);
    $entry = $this->postJson($this->day.'/plants', ['plant_ids' => [$said->id], 'plan' => [...$ball, 'fixing' => 'stones']])->json('entries');
    expect(end($entry)['plan']['fixing'])->toBe('stones');
});

test('what was seen at the roots, how much and on which side, is kept and proposes the work of the next day', function (): void {
    $plant = Collection::plant(['name' => 'Bound', 'potted_on' => now()->subYears(3)->toDateString()]);
    $seen = ['findings' => ['root_bound', 'one_sided'], 'details' => [['finding' => 'root_bound', 'degree' => 'strong', 'side' => null], ['finding' => 'one_sided', 'degree' => 'slight', 'side' => 'left']]];
    $judged = $this->postJson("/api/v1/plants/{$plant->id}/inspections", $seen)->assertCreated();
    Contract::check($judged, 'Inspection');
    expect($judged->json('work'))->toBe(['treatment' => 'combed', 'roots_removed_share' => 0.33, 'pot' => 'larger'])->and($judged->json('details.1.side'))->toBe('left');
    $this->postJson("/api/v1/plants/{$plant->id}/inspections/judge", ['findings' => ['ants'], 'details' => [['finding' => 'grubs', 'degree' => 'strong', 'side' => null]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'details.0.finding');
    $this->postJson("/api/v1/plants/{$plant->id}/inspections/judge", ['findings' => ['ants'], 'details' => [['finding' => 'ants', 'degree' => 'utterly', 'side' => null]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'details.0.degree');
    $entries = $this->postJson($this->day.'/plants', ['plant_ids' => [$plant->id]])->assertCreated()->json('entries');
    $plan = end($entries)['plan'];
    expect($plan['treatment'])->toBe('combed')->and($plan['roots_cut_share'])->toBe(0.33);
    // at the bench
    $this->postJson($this->day.'/plants/'.end($entries)['id'].'/state', ['state' => 'changed', 'actual' => ['findings' => ['wounds'], 'details' => [['finding' => 'wounds', 'degree' => 'strong', 'side' => 'front']]]])->assertOk();
    $event = $this->getJson("/api/v1/plants/{$plant->id}")->json('events.0.data.actual');
    expect($event['details'])->toBe([['finding' => 'wounds', 'degree' => 'strong', 'side' => 'front']]);
});

test('a net lets water out everywhere, is not told to be drilled, and says when mix falls through it', function (): void {
    $net = Yard::pot('Net', 9);
    $net->update(['wall' => 'net', 'hole_count' => 0, 'hole_diameter_cm' => null, 'hole_open_share' => 1]);
    $closed = Yard::pot('Closed', 9);
    $closed->update(['hole_count' => 0, 'hole_diameter_cm' => null]);
    $of = fn(int $pot): array => ($this->change)(['pot_id' => $pot])->assertOk()->json('entries.0');
    $inNet = $of($net->id);
    expect($inNet['figures']['run_through_s'])->toBeGreaterThan(0.0)->and($inNet['figures']['mesh']['pieces'])->toBe(0)->and($inNet['figures']['wire']['through'] ?? 'net')->toBe('net')
        ->and(array_column($inNet['figures']['layers'], 'holds', 'lower')['mesh'])->toBeTrue();
    expect($of($closed->id)['figures']['run_through_s'])->toBeNull();
    $checks = fn(int $pot): array => $this->postJson('/api/v1/pots/checks', ['pot_id' => $pot, 'recipe_id' => Collection::recipe()->id])->assertOk()->json();
    expect(json_encode($checks($net->id)))->not->toContain('no_holes')->and(json_encode($checks($closed->id)))->toContain('no_holes');
    $net->update(['mesh_mm' => 25]);
    expect(array_column($of($net->id)['figures']['layers'], 'holds', 'lower')['mesh'])->toBeFalse();
});

test('plants that are alike but for where they stand, how they lean, or what they stood in, are each told their own', function (): void {
    $same = ['potted_on' => now()->subYears(3)->toDateString()];
    $small = Yard::pot('Small', 5);
    $plants = [Collection::plant(['name' => 'Pushed', ...$same]), Collection::plant(['name' => 'Leaning', 'trunk_mm' => 60, ...$same]), Collection::plant(['name' => 'Thin', 'trunk_mm' => 20, ...$same]), Collection::plant(['name' => 'Small', 'pot_id' => $small->id, ...$same])];
    $plan = ['ball' => ['length_cm' => 14, 'width_cm' => 12, 'height_cm' => 4], 'ball_soil' => 'loam'];
    $entries = array_column($this->postJson($this->day.'/plants', ['plant_ids' => array_column($plants, 'id'), 'pot_id' => $this->entry['pot']['id'], 'plan' => $plan])->assertCreated()->json('entries'), null, 'id');
    $of = static fn(array $entries): array => array_column(array_map(static fn(array $entry): array => ['name' => $entry['plant']['name'], 'id' => $entry['id'], ...$entry['figures']], $entries), null, 'name');
    $by = $of($entries);
    $change = fn(string $name, array $changes) => $this->putJson($this->day.'/plants/'.$by[$name]['id'], ['revision' => 1, 'changes' => $changes])->assertOk();
    $change('Pushed', ['placing' => ['x_cm' => 12, 'y_cm' => 0, 'turn_deg' => 0]]);
    $change('Leaning', ['lean' => ['deg' => 30, 'to' => 'left']]);
    $change('Thin', ['lean' => ['deg' => 30, 'to' => 'left']]);
    $now = $of($this->getJson($this->day)->json('entries'));
    expect($now['Pushed']['fit']['fits'])->toBeFalse()->and($now['Small']['fit']['fits'])->toBeTrue()->and($now['Small']['fit']['right_cm'])->toEqualWithDelta($now['Small']['fit']['left_cm'], 1e-9)
        ->and($now['Leaning']['fit']['collar_tilt_cm'])->toEqualWithDelta(1.5, 1e-9)->and($now['Thin']['fit']['collar_tilt_cm'])->toEqualWithDelta(0.5, 1e-9)
        // what comes out is of the pot that each stood in, whatever its ball is said to be of
        ->and($now['Small']['old_out_l'])->toBeLessThan($now['Thin']['old_out_l'] - 0.5);
});
