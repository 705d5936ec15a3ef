<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Course\Ageing\Reclaimed;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * @param array<string, float|int> $parts by component key
 * @param array<string, mixed>     $more
 */
function mixInBin(string $name, array $parts, array $more = []): Illuminate\Testing\TestResponse
{
    return test()->postJson('/api/v1/mixes', ['name' => $name, 'source' => 'premix', 'mix_parts' => Yard::parts($parts), ...$more]);
}

/** @return array<string, mixed> */
function evaluated(array $rows): array
{
    return test()->postJson('/api/v1/evaluate', Yard::question(['parts' => $rows]))->assertOk()->json();
}

test('a premix counts as what is in it', function (): void {
    $premix = mixInBin('Starter', ['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1])->assertCreated();
    Contract::check($premix, 'Component');
    $alone = evaluated([['component_id' => $premix->json('id'), 'parts' => 3]]);
    $written = evaluated(Yard::parts(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]));
    foreach (['bulk_density', 'theta_10', 'd50_mm', 'ph', 'median_head_cm'] as $figure) {
        expect($alone['mix'][$figure])->toEqualWithDelta($written['mix'][$figure], 1e-9);
    }
    expect($alone['pot'])->toEqualWithDelta($written['pot'], 1e-9);
    Contract::check($this->postJson('/api/v1/evaluate', Yard::question(['parts' => [['component_id' => $premix->json('id'), 'parts' => 3]]])), 'Evaluation');
});

test('a litre of premix is a litre as it lies: with something else it goes by volume', function (): void {
    $premix = mixInBin('Starter', ['horticultural-grit-2-5-mm' => 1, 'sphagnum-peat' => 1])->json('id');
    $yield = (new Substrate(new Blend([[Yard::component('horticultural-grit-2-5-mm')->toCore(), 1.0], [Yard::component('sphagnum-peat')->toCore(), 1.0]]), 4.1))->yield;
    $mixed = evaluated([['component_id' => $premix, 'parts' => 1], ...Yard::parts(['pumice-3-6-mm' => 1])]);
    $written = evaluated(Yard::parts(['horticultural-grit-2-5-mm' => 0.5 / $yield, 'sphagnum-peat' => 0.5 / $yield, 'pumice-3-6-mm' => 1]));
    expect($yield)->toBeLessThan(0.97)->and($mixed['pot'])->toEqualWithDelta($written['pot'], 1e-9);
});

test('a batch scoops the premix, not what is in it', function (): void {
    $premix = mixInBin('Starter', ['horticultural-grit-2-5-mm' => 1, 'sphagnum-peat' => 1], ['stock_l' => 100, 'pack_l' => 50, 'pack_price' => 10])->json('id');
    $plan = $this->postJson('/api/v1/batches/plan', [...Yard::question(['parts' => [['component_id' => $premix, 'parts' => 1], ...Yard::parts(['pumice-3-6-mm' => 1])]]), 'order' => ['pots' => 10, 'spare' => 0, 'tub_l' => 20, 'scoop_l' => 1]])->assertOk();
    Contract::check($plan, 'BatchPlan');
    expect(array_column($plan->json('lines'), 'name'))->toBe(['Starter', 'Pumice 3-6 mm'])
        ->and($plan->json('lines.0.mix_l'))->toEqualWithDelta($plan->json('loose_l') / 2, 1e-9)
        ->and($plan->json('lines.0.mass_kg'))->toEqualWithDelta($plan->json('lines.0.scooped_l') * Component::query()->findOrFail($premix)->bulk_density, 1e-6);
    // volume is kept: what is scooped fills the pots by its yield
    $net = 10 * $plan->json('net_per_pot_l');
    expect($plan->json('loose_l'))->toBeGreaterThan($net)->toBeLessThan($net * 1.25);
});

test('mixes stand in mixes three deep, and a loop is refused', function (): void {
    $first = mixInBin('First', ['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1])->json('id');
    $second = mixInBin('Second', [], ['mix_parts' => [['component_id' => $first, 'parts' => 1], ...Yard::parts(['lava-scoria-3-6-mm' => 1])]])->assertCreated()->json('id');
    $third = mixInBin('Third', [], ['mix_parts' => [['component_id' => $second, 'parts' => 2], ...Yard::parts(['charcoal-3-8-mm' => 1])]])->assertCreated()->json('id');
    $grading = evaluated([['component_id' => $third, 'parts' => 1]])['grading']['components'];
    expect($grading)->toHaveCount(4)->and(array_sum(array_column($grading, 'share')))->toEqualWithDelta(1.0, 1e-9);

    $looped = $this->putJson("/api/v1/mixes/$first", ['name' => 'First', 'mix_parts' => [['component_id' => $third, 'parts' => 1]]])->assertStatus(422);
    expect($looped->json('errors.0'))->toMatchArray(['path' => 'mix_parts.0.component_id', 'message' => '"Third" already has First in it: a mix cannot stand in itself.']);
    $this->putJson("/api/v1/mixes/$first", ['name' => 'First', 'mix_parts' => [['component_id' => $first, 'parts' => 1]]])->assertStatus(422)->assertJsonPath('errors.0.rule', 'mix_loop');
    expect(Component::query()->findOrFail($first)->mixParts()->count())->toBe(2);
});

test('a reclaimed mix is its components aged, and sieved', function (): void {
    $old = mixInBin('Old', ['akadama-type-clay-granule-2-6-mm' => 1], ['source' => 'reclaimed', 'reclaimed_years' => 3])->json('id');
    $fresh = evaluated(Yard::parts(['akadama-type-clay-granule-2-6-mm' => 1]));
    $aged = evaluated([['component_id' => $old, 'parts' => 1]]);
    $core = Reclaimed::of(Yard::component('akadama-type-clay-granule-2-6-mm')->toCore(), 3.0)[0];
    expect($aged['pot']['air'])->toBeLessThan($fresh['pot']['air'])
        ->and($aged['mix']['theta_10'])->toEqualWithDelta((new Substrate(new Blend([[$core, 1.0]])))->retention->theta(10.0), 1e-9);
    $this->putJson("/api/v1/mixes/$old", ['name' => 'Old', 'source' => 'reclaimed', 'reclaimed_years' => 3, 'sieved_mm' => 1.5, 'mix_parts' => Yard::parts(['akadama-type-clay-granule-2-6-mm' => 1])])->assertOk();
    $sieved = evaluated([['component_id' => $old, 'parts' => 1]]);
    expect($sieved['mix']['fines_below_1_mm'])->toBe(0)->and($sieved['pot']['air'])->toBeGreaterThan($aged['pot']['air']);
});

test('a reclaimed mix that was sieved in a test has that grading', function (): void {
    $old = mixInBin('Old', ['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1], ['source' => 'reclaimed', 'reclaimed_years' => 2])->json('id');
    $id = $this->postJson('/api/v1/bench/tests', ['kind' => 'sieve_analysis', 'component_id' => $old])->assertCreated()->json('id');
    $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['apertures' => [8, 4, 2]], 'rounds' => [['before_g' => 100, 'retained' => ['8' => 0, '4' => 30, '2' => 69, 'pan' => 1]]]]]);
    $this->postJson("/api/v1/bench/tests/$id/finish", [])->assertOk();
    $before = evaluated([['component_id' => $old, 'parts' => 1]]);
    $this->putJson("/api/v1/bench/tests/$id/in-use", ['in_use' => true])->assertOk();
    $after = evaluated([['component_id' => $old, 'parts' => 1]]);
    expect($after['mix']['d50_mm'])->toBeLessThan($before['mix']['d50_mm'])->and($after['mix']['d50_mm'])->toBeGreaterThan(2.0)->toBeLessThan(4.0);
});

test('when a component changes, the mixes that have it follow', function (): void {
    $own = $this->postJson('/api/v1/components', Yard::ownComponent())->json('id');
    $mix = mixInBin('Starter', [], ['mix_parts' => [['component_id' => $own, 'parts' => 1], ...Yard::parts(['pumice-3-6-mm' => 1])]])->json();
    $outer = mixInBin('Outer', [], ['mix_parts' => [['component_id' => $mix['id'], 'parts' => 1]]])->json();
    $this->putJson("/api/v1/components/$own", [...Yard::ownComponent(), 'bulk_density' => 1.6])->assertOk();
    expect($this->getJson('/api/v1/components/'.$mix['id'])->json('bulk_density'))->toBeGreaterThan($mix['bulk_density'])
        ->and($this->getJson('/api/v1/components/'.$outer['id'])->json('bulk_density'))->toBeGreaterThan($outer['bulk_density']);
});

test('a mix that cannot be is refused at its field', function (array $changed, string $path, string $rule): void {
    mixInBin('Starter', ['pumice-3-6-mm' => 1], $changed)->assertStatus(422)->assertJsonPath('errors.0.path', $path)->assertJsonPath('errors.0.rule', $rule);
})->with([
    [['mix_parts' => []], 'mix_parts', 'no_parts'],
    [['mix_parts' => [['component_id' => 9999, 'parts' => 1]]], 'mix_parts.0.component_id', 'component_missing'],
    [['mix_parts' => [['component_id' => 1, 'parts' => 0]]], 'mix_parts.0.parts', 'above'],
    [['mix_parts' => [['component_id' => 1, 'parts' => 1], ['component_id' => 1, 'parts' => 2]]], 'mix_parts.1.component_id', 'component_twice'],
    [['name' => 'Pumice 3-6 mm'], 'name', 'name_taken'],
    [['source' => 'reclaimed', 'reclaimed_years' => 99], 'reclaimed_years', 'between'],
    [['source' => 'magic'], 'source', 'one_of'],
]);

test('a material is no mix, a mix no material, and neither is a drainage layer', function (): void {
    $mix = mixInBin('Starter', ['pumice-3-6-mm' => 1])->json('id');
    $this->putJson('/api/v1/mixes/'.Yard::component('pumice-3-6-mm')->id, ['name' => 'Pumice 3-6 mm', 'mix_parts' => Yard::parts(['lava-scoria-3-6-mm' => 1])])->assertStatus(422)->assertJsonPath('errors.0.rule', 'not_a_mix');
    $this->putJson("/api/v1/components/$mix", Yard::ownComponent())->assertStatus(422)->assertJsonPath('errors.0.rule', 'is_a_mix');
    $this->postJson('/api/v1/evaluate', Yard::question(['drainage_layer' => ['component_id' => $mix, 'thickness_cm' => 1]]))->assertStatus(422)->assertJsonPath('errors.0.rule', 'layer_mix');
    Contract::check($this->getJson("/api/v1/components/$mix/sheet")->assertOk(), 'ComponentSheet');
});

test('the list of components asks as many questions with mixes in it as without', function (): void {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/api/v1/components')->assertOk();

        return count(DB::getQueryLog());
    };
    mixInBin('First', ['pumice-3-6-mm' => 1]);
    $one = $count();
    foreach (range(1, 5) as $i) {
        mixInBin("Mix $i", ['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1]);
    }
    expect($count())->toBe($one);
});

test('a litre in the pot costs what was scooped for it', function (): void {
    $premix = mixInBin('Starter', ['horticultural-grit-2-5-mm' => 1, 'sphagnum-peat' => 1], ['pack_l' => 50, 'pack_price' => 10])->json('id');
    $blend = new Blend([[Yard::component('horticultural-grit-2-5-mm')->toCore(), 1.0], [Yard::component('sphagnum-peat')->toCore(), 1.0]]);
    $scooped = (new Substrate($blend, 4.1))->yield / (new Substrate($blend))->yield;
    expect(evaluated([['component_id' => $premix, 'parts' => 2]])['mix']['price_per_l'])->toEqualWithDelta(0.2 * $scooped, 1e-9)->and($scooped)->toBeGreaterThan(1.02);
});

test('a mix has the colour of its parts unless somebody gave it one', function (): void {
    Yard::component('pumice-3-6-mm')->update(['colour' => '#ff0000']);
    Yard::component('lava-scoria-3-6-mm')->update(['colour' => '#0000ff']);
    $mix = mixInBin('Two', ['pumice-3-6-mm' => 3, 'lava-scoria-3-6-mm' => 1])->assertJsonPath('colour', '#bf0040')->json('id');
    $this->putJson("/api/v1/mixes/$mix", ['name' => 'Two', 'colour' => '#123456', 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 1])])->assertJsonPath('colour', '#123456');
    $this->putJson("/api/v1/mixes/$mix", ['name' => 'Two', 'mix_parts' => Yard::parts(['lava-scoria-3-6-mm' => 1])])->assertJsonPath('colour', '#123456');
});

test('a bought mix whose parts are known roughly keeps the range, and verdicts carry the doubt', function (): void {
    $rows = static fn(float $spread): array => [['component_id' => Yard::component('pumice-3-6-mm')->id, 'parts' => 3, 'spread' => $spread], ['component_id' => Yard::component('sphagnum-peat')->id, 'parts' => 2]];
    $known = $this->postJson('/api/v1/mixes', ['name' => 'Known', 'source' => 'premix', 'mix_parts' => $rows(0)])->assertCreated();
    $rough = $this->postJson('/api/v1/mixes', ['name' => 'Sack', 'source' => 'premix', 'mix_parts' => $rows(2)])->assertCreated();
    Contract::check($rough, 'Component');
    expect(array_column($rough->json('mix_parts'), 'spread'))->toEqual([2, 0]);
    $figures = fn(int $id): array => collect($this->postJson('/api/v1/evaluate', [...Yard::question(['parts' => [['component_id' => $id, 'parts' => 1]]]), 'mends' => true])->assertOk()->json('uncertainty'))->keyBy('name')->all();
    $found = $figures($rough->json('id'));
    expect($found['air']['uncertainty'])->toBeGreaterThan($figures($known->json('id'))['air']['uncertainty'])
        ->and(collect($found)->flatMap(static fn(array $figure): array => $figure['most'])->firstWhere('property', 'split')['component_name'])->toBe('Sack');
    $this->putJson('/api/v1/mixes/'.$rough->json('id'), ['name' => 'Sack', 'source' => 'premix', 'mix_parts' => $rows(4)])->assertUnprocessable()->assertJsonPath('errors.0.path', 'mix_parts.0.spread');
    expect($this->getJson('/api/v1/components/'.$rough->json('id'))->json('mix_parts.0.spread'))->toEqual(2);
});

test('an amount written as a range is told with what was taken', function (): void {
    $read = $this->postJson('/api/v1/writing/read', ['text' => '2-3 lava, 1 sphagnum peat', 'chosen' => ['lava' => Yard::component('lava-scoria-3-6-mm')->id]])->assertOk();
    Contract::check($read, 'WrittenMix');
    expect($read->json('ranges'))->toEqual([['words' => 'lava', 'from' => 2, 'to' => 3, 'taken' => 2.5]])->and($read->json('rows.0.amount'))->toEqual(2.5);
});
