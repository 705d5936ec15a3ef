<?php

declare(strict_types=1);

use App\Pots\Models\Pot;
use App\Shelf\Actions\LoadReferenceComponents;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

test('everybody has the 24 reference components and 9 further ones, and loading them again changes nothing', function (): void {
    Yard::component('pumice-3-6-mm')->update(['stock_l' => 12]);
    $this->app->make(LoadReferenceComponents::class)();
    $response = $this->getJson('/api/v1/components?per_page=200')->assertOk()->assertJsonPath('total', 33);
    Contract::check($response, 'ComponentPage');
    expect(Yard::component('pumice-3-6-mm')->stock_l)->toBe(12.0);
});

test('components are searched, filtered, sorted and paged', function (): void {
    Yard::component('sphagnum-peat')->update(['stock_l' => 5]);
    $names = fn(string $query): array => array_column($this->getJson('/api/v1/components?'.$query)->assertOk()->json('data'), 'name');
    expect($names('search=BARK'))->toBe(['Bark mini-chip 6-12 mm', 'Composted bark fine 2-8 mm', 'Composted mulch 5-20 mm'])
        ->and($names('search=%25'))->toBe([])
        ->and($names('search=_'))->toBe([])
        ->and($names('kind=charcoal'))->toBe(['Charcoal 3-8 mm', 'Rice husk, carbonised'])
        ->and($names('in_stock=1'))->toBe(['Sphagnum peat'])
        ->and($names('sort=-bulk_density&per_page=1'))->toBe(["Builder's sand 0-4 mm"])
        ->and($names('per_page=10&page=4'))->toHaveCount(3)
        ->and($names('archived=1'))->toBe([]);
    $this->getJson('/api/v1/components?sort=secret')->assertStatus(422)->assertJsonPath('errors.0.path', 'sort');
    $this->getJson('/api/v1/components?per_page=5000')->assertStatus(422)->assertJsonPath('errors.0.path', 'per_page');
});

test('a component of one\'s own is added, read back exactly, changed and archived', function (): void {
    $response = $this->postJson('/api/v1/components', Yard::ownComponent())->assertCreated();
    Contract::check($response, 'Component');
    $id = $response->json('id');
    foreach (Yard::ownComponent() as $field => $value) {
        expect($response->json($field))->toEqual($value);
    }
    $this->putJson("/api/v1/components/$id", [...Yard::ownComponent(), 'name' => 'Pit gravel, washed', 'stock_l' => 12.5])->assertOk()
        ->assertJsonPath('stock_l', 12.5)->assertJsonPath('key', 'pit-gravel-2-8');
    $this->putJson("/api/v1/components/$id/archived", ['archived' => true])->assertOk()->assertJsonPath('archived', true);
    $this->getJson('/api/v1/components?search=pit gravel')->assertJsonPath('total', 0);
    $this->putJson("/api/v1/components/$id/archived", ['archived' => false])->assertOk();
    $this->getJson('/api/v1/components?search=pit gravel')->assertJsonPath('total', 1);
});

test('a component that contradicts itself is refused at every field and nothing is kept', function (): void {
    $response = $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'bulk_density' => 2.7, 'internal_water' => 0.5, 'kind' => 'metal', 'colour' => 'red', 'hazards' => ['bees'], 'pack_l' => null]);
    $response->assertStatus(422);
    expect(array_column($response->json('errors'), 'path'))->toContain('bulk_density', 'internal_water', 'kind', 'colour', 'hazards', 'pack_l')
        ->and(Component::query()->count())->toBe(33);
});

test('two components cannot share a name, and keys stay apart', function (): void {
    $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'name' => 'Sphagnum peat'])->assertStatus(422)->assertJsonPath('errors.0.rule', 'name_taken');
    $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'name' => 'Pumice, 3-6 mm'])->assertCreated();
    expect(Component::query()->where('key', 'like', 'pumice-3-6-mm%')->count())->toBe(2);
});

test('of a reference component only what stands on the shelf changes', function (): void {
    $id = Yard::component('pumice-3-6-mm')->id;
    $this->putJson("/api/v1/components/$id", ['stock_l' => 40, 'pack_l' => 25, 'pack_price' => 9, 'note' => 'Bay 1'])->assertOk()->assertJsonPath('pack_price', 9);
    $this->putJson("/api/v1/components/$id", ['stock_l' => 40, 'bulk_density' => 0.5])->assertStatus(422)->assertJsonPath('errors.0.path', 'bulk_density')->assertJsonPath('errors.0.rule', 'reference_fixed');
    expect(Yard::component('pumice-3-6-mm')->bulk_density)->toBe(0.46);
});

test('pots of every shape are added with their outline and volume', function (array $pot, float $litres): void {
    $response = $this->postJson('/api/v1/pots', ['name' => 'New', 'hole_count' => 1, 'hole_diameter_cm' => 2, ...$pot])->assertCreated();
    Contract::check($response, 'Pot');
    expect($response->json('volume_l'))->toBeNear($litres, 1e-3)->and($response->json('outline'))->toHaveCount(25);
    $outline = $this->postJson('/api/v1/pots/outline', ['shape' => $pot['shape'], 'depth' => $pot['depth'], ...$pot['measures']])->assertOk();
    Contract::check($outline, 'PotOutline');
    expect($outline->json('volume_l'))->toBe($response->json('volume_l'));
})->with([
    'round' => [['shape' => 'round', 'depth' => 10, 'measures' => ['top' => 20, 'base' => 20]], M_PI],
    'rectangular' => [['shape' => 'rectangular', 'depth' => 10, 'measures' => ['top_length' => 20, 'top_width' => 10, 'base_length' => 20, 'base_width' => 10]], 2.0],
    'oval' => [['shape' => 'oval', 'depth' => 10, 'measures' => ['top_length' => 20, 'top_width' => 10, 'base_length' => 20, 'base_width' => 10]], M_PI / 2],
    'polygon' => [['shape' => 'polygon', 'depth' => 10, 'measures' => ['sides' => 4, 'top' => 10, 'base' => 10]], 1.0],
    'bowl' => [['shape' => 'bowl', 'depth' => 10, 'measures' => ['top' => 20]], 2.0944],
    'measured' => [['shape' => 'measured', 'depth' => 10, 'measures' => ['volume_l' => 3.3]], 3.3],
]);

test('a pot that cannot be is refused at its fields', function (array $changed, string $path): void {
    $pot = ['name' => 'New', 'shape' => 'round', 'depth' => 10, 'measures' => ['top' => 20, 'base' => 18], 'hole_count' => 1, 'hole_diameter_cm' => 2];
    $response = $this->postJson('/api/v1/pots', [...$pot, ...$changed])->assertStatus(422);
    expect(array_column($response->json('errors'), 'path'))->toContain($path)->and(Pot::query()->count())->toBe(0);
})->with([
    'a depth among the measures' => [['depth' => null, 'measures' => ['depth' => 12, 'top' => 20, 'base' => 18]], 'measures.depth'],
    [['depth' => 0], 'depth'],
    [['depth' => null], 'depth'],
    [['measures' => ['top' => 20]], 'measures.base'],
    [['measures' => ['top' => 20, 'base' => -1]], 'measures.base'],
    [['measures' => ['top' => 20, 'base' => 18, 'sides' => 6]], 'measures.sides'],
    [['measures' => 'wide'], 'measures.top'],
    [['shape' => 'bowl', 'depth' => 12, 'measures' => ['top' => 20]], 'depth'],
    [['shape' => 'star'], 'shape'],
    [['name' => ''], 'name'],
    [['hole_count' => 2, 'hole_diameter_cm' => null], 'hole_diameter_cm'],
    [['hole_open_share' => 2], 'hole_open_share'],
    [['weight_kg' => -1], 'weight_kg'],
    [['owned' => 1.5], 'owned'],
]);

test('a pot is changed, and a second one cannot take its name', function (): void {
    $id = Yard::pot('Tray')->id;
    Yard::pot('Other');
    $pot = ['shape' => 'round', 'depth' => 9, 'measures' => ['top' => 20, 'base' => 18], 'hole_count' => 0];
    $this->putJson("/api/v1/pots/$id", ['name' => 'Tray', ...$pot])->assertOk()->assertJsonPath('shape', 'round');
    $this->putJson("/api/v1/pots/$id", ['name' => 'Other', ...$pot])->assertStatus(422)->assertJsonPath('errors.0.path', 'name');
    Contract::check($this->getJson('/api/v1/pots')->assertJsonPath('total', 2), 'PotPage');
    $this->putJson("/api/v1/pots/$id/archived", ['archived' => 'yes'])->assertStatus(422)->assertJsonPath('errors.0.path', 'archived');
    $this->putJson("/api/v1/pots/$id/archived", [])->assertStatus(422);
    $this->putJson("/api/v1/pots/$id/archived", ['archived' => true])->assertOk();
    $this->getJson('/api/v1/pots')->assertJsonPath('total', 1);
});

test('a list asks as many questions for many rows as for few', function (string $address): void {
    $count = function () use ($address): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->getJson($address)->assertOk();

        return count(DB::getQueryLog());
    };
    $recipe = fn(string $name) => $this->postJson('/api/v1/recipes', ['name' => $name, 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1])])->assertCreated();
    $recipe('One');
    Yard::pot('One');
    $few = $count();
    foreach (range(2, 12) as $i) {
        $recipe('Recipe '.$i);
        Yard::pot('Pot '.$i);
    }
    expect($count())->toBe($few);
})->with(['/api/v1/recipes', '/api/v1/pots', '/api/v1/components', '/api/v1/batches']);
