<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// which of my free pots takes this ball, and why the others do not

beforeEach(function (): void {
    Component::query()->update(['stock_l' => 200]);
    $this->tray = Yard::pot('Tray', 6.5);
    $this->tray->update(['owned' => 4]);
    Pot::query()->create([...$this->tray->only(['shape', 'measures', 'hole_count', 'hole_diameter_cm', 'hole_open_share', 'weight_kg']), 'name' => 'Larger', 'depth' => 9, 'owned' => 2, 'measures' => ['top_length' => 42, 'top_width' => 32, 'base_length' => 38, 'base_width' => 28], 'drying_sides' => false, 'place' => 'Rack']);
    Pot::query()->create([...$this->tray->only(['shape', 'hole_count', 'hole_diameter_cm', 'hole_open_share', 'weight_kg']), 'name' => 'Small', 'depth' => 5, 'owned' => 9, 'measures' => ['top_length' => 12, 'top_width' => 10, 'base_length' => 10, 'base_width' => 8], 'drying_sides' => false, 'place' => '']);
    Pot::query()->create([...$this->tray->only(['shape', 'measures', 'hole_count', 'hole_diameter_cm', 'hole_open_share', 'weight_kg']), 'name' => 'Shallow', 'depth' => 3, 'owned' => 1, 'drying_sides' => false, 'place' => '']);
    $id = $this->postJson('/api/v1/days', ['name' => 'Which', 'planned_on' => now()->toDateString(), 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0.1, 'helpers' => []])->json('id');
    $this->day = "/api/v1/days/$id";
    $this->plant = Collection::plant(['name' => 'Chooser', 'pot_id' => $this->tray->id]);
    $this->entry = $this->postJson($this->day.'/plants', ['plant_ids' => [$this->plant->id], 'pot_id' => $this->tray->id, 'plan' => ['ball' => ['length_cm' => 20, 'width_cm' => 15, 'height_cm' => 5]]])->assertCreated()->json('entries.0');
    $this->which = fn(): array => $this->getJson($this->day.'/plants/'.$this->entry['id'].'/pots')->assertOk()->json();
    $this->row = fn(string $name): array => array_column(($this->which)()['pots'], null, 'name')[$name];
});

test('pots in which the ball goes stand first, and each other says why it misses', function (): void {
    $answer = $this->getJson($this->day.'/plants/'.$this->entry['id'].'/pots');
    Contract::check($answer, 'WhichPot');
    $fits = array_column($answer->json('pots'), 'fits', 'name');
    expect(array_slice(array_values($fits), 0, 2))->toBe([true, true])->and($fits)->toBe(['Larger' => true, 'Tray' => true, ...array_diff_key($fits, ['Larger' => 0, 'Tray' => 0])])->and($answer->json('buy'))->toBeNull();
    expect(($this->row)('Small')['misses'])->toContain('too_narrow')->and(($this->row)('Small')['beside_cm'])->toBeLessThan(0.0)
        ->and(($this->row)('Shallow')['misses'])->toContain('too_shallow')->and(($this->row)('Shallow')['misses'])->not->toContain('too_narrow')->and(($this->row)('Shallow')['thin_cm'])->toBeGreaterThan(1.25)
        ->and(($this->row)('Larger')['one_size_up'])->toBeTrue()->and(($this->row)('Tray')['one_size_up'])->toBeFalse()->and(($this->row)('Tray')['is_own'])->toBeTrue()
        ->and(($this->row)('Larger')['dries_h'])->toBeGreaterThan(($this->row)('Tray')['dries_h']);
    // as the plan has it once it is taken
    $taken = $this->putJson($this->day.'/plants/'.$this->entry['id'], ['revision' => 1, 'changes' => ['pot_id' => ($this->row)('Larger')['id']]])->assertOk()->json('entries.0');
    $larger = ($this->row)('Larger');
    expect($larger['new_mix_l'])->toEqualWithDelta($taken['figures']['new_mix_l'], 1e-9)->and($larger['wet_kg'])->toEqualWithDelta($taken['figures']['wet_kg'], 1e-9)->and($larger['beneath_cm'])->toEqualWithDelta($taken['figures']['fit']['bed_cm'], 1e-9)
        ->and($larger['rating'])->toBe($taken['assessment']['rating']);
});

test('what is in use or planned is not free, and what the plant stands in becomes so', function (): void {
    expect(($this->row)('Tray')['free'])->toBe(4)->and(($this->row)('Larger')['free'])->toBe(2);
    Collection::plant(['name' => 'Other', 'pot_id' => ($this->row)('Larger')['id']]);
    $mover = Collection::plant(['name' => 'Mover', 'pot_id' => $this->tray->id]);
    $this->postJson($this->day.'/plants', ['plant_ids' => [$mover->id], 'pot_id' => ($this->row)('Larger')['id'], 'plan' => ['ball' => null]])->assertCreated();
    expect(($this->row)('Larger')['free'])->toBe(0)->and(($this->row)('Larger')['misses'])->toContain('not_free')->and(($this->row)('Tray')['free'])->toBe(3)->and(($this->which)()['pots'][0]['name'])->toBe('Tray');
    // a group needs as many as it is
    Plant::query()->whereKey($this->plant->id)->firstOrFail()->update(['count' => 6]);
    expect(($this->row)('Tray')['misses'])->toContain('not_free');
});

test('where none will do, it is said what to buy', function (): void {
    $this->putJson($this->day.'/plants/'.$this->entry['id'], ['revision' => 1, 'changes' => ['ball' => ['length_cm' => 60, 'width_cm' => 50, 'height_cm' => 20]]])->assertOk();
    $which = ($this->which)();
    expect($which['buy']['length_cm'])->toEqual(63)->and($which['buy']['width_cm'])->toEqual(53)->and($which['buy']['depth_cm'])->toEqualWithDelta(21.5 + $this->entry['plan']['headspace_cm'], 1e-9)
        ->and(array_unique(array_column($which['pots'], 'fits')))->toBe([false]);
});

test('a plant on no day is asked for too, in its mix or in another', function (): void {
    $own = $this->getJson('/api/v1/plants/'.$this->plant->id.'/pots')->assertOk();
    Contract::check($own, 'WhichPot');
    $sand = Collection::recipe('Sand', ['sharp-sand-0-25-2-mm' => 1]);
    $other = $this->getJson('/api/v1/plants/'.$this->plant->id.'/pots?recipe_id='.$sand->id)->assertOk()->json('pots');
    expect(array_column($other, 'air', 'name')['Tray'])->toBeLessThan(array_column($own->json('pots'), 'air', 'name')['Tray']);
    $this->getJson('/api/v1/plants/'.$this->plant->id.'/pots?recipe_id=999999')->assertUnprocessable()->assertJsonPath('errors.0.path', 'recipe_id');
});

test('for a mix on the Blend screen the same pots are ranked, with its ball and the wind', function (): void {
    $ask = fn(array $more = []) => $this->postJson('/api/v1/views/pots', [
        'parts' => Yard::parts(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]), 'pot_id' => $this->tray->id, 'plant_group' => 'broadleaf_deciduous', 'headspace_cm' => 0.5,
        'situation' => ['site_id' => Yard::siteId(), 'canopy_cm' => 50, 'height_cm' => 120], 'contents' => ['ball' => ['length_cm' => 20, 'width_cm' => 15, 'height_cm' => 5]], ...$more,
    ]);
    $answer = $ask()->assertOk();
    Contract::check($answer, 'WhichPot');
    $pots = array_column($answer->json('pots'), null, 'name');
    expect($pots['Small']['misses'])->toContain('too_narrow')->toContain('topples')->and($pots['Larger']['one_size_up'])->toBeTrue()->and($pots['Tray']['fits'])->toBeTrue()
        ->and($pots['Tray']['free'])->toBe(3)->and($pots['Tray']['gust_ms'])->toBeGreaterThan($pots['Small']['gust_ms']);
    // as Blend has it in the same pot
    $blend = $this->postJson('/api/v1/evaluate', ['mends' => false, 'parts' => Yard::parts(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]), 'pot_id' => $pots['Larger']['id'], 'plant_group' => 'broadleaf_deciduous', 'headspace_cm' => 0.5,
        'situation' => ['site_id' => Yard::siteId(), 'canopy_cm' => 50, 'height_cm' => 120], 'contents' => ['ball' => ['length_cm' => 20, 'width_cm' => 15, 'height_cm' => 5]]])->assertOk();
    Contract::check($blend, 'Evaluation');
    expect($pots['Larger']['wet_kg'])->toEqualWithDelta($blend->json('pot.wet_kg'), 1e-9)->and($pots['Larger']['gust_ms'])->toEqualWithDelta($blend->json('topple.dry_ms'), 1e-9)
        ->and($pots['Larger']['dries_h'])->toEqualWithDelta($blend->json('water.interval_h'), 1e-6);
    // a windier spot asks for more, a plant of no known height for nothing
    expect($this->postJson('/api/v1/evaluate', ['mends' => false, 'parts' => Yard::parts(['pumice-3-6-mm' => 2]), 'pot_id' => $this->tray->id, 'plant_group' => 'broadleaf_deciduous', 'situation' => ['site_id' => Yard::siteId(), 'wind' => 'windy', 'height_cm' => 60]])->json('topple.storm_ms'))->toEqual(21.5)
        ->and($this->postJson('/api/v1/evaluate', ['mends' => false, 'parts' => Yard::parts(['pumice-3-6-mm' => 2]), 'pot_id' => $this->tray->id, 'plant_group' => 'broadleaf_deciduous', 'situation' => ['site_id' => Yard::siteId()]])->json('topple'))->toBeNull();
    $ask(['situation' => ['height_cm' => -3]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'situation.height_cm');
});
