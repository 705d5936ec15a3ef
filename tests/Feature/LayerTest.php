<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

// a layer is a state of its mother, until its top is a plant of its own

test('a layer is put on, looked at and separated; top and stump go on one day', function (): void {
    $mother = Collection::plant(['name' => 'Tall maple', 'place' => 'Shade']);
    $do = fn(array $input) => $this->postJson('/api/v1/plants/'.$mother->id.'/layer', $input);
    $do(['do' => 'look', 'roots' => 'few'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'no_layer');
    $do(['do' => 'put', 'wrap' => '', 'litres' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'wrap')->assertJsonPath('errors.1.path', 'litres');
    $do(['do' => 'put', 'wrap' => 'Long moss in foil', 'litres' => 0.6, 'on' => now()->subDays(60)->toDateString()])->assertOk()->assertJsonPath('air_layer.litres', 0.6);
    $do(['do' => 'put', 'wrap' => 'Moss', 'litres' => 1])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'layer_there');
    $task = CareTask::query()->where('plant_id', $mother->id)->sole();
    expect($task->every_days)->toBe(14)->and($task->state)->toBe('open');
    $do(['do' => 'look', 'roots' => 'enough', 'text' => 'White all round'])->assertOk()->assertJsonPath('air_layer.looks.0.roots', 'enough');
    $dossier = $this->getJson('/api/v1/plants/'.$mother->id);
    Contract::check($dossier, 'PlantDossier');
    expect($dossier->json('events.0.text'))->toBe('Layer looked at: roots enough. White all round');
    $top = $do(['do' => 'separate', 'place' => 'Tunnel'])->assertCreated()->json();
    expect($top['origin'])->toBe('layer')->and($top['parent_id'])->toBe($mother->id)->and($top['place'])->toBe('Tunnel')->and($mother->refresh()->air_layer)->toBeNull()->and($task->refresh()->state)->toBe('skipped');
    $day = $this->postJson('/api/v1/days', ['name' => 'Both', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => []])->json('id');
    $entries = $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$mother->id, $top['id']]])->assertCreated()->json('entries');
    expect(array_column(array_column($entries, 'plant'), 'id'))->toBe([$mother->id, $top['id']]);
});

test('one that does not root is taken off', function (): void {
    $mother = Collection::plant();
    $this->postJson('/api/v1/plants/'.$mother->id.'/layer', ['do' => 'put', 'wrap' => 'Moss', 'litres' => 0.4])->assertOk();
    $this->postJson('/api/v1/plants/'.$mother->id.'/layer', ['do' => 'off', 'text' => 'Dried out'])->assertOk()->assertJsonPath('air_layer', null);
    expect(CareTask::query()->where('plant_id', $mother->id)->sole()->state)->toBe('skipped')->and($this->getJson('/api/v1/plants/'.$mother->id)->json('events.0.text'))->toBe('Layer taken off. Dried out');
});
