<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\PhotoStore;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

test('a plant is written down, found, changed and put away', function (): void {
    $answer = $this->postJson('/api/v1/plants', Collection::input(['stage' => 'rest', 'buried' => [['kind' => 'plate', 'note' => 'slate']]]))->assertCreated();
    Contract::check($answer, 'Plant');
    $id = $answer->json('id');
    expect($answer->json('number'))->toBe('P-001')->and($answer->json('mix'))->toBe('Grit and bark')->and($answer->json('due_on'))->not->toBeNull()->and($answer->json('is_due'))->toBeTrue();
    Contract::check($this->getJson('/api/v1/plants?search=hedge&due=1&place=North wall'), 'PlantPage');
    expect($this->getJson('/api/v1/plants?search=P-001')->json('total'))->toBe(1)->and($this->getJson('/api/v1/plants?search=100%25')->json('total'))->toBe(0);
    $this->putJson("/api/v1/plants/$id", Collection::input(['place' => 'Shade house', 'health' => 'weak']))->assertOk();
    $dossier = $this->getJson("/api/v1/plants/$id")->assertOk();
    Contract::check($dossier, 'PlantDossier');
    expect(array_column($dossier->json('events'), 'kind'))->toContain('moved', 'health')
        ->and($dossier->json('due.level'))->toBeIn(['due', 'overdue'])->and($dossier->json('season.is_observed'))->toBeTrue()->and($dossier->json('stick.days'))->not->toBeEmpty();
    $this->putJson("/api/v1/plants/$id/archived", ['archived' => true])->assertOk()->assertJsonPath('archived', true);
});

test('what a plant stands in stays as it was when a component changes', function (): void {
    $this->freezeTime();
    $plant = Collection::plant();
    $before = $this->getJson("/api/v1/plants/{$plant->id}")->json();
    Component::query()->where('key', 'pumice-3-6-mm')->update(['internal_water' => 0.01, 'unavailable_water' => 0.0, 'name' => 'Changed', 'crumble_rate' => 5]);
    $after = $this->getJson("/api/v1/plants/{$plant->id}")->json();
    expect($after['stick']['within_reach_l'])->toBe($before['stick']['within_reach_l'])->and($after['due'])->toEqual($before['due'])->and($after['standing']['parts'][0]['name'])->toBe('Pumice 3-6 mm');
});

test('bad plants are refused at their fields and nothing is kept', function (string $field, mixed $value, string $path): void {
    $answer = $this->postJson('/api/v1/plants', Collection::input([$field => $value]))->assertUnprocessable();
    Contract::check($answer, 'Problem');
    expect(array_column($answer->json('errors'), 'path'))->toContain($path)->and(Plant::query()->count())->toBe(0);
})->with([
    ['name', '', 'name'], ['species_id', 9999, 'species_id'], ['pot_id', 9999, 'pot_id'], ['height_cm', -1, 'height_cm'], ['height_cm', 'tall', 'height_cm'], ['potted_on', '2026-02-30', 'potted_on'],
    ['potted_on', '2999-01-01', 'potted_on'], ['year_started', 3000, 'year_started'], ['health', 'fine', 'health'], ['buried', 'plate', 'buried'], ['buried', [['kind' => 'car', 'note' => '']], 'buried.0.kind'],
    ['plan', [['year' => 2027, 'what' => 'next_pot', 'note' => '', 'pot_id' => 777]], 'plan.0.pot_id'], ['stage', 'asleep', 'stage'],
]);

test('an inspection is judged and kept, and rot makes it due at once', function (): void {
    $plant = Collection::plant(['potted_on' => now()->subMonths(3)->toDateString()]);
    expect($this->getJson("/api/v1/plants/{$plant->id}")->json('due.level'))->toBe('not_due');
    $body = ['findings' => ['black_soft', 'sludge'], 'roots_removed_share' => 0.3];
    $judged = $this->postJson("/api/v1/plants/{$plant->id}/inspections/judge", $body)->assertOk();
    Contract::check($judged, 'Inspection');
    expect($judged->json('may_keep_soil'))->toBeFalse()->and($judged->json('more_air'))->toBe(0.04)->and($this->getJson("/api/v1/plants/{$plant->id}")->json('due.level'))->toBe('not_due');
    $this->postJson("/api/v1/plants/{$plant->id}/inspections", $body)->assertCreated();
    expect($this->getJson("/api/v1/plants/{$plant->id}")->json('due.level'))->toBe('due');
    $this->postJson("/api/v1/plants/{$plant->id}/inspections", ['findings' => ['fairies']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'findings.0');
});

test('taps, snoozes, offspring and leaving are written into the history', function (): void {
    $plant = Collection::plant();
    $tell = fn(array $body) => $this->postJson("/api/v1/plants/{$plant->id}/events", $body);
    $tell(['kind' => 'stage', 'stage' => 'buds_moving'])->assertCreated();
    $tell(['kind' => 'snoozed', 'until' => now()->addMonth()->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'text');
    $tell(['kind' => 'snoozed', 'text' => 'for ever'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'until');
    $tell(['kind' => 'snoozed', 'until' => now()->addMonth()->toDateString(), 'text' => 'after flower'])->assertCreated();
    expect($this->getJson('/api/v1/plants?due=1')->json('total'))->toBe(0);
    $tell(['kind' => 'override', 'until' => '2031-05-05'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'text');
    $tell(['kind' => 'override', 'until' => '2031-05-05', 'text' => 'the exhibition comes first'])->assertCreated();
    $this->putJson("/api/v1/plants/{$plant->id}", Collection::input(['name' => 'Renamed']))->assertOk()->assertJsonPath('due_on', '2031-05-05');
    $tell(['kind' => 'override', 'text' => 'as computed'])->assertCreated();
    expect($plant->refresh()->due_on?->toDateString())->not->toBe('2031-05-05')->and($plant->due_on)->not->toBeNull();
    $young = $this->postJson("/api/v1/plants/{$plant->id}/offspring", ['kind' => 'cutting', 'count' => 3])->assertCreated()->json('data');
    expect($young)->toHaveCount(3)->and(array_unique(array_column($young, 'number')))->toHaveCount(3)->and($this->getJson("/api/v1/plants/{$young[0]['id']}")->json('line.parent.id'))->toBe($plant->id);
    CareTask::query()->create(['plant_id' => $plant->id, 'kind' => 'own', 'starts_on' => now(), 'due_on' => now(), 'figures' => [], 'note' => 'look']);
    $tell(['kind' => 'given_away', 'text' => 'The school'])->assertCreated();
    $gone = $this->getJson("/api/v1/plants/{$plant->id}")->json();
    expect($gone['plant']['status'])->toBe('given_away')->and($gone['plant']['archived'])->toBeTrue()->and($gone['tasks'])->toBe([])->and(array_column($gone['events'], 'kind'))->toContain('stage', 'snoozed', 'offspring', 'given_away');
});

test('out of turn gives the gentlest path, and keeps it when asked to', function (): void {
    $plant = Collection::plant();
    $path = $this->postJson("/api/v1/plants/{$plant->id}/out-of-turn", ['cause' => 'blown_over'])->assertOk();
    Contract::check($path, 'OutOfTurn');
    expect($plant->events()->count())->toBe(0);
    $this->postJson("/api/v1/plants/{$plant->id}/out-of-turn", ['cause' => 'blown_over', 'keep' => true])->assertOk();
    expect($plant->events()->where('kind', 'out_of_turn')->count())->toBe(1);
    $this->postJson("/api/v1/plants/{$plant->id}/out-of-turn", ['cause' => 'bored'])->assertUnprocessable();
});

test('water and wait teach the interval of this pot', function (): void {
    $plant = Collection::plant(['potted_on' => now()->subMonths(2)->toDateString()]);
    $this->travelTo(now()->subDays(4), fn() => $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'water'])->assertCreated());
    $before = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick');
    $check = $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'water', 'method' => 'weight', 'reading' => 6.2])->assertCreated();
    Contract::check($check, 'MoistureCheck');
    $after = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick');
    expect($check->json('hours_since'))->toEqualWithDelta(96.0, 0.1)->and($before['taps'])->toBe(0)->and($after['taps'])->toBe(1)->and(abs($after['learned_h'] - 96.0))->toBeLessThan(abs($before['learned_h'] - 96.0));
    $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'drown'])->assertUnprocessable();
    $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'wait', 'method' => 'probe', 'reading' => 400])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reading');
});

test('a picture is told from its bytes, never from its name', function (): void {
    $plant = Collection::plant();
    $png = base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
    $send = fn(string $bytes, string $type = 'image/png') => $this->call('POST', "/api/v1/plants/{$plant->id}/photos?subject=roots", server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
    $kept = $send($png)->assertCreated();
    Contract::check($kept, 'Photo');
    $this->get($kept->json('url'))->assertOk()->assertHeader('Content-Type', 'image/png')->assertHeader('X-Content-Type-Options', 'nosniff');
    $send('<svg onload=alert(1)>')->assertUnprocessable()->assertJsonPath('errors.0.path', 'file');
    $send($png, 'text/html')->assertStatus(415);
    $send($png.str_repeat('x', PhotoStore::MOST_BYTES))->assertUnprocessable()->assertJsonPath('errors.0.rule', 'file_size');
    $photo = Photo::query()->firstOrFail();
    $this->delete($kept->json('url'))->assertNoContent();
    expect(is_file(PhotoStore::path($photo)))->toBeFalse();
});

test('a task is done, repeated, postponed, skipped with a reason and reopened', function (): void {
    $plant = Collection::plant();
    $task = $this->postJson('/api/v1/tasks', ['plant_id' => $plant->id, 'due_on' => now()->toDateString(), 'note' => 'Mist', 'every_days' => 2, 'until_on' => now()->addDays(3)->toDateString()])->assertCreated();
    Contract::check($task, 'CareTask');
    $do = fn(int $id, array $body) => $this->putJson("/api/v1/tasks/$id", $body);
    $do($task->json('id'), ['do' => 'done'])->assertOk()->assertJsonPath('state', 'done');
    $next = CareTask::query()->where('state', 'open')->sole();
    expect($next->due_on->toDateString())->toBe(now()->addDays(2)->toDateString());
    $do($task->json('id'), ['do' => 'done'])->assertUnprocessable()->assertJsonPath('errors.0.rule', 'task_closed');
    $do($task->json('id'), ['do' => 'reopen'])->assertOk();
    expect(CareTask::query()->where('state', 'open')->sole()->id)->toBe($task->json('id'));
    $do($task->json('id'), ['do' => 'postpone', 'until' => now()->addDays(9)->toDateString()])->assertOk()->assertJsonPath('due_on', now()->addDays(9)->toDateString());
    $do($task->json('id'), ['do' => 'skip'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
    $do($task->json('id'), ['do' => 'skip', 'reason' => 'rain'])->assertOk();
    Contract::check($this->getJson('/api/v1/tasks?state=skipped'), 'CareTaskPage');
    Contract::check($this->getJson('/api/v1/today'), 'Today');
});

test('the calendar file is read by another parser', function (): void {
    $plant = Collection::plant(['name' => 'Comma, semicolon; and äöü in a name that is long enough to be folded over the end of a line']);
    foreach ([['own', 'Mist; twice', 2], ['shade', '', null]] as [$kind, $note, $every]) {
        CareTask::query()->create(['plant_id' => $plant->id, 'kind' => $kind, 'starts_on' => '2026-11-01', 'due_on' => '2026-12-01', 'until_on' => $every === null ? null : '2026-12-09', 'every_days' => $every, 'ends_by' => $kind === 'shade' ? 'shoots_lengthen' : 'date', 'figures' => [], 'note' => $note]);
    }
    $text = $this->get('/api/v1/calendar.ics')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    $reader = new Process(['node', '--input-type=module', '-e', <<<'JS'
        import ICAL from 'ical.js';
        let text = '';
        for await (const part of process.stdin) text += part;
        const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
        console.log(JSON.stringify(events.map((one) => [one.uid, one.summary, one.startDate.toString(), one.isRecurring(), one.component.getAllProperties('uid').length])));
        JS], base_path(), input: (string) $text);
    $reader->mustRun();
    $events = json_decode($reader->getOutput(), true);
    expect($events)->toHaveCount(2)
        ->and($events[0][1])->toContain($plant->name)->toContain('Mist; twice')
        ->and(array_column($events, 2))->toBe(['2026-12-01', '2026-12-01'])
        ->and(array_column($events, 3))->toBe([true, false])->and(array_column($events, 4))->toBe([1, 1])
        ->and(array_unique(array_column($events, 0)))->toHaveCount(2);
    foreach (explode("\r\n", (string) $text) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75);
    }
});

test('plants, histories and pots go out and come back unchanged', function (): void {
    $plant = Collection::plant(['note' => '=1+1']);
    $this->postJson("/api/v1/plants/{$plant->id}/events", ['kind' => 'note', 'text' => 'two shoots'])->assertCreated();
    foreach (['plants', 'plant-history', 'pots'] as $sheet) {
        $csv = (string) $this->get("/api/v1/exports/$sheet")->assertOk()->getContent();
        $report = $this->call('POST', "/api/v1/imports/$sheet?dry_run=1", server: ['CONTENT_TYPE' => 'text/csv'], content: $csv)->assertOk();
        Contract::check($report, 'ImportReport');
        expect($report->json('refused'))->toBe(0, $sheet.' '.$report->getContent())->and($report->json('same'))->toBe(1)->and($report->json('changed') + $report->json('added'))->toBe(0);
    }
    $bad = "number,name,species\nX-1,Well,Hornbeam\nX-2,Bad,No such tree\n";
    $report = $this->call('POST', '/api/v1/imports/plants', server: ['CONTENT_TYPE' => 'text/csv'], content: $bad)->assertOk();
    expect($report->json('refused'))->toBe(1)->and($report->json('taken'))->toBeFalse()->and(Plant::query()->where('number', 'X-1')->exists())->toBeFalse();
    $file = $this->get("/api/v1/plant-files/{$plant->id}")->assertOk()->json();
    $this->postJson('/api/v1/plant-files', $file)->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant.number');
    $again = $this->postJson('/api/v1/plant-files', [...$file, 'plant' => [...$file['plant'], 'number' => 'N-2']])->assertCreated();
    expect(Plant::query()->findOrFail($again->json('id'))->events()->where('text', 'two shoots')->count())->toBe(1);
    $pot = $this->get('/api/v1/pot-files/'.$plant->pot_id)->assertOk()->json();
    $this->postJson('/api/v1/pot-files', [...$pot, 'pot' => [...$pot['pot'], 'name' => 'Another']])->assertCreated()->assertJsonPath('shape', $pot['pot']['shape']);
});

test('a plant comes back with what it stands in, figure by figure, though the recipe was changed since', function (): void {
    $plant = Collection::plant(['potted_on' => now()->subYear()->toDateString()]);
    $stood = Plant::query()->findOrFail($plant->id);
    expect($stood->standing)->not->toBeNull();
    $file = $this->get("/api/v1/plant-files/{$plant->id}")->assertOk()->json();
    $recipe = $plant->recipe;
    $this->putJson('/api/v1/recipes/'.$recipe->id, ['name' => $recipe->name, 'plant_group' => 'desert', 'parts' => Yard::parts(['perlite-2-5-mm' => 1]), 'reason' => 'Lighter'])->assertOk();
    $again = $this->postJson('/api/v1/plant-files', [...$file, 'plant' => [...$file['plant'], 'number' => 'N-3']])->assertCreated()->json('id');
    $came = Plant::query()->findOrFail($again);
    expect(json_encode($came->standing))->toBe(json_encode($stood->standing))->and($came->due_on?->toDateString())->toBe($stood->due_on?->toDateString());
    foreach ([['parts' => []], 'mud', [...$file['standing'], 'components' => [['kept' => ['nonsense' => 1], 'parts' => 1]]], [...$file['standing'], 'pot' => ['id' => 1]]] as $bad) {
        $this->postJson('/api/v1/plant-files', [...$file, 'standing' => $bad, 'plant' => [...$file['plant'], 'number' => 'N-4']])->assertStatus(422)->assertJsonPath('errors.0.path', 'standing');
    }
    expect(Plant::query()->where('number', 'N-4')->exists())->toBeFalse();
});

test('a pot is checked with a mix and against the next smaller one', function (): void {
    $pot = Yard::pot('Tray', 9);
    Yard::pot('Shallow', 5);
    $checks = $this->postJson('/api/v1/pots/checks', ['pot_id' => $pot->id, 'recipe_id' => Collection::recipe()->id, 'plant_id' => Collection::plant()->id])->assertOk();
    Contract::check($checks, 'PotChecks');
    expect($checks->json('smaller.name'))->toBe('Shallow')->and($checks->json('here.days_to_dry'))->toBeGreaterThan($checks->json('smaller.days_to_dry'))->and($checks->json('here.air'))->toBeGreaterThan($checks->json('smaller.air'))->and($checks->json('floor_raised'))->toBeFalse();
    $this->putJson('/api/v1/proportions', ['length_of_height' => 0.5])->assertOk();
    expect($this->getJson('/api/v1/proportions')->json('length_of_height'))->toBe(0.5);
    $this->putJson('/api/v1/proportions', ['length_of_height' => 99])->assertUnprocessable();
});

test('lists of plants and tasks ask the same number of questions however long they are', function (): void {
    $count = function (string $path): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson($path)->assertOk();

        return count(DB::getQueryLog());
    };
    $make = static function (int $n): void {
        for ($i = 0; $i < $n; ++$i) {
            $plant = Collection::plant(['name' => 'Plant '.$i]);
            CareTask::query()->create(['plant_id' => $plant->id, 'kind' => 'own', 'starts_on' => now(), 'due_on' => now(), 'figures' => [], 'note' => 'look']);
        }
    };
    $make(2);
    $few = array_map($count, ['/api/v1/plants', '/api/v1/tasks', '/api/v1/today', '/api/v1/calendar.ics']);
    $make(12);
    expect(array_map($count, ['/api/v1/plants', '/api/v1/tasks', '/api/v1/today', '/api/v1/calendar.ics']))->toBe($few);
});
