<?php

declare(strict_types=1);

use App\Bench\Actions\RecordBenchTest;
use App\Bench\Actions\StartBenchTest;
use App\Calibration\InUse;
use App\Calibration\Models\Calibration;
use App\Plants\Models\PlantEvent;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipePortions;
use Illuminate\Support\Carbon;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Verdict\Calibration\Factors;
use Zolbek\Core\Verdict\Calibration\PotModel;

/** Drained pots of made-up recipes, as they would come out in a yard where the model is off by some factors. */
function drainedPots(Factors $true, int $many = 5): void
{
    $mixes = [['pumice-3-6-mm' => 1], ['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1], ['akadama-type-clay-granule-2-6-mm' => 1], ['akadama-type-clay-granule-2-6-mm' => 2, 'lava-scoria-3-6-mm' => 1], ['lava-scoria-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]];
    foreach (array_slice($mixes, 0, $many) as $i => $parts) {
        $recipe = app(SaveRecipe::class)(new Recipe(), ['name' => "Tried $i", 'plant_group' => 'airy_conifers', 'parts' => Yard::parts($parts)]);
        $blend = Portion::blend(RecipePortions::of($recipe->load('parts.component')));
        $height = 10.0 + 3.0 * $i;
        [$air, $water] = [PotModel::figure($blend, $true, 'air', $height), PotModel::figure($blend, $true, 'water', $height)];
        $test = app(StartBenchTest::class)(['kind' => 'drained_pot', 'recipe_id' => $recipe->id, 'person' => 'Orsolt']);
        $round = ['added_ml' => round(3000 * ($air + $water), 1), 'drained_ml' => round(3000 * $air, 1)];
        app(RecordBenchTest::class)->keep($test, ['readings' => ['setup' => ['filled_l' => 3, 'height_cm' => $height, 'packing' => 'settled'], 'rounds' => [$round, $round]]]);
        app(RecordBenchTest::class)->finish($test->refresh());
    }
}

test('what was computed stands beside what came, by figure, with bias and what stands out', function (): void {
    drainedPots(new Factors([Factors::CAPILLARY => 0.8]));
    $plant = Collection::plant(['potted_on' => '2026-01-05']);
    $standing = $plant->refresh()->standing;
    PlantEvent::query()->create(['plant_id' => $plant->id, 'kind' => 'potted', 'happened_on' => '2026-01-05', 'text' => '', 'data' => ['standing' => $standing, 'minutes' => 30, 'plain_minutes' => 20, 'actual' => ['run_through_s' => 12]]]);
    $answer = $this->getJson('/api/v1/right')->assertOk();
    Contract::check($answer, 'Right');
    $figures = array_column($answer->json('figures'), null, 'figure');
    expect($figures['air']['n'])->toBe(5)->and($figures['air']['bias'])->toBeGreaterThan(0.0)->and($figures['water']['bias'])->toBeLessThan(0.0)
        ->and($figures['minutes']['bias'])->toEqualWithDelta(0.5, 1e-9)->and($figures['run_through_s']['points'][0]['link'])->toBe('/plants/'.$plant->id);
});

test('factors are fitted to the yard’s own tests, found again, and kept switched off', function (): void {
    drainedPots(new Factors([Factors::CAPILLARY => 0.75]));
    $made = $this->postJson('/api/v1/right/calibrations')->assertCreated();
    Contract::check($made, 'Calibration');
    $factors = array_column($made->json('factors'), null, 'name');
    expect($factors['capillary']['factor'])->toBeLessThan(0.9)->and($factors['capillary']['spread'])->toBeLessThan($factors['capillary']['prior'])->and($made->json('in_use'))->toBeFalse();
    $size = static fn(string $which): float => array_sum(array_map(static fn(array $test): float => $test[$which] ** 2, $made->json('tests')));
    expect($size('after'))->toBeLessThan(0.5 * $size('before'));
});

test('switched on the verdicts go by them and are surer, switched off they are as before', function (): void {
    $question = Yard::question();
    $ask = fn(): array => $this->postJson('/api/v1/evaluate', $question)->assertOk()->json();
    $air = static fn(array $answer): array => array_column($answer['verdicts'], null, 'criterion')['air'];
    $before = $ask();
    drainedPots(new Factors([Factors::CAPILLARY => 0.75]));
    $first = $this->postJson('/api/v1/right/calibrations')->json('id');
    expect($ask()['verdicts'])->toEqual($before['verdicts']);
    $switched = $this->putJson("/api/v1/right/calibrations/$first", ['in_use' => true])->assertOk();
    Contract::check($switched, 'Calibrations');
    $on = $ask();
    expect(array_column($on['notes'], 'code'))->toContain('fitted')->and(array_column($before['notes'], 'code'))->not->toContain('fitted');
    expect($air($on)['value'])->toBeGreaterThan($air($before)['value'])->and($air($on)['uncertainty'])->toBeLessThan($air($before)['uncertainty']);
    // fitted again while it is on, the same comes out: the factors are always those of the model alone
    $again = $this->postJson('/api/v1/right/calibrations');
    expect(array_column($again->json('factors'), 'factor', 'name')['capillary'])->toEqualWithDelta(Calibration::query()->findOrFail($first)->factors['capillary']['factor'], 1e-9);
    $this->putJson('/api/v1/right/calibrations/'.$again->json('id'), ['in_use' => true])->assertOk();
    expect(Calibration::query()->where('in_use', true)->pluck('id')->all())->toBe([$again->json('id')])->and(Calibration::query()->findOrFail($first)->switched)->toHaveCount(2);
    $this->putJson('/api/v1/right/calibrations/'.$again->json('id'), ['in_use' => false])->assertOk();
    expect($ask()['verdicts'])->toEqual($before['verdicts']);
});

test('a component whose inner water was measured is not moved', function (): void {
    $bark = Yard::component('composted-bark-fine-2-8-mm');
    $usual = $bark->toCore()->internalWater;
    Calibration::query()->create(['made_at' => Carbon::now(), 'factors' => ['inner_water:bark' => ['factor' => 0.8, 'spread' => 0.1]], 'tests' => [], 'in_use' => true, 'switched' => []]);
    InUse::now()->forget();
    expect($bark->toCore()->internalWater)->toEqualWithDelta(0.8 * $usual, 1e-9);
    $bark->basis = 'measured';
    expect($bark->toCore()->internalWater)->toBe($usual);
});

test('from fewer tests than factors nothing is fitted', function (): void {
    $this->postJson('/api/v1/right/calibrations')->assertUnprocessable()->assertJsonPath('errors.0.path', 'tests');
    expect(Calibration::query()->count())->toBe(0);
});
