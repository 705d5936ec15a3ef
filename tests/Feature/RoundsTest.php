<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

// a round against pests: one task for all plants of a place, a group or the yard, ticked at once or plant by plant

beforeEach(function (): void {
    $this->plants = array_map(static fn(string $place): int => Collection::plant(['name' => 'At '.$place, 'place' => $place])->id, ['Tunnel', 'Tunnel', 'Field']);
    $this->desert = Collection::plant(['name' => 'Desert', 'place' => 'Tunnel', 'plant_group' => 'desert', 'species_id' => null])->id;
    Collection::plant(['name' => 'Gone', 'place' => 'Tunnel'])->setArchived(true);
    $this->add = fn(array $of) => $this->postJson('/api/v1/rounds', ['due_on' => now()->toDateString(), 'note' => 'Against aphids', ...$of]);
});

test('each plant of a place, of a group or of the yard has its own, those in the archive none', function (array $of, int $tasks): void {
    $answer = ($this->add)($of)->assertCreated();
    Contract::check($answer, 'Round');
    expect($answer->json('tasks'))->toBe($tasks)->and(CareTask::query()->where('round', $answer->json('round'))->count())->toBe($tasks);
    $listed = $this->getJson('/api/v1/tasks')->assertOk();
    Contract::check($listed, 'CareTaskPage');
    expect($listed->json('data'))->toHaveCount($tasks)->and(array_unique(array_column($listed->json('data'), 'round')))->toBe([$answer->json('round')]);
})->with([[[], 4], [['place' => 'Tunnel'], 3], [['plant_group' => 'desert'], 1], [['place' => 'Tunnel', 'plant_group' => 'desert'], 1]]);

test('one tick does all that are open, a slip is taken back, and what repeats comes again as a round', function (): void {
    $round = ($this->add)(['place' => 'Tunnel', 'every_days' => 14])->json('round');
    $first = CareTask::query()->where('round', $round)->firstOrFail();
    $this->putJson('/api/v1/tasks/'.$first->id, ['do' => 'skip', 'reason' => 'Not this one'])->assertOk();
    $this->putJson("/api/v1/rounds/$round", ['do' => 'done', 'person' => 'Ann'])->assertOk()->assertJsonPath('tasks', 2);
    $open = CareTask::query()->where('round', $round)->where('state', 'open')->get();
    expect($open)->toHaveCount(2)->and($open->map(static fn(CareTask $task): string => $task->due_on->toDateString())->unique()->all())->toBe([now()->addDays(14)->toDateString()]);
    expect($this->getJson('/api/v1/plants/'.$this->plants[1])->json('events.0.kind'))->toBe('task_done');
    $this->putJson("/api/v1/rounds/$round", ['do' => 'reopen'])->assertOk()->assertJsonPath('tasks', 2);
    $again = CareTask::query()->where('round', $round)->where('state', 'open')->get();
    expect($again)->toHaveCount(2)->and($again[0]?->due_on->isToday())->toBeTrue();
    $this->putJson("/api/v1/rounds/$round", ['do' => 'postpone', 'until' => now()->addDays(3)->toDateString()])->assertOk();
    expect(CareTask::query()->where('round', $round)->where('state', 'open')->get()->map(static fn(CareTask $task): string => $task->due_on->toDateString())->unique()->all())->toBe([now()->addDays(3)->toDateString()]);
    $this->putJson("/api/v1/rounds/$round", ['do' => 'skip'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
    $this->putJson("/api/v1/rounds/$round", ['do' => 'skip', 'reason' => 'Ladybirds came'])->assertOk();
    $this->putJson("/api/v1/rounds/$round", ['do' => 'done'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'do')->assertJsonPath('errors.0.rule', 'task_closed');
});

test('what comes again for one plant is not done early with the others', function (): void {
    $round = ($this->add)(['place' => 'Tunnel', 'every_days' => 14])->json('round');
    $this->putJson('/api/v1/tasks/'.CareTask::query()->where('round', $round)->firstOrFail()->id, ['do' => 'done'])->assertOk();
    $this->putJson("/api/v1/rounds/$round", ['do' => 'done'])->assertOk()->assertJsonPath('tasks', 2);
    expect(CareTask::query()->where('round', $round)->where('state', 'open')->count())->toBe(3);
    // nothing is due for two weeks: the next turn may be done early, by all
    $this->putJson("/api/v1/rounds/$round", ['do' => 'done'])->assertOk()->assertJsonPath('tasks', 3);
});

test('a place where nothing stands, a group that is none and a task without words are refused at their fields', function (): void {
    ($this->add)(['place' => 'Moon'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'place')->assertJsonPath('errors.0.rule', 'no_such_plants');
    ($this->add)(['plant_group' => 'ferns'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_group');
    ($this->add)(['note' => ''])->assertUnprocessable()->assertJsonPath('errors.0.path', 'note');
    expect(CareTask::query()->count())->toBe(0);
});
