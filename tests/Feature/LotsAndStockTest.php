<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

/** @return array<string, mixed> */
function delivery(string $name, float $litres, string $day = '2026-05-02'): array
{
    return test()->postJson('/api/v1/components/'.Yard::component('pumice-3-6-mm')->id.'/lots', ['name' => $name, 'delivered_on' => $day, 'quantity_l' => $litres])->assertCreated()->json();
}

/** @param array<string, mixed> $body */
function move(array $body): Illuminate\Testing\TestResponse
{
    return test()->postJson('/api/v1/components/'.Yard::component('pumice-3-6-mm')->id.'/movements', $body);
}

test('deliveries come onto the shelf, are used and counted, and every litre has its movement', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $spring = delivery('Spring', 120);
    $autumn = delivery('Autumn', 80, '2026-09-01');
    expect($pumice->refresh()->stock_l)->toBe(200.0);
    Contract::check(move(['kind' => 'used', 'litres' => 50, 'lot_id' => $spring['id'], 'note' => 'Pines'])->assertCreated(), 'StockMovement');
    move(['kind' => 'lost', 'litres' => 5])->assertCreated();
    move(['kind' => 'count', 'counted_l' => 60, 'lot_id' => $spring['id']])->assertCreated();
    expect($pumice->refresh()->stock_l)->toBe(135.0);

    $lots = $this->getJson("/api/v1/components/{$pumice->id}/lots");
    Contract::check($lots, 'LotPage');
    expect(array_column($lots->json('data'), 'stock_l', 'name'))->toEqual(['Autumn' => 80, 'Spring' => 60]);
    $movements = $this->getJson("/api/v1/components/{$pumice->id}/movements");
    Contract::check($movements, 'StockMovementPage');
    expect(array_sum(array_column($movements->json('data'), 'litres')))->toEqualWithDelta(135.0, 1e-9)
        ->and($movements->json('total'))->toBe(5)->and($autumn['price_per_l'])->toBeNull();
});

test('less than nothing cannot be on the shelf', function (): void {
    $lot = delivery('Spring', 20);
    move(['kind' => 'used', 'litres' => 21])->assertStatus(422)->assertJsonPath('errors.0.message', 'There are only 20 L there; 21 L cannot be taken.');
    delivery('Autumn', 20);
    move(['kind' => 'used', 'litres' => 21, 'lot_id' => $lot['id']])->assertStatus(422)->assertJsonPath('errors.0.rule', 'stock_below_zero');
    expect(StockMovement::query()->count())->toBe(2);
    // used from nobody knows which sack: the sum is what counts
    move(['kind' => 'used', 'litres' => 30])->assertCreated();
    move(['kind' => 'used', 'litres' => 15, 'lot_id' => $lot['id']])->assertStatus(422)->assertJsonPath('errors.0.message', 'There are only 10 L there; 15 L cannot be taken.');
});

test('a stock that is typed over is a count', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $this->putJson("/api/v1/components/{$pumice->id}", ['stock_l' => 40, 'pack_l' => 20, 'low_l' => 50])->assertOk()->assertJsonPath('stock_l', 40)->assertJsonPath('runs_low', true);
    $this->putJson("/api/v1/components/{$pumice->id}", ['stock_l' => 25, 'low_l' => 20])->assertOk()->assertJsonPath('runs_low', false);
    expect(StockMovement::query()->pluck('litres')->all())->toBe([40.0, -15.0])->and(StockMovement::query()->pluck('kind')->unique()->all())->toBe(['count']);
});

test('what runs low is found', function (): void {
    Component::query()->where('key', 'pumice-3-6-mm')->update(['stock_l' => 10, 'low_l' => 20]);
    Component::query()->where('key', 'lava-scoria-3-6-mm')->update(['stock_l' => 30, 'low_l' => 20]);
    $this->getJson('/api/v1/components?low=1')->assertJsonPath('total', 1)->assertJsonPath('data.0.key', 'pumice-3-6-mm');
});

test('a delivery that cannot be is refused at its field', function (array $changed, string $path, string $rule): void {
    delivery('Spring', 20);
    $body = ['name' => 'Autumn', 'delivered_on' => '2026-05-02', 'quantity_l' => 20, ...$changed];
    $this->postJson('/api/v1/components/'.Yard::component('pumice-3-6-mm')->id.'/lots', $body)->assertStatus(422)->assertJsonPath('errors.0.path', $path)->assertJsonPath('errors.0.rule', $rule);
})->with([
    [['delivered_on' => '2026-02-30'], 'delivered_on', 'day'],
    [['delivered_on' => 'yesterday'], 'delivered_on', 'day'],
    [['delivered_on' => '2199-01-01'], 'delivered_on', 'day_between'],
    [['quantity_l' => 0], 'quantity_l', 'above'],
    [['quantity_l' => -3], 'quantity_l', 'above'],
    [['price' => 'dear'], 'price', 'number'],
    [['name' => 'Spring'], 'name', 'lot_name_taken'],
]);

test('a delivery keeps its quantity, the rest is corrected', function (): void {
    $lot = delivery('Spring', 20);
    $this->putJson('/api/v1/lots/'.$lot['id'], ['name' => 'Spring A', 'delivered_on' => '2026-04-30', 'quantity_l' => 20, 'price' => 12])->assertOk()->assertJsonPath('price_per_l', 0.6)->assertJsonPath('stock_l', 20);
    $this->putJson('/api/v1/lots/'.$lot['id'], ['name' => 'Spring A', 'delivered_on' => '2026-04-30', 'quantity_l' => 25])->assertStatus(422)->assertJsonPath('errors.0.rule', 'lot_quantity_fixed');
    $this->putJson('/api/v1/lots/'.$lot['id'].'/archived', ['archived' => true])->assertOk()->assertJsonPath('archived', true);
    $this->getJson('/api/v1/components/'.Yard::component('pumice-3-6-mm')->id.'/lots')->assertJsonPath('total', 0);
});

test('a recipe names no delivery, and a batch only one of the same component', function (): void {
    $lot = delivery('Spring', 20);
    $lava = Yard::component('lava-scoria-3-6-mm');
    $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'airy_conifers', 'parts' => [['component_id' => Yard::component('pumice-3-6-mm')->id, 'parts' => 1, 'lot_id' => $lot['id']]]])
        ->assertStatus(422)->assertJsonPath('errors.0.path', 'parts.0.lot_id');
    $this->postJson('/api/v1/evaluate', Yard::question(['parts' => [['component_id' => $lava->id, 'parts' => 1, 'lot_id' => $lot['id']]]]))
        ->assertStatus(422)->assertJsonPath('errors.0.rule', 'lot_of_other');
});

test('scoops and tubs are calibrated by the water that they hold', function (): void {
    $scoop = $this->postJson('/api/v1/vessels', ['name' => 'Tin', 'kind' => 'scoop', 'water_g' => 499])->assertCreated();
    Contract::check($scoop, 'Vessel');
    expect($scoop->json('volume_l'))->toBe(0.5);
    $this->putJson('/api/v1/vessels/'.$scoop->json('id'), ['name' => 'Tin', 'kind' => 'scoop', 'volume_l' => 0.6])->assertOk()->assertJsonPath('water_g', null)->assertJsonPath('volume_l', 0.6);
    $this->postJson('/api/v1/vessels', ['name' => 'Tin', 'kind' => 'spoon'])->assertStatus(422)->assertJsonCount(3, 'errors');
    $this->putJson('/api/v1/vessels/'.$scoop->json('id').'/archived', ['archived' => true])->assertOk();
    Contract::check($this->getJson('/api/v1/vessels?archived=1')->assertJsonPath('total', 1), 'VesselPage');
});

test('sets of sieves are kept coarsest first', function (): void {
    $set = $this->postJson('/api/v1/sieve-sets', ['name' => 'Brass', 'apertures' => [2, 8, 0.5]])->assertCreated();
    Contract::check($set, 'SieveSet');
    expect($set->json('apertures'))->toEqual([8, 2, 0.5]);
    $this->putJson('/api/v1/sieve-sets/'.$set->json('id'), ['name' => 'Brass', 'apertures' => [8, 8]])->assertStatus(422)->assertJsonPath('errors.0.path', 'apertures.1');
    $this->postJson('/api/v1/sieve-sets', ['name' => 'None', 'apertures' => []])->assertStatus(422)->assertJsonPath('errors.0.rule', 'sieve_set');
    $this->putJson('/api/v1/sieve-sets/'.$set->json('id').'/archived', ['archived' => true])->assertOk();
    Contract::check($this->getJson('/api/v1/sieve-sets')->assertJsonPath('total', 0), 'SieveSetPage');
});
