<?php

declare(strict_types=1);

use App\Console\Contract as Described;
use App\Plants\PlantFields;
use App\Situations\SpeciesFields;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
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
