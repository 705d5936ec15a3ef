<?php

declare(strict_types=1);

use App\Pots\Models\Pot;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;
use Tests\Feature\Yard;

// what every list does alike, and what a picker asks of one

/** @return list<int> the ids of many pots, in the order of their names */
function pots(int $count): array
{
    $row = Yard::pot('Row 000')->only(['shape', 'depth', 'measures', 'hole_count', 'hole_diameter_cm', 'hole_open_share', 'weight_kg']);
    foreach (range(1, $count - 1) as $i) {
        Pot::query()->create([...$row, 'name' => sprintf('Row %03d', $i)]);
    }

    return array_map(intval(...), Pot::query()->orderBy('name')->pluck('id')->all());
}

test('a record far down a list stands first where a form has chosen it', function (): void {
    $ids = pots(201);
    $chosen = $ids[200];
    $first = $this->getJson("/api/v1/pots?per_page=50&with={$chosen}")->assertOk();
    expect($first->json('data.0.id'))->toBe($chosen)->and($first->json('data.0.name'))->toBe('Row 200')
        ->and(array_slice(array_column($first->json('data'), 'id'), 1))->toBe(array_slice($ids, 0, 50))
        ->and($first->json('total'))->toBe(201);
});

test('row 201 is found by its name', function (): void {
    $ids = pots(201);
    $this->getJson('/api/v1/pots?per_page=50&search=row%20200')->assertJsonPath('total', 1)->assertJsonPath('data.0.id', $ids[200]);
});

test('a chosen record is not told twice', function (): void {
    $ids = pots(3);
    expect(array_column($this->getJson("/api/v1/pots?with={$ids[1]}")->json('data'), 'id'))->toBe($ids);
});

test('a chosen record is told while one searches for another, and in the archive too', function (): void {
    $ids = pots(3);
    $this->putJson("/api/v1/pots/{$ids[0]}/archived", ['archived' => true])->assertOk();
    expect(array_column($this->getJson("/api/v1/pots?search=002&with={$ids[0]}")->json('data'), 'id'))->toBe([$ids[0], $ids[2]]);
});

test('a chosen record that is not there is left out', function (): void {
    $ids = pots(2);
    expect(array_column($this->getJson('/api/v1/pots?with=999999')->json('data'), 'id'))->toBe($ids);
});

test('a chosen record must be a number from 1', function (string $with): void {
    $this->getJson('/api/v1/pots?with='.$with)->assertStatus(422)->assertJsonPath('errors.0.path', 'with');
})->with(['0', '-4', '1.5', 'one', '1e400']);

test('a chosen record costs a few questions more, however long the list is', function (): void {
    $count = function (string $address): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson($address)->assertOk();

        return count(DB::getQueryLog());
    };
    $chosen = Collection::plant(['name' => 'Zelkova']);
    Collection::plant(['name' => 'Another']);
    $address = "/api/v1/plants?per_page=1&sort=name&with={$chosen->id}";
    $few = $count($address);
    foreach (range(1, 6) as $i) {
        Collection::plant(['name' => 'More of them '.$i]);
    }
    expect($count($address))->toBe($few)->and($this->getJson($address)->json('data.0.name'))->toBe('Zelkova');
});

test('every list is paged, sorted both ways and refuses what it does not know', function (string $list): void {
    Collection::plant();
    $this->getJson("/api/v1/{$list}?per_page=1")->assertOk()->assertJsonPath('per_page', 1)->assertJsonPath('page', 1);
    $this->getJson("/api/v1/{$list}?page=1000&per_page=1")->assertOk()->assertJsonPath('data', []);
    foreach (['page=0' => 'page', 'per_page=201' => 'per_page', 'per_page=x' => 'per_page', 'sort=secret' => 'sort', 'with=0' => 'with'] as $query => $path) {
        $this->getJson("/api/v1/{$list}?{$query}")->assertStatus(422)->assertJsonPath('errors.0.path', $path);
    }
})->with(['components', 'pots', 'recipes', 'sites', 'species', 'batches', 'vessels', 'sieve-sets', 'bench/tests', 'plants', 'fertilisers', 'days', 'tasks']);

test('turned round, a list ends as it began', function (string $list, string $sort): void {
    pots(4);
    foreach (['Apple', 'Birch', 'Cedar'] as $name) {
        Species::query()->create(['key' => $name, 'name' => $name, 'plant_group' => 'desert', 'leaf' => 'middling', 'evergreen' => false]);
    }
    Yard::siteId();
    $names = array_column($this->getJson("/api/v1/{$list}?sort={$sort}&per_page=200")->assertOk()->json('data'), 'name');
    expect(array_reverse($names))->toBe(array_column($this->getJson("/api/v1/{$list}?sort=-{$sort}&per_page=200")->json('data'), 'name'))->and($names)->toBe(collect($names)->sort()->values()->all());
})->with([['pots', 'name'], ['components', 'name'], ['sites', 'name'], ['species', 'name']]);

test('a text that is searched for means nothing to the database', function (string $text, array $found): void {
    foreach (['100 % sun', 'half_shade', 'back\\yard', "o'clock"] as $name) {
        Site::query()->create([...Yard::site(), 'name' => $name]);
    }
    expect(array_column($this->getJson('/api/v1/sites?search='.rawurlencode($text))->assertOk()->json('data'), 'name'))->toBe($found);
})->with([
    'percent' => ['%', ['100 % sun']],
    'underline' => ['_', ['half_shade']],
    'backslash' => ['\\', ['back\\yard']],
    'quote' => ["'", ["o'clock"]],
    'capitals' => ['HALF', ['half_shade']],
    'blanks around' => ['  sun ', ['100 % sun']],
]);

test('a plant of the library is found by its name and by what it is known by', function (): void {
    foreach (['Thick leaf' => 'stores water', 'Some pine' => 'two needles'] as $name => $reason) {
        Species::query()->create(['key' => $name, 'name' => $name, 'plant_group' => 'desert', 'leaf' => 'middling', 'evergreen' => false, 'unidentified' => $name === 'Thick leaf', 'reason' => $reason]);
    }
    $names = fn(string $query): array => array_column($this->getJson('/api/v1/species?'.$query)->assertOk()->json('data'), 'name');
    expect($names('search=needles'))->toBe(['Some pine'])->and($names('search=thick'))->toBe(['Thick leaf'])
        ->and($names('search=archived'))->toBe([])->and($names('sort=-unidentified'))->toBe(['Thick leaf', 'Some pine']);
    Species::query()->where('name', 'Some pine')->update(['archived_at' => now()]);
    expect($names('search=needles'))->toBe([])->and($names('search=needles&archived=1'))->toBe(['Some pine']);
});
