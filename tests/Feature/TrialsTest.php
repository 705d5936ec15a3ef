<?php

declare(strict_types=1);

use App\Plants\Models\CareTask;
use App\Trials\Actions\RunTrial;
use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use App\Trials\Models\TrialValue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

beforeEach(function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $this->plants = [];
    foreach (['Ridge', 'Shade', 'Wall'] as $place) {
        foreach (range(1, 4) as $i) {
            $this->plants[] = Collection::plant(['name' => "$place $i", 'place' => $place, 'trunk_mm' => 20 + $i])->id;
        }
    }
});

/** @param array<string, mixed> $changed */
function trialAsked(object $test, array $changed = []): array
{
    return ['name' => 'Two mixes', 'question' => 'Which one grows more trunk?', 'varies' => 'mix', 'arms' => [['label' => 'Gritty'], ['label' => 'Barky']], 'measure' => 'trunk_mm', 'days' => ['2026-07-10', '2026-08-10'], 'blocking' => 'bench', 'plants' => $test->plants, ...$changed];
}

/** @param array<string, mixed> $changed */
function trialMade(object $test, array $changed = []): TestResponse
{
    return $test->postJson('/api/v1/trials', trialAsked($test, $changed));
}

test('a trial goes from its plan to its result', function (): void {
    $made = trialMade($this)->assertCreated();
    Contract::check($made, 'Trial');
    $id = $made->json('id');
    expect($made->json('state'))->toBe('planned')->and($made->json('plants.0.code'))->toBeNull()->and($made->json('result'))->toBeNull();
    $begun = $this->postJson("/api/v1/trials/$id/begin")->assertOk();
    Contract::check($begun, 'Trial');
    $codes = array_column($begun->json('arms'), 'label', 'code');
    $counts = [];
    foreach ($begun->json('plants') as $plant) {
        $counts[$plant['place']][$codes[$plant['code']]] = ($counts[$plant['place']][$codes[$plant['code']]] ?? 0) + 1;
        expect($plant['block'])->toBe($plant['place']);
    }
    foreach (['Ridge', 'Shade', 'Wall'] as $place) {
        expect($counts[$place])->toEqualCanonicalizing(['Gritty' => 2, 'Barky' => 2]);
    }
    // the hand-worked values, whichever plant got what
    $worked = ['Ridge' => ['Gritty' => [5.1, 4.7], 'Barky' => [4.2, 4.0]], 'Shade' => ['Gritty' => [6.3, 6.0], 'Barky' => [5.9, 5.1]], 'Wall' => ['Gritty' => [4.4, 4.9], 'Barky' => [4.1, 3.8]]];
    $values = array_map(static function (array $plant) use (&$worked, $codes): array {
        return ['plant_id' => $plant['plant_id'], 'value' => array_shift($worked[$plant['place']][$codes[$plant['code']]])];
    }, $begun->json('plants'));
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => $values, 'person' => 'Mirabeth'])->assertOk();
    $ended = $this->postJson("/api/v1/trials/$id/end")->assertOk();
    Contract::check($ended, 'Trial');
    $pair = $ended->json('result.pairs.0');
    expect(round(abs($pair['difference']), 6))->toBe(0.716667)->and($pair['arrangements'])->toBe(216)->and($pair['as_far'])->toBe(2)->and(round($pair['p'], 6))->toBe(0.009259)->and($pair['told'])->toBeTrue()
        ->and($codes[$pair['difference'] > 0 ? $pair['one'] : $pair['other']])->toBe('Gritty');
    Contract::check($this->getJson('/api/v1/trials')->assertOk(), 'TrialSummaryPage');
    // what it came to stays as it was
    TrialValue::query()->update(['value' => 1]);
    expect($this->getJson("/api/v1/trials/$id")->json('result.pairs.0.difference'))->toBe($pair['difference']);
});

test('what is hidden is told nowhere until the end, and that somebody looked is written down', function (): void {
    $id = trialMade($this, ['blinded' => true])->json('id');
    $begun = $this->postJson("/api/v1/trials/$id/begin")->assertOk();
    expect($begun->json('hidden'))->toBeTrue()->and($begun->getContent())->not->toContain('Gritty')->and($begun->getContent())->not->toContain('Barky')->and($begun->json('result'))->toBeNull();
    $values = array_map(static fn(int $id): array => ['plant_id' => $id, 'value' => $id % 7], $this->plants);
    $measured = $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => $values])->assertOk();
    expect($measured->getContent())->not->toContain('Gritty')->and($measured->json('result'))->toBeNull();
    $codes = array_column($begun->json('arms'), 'code');
    expect($codes)->toBe(collect($codes)->sort()->values()->all());
    $opened = $this->postJson("/api/v1/trials/$id/key")->assertOk();
    expect($opened->json('opened_on'))->toBe('2026-07-10')->and($opened->getContent())->toContain('Gritty')->and($opened->json('result'))->not->toBeNull();
    $second = trialMade($this, ['name' => 'Another', 'blinded' => true])->json('id');
    $this->postJson("/api/v1/trials/$second/begin");
    $ended = $this->postJson("/api/v1/trials/$second/end")->assertOk();
    expect($ended->json('opened_on'))->toBeNull()->and($ended->getContent())->toContain('Barky');
});

test('the first day is taken off the last, and who was lost is counted and left out', function (): void {
    $id = trialMade($this, ['from_start' => true])->json('id');
    $this->postJson("/api/v1/trials/$id/begin");
    $values = fn(float $more): array => array_map(static fn(int $id): array => ['plant_id' => $id, 'value' => 20.0 + $id + $more], $this->plants);
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => $values(0.0)])->assertOk()->assertJsonPath('result', null);
    Carbon::setTestNow('2026-08-10 09:00:00');
    $this->putJson("/api/v1/trials/$id/lost", ['plant_id' => $this->plants[0], 'why' => 'Mouse'])->assertOk();
    $left = array_slice($values(1.5), 1);
    $answer = $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-08-10', 'values' => $left])->assertOk();
    $arms = $answer->json('result.arms');
    expect(array_sum(array_column($arms, 'n')))->toBe(11)->and(array_sum(array_column($arms, 'lost')))->toBe(1)->and($arms[0]['mean'])->toEqualWithDelta(1.5, 1e-9)->and($answer->json('result.first_day'))->toBe('2026-07-10');
    $this->putJson("/api/v1/trials/$id/lost", ['plant_id' => $this->plants[0], 'lost' => false])->assertOk();
    expect(TrialPlant::query()->whereNotNull('lost_on')->count())->toBe(0);
    $this->putJson("/api/v1/trials/$id/lost", ['plant_id' => $this->plants[0]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'why');
});

test('each day has its tasks, done once all were measured, gone with the end', function (): void {
    $id = trialMade($this)->json('id');
    $this->postJson("/api/v1/trials/$id/begin");
    expect(CareTask::query()->where('state', 'open')->count())->toBe(24)->and(CareTask::query()->whereDate('due_on', '2026-08-10')->count())->toBe(12);
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => array_map(static fn(int $id): array => ['plant_id' => $id, 'value' => 1.0], $this->plants)])->assertOk();
    expect(CareTask::query()->where('state', 'open')->count())->toBe(12)->and(CareTask::query()->where('state', 'done')->count())->toBe(12);
    $this->postJson("/api/v1/trials/$id/end")->assertOk();
    expect(CareTask::query()->where('state', 'open')->count())->toBe(0);
});

test('a measuring is written once, changed and taken back', function (): void {
    $id = trialMade($this)->json('id');
    $this->postJson("/api/v1/trials/$id/begin");
    $write = fn(?float $value) => $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => [['plant_id' => $this->plants[0], 'value' => $value]]])->assertOk();
    $write(3.0);
    $write(4.0);
    expect(TrialValue::query()->pluck('value')->all())->toBe([4.0]);
    $write(null);
    expect(TrialValue::query()->count())->toBe(0);
});

test('once it has begun what is tried stays, its words and coming days change', function (): void {
    $made = trialMade($this)->json();
    $id = $made['id'];
    $codes = array_column($this->postJson("/api/v1/trials/$id/begin")->json('arms'), 'code', 'label');
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => [['plant_id' => $this->plants[0], 'value' => 1]]]);
    $change = fn(array $changed) => $this->putJson("/api/v1/trials/$id", trialAsked($this, $changed));
    foreach (['arms' => [['label' => 'Gritty'], ['label' => 'Other']], 'varies' => 'pot', 'measure' => 'height_cm', 'unit' => 'inch', 'from_start' => true, 'blocking' => 'size', 'blinded' => true, 'plants' => array_slice($this->plants, 1)] as $name => $value) {
        $change([$name => $value])->assertUnprocessable()->assertJsonPath('errors.0.path', $name);
    }
    $change(['days' => ['2026-08-10']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'days');
    $change(['name' => 'Two mixes, renamed', 'days' => ['2026-07-10', '2026-08-10', '2026-09-10'], 'conclusion' => 'Not yet'])->assertOk()->assertJsonPath('days.2', '2026-09-10');
    expect(array_column($this->getJson("/api/v1/trials/$id")->json('arms'), 'code', 'label'))->toBe($codes);
});

test('a form from an old state undoes nothing', function (): void {
    $made = trialMade($this)->json();
    $this->putJson('/api/v1/trials/'.$made['id'], ['name' => 'Renamed', 'revision' => $made['revision']])->assertOk();
    $this->putJson('/api/v1/trials/'.$made['id'], ['name' => 'Mine', 'revision' => $made['revision']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'name');
    $this->putJson('/api/v1/trials/'.$made['id'], ['question' => 'And why?', 'revision' => $made['revision']])->assertOk()->assertJsonPath('name', 'Renamed');
});

test('a trial is begun once and ended once, by whoever comes first', function (): void {
    $id = trialMade($this)->json('id');
    $this->postJson("/api/v1/trials/$id/end")->assertUnprocessable()->assertJsonPath('errors.0.path', 'state');
    $this->postJson("/api/v1/trials/$id/begin")->assertOk();
    $given = TrialPlant::query()->pluck('arm', 'id')->all();
    $this->postJson("/api/v1/trials/$id/begin")->assertUnprocessable();
    expect(TrialPlant::query()->pluck('arm', 'id')->all())->toBe($given);
    $this->postJson("/api/v1/trials/$id/end")->assertOk();
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => [['plant_id' => $this->plants[0], 'value' => 1]]])->assertUnprocessable();
});

test('what cannot be a trial is refused at its field', function (array $changed, string $field): void {
    trialMade($this, $changed)->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
    expect(Trial::query()->count())->toBe(0);
})->with([
    [['name' => ''], 'name'], [['arms' => [['label' => 'One']]], 'arms'], [['arms' => [['label' => 'One'], ['label' => 'one']]], 'arms.1.label'], [['arms' => [['label' => ''], ['label' => 'Two']]], 'arms.0.label'],
    [['arms' => [['recipe_id' => 999], ['label' => 'Two']]], 'arms.0.recipe_id'], [['days' => []], 'days'], [['days' => ['soon']], 'days.0'], [['days' => ['2026-07-10'], 'from_start' => true], 'days'], [['plants' => [1]], 'plants'],
    [['plants' => 'all'], 'plants'], [['varies' => 'mood'], 'varies'], [['measure' => 'weight'], 'measure'], [['blocking' => 'moon'], 'blocking'], [['colour' => 'red'], 'colour'],
]);

test('values for a plant or a day that is not of the trial are refused, and none is kept', function (): void {
    $id = trialMade($this)->json('id');
    $this->postJson("/api/v1/trials/$id/begin");
    $good = ['plant_id' => $this->plants[0], 'value' => 1];
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-09', 'values' => [$good]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'on');
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => [$good, ['plant_id' => 9999, 'value' => 1]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'values.1.plant_id');
    $this->putJson("/api/v1/trials/$id/values", ['on' => '2026-07-10', 'values' => [['plant_id' => $this->plants[0], 'value' => 'thick']]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'values.0.value');
    expect(TrialValue::query()->count())->toBe(0);
});

test('several are set side by side two by two, and the chance is corrected for how many', function (): void {
    $trial = trialMade($this, ['arms' => [['label' => 'A'], ['label' => 'B'], ['label' => 'C']], 'blocking' => 'none']);
    $run = app(RunTrial::class);
    $begun = $run->begin(Trial::query()->findOrFail($trial->json('id')), 5);
    $values = $begun->plants->map(static fn(TrialPlant $row): array => ['plant_id' => $row->plant_id, 'value' => $row->arm === 2 ? 9.0 + $row->id / 100 : 1.0 + $row->id / 100])->all();
    $result = $this->putJson('/api/v1/trials/'.$begun->id.'/values', ['on' => '2026-07-10', 'values' => array_values($values)])->assertOk()->json('result');
    $pairs = [];
    foreach ($result['pairs'] as $pair) {
        $pairs[$pair['one'].$pair['other']] = $pair;
        expect($pair['corrected_p'])->toBeGreaterThanOrEqual($pair['p']);
    }
    $smallest = min(array_column($pairs, 'p'));
    expect($pairs)->toHaveCount(3)->and(min(array_column($pairs, 'corrected_p')))->toEqualWithDelta(3 * $smallest, 1e-12)->and($result['seen'])->toBeGreaterThan(0);
});

test('how many plants are needed is told before one starts', function (): void {
    $this->postJson('/api/v1/trials/needed', ['difference' => 1, 'spread' => 1])->assertOk()->assertExactJson(['plants' => 16]);
    $this->postJson('/api/v1/trials/needed', ['difference' => 0.5, 'spread' => 1])->assertOk()->assertExactJson(['plants' => 63]);
    $this->postJson('/api/v1/trials/needed', ['difference' => 0, 'spread' => 1])->assertUnprocessable()->assertJsonPath('errors.0.path', 'difference');
});

test('a list of trials asks as often for many as for few', function (): void {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/api/v1/trials')->assertOk();

        return count(DB::getQueryLog());
    };
    trialMade($this);
    $few = $count();
    foreach (range(1, 5) as $i) {
        trialMade($this, ['name' => "Trial $i"]);
    }
    expect($count())->toBe($few);
});
