<?php

declare(strict_types=1);

use App\Bench\Actions\SaveSieveSet;
use App\Bench\Actions\SaveVessel;
use App\Bench\Models\SieveSet;
use App\Bench\Models\Vessel;
use App\Plants\Actions\CheckMoisture;
use App\Plants\Actions\SaveFertiliser;
use App\Plants\Actions\SavePlant;
use App\Plants\Actions\TakeOffspring;
use App\Plants\Actions\TellOfPlant;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Shelf\Actions\SaveComponent;
use App\Shelf\Actions\SaveMix;
use App\Shelf\Models\Component;
use App\Situations\Actions\SaveSite;
use App\Situations\Actions\SaveSpecies;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Tests\Feature\Collection;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Refused;

// each action that saves, by itself: what it keeps, and what it refuses at which field by which rule

/** @return array{callable(array<string, mixed>): mixed, array<string, mixed>, class-string} what saves, a body that is well, what it makes */
function saving(string $what): array
{
    $pot = ['name' => 'New tray', 'shape' => 'oval', 'depth' => 6.5, 'measures' => ['top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22], 'hole_count' => 2, 'hole_diameter_cm' => 2.2];

    return match ($what) {
        'site' => [fn(array $input) => app(SaveSite::class)(new Site(), $input), [...Yard::site(), 'name' => 'New hill'], Site::class],
        'species' => [fn(array $input) => app(SaveSpecies::class)(new Species(), $input), ['name' => 'New plant', 'plant_group' => 'airy_conifers'], Species::class],
        'pot' => [fn(array $input) => app(SavePot::class)(new Pot(), $input), $pot, Pot::class],
        'vessel' => [fn(array $input) => app(SaveVessel::class)(new Vessel(), $input), ['name' => 'New scoop', 'kind' => 'scoop', 'volume_l' => 0.5], Vessel::class],
        'sieves' => [fn(array $input) => app(SaveSieveSet::class)(new SieveSet(), $input), ['name' => 'New set', 'apertures' => [2, 8, 4]], SieveSet::class],
        'fertiliser' => [
            fn(array $input) => app(SaveFertiliser::class)(new Fertiliser(), $input),
            ['name' => 'New feed', 'form' => 'slow_release', 'n_percent' => 15, 'p2o5_percent' => 9, 'k2o_percent' => 12, 'label_g_l' => 4, 'longevity_days' => 180], Fertiliser::class,
        ],
        'recipe' => [fn(array $input) => app(SaveRecipe::class)(new Recipe(), $input), ['name' => 'New mix', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 2])], Recipe::class],
        'premix' => [fn(array $input) => app(SaveMix::class)(new Component(), $input), ['name' => 'New premix', 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 1])], Component::class],
        'component' => [fn(array $input) => app(SaveComponent::class)(new Component(), $input), Yard::ownComponent(), Component::class],
        'plant' => [fn(array $input) => app(SavePlant::class)(new Plant(), $input), Collection::input(['name' => 'New tree']), Plant::class],
    };
}

/** @return list<string> "field: rule" of everything that is refused; none where it is taken */
function refusals(callable $try): array
{
    try {
        $try();
    } catch (Refused $refused) {
        return array_map(static fn($refusal): string => $refusal->field.': '.$refusal->rule, $refused->refusals);
    }

    return [];
}

test('what is well is kept once, as it was typed', function (string $what): void {
    [$save, $input, $model] = saving($what);
    $before = $model::query()->count();
    $kept = $save($input);
    expect($model::query()->count())->toBe($before + 1)->and($kept->exists)->toBeTrue()->and($kept->refresh()->name)->toBe($input['name']);
})->with(fn() => ['site', 'species', 'pot', 'vessel', 'sieves', 'fertiliser', 'recipe', 'premix', 'component', 'plant']);

test('what cannot be is refused at its field by its rule, and nothing is kept', function (string $what, array $changed, array $refused): void {
    [$save, $input, $model] = saving($what);
    $before = $model::query()->toBase()->get()->toArray();
    expect(refusals(fn() => $save([...$input, ...$changed])))->toEqualCanonicalizing($refused)
        ->and($model::query()->toBase()->get()->toArray())->toEqual($before);
})->with([
    'a site without a name' => ['site', ['name' => null], ['name: required']],
    'a site off the earth' => ['site', ['latitude' => 91], ['latitude: between']],
    'a frost on no day' => ['site', ['last_frost' => '02-30'], ['last_frost: day_of_year']],
    'a frost in words' => ['site', ['first_frost' => 'Oct'], ['first_frost: day_of_year']],
    'a year without months' => ['site', ['months' => []], ['months: twelve_months']],
    'two wrongs of a site' => ['site', ['rain_share' => 2, 'water_ec_ms_cm' => -1], ['rain_share: between', 'water_ec_ms_cm: between']],
    'a plant of no group' => ['species', ['plant_group' => 'weeds'], ['plant_group: one_of']],
    'air upside down' => ['species', ['air_low' => 0.4, 'air_high' => 0.3], ['air_high: band_order']],
    'air that the group contradicts' => ['species', ['air_high' => 0.05], ['air_high: band_order']],
    'pH upside down' => ['species', ['ph_low' => 7, 'ph_high' => 6], ['ph_high: band_order']],
    'a species that lives no time' => ['species', ['years_young' => 0], ['years_young: between']],
    'a flag that is a word' => ['species', ['evergreen' => 'yes'], ['evergreen: flag']],
    'a pot of no shape' => ['pot', ['shape' => 'star'], ['shape: one_of']],
    'a pot without depth' => ['pot', ['depth' => 0], ['depth: between']],
    'holes without a width' => ['pot', ['hole_diameter_cm' => null], ['hole_diameter_cm: required']],
    'half a hole' => ['pot', ['hole_count' => 1.5], ['hole_count: integer']],
    'a wall of cheese' => ['pot', ['wall' => 'cheese'], ['wall: one_of']],
    'a colour by name' => ['pot', ['colour' => 'red'], ['colour: colour']],
    'a scoop of nothing' => ['vessel', ['volume_l' => 0], ['volume_l: between']],
    'a scoop of no size' => ['vessel', ['volume_l' => null], ['volume_l: required']],
    'a scoop that holds no water' => ['vessel', ['water_g' => 0], ['water_g: between']],
    'a vessel of no kind' => ['vessel', ['kind' => 'hat'], ['kind: one_of']],
    'no sieve' => ['sieves', ['apertures' => []], ['apertures: sieve_set']],
    'more sieves than anybody stacks' => ['sieves', ['apertures' => range(1, 25)], ['apertures: sieve_set']],
    'the same sieve twice' => ['sieves', ['apertures' => [4, 2, 4.0]], ['apertures.2: aperture_twice']],
    'a sieve of words and one of nothing' => ['sieves', ['apertures' => ['4', 0]], ['apertures.0: aperture', 'apertures.1: aperture']],
    'grains that last no time' => ['fertiliser', ['longevity_days' => null], ['longevity_days: required']],
    'a feed stronger than can be' => ['fertiliser', ['n_percent' => 61], ['n_percent: between']],
    'a dose of nothing' => ['fertiliser', ['label_g_l' => 0], ['label_g_l: above']],
    'a recipe of nothing' => ['recipe', ['parts' => []], ['parts: no_parts']],
    'a recipe of what is not there' => ['recipe', ['parts' => [['component_id' => 999_999, 'parts' => 1]]], ['parts.0.component_id: component_missing']],
    'parts that are all nothing' => ['recipe', ['parts' => [['component_id' => 1, 'parts' => 0]]], ['parts: no_parts']],
    'tags that are one text' => ['recipe', ['tags' => 'airy'], ['tags: tags']],
    'a tag of blanks' => ['recipe', ['tags' => ['airy', '  ']], ['tags.1: text']],
    'more tags than are read' => ['recipe', ['tags' => ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i', 'j', 'k', 'l', 'm']], ['tags: tags']],
    'a premix of nothing' => ['premix', ['mix_parts' => []], ['mix_parts: no_parts']],
    'a premix in words' => ['premix', ['mix_parts' => 'peat'], ['mix_parts: list']],
    'a premix of what is not there' => ['premix', ['mix_parts' => [['component_id' => 999_999, 'parts' => 1]]], ['mix_parts.0.component_id: component_missing']],
    'a price of no sack' => ['premix', ['pack_price' => 7], ['pack_l: pack_price_alone']],
    'a component of no kind' => ['component', ['kind' => 'plastic foam'], ['kind: one_of']],
    'a danger nobody knows' => ['component', ['hazards' => ['ghosts']], ['hazards: hazard']],
    'a component with less than nothing of it' => ['component', ['stock_l' => -1], ['stock_l: between']],
    'a plant of no species' => ['plant', ['species_id' => 999_999], ['species_id: species_missing']],
    'a plant at no site' => ['plant', ['site_id' => 999_999], ['site_id: site_missing']],
    'a plant in no pot' => ['plant', ['pot_id' => 999_999], ['pot_id: pot_missing']],
    'a plant in no mix' => ['plant', ['recipe_id' => 999_999], ['recipe_id: recipe_missing']],
    'a plan for another century' => ['plant', ['plan' => [['year' => 1800, 'what' => 'root_work']]], ['plan.0.year: integer']],
    'a plan into no pot' => ['plant', ['plan' => [['year' => 2027, 'what' => 'root_work', 'pot_id' => 999_999]]], ['plan.0.pot_id: pot_missing']],
    'something buried in words' => ['plant', ['buried' => 'wire'], ['buried: list_of_most']],
]);

test('a name is taken only once, and keeping one’s own is no taking', function (string $what): void {
    [$save, $input, $model] = saving($what);
    $save($input);
    expect(refusals(fn() => $save($input)))->toContain('name: name_taken')->and($model::query()->where('name', $input['name'])->count())->toBe(1);
})->with(['site', 'species', 'pot', 'vessel', 'sieves', 'fertiliser', 'recipe', 'premix', 'component']);

test('saved again under its own name, a thing is changed and not doubled', function (): void {
    $site = app(SaveSite::class)(new Site(), [...Yard::site(), 'name' => 'Hill']);
    app(SaveSite::class)($site, [...Yard::site(), 'name' => 'Hill', 'note' => 'Windy']);
    $pot = app(SavePot::class)(new Pot(), saving('pot')[1]);
    app(SavePot::class)($pot, [...saving('pot')[1], 'feet_cm' => 1.5]);
    expect(Site::query()->pluck('note', 'name')->all())->toBe(['Hill' => 'Windy'])->and(Pot::query()->where('name', 'New tray')->pluck('feet_cm')->all())->toBe([1.5]);
});

test('what a form of before does not know of a pot stays as it was', function (): void {
    $pot = app(SavePot::class)(new Pot(), [...saving('pot')[1], 'feet_cm' => 2, 'wall' => 'wood', 'colour' => '#AABBCC', 'light_passes' => true, 'home_made' => true]);
    app(SavePot::class)($pot, [...saving('pot')[1], 'name' => 'Renamed']);
    expect($pot->refresh()->only(['name', 'feet_cm', 'wall', 'colour', 'light_passes', 'home_made']))
        ->toBe(['name' => 'Renamed', 'feet_cm' => 2.0, 'wall' => 'wood', 'colour' => '#aabbcc', 'light_passes' => true, 'home_made' => true]);
});

test('a scoop that was filled with water holds what the water weighed', function (): void {
    $scoop = app(SaveVessel::class)(new Vessel(), ['name' => 'Ladle', 'kind' => 'scoop', 'water_g' => 499, 'volume_l' => 9]);
    expect($scoop->volume_l)->toEqualWithDelta(0.5, 0.001)->and($scoop->water_g)->toBe(499.0);
});

test('feed that does not last by days forgets how long it would', function (): void {
    $feed = app(SaveFertiliser::class)(new Fertiliser(), [...saving('fertiliser')[1], 'form' => 'liquid']);
    expect($feed->longevity_days)->toBeNull();
});

test('a recipe keeps a version for each mix, and none for a new name', function (): void {
    $recipe = app(SaveRecipe::class)(new Recipe(), saving('recipe')[1]);
    app(SaveRecipe::class)($recipe, [...saving('recipe')[1], 'name' => 'Renamed', 'note' => 'Good for aloes']);
    expect($recipe->refresh()->version)->toBe(1);
    $other = [...saving('recipe')[1], 'name' => 'Renamed', 'parts' => Yard::parts(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 1])];
    expect(refusals(fn() => app(SaveRecipe::class)($recipe, $other)))->toBe(['reason: reason_missing'])->and($recipe->refresh()->version)->toBe(1);
    app(SaveRecipe::class)($recipe, [...$other, 'reason' => 'Dried out too soon']);
    expect($recipe->refresh()->version)->toBe(2)->and($recipe->parts()->count())->toBe(2);
    // twice as much of each is the same mix
    app(SaveRecipe::class)($recipe, [...$other, 'parts' => Yard::parts(['pumice-3-6-mm' => 4, 'sphagnum-peat' => 2])]);
    expect($recipe->refresh()->version)->toBe(2);
});

test('tags are kept once each, without the blanks around them', function (): void {
    $recipe = app(SaveRecipe::class)(new Recipe(), [...saving('recipe')[1], 'tags' => [' airy', 'airy ', 'cheap']]);
    expect($recipe->tags)->toBe(['airy', 'cheap']);
});

test('a premix has the colour of its parts by their amounts', function (): void {
    Component::query()->where('key', 'pumice-3-6-mm')->update(['colour' => '#000000']);
    Component::query()->where('key', 'sphagnum-peat')->update(['colour' => '#ffffff']);
    $mix = app(SaveMix::class)(new Component(), ['name' => 'Grey', 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 3, 'sphagnum-peat' => 1])]);
    expect($mix->colour)->toBe('#404040');
});

test('only a reclaimed mix has years in it and was sieved', function (): void {
    $parts = Yard::parts(['pumice-3-6-mm' => 3]);
    $fresh = app(SaveMix::class)(new Component(), ['name' => 'Fresh', 'mix_parts' => $parts, 'reclaimed_years' => 4, 'sieved_mm' => 2]);
    $old = app(SaveMix::class)(new Component(), ['name' => 'Old', 'source' => 'reclaimed', 'mix_parts' => $parts, 'reclaimed_years' => 4, 'sieved_mm' => 2]);
    expect($fresh->only(['reclaimed_years', 'sieved_mm']))->toBe(['reclaimed_years' => null, 'sieved_mm' => null])
        ->and($old->only(['reclaimed_years', 'sieved_mm']))->toBe(['reclaimed_years' => 4.0, 'sieved_mm' => 2.0]);
});

test('a component with a taken key gets another one', function (): void {
    $first = app(SaveComponent::class)(new Component(), [...Yard::ownComponent(), 'name' => 'Pit gravel']);
    $second = app(SaveComponent::class)(new Component(), [...Yard::ownComponent(), 'name' => 'Pit-gravel']);
    expect($first->key)->toBe('pit-gravel')->and($second->key)->toStartWith('pit-gravel-')->and(strlen($second->key))->toBe(17);
});

test('plants are numbered on, past numbers that somebody gave by hand', function (): void {
    $numbers = array_map(static fn(array $changed): string => Collection::plant(['name' => 'Tree', ...$changed])->number, [[], [], ['number' => 'P-040'], [], ['number' => 'North 1'], []]);
    expect($numbers)->toBe(['P-001', 'P-002', 'P-040', 'P-041', 'North 1', 'P-042'])
        ->and(refusals(fn() => Collection::plant(['number' => 'P-040'])))->toBe(['number: number_taken']);
    $plant = Plant::query()->where('number', 'North 1')->firstOrFail();
    expect(app(SavePlant::class)($plant, Collection::input(['number' => '']))->number)->toBe('North 1');
});

test('a plant that moves or falls ill has it written down, one that stays has not', function (): void {
    $plant = Collection::plant();
    $kinds = fn(): array => $plant->events()->orderBy('id')->pluck('kind')->all();
    app(SavePlant::class)($plant, Collection::input());
    expect($kinds())->toBe([]);
    app(SavePlant::class)($plant, Collection::input(['place' => 'Shade house']));
    app(SavePlant::class)($plant, Collection::input(['place' => 'Shade house', 'health' => 'sick']));
    expect($kinds())->toBe(['moved', 'health']);
});

test('a plan for later years is kept in the order of the years', function (): void {
    $plant = Collection::plant(['plan' => [['year' => 2031, 'what' => 'root_work'], ['year' => 2028, 'what' => 'other', 'note' => 'Graft']]]);
    expect(array_column($plant->plan, 'year'))->toBe([2028, 2031])->and($plant->plan[0]['note'])->toBe('Graft');
});

test('young ones take after their parent and are numbered on', function (): void {
    $parent = Collection::plant(['name' => 'Mother', 'place' => 'Bed 3']);
    $young = app(TakeOffspring::class)($parent, ['kind' => 'cutting', 'count' => 3, 'on' => '2026-06-01']);
    expect(array_map(static fn(Plant $plant): array => [$plant->number, $plant->parent_id, $plant->species_id, $plant->place, $plant->year_started], $young))
        ->toBe(array_map(static fn(string $number): array => [$number, $parent->id, $parent->species_id, 'Bed 3', 2026], ['P-002', 'P-003', 'P-004']))
        ->and($parent->events()->where('kind', 'offspring')->firstOrFail()->data->jsonSerialize()['numbers'])->toBe(['P-002', 'P-003', 'P-004']);
});

test('no young ones where something is refused', function (array $changed, string $refused): void {
    $parent = Collection::plant();
    expect(refusals(fn() => app(TakeOffspring::class)($parent, ['kind' => 'cutting', ...$changed])))->toBe([$refused])->and(Plant::query()->count())->toBe(1)->and($parent->events()->count())->toBe(0);
})->with([
    [['count' => 0], 'count: integer'], [['count' => 201], 'count: integer'], [['kind' => 'clone'], 'kind: one_of'], [['on' => '2199-01-01'], 'on: day_between'], [['on' => '31.5.'], 'on: day'],
]);

test('water on a plant counts from the last water, not from a look that said wait', function (): void {
    $plant = Collection::plant();
    $at = now()->startOfHour();
    $check = fn(string $verdict, int $hours): ?float => app(CheckMoisture::class)($plant, ['verdict' => $verdict], $at->copy()->addHours($hours))->hours_since;
    expect($check('water', 0))->toBeNull()->and($check('wait', 20))->toBe(20.0)->and($check('water', 44))->toBe(44.0)->and($check('wait', 50))->toBe(6.0)
        // after so long nobody knows who watered in between
        ->and($check('water', 44 + 24 * 120 + 1))->toBeNull();
});

test('a stick does not read past its end, a probe not past a hundred', function (array $input, array $refused): void {
    $plant = Collection::plant();
    expect(refusals(fn() => app(CheckMoisture::class)($plant, $input)))->toBe($refused)->and(MoistureCheck::query()->count())->toBe($refused === [] ? 1 : 0);
})->with([
    [['verdict' => 'water', 'method' => 'probe', 'reading' => 100], []], [['verdict' => 'water', 'method' => 'probe', 'reading' => 101], ['reading: between']],
    [['verdict' => 'dry'], ['verdict: one_of']], [[], ['verdict: required']], [['verdict' => 'wait', 'method' => 'nose'], ['method: one_of']],
]);

test('what is told of a plant changes what it says, and asks for a reason where one is needed', function (array $input, array $kept): void {
    $plant = Collection::plant();
    app(TellOfPlant::class)($plant, ['on' => '2026-05-04', ...$input]);
    $plant->refresh();
    foreach ($kept as $field => $value) {
        $now = $plant->getAttribute($field);
        expect($now instanceof DateTimeInterface ? $now->format('Y-m-d') : $now)->toBe($value, $field);
    }
    expect($plant->events()->pluck('kind')->all())->toBe([$input['kind']]);
})->with([
    'a stage seen' => [['kind' => 'stage', 'stage' => 'buds_moving'], ['stage' => 'buds_moving', 'stage_seen_on' => '2026-05-04', 'status' => 'kept']],
    'left for later' => [['kind' => 'snoozed', 'until' => '2027-03-01', 'text' => 'In flower'], ['snoozed_until' => '2027-03-01', 'snooze_note' => 'In flower']],
    'due when I say' => [['kind' => 'override', 'until' => '2028-03-01', 'text' => 'Collected'], ['due_set_on' => '2028-03-01', 'due_on' => '2028-03-01']],
    'given away' => [['kind' => 'given_away', 'text' => 'A neighbour'], ['status' => 'given_away', 'left_on' => '2026-05-04', 'left_to' => 'A neighbour']],
    'dead' => [['kind' => 'died'], ['status' => 'died', 'left_on' => '2026-05-04']],
    'a note' => [['kind' => 'note', 'text' => 'Looks well'], ['status' => 'kept', 'left_on' => null]],
]);

test('what is told of a plant is refused whole', function (array $input, string $refused): void {
    $plant = Collection::plant();
    $before = $plant->refresh()->getRawOriginal();
    expect(refusals(fn() => app(TellOfPlant::class)($plant, $input)))->toContain($refused)->and($plant->refresh()->getRawOriginal())->toBe($before)->and($plant->events()->count())->toBe(0);
})->with([
    [['kind' => 'note'], 'text: reason_missing'], [['kind' => 'snoozed', 'until' => '2027-03-01'], 'text: reason_missing'], [['kind' => 'snoozed', 'text' => 'Later'], 'until: required'],
    [['kind' => 'stage', 'stage' => 'asleep'], 'stage: one_of'], [['kind' => 'outcome'], 'outcome: required'], [['kind' => 'sold'], 'kind: one_of'],
    [['kind' => 'died', 'on' => '2199-01-01'], 'on: day_between'], [['kind' => 'given_away'], 'text: reason_missing'],
]);
