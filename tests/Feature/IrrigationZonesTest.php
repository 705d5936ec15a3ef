<?php

declare(strict_types=1);

use App\Irrigation\Models\IrrigationZone;
use App\Plants\Models\MoistureCheck;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

beforeEach(function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $this->thirsty = Collection::plant(['name' => 'Thirsty', 'canopy_cm' => 60]);
    $this->modest = Collection::plant(['name' => 'Modest', 'canopy_cm' => 12, 'exposure' => 'shade']);
});

/** @param array<string, mixed> $changed */
function zoneMade(object $test, array $changed = []): TestResponse
{
    return $test->postJson('/api/v1/zones', [
        'name' => 'North line', 'rate_l_h' => 2, 'uniformity' => 0.8, 'pots' => [['plant_id' => $test->thirsty->id, 'emitters' => 2], ['plant_id' => $test->modest->id]], ...$changed,
    ]);
}

test('a zone is planned by season from the thirstiest of its pots, and says who does not belong', function (): void {
    $zone = zoneMade($this)->assertCreated();
    Contract::check($zone, 'Zone');
    $plans = array_column($zone->json('plans'), null, 'season');
    $summer = $plans['summer'];
    $pots = array_column($summer['pots'], null, 'name');
    expect($zone->json('season'))->toBe('summer')->and($summer['thirstiest'])->toBe($this->thirsty->number)->and($pots[$this->modest->number]['belongs'])->toBeFalse()
        ->and($summer['minutes'] / $summer['every_h'])->toBeGreaterThan($plans['winter']['minutes'] / $plans['winter']['every_h'])
        // what the thirstiest is given reaches its need in the driest quarter of the line
        ->and($pots[$this->thirsty->number]['given_l'] * 0.75 * 0.8)->toEqualWithDelta($pots[$this->thirsty->number]['need_l'], 1e-9)
        ->and($pots[$this->thirsty->number]['emitters'])->toBe(2)->and($pots[$this->modest->number]['mend_emitters'])->toBe(1);
    Contract::check($this->getJson('/api/v1/zones')->assertOk(), 'ZoneSummaryPage');
});

test('a plant of which nobody knows what it stands in is told, and does not stop the plan', function (): void {
    $bare = Collection::plant(['pot_id' => null]);
    $zone = zoneMade($this, ['pots' => [['plant_id' => $bare->id], ['plant_id' => $this->thirsty->id]]])->assertCreated();
    expect(array_column($zone->json('unknown'), 'id'))->toBe([$bare->id])->and($zone->json('plans.0.pots'))->toHaveCount(1);
});

test('what cannot be a zone is refused at its field', function (Closure $changed, string $field): void {
    zoneMade($this, $changed($this))->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
    expect(IrrigationZone::query()->count())->toBe(0);
})->with([
    [fn(): array => ['rate_l_h' => 0], 'rate_l_h'], [fn(): array => ['uniformity' => 0.2], 'uniformity'], [fn(): array => ['name' => ''], 'name'], [fn(): array => ['pots' => []], 'pots'], [fn(): array => ['pots' => 'all'], 'pots'],
    [fn(): array => ['pots' => [['plant_id' => 99_999]]], 'pots.0.plant_id'], [fn($test): array => ['pots' => [['plant_id' => $test->thirsty->id, 'emitters' => 0]]], 'pots.0.emitters'],
    [fn($test): array => ['pots' => [['plant_id' => $test->thirsty->id], ['plant_id' => $test->thirsty->id]]], 'pots.1.plant_id'],
]);

test('a pot hangs on one line, and names are not given twice', function (): void {
    zoneMade($this)->assertCreated();
    $again = zoneMade($this, ['name' => 'South line', 'pots' => [['plant_id' => $this->modest->id]]])->assertUnprocessable();
    expect($again->json('errors.0.path'))->toBe('pots.0.plant_id')->and($again->json('errors.0.message'))->toContain('North line');
    zoneMade($this, ['pots' => [['plant_id' => Collection::plant()->id]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'name');
});

test('a form from an old state undoes nothing', function (): void {
    $zone = zoneMade($this)->json();
    $form = ['name' => 'North line', 'rate_l_h' => 2, 'uniformity' => 0.8, 'note' => '', 'pots' => [['plant_id' => $this->thirsty->id, 'emitters' => 2], ['plant_id' => $this->modest->id, 'emitters' => 1]], 'revision' => $zone['revision']];
    $this->putJson("/api/v1/zones/{$zone['id']}", [...$form, 'rate_l_h' => 4])->assertOk();
    $this->putJson("/api/v1/zones/{$zone['id']}", [...$form, 'rate_l_h' => 3])->assertUnprocessable()->assertJsonPath('errors.0.path', 'rate_l_h');
    expect(IrrigationZone::query()->value('rate_l_h'))->toBe(4.0);
});

test('nothing is switched but by a tap: the controller takes a plan, opens for minutes, and what was given counts', function (): void {
    $zone = zoneMade($this)->json();
    expect($zone['valve'])->toBe(['every_h' => null, 'minutes' => null, 'open_until' => null]);
    $told = $this->postJson("/api/v1/zones/{$zone['id']}/program", ['season' => 'summer'])->assertOk();
    $summer = array_column($told->json('plans'), null, 'season')['summer'];
    expect($told->json('valve.minutes'))->toEqualWithDelta($summer['minutes'], 1e-9)->and($told->json('valve.every_h'))->toEqual($summer['every_h'])->and(MoistureCheck::query()->count())->toBe(0);
    $open = $this->postJson("/api/v1/zones/{$zone['id']}/run", ['minutes' => 15])->assertOk();
    expect($open->json('valve.open_until'))->toStartWith('2026-07-10T09:15')->and(MoistureCheck::query()->where('plant_id', $this->thirsty->id)->value('given_l'))->toBe(1.0)->and(MoistureCheck::query()->where('plant_id', $this->modest->id)->value('given_l'))->toBe(0.5);
    // a second tap neither opens it longer nor counts twice
    $this->postJson("/api/v1/zones/{$zone['id']}/run", ['minutes' => 30])->assertUnprocessable()->assertJsonPath('errors.0.path', 'minutes');
    expect($this->getJson("/api/v1/zones/{$zone['id']}")->json('valve.open_until'))->toStartWith('2026-07-10T09:15')->and(MoistureCheck::query()->count())->toBe(2);
    Carbon::setTestNow('2026-07-10 09:06:00');
    // a can that somebody pours meanwhile stays as it was said
    $poured = MoistureCheck::query()->create(['plant_id' => $this->modest->id, 'method' => 'round', 'verdict' => 'water', 'given_l' => 0.7, 'checked_at' => Carbon::now(), 'person' => '']);
    expect($this->deleteJson("/api/v1/zones/{$zone['id']}/run")->assertOk()->json('valve.open_until'))->toBeNull();
    // six minutes of the fifteen
    expect(MoistureCheck::query()->where('plant_id', $this->thirsty->id)->value('given_l'))->toEqualWithDelta(0.4, 1e-9)->and(MoistureCheck::query()->where('plant_id', $this->modest->id)->orderBy('id')->pluck('given_l')->all())->toEqual([0.2, 0.7]);
    $this->deleteJson("/api/v1/zones/{$zone['id']}/run")->assertOk();
    expect($poured->refresh()->given_l)->toBe(0.7)->and(MoistureCheck::query()->count())->toBe(3);
    Carbon::setTestNow('2026-07-10 10:00:00');
    $this->postJson("/api/v1/zones/{$zone['id']}/run", ['minutes' => 5]);
    Carbon::setTestNow('2026-07-10 10:06:00');
    expect($this->getJson("/api/v1/zones/{$zone['id']}")->json('valve.open_until'))->toBeNull();
});

test('a controller that is silent switches nothing, and nothing is written down', function (): void {
    $zone = zoneMade($this)->json();
    $this->putJson('/api/v1/instruments/irrigation_controller', ['plugged' => false])->assertOk();
    foreach ([['post', 'program', ['season' => 'summer']], ['post', 'run', ['minutes' => 5]], ['delete', 'run', []]] as [$method, $what, $body]) {
        $this->{$method.'Json'}("/api/v1/zones/{$zone['id']}/$what", $body)->assertUnprocessable()->assertJsonPath('errors.0.path', 'controller');
    }
    expect(MoistureCheck::query()->count())->toBe(0)->and($this->getJson("/api/v1/zones/{$zone['id']}")->json('valve'))->toBeNull();
    $this->postJson("/api/v1/zones/{$zone['id']}/run", ['minutes' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'minutes');
    $this->postJson("/api/v1/zones/{$zone['id']}/program", ['season' => 'monsoon'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'season');
});

test('who is gone is not watered with the line, and the list is asked once for all lines', function (): void {
    $zone = zoneMade($this)->json('id');
    zoneMade($this, ['name' => 'South line', 'pots' => [['plant_id' => Collection::plant()->id]]])->assertCreated();
    $this->modest->fill(['status' => 'died'])->save();
    $this->postJson("/api/v1/zones/$zone/run", ['minutes' => 15])->assertOk()->assertJsonPath('pots', 1);
    expect(MoistureCheck::query()->pluck('plant_id')->all())->toBe([$this->thirsty->id]);
    DB::enableQueryLog();
    expect(array_column($this->getJson('/api/v1/zones')->json('data'), 'pots'))->toBe([1, 1])
        ->and(count(array_filter(DB::getQueryLog(), static fn(array $query): bool => str_contains($query['query'], 'irrigation_zone_pots'))))->toBe(1);
});

test('a zone is put away and taken back', function (): void {
    $zone = zoneMade($this)->json('id');
    $this->putJson("/api/v1/zones/$zone/archived", ['archived' => true])->assertOk()->assertJsonPath('archived', true);
    expect($this->getJson('/api/v1/zones')->json('total'))->toBe(0)->and($this->getJson('/api/v1/zones?archived=1')->json('total'))->toBe(1);
});
