<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
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
    // what was lost of nobody knows which was of the oldest
    expect($pumice->refresh()->stock_l)->toBe(140.0);

    $lots = $this->getJson("/api/v1/components/{$pumice->id}/lots");
    Contract::check($lots, 'LotPage');
    expect(array_column($lots->json('data'), 'stock_l', 'name'))->toEqual(['Autumn' => 80, 'Spring' => 60]);
    $movements = $this->getJson("/api/v1/components/{$pumice->id}/movements");
    Contract::check($movements, 'StockMovementPage');
    expect(array_sum(array_column($movements->json('data'), 'litres')))->toEqualWithDelta(140.0, 1e-9)
        ->and($movements->json('total'))->toBe(5)->and($autumn['price_per_l'])->toBeNull();
});

test('less than nothing cannot be on the shelf', function (): void {
    $lot = delivery('Spring', 20);
    move(['kind' => 'used', 'litres' => 21])->assertStatus(422)->assertJsonPath('errors.0.message', 'There are only 20 L there; 21 L cannot be taken.');
    delivery('Autumn', 20);
    move(['kind' => 'used', 'litres' => 21, 'lot_id' => $lot['id']])->assertStatus(422)->assertJsonPath('errors.0.rule', 'stock_below_zero');
    expect(StockMovement::query()->count())->toBe(2);
    // used from nobody knows which sack: the oldest first, so that sacks and sum agree (two of the same day: the first that came)
    move(['kind' => 'used', 'litres' => 30])->assertCreated();
    move(['kind' => 'used', 'litres' => 1, 'lot_id' => $lot['id']])->assertStatus(422)->assertJsonPath('errors.0.message', 'There are only 0 L there; 1 L cannot be taken.');
});

/** Litres left of each delivery of pumice, by its mark. */
function leftOf(): array
{
    return Lot::query()->orderBy('name')->pluck('stock_l', 'name')->all();
}

test('a count of the whole is spread over the deliveries, the oldest first', function (): void {
    move(['kind' => 'count', 'counted_l' => 10])->assertCreated();
    delivery('A', 20, '2026-01-01');
    delivery('B', 30, '2026-02-01');
    move(['kind' => 'count', 'counted_l' => 35])->assertCreated()->assertJsonPath('stock_after_l', 35);
    expect(leftOf())->toBe(['A' => 0.0, 'B' => 25.0]);
    // found again: what is in use was fuller, what is more than it came with lies there without one
    move(['kind' => 'count', 'counted_l' => 60])->assertCreated();
    expect(leftOf())->toBe(['A' => 0.0, 'B' => 30.0])->and(Yard::component('pumice-3-6-mm')->stock_l)->toBe(60.0);
    move(['kind' => 'count', 'counted_l' => 0])->assertCreated();
    expect(leftOf())->toBe(['A' => 0.0, 'B' => 0.0]);
    move(['kind' => 'count', 'counted_l' => 5])->assertCreated();
    expect(leftOf())->toBe(['A' => 0.0, 'B' => 0.0])->and(Yard::component('pumice-3-6-mm')->stock_l)->toBe(5.0);
});

test('a count of the whole can say what was counted of each', function (): void {
    $a = delivery('A', 20, '2026-01-01')['id'];
    $b = delivery('B', 30, '2026-02-01')['id'];
    move(['kind' => 'count', 'counted_l' => 42, 'lots' => [['lot_id' => $a, 'counted_l' => 18], ['lot_id' => $b, 'counted_l' => 21]]])->assertCreated()->assertJsonPath('stock_after_l', 42);
    expect(leftOf())->toBe(['A' => 18.0, 'B' => 21.0]);
    // those that are not named keep what they have
    move(['kind' => 'count', 'counted_l' => 30, 'lots' => [['lot_id' => $a, 'counted_l' => 9]]])->assertCreated();
    expect(leftOf())->toBe(['A' => 9.0, 'B' => 21.0]);
    $before = [leftOf(), StockMovement::query()->count()];
    move(['kind' => 'count', 'counted_l' => 25, 'lots' => [['lot_id' => $a, 'counted_l' => 9]]])->assertStatus(422)->assertJsonPath('errors.0.rule', 'count_under_deliveries')->assertJsonPath('errors.0.path', 'counted_l');
    move(['kind' => 'count', 'counted_l' => 25, 'lots' => [['lot_id' => 987, 'counted_l' => 9], ['lot_id' => $a, 'counted_l' => 26]]])->assertStatus(422)->assertJsonPath('errors.0.path', 'lots.0.lot_id')->assertJsonPath('errors.1.path', 'lots.1.counted_l');
    move(['kind' => 'count', 'counted_l' => 25, 'lots' => 'all'])->assertStatus(422)->assertJsonPath('errors.0.path', 'lots');
    expect([leftOf(), StockMovement::query()->count()])->toBe($before);
});

test('a count of one delivery always works', function (): void {
    $a = delivery('A', 20, '2026-01-01')['id'];
    delivery('B', 30, '2026-02-01');
    move(['kind' => 'used', 'litres' => 45])->assertCreated();
    foreach ([0, 20, 3.5, 500, 0] as $counted) {
        move(['kind' => 'count', 'counted_l' => $counted, 'lot_id' => $a])->assertCreated();
        expect(leftOf()['A'])->toEqual($counted)->and(Yard::component('pumice-3-6-mm')->stock_l)->toEqual($counted + 5);
    }
});

test('a bad delivery is held: it stays in the stock and is offered nowhere', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $bad = delivery('Bad', 40, '2026-01-01')['id'];
    $good = delivery('Good', 10, '2026-02-01')['id'];
    $this->putJson("/api/v1/lots/$bad/held", ['held' => true])->assertStatus(422)->assertJsonPath('errors.0.path', 'note');
    $this->putJson("/api/v1/lots/$bad/held", [])->assertStatus(422)->assertJsonPath('errors.0.path', 'held');
    $held = $this->putJson("/api/v1/lots/$bad/held", ['held' => true, 'note' => 'smells sour'])->assertOk()->assertJsonPath('held_note', 'smells sour');
    Contract::check($held, 'Lot');
    expect($held->json('held_at'))->not->toBeNull()->and($pumice->refresh()->stock_l)->toBe(50.0);
    $this->postJson('/api/v1/batches/plan', [...Yard::question(['parts' => [['component_id' => $pumice->id, 'parts' => 1, 'lot_id' => $bad]]]), 'order' => ['pots' => 1, 'tub_l' => 20, 'scoop_l' => 1]])
        ->assertStatus(422)->assertJsonPath('errors.0.rule', 'lot_held')->assertJsonPath('errors.0.message', 'The delivery "Bad" is held: smells sour');
    $line = $this->postJson('/api/v1/batches/plan', [...Yard::question(['parts' => [['component_id' => $pumice->id, 'parts' => 1]]]), 'order' => ['pots' => 4, 'tub_l' => 40, 'scoop_l' => 1]])->assertOk()->json('lines.0');
    expect($line['stock_l'])->toEqual(10)->and($line['gross_l'])->toBeGreaterThan(10.0)->and($line['packs'])->not->toBe(0);
    $batch = $this->postJson('/api/v1/batches', [...Yard::question(['parts' => [['component_id' => $pumice->id, 'parts' => 1]]]), 'name' => 'One', 'order' => ['pots' => 4, 'tub_l' => 40, 'scoop_l' => 1]])->assertCreated()->json('id');
    // ten litres are offered, more are needed
    $this->postJson("/api/v1/batches/$batch/mixed", [])->assertStatus(422)->assertJsonPath('errors.0.message', fn(string $said): bool => str_contains($said, '10 L are on the shelf'));
    $this->putJson("/api/v1/lots/$bad/held", ['held' => false])->assertOk()->assertJsonPath('held_at', null)->assertJsonPath('held_note', '');
    $taken = $this->postJson("/api/v1/batches/$batch/mixed", [])->assertOk()->json('taken');
    expect($taken[0]['lot_id'])->toBe($bad)->and($good)->not->toBe($bad);
});

test('without a named delivery the price is that of what is left, as it is drawn', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $pumice->update(['pack_l' => 10, 'pack_price' => 20]);
    $old = test()->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'Old', 'delivered_on' => '2026-01-01', 'quantity_l' => 4, 'price' => 2])->assertCreated()->json('id');
    test()->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'New', 'delivered_on' => '2026-02-01', 'quantity_l' => 100, 'price' => 90])->assertCreated();
    $question = Yard::question(['parts' => [['component_id' => $pumice->id, 'parts' => 1]]]);
    $plan = fn(array $part = []): array => $this->postJson('/api/v1/batches/plan', [...$question, 'parts' => [['component_id' => $pumice->id, 'parts' => 1, ...$part]], 'order' => ['pots' => 2, 'tub_l' => 40, 'scoop_l' => 1]])->assertOk()->json();
    $gross = $plan()['lines'][0]['gross_l'];
    expect($gross)->toBeGreaterThan(5.0)
        // four litres at 0.5, the rest at 0.9
        ->and($plan()['cost'])->toEqualWithDelta(4 * 0.5 + ($gross - 4) * 0.9, 1e-9)
        ->and($plan(['lot_id' => $old])['cost'])->toEqualWithDelta($gross * 0.5, 1e-9)
        ->and($this->getJson("/api/v1/components/{$pumice->id}/sheet")->json('price_per_l'))->toEqualWithDelta((2 + 90) / 104, 1e-9);
    move(['kind' => 'count', 'counted_l' => 0])->assertCreated();
    // nothing is left: what a pack would cost
    expect($plan()['cost'])->toEqualWithDelta($gross * 2.0, 1e-9);
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

test('the list of bins tells the deliveries of each: those with something left, the last, and what is held', function (): void {
    $of = fn(): ?array => collect($this->getJson('/api/v1/components?per_page=200')->assertOk()->json('data'))->firstWhere('key', 'pumice-3-6-mm')['deliveries'] ?? null;
    expect($of())->toBe(['left' => 0, 'held' => 0, 'last_on' => null]);
    $spring = delivery('Spring', 120);
    delivery('Autumn', 80, '2026-09-01');
    Lot::query()->whereKey($spring['id'])->update(['held_at' => now()]);
    Contract::check($this->getJson('/api/v1/components?per_page=200'), 'ComponentPage');
    expect($of())->toBe(['left' => 2, 'held' => 1, 'last_on' => '2026-09-01']);
    Lot::query()->where('name', 'Autumn')->update(['stock_l' => 0]);
    expect($of())->toBe(['left' => 1, 'held' => 1, 'last_on' => '2026-09-01']);
    Lot::query()->whereKey($spring['id'])->update(['archived_at' => now()]);
    expect($of())->toBe(['left' => 0, 'held' => 0, 'last_on' => '2026-09-01']);
});
