<?php

declare(strict_types=1);

use App\Common\Setting;
use App\Plants\Models\Plant;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Core\Shipped;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

test('the model stands beside published figures and practice cases', function (): void {
    $response = $this->getJson('/api/v1/validation')->assertOk();
    Contract::check($response, 'Validation');
    expect($response->json('cases'))->toHaveCount(46)
        ->and(array_sum(array_column($response->json('kinds'), 'told_apart')))->toBe(45)
        ->and($response->json('sets'))->toHaveCount(8)
        // those that are not well enough known are left off
        ->and(array_unique(array_column($response->json('sets'), 'sure')))->toEqualCanonicalizing(['S', 'M']);
});

test('a new yard has nothing to be told of; one that had recipes is told once', function (): void {
    $this->getJson('/api/v1/model-news')->assertOk()->assertExactJson(['untold' => false]);
    Setting::query()->create(['key' => 'model', 'value' => ['recompute' => true, 'news' => true]]);
    $response = $this->getJson('/api/v1/model-news')->assertOk()->assertExactJson(['untold' => true]);
    Contract::check($response, 'ModelNews');
    $this->putJson('/api/v1/model-news', ['untold' => 'no'])->assertStatus(422)->assertJsonPath('errors.0.path', 'untold');
    $this->putJson('/api/v1/model-news', ['untold' => false])->assertOk();
    $this->getJson('/api/v1/model-news')->assertExactJson(['untold' => false]);
    expect(ModelNotice::asksToRecompute())->toBeTrue();
});

test('forecasts are computed again once, and what plants stand in stays as it was', function (): void {
    $pot = Yard::pot();
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Clay', 'plant_group' => 'airy_conifers', 'parts' => Yard::parts(['akadama-type-clay-granule-2-6-mm' => 1])])->json('id');
    $id = $this->postJson('/api/v1/plants', ['name' => 'Old pine', 'plant_group' => 'airy_conifers', 'pot_id' => $pot->id, 'recipe_id' => $recipe, 'potted_on' => '2024-03-01'])->assertCreated()->json('id');
    $plant = Plant::query()->findOrFail($id);
    [$due, $standing] = [$plant->due_on?->toDateString(), $plant->standing];
    $plant->due_on = Carbon::parse('2001-01-01');
    $plant->save();
    Setting::query()->create(['key' => 'model', 'value' => ['recompute' => true, 'news' => true]]);
    $this->app->make(RecomputeForecasts::class)();
    $after = Plant::query()->findOrFail($id);
    expect($due)->not->toBeNull()->and($after->due_on?->toDateString())->toBe($due)->and($after->standing)->toEqual($standing)
        ->and(ModelNotice::asksToRecompute())->toBeFalse()->and(ModelNotice::isUntold())->toBeTrue();
});

test('a yard of before gets the new figures where nobody had changed them, and keeps its own', function (): void {
    $own = $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'decay_rate' => 0.12])->json('id');
    $migration = require database_path('migrations/2026_11_25_000001_add_pore_sizes_stand_feed_and_the_revised_model.php');
    $this->postJson('/api/v1/recipes', ['name' => 'Peaty', 'plant_group' => 'desert', 'parts' => Yard::parts(['sphagnum-peat' => 1])])->assertCreated();
    $migration->down();
    DB::table('components')->where('key', 'sphagnum-peat')->update(['buffer' => 18, 'decay_rate' => 0.12]);
    DB::table('components')->where('key', 'calcined-clay-1-4-mm')->update(['internal_median_cm' => 220]);
    $migration->up();
    $figures = static fn(string $key): array => (array) DB::table('components')->where('key', $key)->first(['buffer', 'decay_rate', 'structure_loss', 'internal_median_cm']);
    expect($figures('sphagnum-peat'))->toMatchArray(['buffer' => 40.0, 'decay_rate' => 0.04, 'structure_loss' => 0.35])
        ->and($figures('calcined-clay-1-4-mm')['internal_median_cm'])->toBe(1000.0)
        ->and((float) DB::table('components')->where('id', $own)->value('decay_rate'))->toBe(0.12)
        ->and(ModelNotice::isUntold())->toBeTrue()->and(ModelNotice::asksToRecompute())->toBeTrue();
});

test('what is shipped is what the migration changes typical components to', function (): void {
    $migration = require database_path('migrations/2026_11_25_000001_add_pore_sizes_stand_feed_and_the_revised_model.php');
    $changes = (new ReflectionClass($migration))->getConstant('CHANGES');
    expect($changes)->toHaveCount(15);
    foreach ($changes as $key => $figures) {
        $shipped = array_column(Shipped::rawComponents(), null, 'key')[$key];
        foreach ($figures as $property => [, $is]) {
            expect((float) $shipped[$property])->toBe((float) $is, "$key $property");
        }
    }
});

test('an answer says how far each figure may be off, and where that could turn a verdict', function (): void {
    $question = Yard::question(['situation' => Yard::situation()]);
    $answer = $this->postJson('/api/v1/evaluate', $question)->assertOk()->json();
    $quick = $this->postJson('/api/v1/evaluate', [...$question, 'mends' => false])->assertOk()->json();
    $verdicts = array_column($answer['verdicts'], null, 'criterion');
    expect($verdicts['air']['uncertainty'])->toBeGreaterThan(0.02)->toBeLessThan(0.2)
        ->and($verdicts['air']['close'])->toBeBool()
        ->and(array_column($answer['uncertainty'], 'name'))->toContain('air')->toContain('drought')->toContain('later_ph')->toContain('given_l_year')->toContain('level_drop_cm')
        ->and($quick['uncertainty'])->toBeNull()->and($quick['verdicts'][0]['close'])->toBeNull()
        ->and($quick['rating'])->toBe($answer['rating'])->and($quick['fit'])->toBe($answer['fit'])
        ->and($answer['years'])->toEqual($quick['years']);
});

test('feed, rain, stand, shelter and liming count', function (array $changed, string $criterion, int $direction): void {
    $site = $this->postJson('/api/v1/sites', [...Yard::site(), 'alkalinity_mg_l' => 40])->json('id');
    $situation = ['site_id' => $site, 'surface' => 'bare', 'exposure' => 'full_sun'];
    $ask = fn(array $more): float => (float) array_column($this->postJson('/api/v1/evaluate', Yard::question([
        'parts' => Yard::parts(['sphagnum-peat' => 2, 'akadama-type-clay-granule-2-6-mm' => 2]), 'mends' => false, 'situation' => [...$situation, ...$more],
    ]))->assertOk()->json('verdicts'), 'value', 'criterion')[$criterion];
    expect(($ask($changed) <=> $ask([])) * $direction)->toBe(1);
})->with([
    [['rain_share' => 1], 'later_ph', -1],
    [['feed' => 'acid'], 'later_ph', -1],
    [['feed' => 'none'], 'later_ph', 1],
    [['feed_acidity_mg_l' => 200], 'later_ph', -1],
    [['feed_acidity_mmol_l_year' => 120], 'later_ph', -1],
    [['stand' => 'wall'], 'drought', 1],
    [['stand' => 'bed'], 'drought', -1],
    [['canopy_cm' => 15], 'drought', -1],
    [['winter_shelter' => true], 'years', 1],
]);

test('a limed component enters with its pH, and the batch tells the dose', function (): void {
    $parts = Yard::parts(['sphagnum-peat' => 1, 'perlite-2-5-mm' => 1]);
    $ph = fn(array $parts): float => $this->postJson('/api/v1/evaluate', Yard::question(['parts' => $parts, 'mends' => false]))->assertOk()->json('mix.ph');
    $limed = $parts;
    $limed[0]['preparation'] = ['limed_to_ph' => 5.8];
    $order = ['pots' => 2, 'spare' => 0, 'tub_l' => 20, 'scoop_l' => 1];
    $plan = $this->postJson('/api/v1/batches/plan', [...Yard::question(['parts' => $limed]), 'order' => $order])->assertOk();
    Contract::check($plan, 'BatchPlan');
    $line = collect($plan->json('lines'))->firstWhere('name', 'Sphagnum peat');
    expect($ph($limed))->toBeGreaterThan($ph($parts) + 1.0)
        // 40 mmol per L and pH unit, 1.8 units, 50.04 g per mol: 3.6 g/L
        ->and($line['lime_g'])->toBeNear($line['scooped_l'] * 40 * 1.8 * 0.05004, 1e-9)
        ->and(collect($plan->json('lines'))->firstWhere('name', 'Perlite 2-5 mm')['lime_g'])->toEqual(0);
    $limed[0]['preparation'] = ['limed_to_ph' => 12];
    $this->postJson('/api/v1/evaluate', Yard::question(['parts' => $limed]))->assertStatus(422)->assertJsonPath('errors.0.path', 'parts.0.preparation.limed_to_ph');
});

test('salts of the water and of a slurry are a note, never a verdict', function (): void {
    $site = $this->postJson('/api/v1/sites', [...Yard::site(), 'water_ec_ms_cm' => 1.4, 'rain_share' => 0.3])->assertCreated();
    Contract::check($site, 'Site');
    Yard::component('pumice-3-6-mm')->update(['measured' => ['properties' => [], 'findings' => ['salts' => 'harmful']]]);
    $answer = $this->postJson('/api/v1/evaluate', Yard::question(['situation' => ['site_id' => $site->json('id')]]))->assertOk()->json();
    expect(array_column($answer['notes'], 'code'))->toContain('water_salts_high')->toContain('salts_harmful')
        ->and($answer['reaction']['rain_share'])->toBe(0.3);
    $this->postJson('/api/v1/sites', [...Yard::site(), 'name' => 'Sea', 'water_ec_ms_cm' => 60, 'rain_share' => 1.2])->assertStatus(422)
        ->assertJsonPath('errors.0.path', 'rain_share')->assertJsonPath('errors.1.path', 'water_ec_ms_cm');
});
