<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Yard;

// nothing but a page of the application itself, or a program that is no page, can change anything

/** @param array<string, string> $headers */
function sent(string $method, string $path, string $body = '{}', array $headers = []): TestResponse
{
    $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];
    foreach ($headers as $name => $value) {
        $value = str_replace('{here}', rtrim(url('/'), '/'), $value);
        $server[in_array($name, ['Content-Type'], true) ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
    }

    return test()->call($method, '/api/v1/'.$path, [], [], [], array_filter($server, static fn(string $value): bool => $value !== ''), $body);
}

/** What stands in every table. */
function allTables(): string
{
    $rows = [];
    foreach (DB::table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
        $rows[$table] = DB::table($table)->get();
    }

    return (string) json_encode($rows);
}

beforeEach(function (): void {
    $this->plant = Collection::plant(['name' => 'Gate pine'])->id;
});

test('a write with a wrong media type is answered 415 and changes nothing', function (string $type): void {
    $before = allTables();
    sent('PUT', 'plants/'.$this->plant, '{"name":"Taken"}', ['Content-Type' => $type])->assertStatus(415)->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'application/json'));
    sent('POST', 'sites', (string) json_encode([...Yard::site(), 'name' => 'Another']), ['Content-Type' => $type])->assertStatus(415);
    sent('DELETE', 'days/1/finished', '{}', ['Content-Type' => $type])->assertStatus(415);
    expect(allTables())->toBe($before);
})->with(['text/plain; a=/json', 'text/plain;+json', 'text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=json', 'text/json', 'application/jsonp', 'application/problem+json', 'text/csv', 'image/png']);

test('the very media type is taken, with parameters and in any case', function (string $type): void {
    sent('POST', 'sites', (string) json_encode([...Yard::site(), 'name' => 'Another']), ['Content-Type' => $type])->assertCreated();
})->with(['application/json', 'application/json; charset=utf-8', 'Application/JSON']);

test('CSV is for imports and pictures are for pictures', function (): void {
    sent('POST', 'sites', 'name', ['Content-Type' => 'text/csv'])->assertStatus(415);
    sent('POST', 'imports/components', 'name', ['Content-Type' => 'text/csvish'])->assertStatus(415);
    sent('POST', 'imports/components?dry=1', 'nonsense', ['Content-Type' => 'text/csv; charset=utf-8'])->assertStatus(422);
    sent('POST', 'plants/'.$this->plant.'/photos', 'x', ['Content-Type' => 'image/svg+xml'])->assertStatus(415);
});

test('a method in a header, a query or a field is answered 405', function (string $method, string $path, string $body, array $headers): void {
    $before = allTables();
    sent($method, str_replace('{plant}', (string) $this->plant, $path), $body, $headers)->assertStatus(405);
    expect(allTables())->toBe($before);
})->with([
    ['POST', 'plants/{plant}?_method=PUT', '{"name":"Taken"}', ['Content-Type' => 'text/plain; a=/json']],
    ['POST', 'plants/{plant}?_method=PUT', '{"name":"Taken"}', []],
    ['POST', 'components/1/lots?_method=DELETE', '', ['Content-Type' => '']],
    ['POST', 'plants/{plant}', '{"name":"Taken","_method":"PUT"}', []],
    ['POST', 'plants/{plant}', '{"name":"Taken"}', ['X-HTTP-Method-Override' => 'PUT']],
    ['GET', 'plants/{plant}?_method=DELETE', '', []],
]);

test('a write from another origin is answered 403 and changes nothing', function (array $headers): void {
    $before = allTables();
    foreach ([['PUT', 'plants/'.$this->plant, '{"name":"Taken"}'], ['POST', 'sites', (string) json_encode([...Yard::site(), 'name' => 'Theirs'])], ['DELETE', 'days/1/finished', ''], ['POST', 'imports/components', 'name']] as [$method, $path, $body]) {
        sent($method, $path, $body, $headers)->assertStatus(403)->assertJsonPath('message', 'Only pages of Zolbek itself may change anything here.');
    }
    // reading is not what this is about: a browser keeps the answer from the other page
    sent('GET', 'plants', '', $headers)->assertOk();
    expect(allTables())->toBe($before);
})->with([
    'another site' => [['Origin' => 'https://elsewhere.example']],
    'another port' => [['Origin' => '{here}:9999']],
    'the same name, secured' => [['Origin' => 'https://localhost']],
    'no name' => [['Origin' => 'null']],
    'cross-site' => [['Sec-Fetch-Site' => 'cross-site']],
    'same-site' => [['Sec-Fetch-Site' => 'same-site', 'Origin' => '{here}']],
]);

test('a page of ones own may write, and so may a program that is no page', function (array $headers): void {
    sent('POST', 'sites', (string) json_encode([...Yard::site(), 'name' => 'Ours']), $headers)->assertCreated();
})->with([
    'a page here' => [['Origin' => '{here}', 'Sec-Fetch-Site' => 'same-origin']],
    'no page' => [[]],
    'typed' => [['Sec-Fetch-Site' => 'none']],
]);

test('nothing is read of what is turned away', function (): void {
    DB::enableQueryLog();
    DB::flushQueryLog();
    sent('PUT', 'plants/'.$this->plant, '{"name":"Taken"}', ['Origin' => 'https://elsewhere.example']);
    sent('PUT', 'plants/'.$this->plant, '{"name":"Taken"}', ['Content-Type' => 'text/plain']);
    sent('POST', 'plants/'.$this->plant.'?_method=PUT', '{"name":"Taken"}');
    expect(DB::getQueryLog())->toBe([])->and(Plant::query()->findOrFail($this->plant)->name)->toBe('Gate pine')->and(Component::query()->where('name', 'Taken')->exists())->toBeFalse();
});
