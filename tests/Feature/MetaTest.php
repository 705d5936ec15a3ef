<?php

declare(strict_types=1);

use App\Recipes\Models\Recipe;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;

test('screens are told the rules of the job, as the core has them', function (): void {
    $response = $this->getJson('/api/v1/meta')->assertOk();
    Contract::check($response, 'Meta');
    $rules = $response->json('rules');
    expect($rules['gap_shares'])->toEqual(['untouched' => 0, 'teased' => 0.1, 'combed' => 0.25, 'washed' => 0.45])
        ->and(array_keys($rules['gap_shares']))->toBe(array_column(BallTreatment::cases(), 'value'))
        ->and($rules['stages'])->toBe(array_column(GrowthStage::cases(), 'value'))
        ->and($rules['hours'])->toEqual(['spring' => 48, 'summer' => 24, 'autumn' => 72, 'winter' => 168])
        ->and($rules['horizon_years'])->toEqual(8)
        ->and($rules['little_share'])->toBe(0.05)
        ->and($rules['notable']['litres'])->toBe(0.005)
        ->and($rules['most_compared'])->toBe(12)->and($rules['most_components_compared'])->toBe(4)
        ->and($response->json('plant_groups'))->toHaveCount(count(PlantGroup::cases()));
});

test('no more mixes are compared than screens are told', function (): void {
    $most = $this->getJson('/api/v1/meta')->json('rules.most_compared');
    $items = static fn(int $count): array => ['items' => array_map(static fn(int $i): array => ['label' => 'Mix '.$i, 'question' => Yard::question()], range(1, $count))];
    $this->postJson('/api/v1/compare', $items($most))->assertOk();
    $this->postJson('/api/v1/compare', $items($most + 1))->assertUnprocessable();
});

test('what front-end tests are answered is what the API says', function (): void {
    $kept = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/ui/src/testing/answers/meta.json'), true);
    expect($kept)->toEqual($this->getJson('/api/v1/meta')->json());
});

test('a mix is still its recipe however it is written, and another one by parts, order, preparation or group', function (): void {
    $parts = Yard::question()['parts'];
    $recipe = Recipe::query()->findOrFail($this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'airy_conifers', 'parts' => $parts])->json('id'));
    $ask = fn(array $with): ?bool => $this->postJson('/api/v1/evaluate', Yard::question(['parts' => $parts, 'plant_group' => $recipe->plant_group, 'recipe_id' => $recipe->id, 'mends' => false, ...$with]))->assertOk()->json('as_written');
    $scaled = array_map(static fn(array $part): array => [...$part, 'parts' => $part['parts'] * 33.3], $parts);
    $more = [[...$parts[0], 'parts' => $parts[0]['parts'] + 0.1], ...array_slice($parts, 1)];
    $rinsed = [[...$parts[0], 'preparation' => ['rinse_mm' => 1]], ...array_slice($parts, 1)];
    expect($ask([]))->toBeTrue()
        ->and($ask(['parts' => $scaled]))->toBeTrue()
        ->and($ask(['parts' => $more]))->toBeFalse()
        ->and($ask(['parts' => array_reverse($parts)]))->toBeFalse()
        ->and($ask(['parts' => $rinsed]))->toBeFalse()
        ->and($ask(['plant_group' => 'acid_lovers']))->toBeFalse()
        ->and($ask(['recipe_id' => 999_999]))->toBeNull()
        ->and($ask(['recipe_id' => null]))->toBeNull()
        ->and(Recipe::query()->count())->toBe(1);
});
