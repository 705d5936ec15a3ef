<?php

declare(strict_types=1);

use App\Bench\Models\BenchTest;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Work\BenchTest\Reading;
use Zolbek\Core\Work\BenchTest\TestKind;

const HOSTILE = [
    'nothing' => null,
    'true' => true,
    'a word' => 'pumice',
    'a script' => '<script>alert(1)</script>',
    'a query' => "'; DROP TABLE components; --",
    'a list' => [1, [2, [3]]],
    'an object' => ['a' => ['b' => 'c']],
    'a huge number' => 1e300,
    'a negative' => -1,
    'a fraction' => 0.1234567,
    'a long text' => 'xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx',
];

/** @return array<string, array{string, array<string, mixed>}> every address that takes a body, with one that is well */
function bodies(): array
{
    return [
        'evaluate' => ['/api/v1/evaluate', Yard::question(['tree_weight_kg' => 1, 'top_dressing_cm' => 0.2])],
        'component' => ['/api/v1/components', Yard::ownComponent()],
        'pot' => ['/api/v1/pots', [
            'name' => 'New', 'shape' => 'round', 'depth' => 10, 'measures' => ['top' => 20, 'base' => 18], 'drying_sides' => false, 'hole_count' => 1,
            'hole_diameter_cm' => 2, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 1, 'owned' => 1, 'place' => 'Shed',
        ]],
        'outline' => ['/api/v1/pots/outline', ['shape' => 'round', 'depth' => 10, 'top' => 20, 'base' => 18]],
        'recipe' => ['/api/v1/recipes', ['name' => 'New', 'plant_group' => 'desert', 'note' => '', 'tags' => ['dry'], 'reason' => '', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])]],
        'plan' => ['/api/v1/batches/plan', [...Yard::question(), 'order' => ['pots' => 2, 'tub_l' => 20, 'scoop_l' => 1]]],
        'batch' => ['/api/v1/batches', [...Yard::question(), 'name' => 'New', 'note' => '', 'order' => ['pots' => 2, 'tub_l' => 20, 'scoop_l' => 1]]],
        'mix' => ['/api/v1/mixes', [
            'name' => 'New', 'source' => 'reclaimed', 'colour' => '#aabbcc', 'note' => '', 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 1]), 'reclaimed_years' => 2, 'sieved_mm' => 1,
            'stock_l' => 5, 'pack_l' => 5, 'pack_price' => 3, 'low_l' => 2,
        ]],
        'delivery' => ['/api/v1/components/1/lots', ['name' => 'L', 'delivered_on' => '2026-04-01', 'quantity_l' => 10, 'price' => 4, 'note' => '']],
        'movement' => ['/api/v1/components/1/movements', ['kind' => 'count', 'counted_l' => 10, 'note' => '']],
        'vessel' => ['/api/v1/vessels', ['name' => 'New', 'kind' => 'scoop', 'volume_l' => 1, 'note' => '']],
        'sieves' => ['/api/v1/sieve-sets', ['name' => 'New', 'apertures' => [4, 2]]],
        'test' => ['/api/v1/bench/tests', ['kind' => 'run_through', 'component_id' => 1, 'person' => 'Orsolt']],
        'situation' => ['/api/v1/evaluate', Yard::question(['situation' => Yard::situation(), 'contents' => Yard::contents(), 'pot_change' => ['depth_cm' => 9, 'hole_count' => 3, 'hole_diameter_cm' => 2]])],
        'triangle' => ['/api/v1/views/triangle', [...Yard::question(), 'corners' => array_column(Yard::parts(['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1, 'perlite-2-5-mm' => 1]), 'component_id'), 'figure' => 'air', 'steps' => 3]],
        'words' => ['/api/v1/writing/read', ['text' => '2 pumice, 1 lava']],
        'top-up' => ['/api/v1/writing/top-up', ['parts' => Yard::parts(['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1]), 'there' => [['component_id' => Yard::component('pumice-3-6-mm')->id, 'litres' => 4, 'removed_share' => 0.5]], 'wanted_l' => 30]],
        'extras' => ['/api/v1/writing/extras', [...Yard::question(), 'plain_pots' => 3, 'spare' => 0.1, 'extras' => [['label' => 'Pines', 'pots' => 2, 'component_id' => Yard::component('charcoal-3-8-mm')->id, 'handfuls' => 1]]]],
        'compare' => ['/api/v1/compare', ['items' => [['label' => 'One', 'question' => Yard::question()], ['label' => 'Two', 'question' => Yard::question(['headspace_cm' => 1.5])]]]],
        'site' => ['/api/v1/sites', [...Yard::site(), 'name' => 'New hill']],
        'species' => ['/api/v1/species', ['name' => 'New plant', 'plant_group' => 'desert', 'leaf' => 'fleshy', 'evergreen' => true, 'vigour' => 'slow', 'unidentified' => false, 'reason' => '', 'air_low' => 0.1, 'air_high' => 0.4, 'ph_low' => 5, 'ph_high' => 7, 'tension_limit_cm' => 90, 'years_young' => 2, 'years_old' => 3]],
    ];
}

test('nonsense in any one field is taken or refused at a field, never a fault', function (string $which): void {
    [$address, $body] = bodies()[$which];
    foreach (array_keys($body) as $field) {
        foreach (some(array_values(HOSTILE), 3) as $value) {
            DB::beginTransaction();
            $response = $this->postJson($address, [...$body, $field => $value]);
            expect($response->status())->toBeIn([200, 201, 422], $address.' '.$field.' '.json_encode($value));
            if ($response->status() === 422) {
                Contract::check($response, 'Problem');
                expect($response->json('errors'))->not->toBeEmpty();
            }
            DB::rollBack();
        }
    }
})->with(['evaluate', 'component', 'pot', 'outline', 'recipe', 'plan', 'batch', 'mix', 'delivery', 'movement', 'vessel', 'sieves', 'test', 'situation', 'triangle', 'words', 'top-up', 'extras', 'compare', 'site', 'species']);

test('a body that is well stays well: the bodies above are taken', function (string $which): void {
    [$address, $body] = bodies()[$which];
    expect($this->postJson($address, $body)->status())->toBeIn([200, 201]);
})->with(['evaluate', 'component', 'pot', 'outline', 'recipe', 'plan', 'batch', 'mix', 'delivery', 'movement', 'vessel', 'sieves', 'test', 'situation', 'triangle', 'words', 'top-up', 'extras', 'compare', 'site', 'species']);

test('a field that nobody knows is refused by name, on every address', function (string $which): void {
    [$address, $body] = bodies()[$which];
    $response = $this->postJson($address, [...$body, 'surprise' => 1])->assertStatus(422);
    expect(array_column($response->json('errors'), 'path'))->toContain('surprise');
})->with(['evaluate', 'component', 'pot', 'outline', 'recipe', 'plan', 'batch', 'mix', 'delivery', 'movement', 'vessel', 'sieves', 'test', 'situation', 'triangle', 'words', 'top-up', 'extras', 'compare', 'site', 'species']);

test('names are kept as they are typed and mean nothing to the database', function (string $name): void {
    $id = $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'name' => $name])->assertCreated()->json('id');
    $this->getJson("/api/v1/components/$id")->assertJsonPath('name', $name);
    $this->getJson('/api/v1/components?search='.rawurlencode($name))->assertJsonPath('total', 1)->assertJsonPath('data.0.id', $id);
    expect(Component::query()->count())->toBe(34);
})->with([
    "Robert'); DROP TABLE components;--",
    '<b>Grit</b> & "sand"',
    '100 % lava_rock \\ fine',
    '軽石 3-6',
    '砂 🪨',
]);

test('a page far beyond the end is empty, and one before the first is refused', function (): void {
    $this->getJson('/api/v1/components?page=1000000')->assertOk()->assertJsonPath('data', [])->assertJsonPath('total', 33);
    foreach (['page=0', 'page=-1', 'page=1.5', 'page=x', 'per_page=0', 'per_page[]=1', 'sort=-', 'sort[]=name'] as $query) {
        $this->getJson('/api/v1/components?'.$query)->assertStatus(422);
    }
});

test('an id that is no number is an address that is not there', function (): void {
    foreach (['/api/v1/components/one', '/api/v1/pots/1e3', '/api/v1/batches/-1', '/api/v1/components/one/sheet'] as $address) {
        $this->getJson($address)->assertNotFound();
    }
});

test('a recipe is changed whole or not at all, and twice the same name is refused on changing too', function (): void {
    $recipe = fn(string $name, float $parts): array => ['name' => $name, 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => $parts, 'sphagnum-peat' => 1])];
    $first = $this->postJson('/api/v1/recipes', $recipe('First', 1))->json('id');
    $this->postJson('/api/v1/recipes', $recipe('Second', 2))->assertCreated();
    $this->putJson("/api/v1/recipes/$first", $recipe('Second', 3))->assertStatus(422)->assertJsonPath('errors.0.path', 'name');
    $this->getJson("/api/v1/recipes/$first")->assertJsonPath('name', 'First')->assertJsonPath('parts.0.parts', 1);
    $this->putJson("/api/v1/recipes/$first", [...$recipe('First', 3), 'reason' => 'More of it'])->assertOk()->assertJsonPath('parts.0.parts', 3);
});

test('nonsense among the readings of a test is kept and told of, never a fault', function (TestKind $kind): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->json('id');
    $id = $this->postJson('/api/v1/bench/tests', ['kind' => $kind->value, ...($kind->suitsComponent() ? ['component_id' => 1] : ['recipe_id' => $recipe])])->assertCreated()->json('id');
    $plan = $kind->plan();
    $well = static fn(Reading $reading): mixed => match ($reading->type) {
        Reading::CHOICE => $reading->choices[0],
        Reading::APERTURES => [4, 2],
        Reading::RETAINED => ['4' => 10, '2' => 10, 'pan' => 10],
        default => max($reading->min, min($reading->max, 30.0)),
    };
    $setup = array_map($well, $plan->setup);
    $round = array_map($well, $plan->round);
    foreach ([...array_keys($setup), ...array_keys($round)] as $field) {
        foreach (some(array_values(HOSTILE), 3) as $value) {
            $readings = [
                'setup' => (object) (isset($setup[$field]) ? [...$setup, $field => $value] : $setup),
                'rounds' => [isset($round[$field]) ? [...$round, $field => $value] : $round],
            ];
            $response = $this->putJson("/api/v1/bench/tests/$id", ['readings' => $readings]);
            expect($response->status())->toBeIn([200, 422], $kind->value.' '.$field.' '.json_encode($value));
            if ($response->status() === 200) {
                Contract::check($response, 'BenchTest');
                expect($this->postJson("/api/v1/bench/tests/$id/finish", [])->status())->toBeIn([200, 422]);
                BenchTest::query()->whereKey($id)->update(['status' => BenchTest::RUNNING, 'finished_at' => null, 'result' => null]);
            }
        }
    }
    foreach ([null, 5, [], ['a' => 1], [[1]], ['x']] as $rounds) {
        expect($this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => (object) [], 'rounds' => $rounds]])->status())->toBeIn([200, 422])
            ->and($this->getJson("/api/v1/bench/tests/$id")->status())->toBe(200);
    }
})->with(TestKind::cases());

test('nonsense in what is done before mixing is refused at its field', function (string $field): void {
    $parts = Yard::parts(['pumice-3-6-mm' => 1]);
    foreach (HOSTILE as $value) {
        $parts[0]['preparation'] = [$field => $value];
        $response = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => $parts]));
        expect($response->status())->toBeIn([200, 422], $field.' '.json_encode($value));
    }
})->with(['cut_mm', 'screen_lo_mm', 'screen_hi_mm', 'rinse_mm', 'wet']);

test('nonsense at the panel of an instrument is refused', function (string $instrument, string $field): void {
    foreach (HOSTILE as $value) {
        expect($this->putJson("/api/v1/instruments/$instrument", [$field => $value])->status())->toBeIn([200, 422], $field.' '.json_encode($value))
            ->and($this->getJson("/api/v1/instruments/$instrument")->status())->toBe(200);
    }
})->with([
    ['scale', 'mass_g'], ['scale', 'plugged'], ['scale', 'battery'], ['sieve_shaker', 'component_id'], ['sieve_shaker', 'mass_g'], ['reaction_pen', 'ph'],
    ['reaction_pen', 'ec_ms_cm'], ['temperature_probe', 'celsius'],
]);
