<?php

declare(strict_types=1);

use App\Plants\Actions\TellOfPlant;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

/** @return list<string> kind and name of each that was found */
function lookedUp(object $test, string $text): array
{
    return array_map(static fn(array $hit): string => $hit['kind'].' '.($hit['name'] === '' ? $hit['of'] : $hit['name']), $test->getJson('/api/v1/lookup?q='.urlencode($text))->assertOk()->json('data'));
}

test('names, numbers and notes are found wherever they lie', function (): void {
    $plant = Collection::plant(['name' => 'Weathered larch', 'note' => 'Grafted by the old gardener in a wet year.']);
    app(TellOfPlant::class)($plant, ['kind' => 'note', 'text' => 'The gardener from the valley came to look.']);
    Collection::recipe('Gardener’s grit');
    $found = $this->getJson('/api/v1/lookup?q=gardener')->assertOk();
    Contract::check($found, 'Lookup');
    expect(lookedUp($this, 'gardener'))->toBe(['plant Weathered larch', "plant_note {$plant->number} Weathered larch", 'recipe Gardener’s grit'])
        ->and($found->json('data.0.line'))->toContain('old gardener')->and($found->json('data.1.id'))->toBe($plant->id)
        ->and(lookedUp($this, $plant->number))->toContain('plant Weathered larch')->and(lookedUp($this, 'PUMICE'))->toContain('component Pumice 3-6 mm')->and(lookedUp($this, 'nothing of the kind'))->toBe([]);
});

test('what begins so stands before what holds it, and the archive last', function (): void {
    foreach (['Old oak', 'Oak on rock', 'Rock with oak'] as $name) {
        Collection::plant(['name' => $name, 'place' => '']);
    }
    Collection::plant(['name' => 'Oak that left'])->setArchived(true);
    expect(lookedUp($this, 'oak'))->toBe(['plant Oak on rock', 'plant Old oak', 'plant Rock with oak', 'plant Oak that left']);
});

test('signs of a pattern are taken as they are', function (): void {
    Collection::plant(['name' => 'A 100% root_ball', 'note' => 'C:\\temp']);
    Collection::plant(['name' => 'Something else']);
    expect(lookedUp($this, '100%'))->toBe(['plant A 100% root_ball'])->and(lookedUp($this, 't_b'))->toBe(['plant A 100% root_ball'])->and(lookedUp($this, 'C:\\t'))->toBe(['plant A 100% root_ball'])->and(lookedUp($this, "' or 1=1 --"))->toBe([]);
});

test('of many only the best few of a kind are told', function (): void {
    foreach (range(1, 9) as $i) {
        Collection::plant(['name' => "Seedling $i"]);
    }
    expect(lookedUp($this, 'seedling'))->toHaveCount(6);
});

test('too short, too long or nothing is refused', function (string $query): void {
    $refused = $this->getJson('/api/v1/lookup'.$query);
    assert($refused instanceof TestResponse);
    $refused->assertUnprocessable()->assertJsonPath('errors.0.path', 'q');
})->with(['', '?q=', '?q=a', '?q='.str_repeat('a', 81)]);
