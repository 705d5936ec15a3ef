<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(fn() => Carbon::setTestNow('2026-06-01 10:00:00'));
afterEach(fn() => Carbon::setTestNow());

/** @param array<string, mixed> $settings */
function panel(string $instrument, array $settings): Illuminate\Testing\TestResponse
{
    return test()->putJson("/api/v1/instruments/$instrument", $settings);
}

/** @return array<string, mixed> */
function shown(string $instrument): array
{
    return test()->getJson("/api/v1/instruments/$instrument")->assertOk()->json();
}

function later(float $seconds): void
{
    Carbon::setTestNow(Carbon::now()->addMilliseconds((int) round(1000 * $seconds)));
}

test('a scale settles, and says when it has', function (): void {
    panel('scale', ['mass_g' => 500])->assertOk();
    later(0.2);
    expect(shown('scale')['stable'])->toBeFalse()->and(shown('scale')['values']['mass_g'])->toBeLessThan(400);
    later(4);
    $settled = $this->getJson('/api/v1/instruments/scale');
    Contract::check($settled, 'InstrumentReading');
    expect($settled->json('stable'))->toBeTrue()->and($settled->json('values.mass_g'))->toEqualWithDelta(500, 0.3);
});

test('a scale is tared, drifts, and is tared again', function (): void {
    panel('scale', ['mass_g' => 212]);
    later(4);
    $this->postJson('/api/v1/instruments/scale/tare', [])->assertOk();
    expect(shown('scale')['values']['mass_g'])->toEqualWithDelta(0, 0.2);
    later(5400);
    expect(shown('scale')['values']['mass_g'])->toBeGreaterThan(0.6);
    $this->postJson('/api/v1/instruments/scale/tare', []);
    panel('scale', ['mass_g' => 312]);
    later(4);
    expect(shown('scale')['values']['mass_g'])->toEqualWithDelta(100, 0.3);
});

test('an instrument fails as such things do', function (array $settings, string $fault): void {
    panel('scale', $settings)->assertOk();
    later(5);
    expect(shown('scale'))->toMatchArray(['fault' => $fault, 'stable' => false, 'values' => []]);
})->with([
    [['plugged' => false], 'unplugged'],
    [['battery' => 0], 'battery_empty'],
    [['mass_g' => 9000], 'overload'],
]);

test('a low battery is told and makes readings wander', function (): void {
    $spread = function (): float {
        $values = [];
        foreach (range(1, 60) as $_) {
            $values[] = shown('scale')['values']['mass_g'];
        }

        return max($values) - min($values);
    };
    panel('scale', ['mass_g' => 500]);
    later(5);
    $calm = $spread();
    panel('scale', ['battery' => 0.1]);
    expect(shown('scale')['battery_low'])->toBeTrue()->and($spread())->toBeGreaterThan($calm);
});

test('pen and probe show what they stand in', function (): void {
    panel('reaction_pen', ['ph' => 5.4, 'ec_ms_cm' => 0.8]);
    panel('temperature_probe', ['celsius' => 12]);
    later(15);
    expect(shown('reaction_pen')['values']['ph'])->toEqualWithDelta(5.4, 0.1)->and(shown('reaction_pen')['values']['ec_ms_cm'])->toEqualWithDelta(0.8, 0.05)
        ->and(shown('temperature_probe')['values']['celsius'])->toEqualWithDelta(12, 0.5);
});

test('a shaker parts the sample as its grading says, and loses a little', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    panel('sieve_shaker', ['component_id' => $pumice->id, 'mass_g' => 300]);
    $this->postJson('/api/v1/instruments/sieve_shaker/shake', ['apertures' => [8, 4, 2]])->assertOk()->assertJsonPath('stable', false);
    later(3);
    $masses = shown('sieve_shaker')['values'];
    expect(array_sum($masses))->toBeLessThan(300)->toBeGreaterThan(297)
        ->and($masses['pan'] / array_sum($masses))->toEqualWithDelta($pumice->toCore()->grading->passingAt(2.0), 0.02)
        ->and(array_map(strval(...), array_keys($masses)))->toBe(['8', '4', '2', 'pan']);
});

test('all instruments are listed with what the panel can set', function (): void {
    $list = $this->getJson('/api/v1/instruments')->assertOk();
    expect(array_column($list->json('data'), 'key'))->toBe(['scale', 'sieve_shaker', 'reaction_pen', 'temperature_probe', 'moisture_probe', 'irrigation_controller', 'weather_station']);
    foreach ($list->json('data') as $instrument) {
        expect($instrument['simulated'])->toBeTrue()->and($instrument['settings'])->toHaveKeys(['plugged', 'battery']);
    }
});

test('what an instrument cannot do is refused', function (): void {
    panel('scale', ['mass_g' => -5])->assertStatus(422)->assertJsonPath('errors.0.path', 'mass_g');
    panel('scale', ['colour' => 'red'])->assertStatus(422)->assertJsonPath('errors.0.rule', 'unknown');
    $this->postJson('/api/v1/instruments/reaction_pen/tare', [])->assertStatus(422)->assertJsonPath('errors.0.rule', 'no_scale');
    $this->postJson('/api/v1/instruments/scale/shake', ['apertures' => [4]])->assertStatus(422)->assertJsonPath('errors.0.rule', 'no_shaker');
    $this->postJson('/api/v1/instruments/sieve_shaker/shake', ['apertures' => ['big']])->assertStatus(422)->assertJsonPath('errors.0.rule', 'sieve_set');
    $this->getJson('/api/v1/instruments/oscilloscope')->assertNotFound();
});
