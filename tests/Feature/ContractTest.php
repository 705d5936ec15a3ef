<?php

declare(strict_types=1);

use App\Bench\VesselFields;
use App\Common\Field;
use App\Console\Contract as Described;
use App\Plants\FertiliserFields;
use App\Plants\PlantFields;
use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use App\Pots\PotFields;
use App\Situations\SiteFields;
use App\Situations\SpeciesFields;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;

test('the contract says what code describes: after a change `npm run contract` writes it anew', function (): void {
    $document = Contract::document();
    expect(Described::described($document))->toEqual($document);
});

test('a field that code describes and the contract lacks is found', function (): void {
    $document = Contract::document();
    unset($document['components']['schemas']['PlantInput']['properties']['trunk_mm']);
    expect(Described::described($document))->not->toEqual($document)
        ->and(Described::described($document)['components']['schemas']['PlantInput']['properties']['trunk_mm'])->toBe(['type' => ['number', 'null']]);
});

test('every described field of a plant has its column, its place in the answer and in the contract', function (): void {
    $columns = Schema::getColumnListing('plants');
    $plant = Collection::plant();
    $answer = $this->getJson("/api/v1/plants/{$plant->id}")->json('plant');
    $properties = Contract::document()['components']['schemas']['PlantInput']['properties'];
    foreach (PlantFields::names() as $name) {
        expect($columns)->toContain($name)->and($answer)->toHaveKey($name)->and($properties)->toHaveKey($name);
    }
    expect(array_keys($properties))->toEqualCanonicalizing(PlantFields::names());
});

test('every described field of a plant of the library has its column, its place in the answer and in the contract', function (): void {
    $answer = $this->postJson('/api/v1/species', ['name' => 'New plant', 'plant_group' => 'desert', 'air_low' => 0.2])->assertCreated();
    $properties = Contract::document()['components']['schemas']['SpeciesInput']['properties'];
    foreach (array_keys(SpeciesFields::all()) as $name) {
        expect(Schema::getColumnListing('species'))->toContain($name)->and($answer->json())->toHaveKey($name)->and($properties)->toHaveKey($name);
    }
    expect(array_keys($properties))->toEqualCanonicalizing(array_keys(SpeciesFields::all()))
        ->and(Contract::document()['components']['schemas']['SpeciesInput']['required'])->toBe(['name', 'plant_group'])->and($answer->json('air_low'))->toBe(0.2);
});

test('what is described of a pot, a site, a vessel and a fertiliser is what a form takes, a column holds and an answer tells', function (string $schema, string $table, array $names, Closure $answer): void {
    $properties = Contract::document()['components']['schemas'][$schema.'Input']['properties'];
    expect(array_keys($properties))->toEqualCanonicalizing($names);
    $told = $answer($this);
    foreach ($names as $name) {
        expect(Schema::getColumnListing($table))->toContain($name)->and($told)->toHaveKey($name);
    }
})->with([
    ['Pot', 'pots', PotFields::names(), fn($test) => $test->getJson('/api/v1/pots/'.Yard::pot()->id)->assertOk()->json()],
    ['Site', 'sites', SiteFields::names(), function ($test) {
        Yard::siteId();

        return $test->getJson('/api/v1/sites')->assertOk()->json('data.0');
    }],
    ['Vessel', 'vessels', array_keys(VesselFields::all()), fn($test) => $test->postJson('/api/v1/vessels', ['name' => 'Scoop 3', 'kind' => 'scoop', 'volume_l' => 1.5])->assertCreated()->json()],
    ['Fertiliser', 'fertilisers', array_keys(FertiliserFields::all()), fn($test) => $test->postJson('/api/v1/fertilisers', ['name' => 'Grains', 'form' => 'granule', 'n_percent' => 6, 'p2o5_percent' => 4, 'k2o_percent' => 5, 'label_g_l' => 3])->assertCreated()->json()],
]);

test('a field is read as what it is described to be', function (Field $field, mixed $given, mixed $read, ?string $rule): void {
    $refusals = new Refusals();
    $found = $field->read(Fields::of($given === null ? [] : [$field->name => $given], [$field->name], $refusals), $refusals);
    $rules = [];
    try {
        $refusals->throwIfAny();
    } catch (Zolbek\Core\Basis\Input\Refused $refused) {
        $rules = array_column($refused->refusals, 'rule');
    }
    expect($rules)->toBe($rule === null ? [] : [$rule]);
    if ($rule === null) {
        expect($found)->toBe($read);
    }
})->with([
    'a figure with a usual value' => [Field::figure('x', 'kg', 0, 9, 2.5), null, 2.5, null],
    'given all the same' => [Field::figure('x', 'kg', 0, 9, 2.5), 0, 0.0, null],
    'one that is asked' => [Field::figure('x', 'kg', 0, 9)->asked(), null, null, 'required'],
    'one above nothing' => [Field::above('x', 'mm', 50), 0, null, 'above'],
    'left out' => [Field::above('x', 'mm', 50), null, null, null],
    'asked and above nothing' => [Field::above('x', 'mm', 50)->asked(), null, null, 'required'],
    'a whole number with a usual value' => [Field::whole('x', 0, 9, 1), null, 1, null],
    'asked whole' => [Field::whole('x', 0, 9)->asked(), null, null, 'required'],
    'a broken whole' => [Field::whole('x', 0, 9, 1), 1.5, null, 'integer'],
    'a colour' => [Field::colour('x', '#112233'), '#AABBCC', '#aabbcc', null],
    'the usual colour' => [Field::colour('x', '#112233'), null, '#112233', null],
    'no colour' => [Field::colour('x', '#112233'), 'red', null, 'colour'],
    'a day of any year' => [Field::dayOfYear('x'), '02-29', '02-29', null],
    'no day of a year' => [Field::dayOfYear('x'), '02-30', null, 'day_of_year'],
    'no day at all' => [Field::dayOfYear('x'), null, null, null],
]);

test('a form that changes a pot keeps what it does not give, and one that adds it takes what is usual', function (): void {
    $pot = $this->postJson('/api/v1/pots', ['name' => 'Old tub', 'shape' => 'round', 'depth' => 20, 'measures' => ['top' => 20, 'base' => 18], 'hole_count' => 0, 'feet_cm' => 2, 'colour' => '#112233'])->assertCreated();
    expect($pot->json('owned'))->toBe(1)->and($pot->json('wall'))->toBe('fired_clay')->and($pot->json('hole_diameter_cm'))->toBeNull();
    $again = app(SavePot::class)(Pot::query()->findOrFail($pot->json('id')), ['name' => 'Old tub', 'shape' => 'round', 'depth' => 21, 'measures' => ['top' => 20, 'base' => 18], 'hole_count' => 0]);
    expect($again->feet_cm)->toBe(2.0)->and($again->colour)->toBe('#112233')->and($again->depth)->toBe(21.0);
    $this->postJson('/api/v1/pots', ['name' => 'With holes', 'shape' => 'round', 'depth' => 20, 'measures' => ['top' => 20, 'base' => 18], 'hole_count' => 3])->assertUnprocessable()->assertJsonPath('errors.0.path', 'hole_diameter_cm');
});

test('a described field is read, left out and refused by what it is', function (string $name, mixed $given, mixed $read, ?string $rule): void {
    $refusals = new Refusals();
    $found = PlantFields::all()[$name]->read(Fields::of([$name => $given], [$name], $refusals), $refusals);
    $rules = [];
    try {
        $refusals->throwIfAny();
    } catch (Zolbek\Core\Basis\Input\Refused $refused) {
        $rules = array_column($refused->refusals, 'rule');
    }
    expect($rules)->toBe($rule === null ? [] : [$rule]);
    if ($rule === null) {
        expect($found instanceof DateTimeInterface ? $found->format('Y-m-d') : $found)->toBe($read);
    }
})->with([
    ['name', 'Larch', 'Larch', null],
    ['name', null, null, 'required'],
    ['name', str_repeat('x', 101), null, 'text'],
    ['note', null, '', null],
    ['trunk_mm', 30, 30.0, null],
    ['trunk_mm', null, null, null],
    ['trunk_mm', 0, null, 'between'],
    ['trunk_mm', 'thick', null, 'number'],
    ['year_started', 2010, 2010, null],
    ['year_started', 2010.5, null, 'integer'],
    ['year_started', 999, null, 'integer'],
    ['year_started', null, null, null],
    ['exposure', 'shade', 'shade', null],
    ['exposure', null, 'full_sun', null],
    ['exposure', 'cellar', null, 'one_of'],
    ['shelter', true, true, null],
    ['shelter', null, false, null],
    ['shelter', 'yes', null, 'flag'],
    ['potted_on', '2024-03-02', '2024-03-02', null],
    ['potted_on', null, null, null],
    ['potted_on', '2024-02-30', null, 'day'],
]);

test('a usual word of its own goes before the usual one', function (): void {
    $refusals = new Refusals();
    $field = PlantFields::all()['vigour'];
    expect($field->read(Fields::of([], ['vigour'], $refusals), $refusals, 'slow'))->toBe('slow')
        ->and($field->read(Fields::of(['vigour' => 'vigorous'], ['vigour'], $refusals), $refusals, 'slow'))->toBe('vigorous')
        ->and($field->read(Fields::of([], ['vigour'], $refusals), $refusals))->toBe('middling');
});
