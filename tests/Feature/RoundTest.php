<?php

declare(strict_types=1);

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\WaterStates;
use App\Weather\Models\WeatherDay;
use Illuminate\Support\Carbon;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

beforeEach(fn() => Carbon::setTestNow('2026-07-10 09:00:00'));

/** @return array<int, array<string, mixed>> by plant */
function roundOf(object $test, string $query = ''): array
{
    return array_column($test->getJson('/api/v1/round'.$query)->assertOk()->json('plants'), null, 'id');
}

/** @param array<string, mixed> $more */
function looked(Plant $plant, string $at, array $more): MoistureCheck
{
    return MoistureCheck::query()->create(['plant_id' => $plant->id, 'checked_at' => $at, 'method' => 'stick', 'verdict' => 'wait', 'person' => '', ...$more]);
}

test('the round tells hours left, litres and cans, and who nobody knows of stands first', function (): void {
    $known = Collection::plant(['name' => 'Known', 'canopy_cm' => 40]);
    $never = Collection::plant(['name' => 'Never said', 'count' => 3]);
    $bare = Collection::plant(['name' => 'No pot', 'pot_id' => null]);
    looked($known, '2026-07-10 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    $answer = $this->getJson('/api/v1/round')->assertOk();
    Contract::check($answer, 'WaterRound');
    $rows = roundOf($this);
    expect(array_column($answer->json('plants'), 'id'))->toBe([$never->id, $bare->id, $known->id])
        ->and($rows[$known->id]['left_h'])->toBeGreaterThan(5.0)->and($rows[$known->id]['water_l'])->toBeGreaterThan($rows[$known->id]['limit_l'])->and($rows[$known->id]['doubtful'])->toBeFalse()
        ->and($rows[$never->id]['left_h'])->toBeNull()->and($rows[$never->id]['doubtful'])->toBeTrue()->and($rows[$bare->id]['known'])->toBeFalse()
        // three alike take three times as much as one that is due
        ->and($rows[$never->id]['round_l'])->toBeGreaterThan(2.0 * $rows[$known->id]['round_l'])->and($answer->json('can_l'))->toEqual(10);
});

test('a pot loses in the sun and gains in the rain that was', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    looked($plant, '2026-07-07 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    $day = static fn(string $date, float $tMax, float $rain) => WeatherDay::query()->updateOrCreate(['site_id' => $plant->site_id, 'day' => $date], ['tmin' => 12, 'tmax' => $tMax, 'rain_mm' => $rain, 'source' => 'hand']);
    foreach (['2026-07-07', '2026-07-08', '2026-07-09'] as $date) {
        $day($date, 22, 0);
    }
    $usual = roundOf($this)[$plant->id]['water_l'];
    $day('2026-07-08', 36, 0);
    $hot = roundOf($this)[$plant->id]['water_l'];
    $day('2026-07-09', 22, 30);
    $wet = roundOf($this)[$plant->id]['water_l'];
    $plant->forceFill(['roofed' => true])->save();
    $roofed = roundOf($this)[$plant->id];
    expect($hot)->toBeLessThan($usual)->and($wet)->toBeGreaterThan($usual)->and($roofed['water_l'])->toBe($hot)->and($roofed['roofed'])->toBeTrue();
});

test('watered all here is one write, fills the pots, and is taken back by whoever tapped', function (): void {
    $plants = [Collection::plant(['place' => 'Front']), Collection::plant(['place' => 'Front']), Collection::plant(['place' => 'Back'])];
    $ids = [$plants[0]->id, $plants[1]->id];
    $answer = $this->postJson('/api/v1/round', ['plant_ids' => $ids, 'person' => 'Orsolt'])->assertCreated();
    Contract::check(Illuminate\Testing\TestResponse::fromBaseResponse(response()->json($answer->json('data.0'))), 'RoundTap');
    $rows = roundOf($this);
    expect(array_column($answer->json('data'), 'plant_id'))->toBe($ids)->and($rows[$ids[0]]['doubtful'])->toBeFalse()->and($rows[$plants[2]->id]['doubtful'])->toBeTrue()
        ->and($rows[$ids[0]]['round_l'])->toBeLessThan(0.2)->and(MoistureCheck::query()->value('person'))->toBe('Orsolt');
    $this->deleteJson('/api/v1/round', ['check_ids' => array_column($answer->json('data'), 'id')])->assertOk()->assertJsonPath('taken_back', 2);
    expect(MoistureCheck::query()->count())->toBe(0)->and(roundOf($this)[$ids[0]]['doubtful'])->toBeTrue();
});

test('who was tapped within the hour is not watered twice, and stays watered when the round is taken back', function (): void {
    [$tapped, $other] = [Collection::plant(), Collection::plant()];
    $this->postJson("/api/v1/plants/{$tapped->id}/moisture", ['verdict' => 'water'])->assertCreated();
    $checks = $this->postJson('/api/v1/round', ['plant_ids' => [$tapped->id, $other->id]])->assertCreated()->json('data');
    expect(array_column($checks, 'plant_id'))->toBe([$other->id]);
    $this->deleteJson('/api/v1/round', ['check_ids' => array_column($checks, 'id')])->assertOk();
    expect(MoistureCheck::query()->pluck('plant_id')->all())->toBe([$tapped->id]);
});

test('a round with a plant that is gone waters none', function (): void {
    $plant = Collection::plant();
    $gone = Collection::plant();
    $gone->setArchived(true);
    $this->postJson('/api/v1/round', ['plant_ids' => [$plant->id, $gone->id]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_ids');
    foreach ([[], 'all', [99_999], range(1, 401)] as $ids) {
        $this->postJson('/api/v1/round', ['plant_ids' => $ids])->assertUnprocessable();
    }
    $this->postJson('/api/v1/round', ['plant_ids' => [$plant->id], 'given_l' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'given_l');
    expect(MoistureCheck::query()->count())->toBe(0);
});

test('what was tapped long ago is not taken back', function (): void {
    $plant = Collection::plant();
    $id = $this->postJson('/api/v1/round', ['plant_ids' => [$plant->id]])->json('data.0.id');
    Carbon::setTestNow('2026-07-11 10:00:00');
    $this->deleteJson('/api/v1/round', ['check_ids' => [$id]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'check_ids');
    expect(MoistureCheck::query()->count())->toBe(1);
});

test('a device that was away tells when it watered', function (): void {
    $plant = Collection::plant(['canopy_cm' => 30]);
    $this->postJson('/api/v1/round', ['plant_ids' => [$plant->id], 'at' => '2026-07-09T07:00:00Z'])->assertCreated();
    expect(MoistureCheck::query()->firstOrFail()->checked_at->toIso8601String())->toBe('2026-07-09T07:00:00+00:00');
    $this->postJson('/api/v1/round', ['plant_ids' => [$plant->id], 'at' => 'soon'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'at');
});

test('places come in walking order, those that nobody put in order behind them', function (): void {
    foreach (['Bench', 'Apron', 'Cold frame', ''] as $place) {
        Collection::plant(['place' => $place]);
    }
    expect(array_column($this->getJson('/api/v1/round')->json('places'), 'place'))->toBe(['Apron', 'Bench', 'Cold frame', '']);
    $this->putJson('/api/v1/round/walk', ['places' => ['Cold frame', 'Bench'], 'can_l' => 8.5])->assertOk()->assertJsonPath('can_l', 8.5);
    expect(array_column($this->getJson('/api/v1/round')->json('places'), 'place'))->toBe(['Cold frame', 'Bench', 'Apron', ''])
        ->and(array_column($this->getJson('/api/v1/round?place=Bench')->json('plants'), 'place'))->toBe(['Bench']);
    $this->putJson('/api/v1/round/walk', ['can_l' => 0])->assertUnprocessable()->assertJsonPath('errors.0.path', 'can_l');
    $this->putJson('/api/v1/round/walk', ['places' => 'Bench'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'places');
    expect($this->getJson('/api/v1/round')->json('can_l'))->toBe(8.5);
});

test('a reading corrects what is thought, and keeps both with it', function (array $input, bool $isWetter): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    looked($plant, $isWetter ? '2026-07-08 08:00:00' : '2026-07-09 18:00:00', ['verdict' => 'water', 'method' => 'round', 'wet_kg' => 9.0]);
    $before = app(WaterStates::class)->one($plant->load(['species', 'site']));
    $check = $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'look', ...$input])->assertCreated();
    Contract::check($check, 'MoistureCheck');
    $after = app(WaterStates::class)->one($plant);
    expect($check->json('thought_l'))->toEqualWithDelta($before->state->waterL, 1e-9)->and($check->json('said_l'))->not->toBeNull()
        ->and($after->state->waterL > $before->state->waterL)->toBe($isWetter)->and($after->state->spreadL())->toBeLessThan($before->state->spreadL())
        ->and($isWetter ? $after->state->phi() < 1.0 : $after->state->phi() > 1.0)->toBeTrue();
})->with([
    'a heavy pot' => [['method' => 'weight', 'reading' => 8.95], true],
    'a light pot' => [['method' => 'weight', 'reading' => 7.9], false],
    'a wet stick' => [['method' => 'stick', 'look' => 'wet', 'depth_cm' => 3], true],
    'a dry stick' => [['method' => 'stick', 'look' => 'dry', 'depth_cm' => 3], false],
    'a high probe' => [['method' => 'probe', 'reading' => 70], true],
    'a low probe' => [['method' => 'probe', 'reading' => 3], false],
]);

test('a weight says nothing before it is known what the pot weighs full', function (): void {
    $plant = Collection::plant();
    looked($plant, '2026-07-09 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    $check = $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'look', 'method' => 'weight', 'reading' => 6.0])->assertCreated();
    expect($check->json('said_l'))->toBeNull()->and($check->json('thought_l'))->not->toBeNull();
});

test('looks are held against what can be', function (array $input, string $field): void {
    $plant = Collection::plant();
    $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'look', ...$input])->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
})->with([[['look' => 'soggy'], 'look'], [['look' => 'wet', 'depth_cm' => -1], 'depth_cm'], [['wet_kg' => 0], 'wet_kg'], [['given_l' => -2], 'given_l'], [['verdict' => 'drown'], 'verdict']]);

test('it teaches: after twenty looks the prediction lies nearer than the model alone', function (): void {
    $plant = Collection::plant(['canopy_cm' => 30])->load(['species', 'site']);
    $plant->forceFill(['potted_on' => '2023-07-01'])->save();
    $errors = ['taught' => [], 'plain' => []];
    $at = Carbon::parse('2026-05-20 08:00:00');
    looked($plant, $at->toDateTimeString(), ['verdict' => 'water', 'method' => 'round', 'wet_kg' => 9.0]);
    for ($look = 1; $look <= 20; ++$look) {
        $at->addDay();
        Carbon::setTestNow($at);
        $plain = app(WaterStates::class)->one(tap($plant->replicate(), static fn(Plant $same) => $same->setRelations($plant->getRelations()))->forceFill(['id' => 0, 'potted_on' => $at->copy()->subDay()]), $at);
        $now = app(WaterStates::class)->one($plant, $at);
        // it uses 1.6 times what is computed
        $used = 1.6 * ($plain->litres->fullL - $plain->state->waterL);
        $truth = max($now->litres->lockedL, $now->litres->fullL - $used);
        if ($look > 10) {
            $errors['taught'][] = ($now->state->waterL - $truth) ** 2;
            $errors['plain'][] = ($plain->state->waterL - $truth) ** 2;
        }
        looked($plant, $at->toDateTimeString(), ['verdict' => 'look', 'method' => 'weight', 'reading' => 9.0 - 0.998 * ($now->litres->fullL - $truth)]);
        looked($plant, $at->copy()->addMinute()->toDateTimeString(), ['verdict' => 'water', 'method' => 'round', 'dunked' => true, 'wet_kg' => 9.0]);
    }
    expect(array_sum($errors['taught']))->toBeLessThan(0.5 * array_sum($errors['plain']))->and(app(WaterStates::class)->one($plant)->state->phi())->toBeGreaterThan(1.1);
});

test('a dry-down finds what a plant uses, keeps it, and forgets it again', function (): void {
    $plant = Collection::plant(['canopy_cm' => 25])->load(['species', 'site']);
    Carbon::setTestNow('2026-06-20 08:00:00');
    $tell = fn(array $input) => $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['method' => 'weight', ...$input])->assertCreated();
    $tell(['method' => 'round', 'verdict' => 'water', 'wet_kg' => 9.0]);
    $full = app(WaterStates::class)->one($plant)->litres->fullL;
    foreach (range(1, 4) as $day) {
        Carbon::setTestNow(Carbon::parse('2026-06-20 08:00:00')->addDays($day));
        $tell(['verdict' => 'look', 'reading' => 9.0 - 0.06 * $day]);
    }
    $this->putJson("/api/v1/plants/{$plant->id}/use", ['keep' => true])->assertUnprocessable()->assertJsonPath('errors.0.path', 'keep');
    Carbon::setTestNow('2026-06-25 08:00:00');
    $tell(['verdict' => 'look', 'reading' => 8.7]);
    $now = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick.now');
    $this->putJson("/api/v1/plants/{$plant->id}/use", ['keep' => true])->assertOk();
    $kept = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick.now');
    expect($now['weighings'])->toBe(5)->and($now['phi'])->toBeLessThan(0.9)->and($now['phi_sd'])->toBeLessThan(0.25)->and($kept['kept_phi'])->toEqualWithDelta($now['phi'], 1e-9)->and($kept['found_on'])->toBe('2026-06-25')
        ->and($plant->events()->where('kind', 'note')->count())->toBe(1)->and($full)->toBeGreaterThan(1.0);
    $this->putJson("/api/v1/plants/{$plant->id}/use", ['keep' => false])->assertOk();
    expect($plant->refresh()->use_log)->toBeNull();
});

test('whoever stands in winter quarters is marked, and drinks as there', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40, 'quarters_from' => '07-01', 'quarters_to' => '07-31', 'quarters_exposure' => 'shade', 'quarters_roofed' => true]);
    $outside = Collection::plant(['canopy_cm' => 40]);
    foreach ([$plant, $outside] as $each) {
        looked($each, '2026-07-09 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    }
    $rows = roundOf($this);
    expect($rows[$plant->id]['stored'])->toBeTrue()->and($rows[$outside->id]['stored'])->toBeFalse()->and($rows[$plant->id]['left_h'])->toBeGreaterThan($rows[$outside->id]['left_h'] + 5);
    $this->postJson('/api/v1/plants', Collection::input(['quarters_from' => '13-40']))->assertUnprocessable()->assertJsonPath('errors.0.path', 'quarters_from');
});

test('asking for four hundred plants asks the database as often as for four', function (): void {
    $count = function (): int {
        $asked = 0;
        Illuminate\Support\Facades\DB::listen(static function () use (&$asked): void {
            ++$asked;
        });
        $this->getJson('/api/v1/round')->assertOk();

        return $asked;
    };
    foreach (range(1, 3) as $i) {
        looked(Collection::plant(['canopy_cm' => 20 + $i, 'potted_on' => '2026-06-25']), '2026-07-09 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    }
    $few = $count();
    foreach (range(1, 12) as $i) {
        looked(Collection::plant(['canopy_cm' => 20 + $i, 'potted_on' => '2026-06-25']), '2026-07-09 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    }
    expect($count())->toBeLessThanOrEqual($few + 2);
});

test('what was found of its use says less at another place, and after it was potted anew', function (): void {
    $plant = Collection::plant(['canopy_cm' => 25]);
    $plant->forceFill(['use_log' => 0.3, 'use_spread' => 0.1, 'use_found_on' => '2026-06-25'])->save();
    looked($plant, '2026-07-10 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    $spread = fn(): float => sqrt(app(WaterStates::class)->one($plant->refresh()->load(['species', 'site']))->state->varPhi);
    expect($spread())->toEqualWithDelta(0.1, 0.005);
    $plant->forceFill(['potted_on' => '2026-07-01'])->save();
    expect($spread())->toEqualWithDelta(0.35, 0.005);
    $plant->forceFill(['potted_on' => '2023-07-01'])->save();
    $form = array_intersect_key($this->getJson("/api/v1/plants/{$plant->id}")->json('plant'), array_flip(App\Plants\PlantFields::names()));
    unset($form['stage']);
    $this->putJson("/api/v1/plants/{$plant->id}", [...$form, 'exposure' => 'half_shade'])->assertOk();
    expect($plant->refresh()->use_spread)->toBe(0.35)->and($plant->use_log)->toBe(0.3);
});

test('one whose roots were cut lately drinks less, and recovers', function (): void {
    $plant = Collection::plant(['canopy_cm' => 50, 'potted_on' => '2026-07-05']);
    looked($plant, '2026-07-10 08:00:00', ['verdict' => 'water', 'method' => 'round']);
    $lasts = fn(): float => (float) (new WaterStates(app(App\Plants\Outlook::class), new App\Plants\SeasonPots(app(App\Plants\Outlook::class)), app(App\Weather\SiteWeather::class)))->one($plant->load(['species', 'site']))->lastsH;
    $whole = $lasts();
    $plant->events()->create(['kind' => 'potted', 'happened_on' => '2026-07-05', 'text' => '', 'person' => '', 'data' => ['actual' => ['roots_cut_share' => 0.5]]]);
    expect($lasts())->toBeGreaterThan(1.3 * $whole)->and(roundOf($this)[$plant->id]['newly_potted'])->toBeTrue();
});
