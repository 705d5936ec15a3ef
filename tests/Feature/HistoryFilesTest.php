<?php

declare(strict_types=1);

use App\Plants\Carried;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;

// what a file says that a line of history carries is a stranger's word until it is looked at

beforeEach(function (): void {
    $plant = Collection::plant(['name' => 'Gate pine', 'number' => 'N-1']);
    $this->file = $this->get("/api/v1/plant-files/{$plant->id}")->assertOk()->json();
    $this->take = fn(string $kind, array $carried) => $this->postJson('/api/v1/plant-files', [
        ...$this->file, 'plant' => [...$this->file['plant'], 'number' => 'N-2'],
        'history' => [['kind' => $kind, 'happened_on' => '2025-04-01', 'person' => '', 'text' => '', 'data' => $carried]],
    ]);
    $this->asked = fn(int $id): array => ["plants/$id", "plants/$id/growth", "plants/$id/stays", "plant-files/$id", 'round', 'outcomes', 'right', 'diary', 'today', 'exports/plant-history', ...array_map(static fn(int $recipe): string => "outcomes/$recipe", DB::table('recipes')->pluck('id')->all())];
});

test('what it carries is refused at its line, or taken and never stumbled over', function (string $kind, array $carried): void {
    $taken = ($this->take)($kind, $carried);
    if ($taken->getStatusCode() !== 201) {
        expect($taken->getStatusCode())->toBe(422)->and($taken->json('errors.0.path'))->toStartWith('history.0');

        return;
    }
    $answers = [];
    foreach (($this->asked)($taken->json('id')) as $path) {
        $answers[$path] = $this->get('/api/v1/'.$path)->getStatusCode();
    }
    $day = $this->postJson('/api/v1/days', ['name' => 'April', 'planned_on' => now()->toDateString()])->assertCreated()->json('id');
    $answers['day'] = $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$taken->json('id')]])->getStatusCode();
    $answers['of the day'] = $this->get("/api/v1/days/$day")->getStatusCode();
    expect($answers['day'])->toBeLessThan(300);
    expect(array_filter($answers, static fn(int $status): bool => $status >= 500))->toBe([]);
})->with([
    ['potted', ['standing' => ['recipe_id' => 1]]], ['potted', ['standing' => 'x']], ['potted', ['actual' => 'x', 'plan' => 7]], ['potted', ['actual' => ['run_through_s' => 'x', 'roots_cut_share' => [], 'findings' => 'x']]],
    ['potted', ['minutes' => [], 'plain_minutes' => 'x']], ['potted', ['place' => [1]]], ['potted', ['ended_tasks' => 'x']], ['potted', ['before' => ['standing' => [], 'potted_on' => 'yesterday']]],
    ['inspected', ['findings' => 'x', 'work' => 'x']], ['inspected', ['work' => []]], ['inspected', ['work' => ['treatment' => []]]], ['inspected', ['work' => ['treatment' => 'sing to it', 'roots_removed_share' => 7]]], ['inspected', ['findings' => [[], 1, null]]],
    ['outcome', ['outcome' => []]], ['outcome', ['outcome' => 'flew away']], ['task_done', ['task' => []]], ['note', ['use' => 'x', 'use_spread' => []]],
]);

test('what it was potted into is counted with the mix of that name here, and not by a number from elsewhere', function (): void {
    $recipe = DB::table('recipes')->first();
    $standing = $this->file['standing'] ?? Plant::query()->firstOrFail()->standing?->jsonSerialize();
    $id = ($this->take)('potted', ['place' => 'Ridge bench', 'standing' => [...$standing, 'recipe_id' => 4711], 'before' => ['name' => 'Somebody else']])->assertCreated()->json('id');
    $event = PlantEvent::query()->where('plant_id', $id)->where('kind', 'potted')->firstOrFail();
    expect($event->data->standing()?->recipeId)->toBe($recipe->id)->and($event->data->standing()?->recipeName)->toBe($recipe->name)->and($event->data->place())->toBe('Ridge bench')->and($event->data->before()->jsonSerialize())->toBe([]);
    ($this->take)('potted', ['standing' => [...$standing, 'recipe_name' => 'No such mix']]);
    expect(PlantEvent::query()->where('kind', 'potted')->orderByDesc('id')->firstOrFail()->data->standing()?->recipeId)->toBe($recipe->id);
});

test('a line that was once taken in unread stands there without what cannot be read', function (): void {
    $id = DB::table('plants')->value('id');
    DB::table('plant_events')->insert(['plant_id' => $id, 'kind' => 'potted', 'happened_on' => '2025-04-01', 'person' => '', 'text' => '', 'data' => '{"standing":{"recipe_id":1},"minutes":"soon"}']);
    foreach (($this->asked)($id) as $path) {
        expect($this->get('/api/v1/'.$path)->getStatusCode())->toBe(200, $path);
    }
});

test('what a line carries is told as the kind of thing that it is, or not at all', function (array $kept, array $told): void {
    $carried = Carried::fromKept($kept);
    $asked = ['standing' => $carried->standing(), 'stoodIn' => $carried->before()->stoodIn(), 'place' => $carried->place(), 'ended' => $carried->endedTasks(), 'cut' => $carried->rootsCutShare(), 'seconds' => $carried->runThroughS(), 'minutes' => $carried->minutes(), 'outcome' => $carried->outcome(), 'inspected' => $carried->inspected(), 'seen' => $carried->seenAtPotting(), 'work' => $carried->work()];
    $nothing = ['standing' => null, 'stoodIn' => null, 'place' => null, 'ended' => [], 'cut' => null, 'seconds' => null, 'minutes' => null, 'outcome' => 'took', 'inspected' => null, 'seen' => null, 'work' => []];
    expect($asked)->toBe([...$nothing, ...$told])->and($carried->jsonSerialize())->toBe($kept);
})->with([
    'nothing' => [[], []],
    'a potting' => [['place' => 'North wall', 'ended_tasks' => [3, 4], 'plan' => ['roots_cut_share' => 0.2], 'actual' => ['run_through_s' => 12, 'findings' => ['mat']], 'minutes' => 14, 'plain_minutes' => 20.5], ['place' => 'North wall', 'ended' => [3, 4], 'cut' => 0.2, 'seconds' => 12.0, 'minutes' => [14.0, 20.5], 'seen' => ['mat']]],
    'what was done goes before what was planned' => [['plan' => ['roots_cut_share' => 0.2], 'actual' => ['roots_cut_share' => 0]], ['cut' => 0.0]],
    'an inspection' => [['findings' => ['mat', 'old_core'], 'work' => ['treatment' => 'washed', 'roots_removed_share' => 0.1]], ['inspected' => ['mat', 'old_core'], 'work' => ['treatment' => 'washed', 'roots_cut_share' => 0.1]]],
    'an outcome' => [['outcome' => 'sulked'], ['outcome' => 'sulked']],
    'an inspection that saw nothing' => [['findings' => []], ['inspected' => []]],
    'nonsense' => [['place' => 7, 'ended_tasks' => 'x', 'plan' => 'x', 'actual' => ['run_through_s' => 'soon', 'findings' => [1]], 'minutes' => 'x', 'before' => 1, 'work' => ['treatment' => 4], 'outcome' => []], []],
]);
