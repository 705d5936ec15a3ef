<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\Recipe;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

/** @return array<string, mixed> */
function shared(array $plants, string $name = 'Shared, mix 1', string $key = 'pumice-3-6-mm'): array
{
    return ['name' => $name, 'parts' => [...Yard::parts([$key => 3]), ...Yard::parts(['composted-bark-fine-2-8-mm' => 1])], 'plants' => array_map(static fn(Plant $plant): array => ['plant_id' => $plant->id, 'pot_id' => $plant->pot_id], $plants)];
}

/** @return list<Plant> */
function saplings(int $many): array
{
    return array_map(static fn(int $i): Plant => Collection::plant(['number' => 'W-'.$i, 'name' => 'Tree '.$i]), range(1, $many));
}

test('mixes that are shared become recipes, and their plants stand on a new day with them', function (): void {
    $plants = saplings(3);
    $other = Yard::pot('Deep', 12);
    $second = shared([$plants[2]], 'Shared, mix 2', 'lava-scoria-3-6-mm');
    $second['plants'][0]['pot_id'] = $other->id;
    $response = $this->postJson('/api/v1/days/shared', ['name' => 'Shared', 'planned_on' => '2026-12-03', 'mixes' => [shared([$plants[0], $plants[1]]), $second]])->assertCreated();
    Contract::check($response, 'PottingDay');
    $entries = collect($response->json('entries'))->keyBy('plant.number');
    expect($entries['W-1']['recipe']['name'])->toBe('Shared, mix 1')->and($entries['W-2']['recipe']['name'])->toBe('Shared, mix 1')
        ->and($entries['W-3']['recipe']['name'])->toBe('Shared, mix 2')->and($entries['W-3']['pot']['name'])->toBe('Deep')->and($response->json('name'))->toBe('Shared');
    $recipe = Recipe::query()->where('name', 'Shared, mix 1')->with('parts')->firstOrFail();
    expect($recipe->parts->pluck('parts')->all())->toBe([3.0, 1.0])->and($recipe->plant_group)->toBe($plants[0]->plant_group);
});

test('on a day that is planned those that stand there change their mix, the others come on it', function (): void {
    $plants = saplings(2);
    $day = $this->postJson('/api/v1/days', ['name' => 'Spring', 'planned_on' => '2026-12-03'])->json('id');
    $this->postJson("/api/v1/days/{$day}/plants", ['plant_ids' => [$plants[0]->id]])->assertSuccessful();
    $entries = $this->postJson('/api/v1/days/shared', ['day_id' => $day, 'mixes' => [shared($plants)]])->assertCreated()->json('entries');
    expect($entries)->toHaveCount(2)->and(array_unique(array_column(array_column($entries, 'recipe'), 'name')))->toBe(['Shared, mix 1'])->and(PottingDay::query()->count())->toBe(1);
});

test('a plant that somebody planned for another pot meanwhile keeps its mix', function (): void {
    $plants = saplings(2);
    $day = $this->postJson('/api/v1/days', ['name' => 'Spring', 'planned_on' => '2026-12-03'])->json('id');
    $this->postJson("/api/v1/days/{$day}/plants", ['plant_ids' => array_map(static fn(Plant $plant): int => $plant->id, $plants), 'pot_id' => Yard::pot('Deep', 12)->id])->assertSuccessful();
    $this->postJson('/api/v1/days/shared', ['day_id' => $day, 'mixes' => [shared($plants)]])->assertStatus(422)->assertJsonPath('errors.0.path', 'mixes.0.plants.0.pot_id')->assertJsonPath('errors.0.rule', 'changed_elsewhere');
    expect(Recipe::query()->where('name', 'Shared, mix 1')->exists())->toBeFalse();
});

test('all of it is written, or nothing', function (callable $broken, string $path): void {
    $plants = saplings(2);
    $before = [Recipe::query()->count(), PottingDay::query()->count()];
    $input = $broken(['name' => 'Shared', 'planned_on' => '2026-12-03', 'mixes' => [shared([$plants[0]]), shared([$plants[1]], 'Shared, mix 2')]]);
    expect(array_column($this->postJson('/api/v1/days/shared', $input)->assertStatus(422)->json('errors'), 'path'))->toContain($path)
        ->and([Recipe::query()->count(), PottingDay::query()->count()])->toBe($before);
})->with([
    'two of one name' => [static fn(array $input): array => array_replace_recursive($input, ['mixes' => [1 => ['name' => 'Shared, mix 1']]]), 'mixes.1.name'],
    'a plant that is not there' => [static fn(array $input): array => array_replace_recursive($input, ['mixes' => [1 => ['plants' => [['plant_id' => 999_999]]]]]), 'mixes.1.plants.0.plant_id'],
    'a pot that is not there' => [static fn(array $input): array => array_replace_recursive($input, ['mixes' => [1 => ['plants' => [['pot_id' => 999_999]]]]]), 'mixes.1.plants.pot_id'],
    'a component that is not there' => [static fn(array $input): array => array_replace_recursive($input, ['mixes' => [1 => ['parts' => [['component_id' => 999_999]]]]]), 'mixes.1.parts.0.component_id'],
    'a day without a date' => [static fn(array $input): array => array_diff_key($input, ['planned_on' => 0]), 'planned_on'],
    'a day that is not there' => [static fn(array $input): array => [...$input, 'day_id' => 999_999], 'day_id'],
    'no mix' => [static fn(array $input): array => [...$input, 'mixes' => []], 'mixes'],
    'a mix for nobody' => [static fn(array $input): array => [...$input, 'mixes' => [[...$input['mixes'][0], 'plants' => []]]], 'mixes.0.plants'],
]);

test('a day that is finished takes no mixes any more', function (): void {
    $plants = saplings(1);
    $day = $this->postJson('/api/v1/days', ['name' => 'Past', 'planned_on' => '2026-12-03'])->json('id');
    PottingDay::query()->whereKey($day)->update(['status' => 'finished']);
    $this->postJson('/api/v1/days/shared', ['day_id' => $day, 'mixes' => [shared($plants)]])->assertStatus(422);
    expect(Recipe::query()->where('name', 'Shared, mix 1')->exists())->toBeFalse();
});
