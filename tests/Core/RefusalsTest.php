<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Question\Evaluation\Request;

/** @return list<Refusal> */
function refusalsOf(callable $act): array
{
    try {
        $act();
    } catch (Refused $refused) {
        return $refused->refusals;
    }

    return [];
}

function expectRefused(callable $act, string $field, string $rule): void
{
    $found = array_map(static fn(Refusal $refusal): string => $refusal->field.' '.$refusal->rule, refusalsOf($act));
    expect($found)->toContain($field.' '.$rule);
}

test('a component with a figure that cannot be', function (array $changed, string $field, string $rule): void {
    expectRefused(fn() => MaterialReader::read([...Reference::raw('pumice-3-6-mm'), ...$changed]), $field, $rule);
})->with([
    'no bulk density' => [['bulk_density' => null], 'bulk_density', 'required'],
    'bulk density of zero' => [['bulk_density' => 0], 'bulk_density', 'above'],
    'negative bulk density' => [['bulk_density' => -0.4], 'bulk_density', 'above'],
    'heavier loose than its grains' => [['bulk_density' => 0.9], 'bulk_density', 'bulk_density_order'],
    'as heavy loose as its grains' => [['bulk_density' => 0.85], 'bulk_density', 'bulk_density_order'],
    'grains heavier than solid' => [['particle_density' => 2.5], 'particle_density', 'particle_density_order'],
    'too loose for its grading' => [['bulk_density' => 0.001], 'bulk_density', 'bulk_density_packing'],
    'too dense for its grading' => [['bulk_density' => 0.84], 'bulk_density', 'bulk_density_packing'],
    'more water than pores' => [['internal_water' => 0.7], 'internal_water', 'internal_water_pores'],
    'more unavailable than soaked' => [['unavailable_water' => 0.5], 'unavailable_water', 'unavailable_water_order'],
    'negative unavailable water' => [['unavailable_water' => -0.1], 'unavailable_water', 'between'],
    'no median suction' => [['internal_median_cm' => 0], 'internal_median_cm', 'above'],
    'no spread' => [['internal_spread' => 0], 'internal_spread', 'above'],
    'no sphericity' => [['sphericity' => 0], 'sphericity', 'above'],
    'rounder than round' => [['sphericity' => 1.1], 'sphericity', 'above'],
    'fibre of no size' => [['hydraulic_size_mm' => 0], 'hydraulic_size_mm', 'above'],
    'negative buffer' => [['buffer' => -1], 'buffer', 'between'],
    'buffer without pH' => [['ph' => null], 'ph', 'required'],
    'pH of 15' => [['ph' => 15], 'ph', 'between'],
    'negative exchange capacity' => [['cec' => -1], 'cec', 'between'],
    'negative crumbling' => [['crumble_rate' => -0.1], 'crumble_rate', 'between'],
    'negative decay' => [['decay_rate' => -0.1], 'decay_rate', 'between'],
    'no sieve' => [['sieve' => null], 'sieve', 'required'],
    'only a pan' => [['sieve' => ['pan' => 3]], 'sieve', 'sieve_no_aperture'],
    'nothing on the sieves' => [['sieve' => ['4' => 0, '2' => 0, 'pan' => 0]], 'sieve', 'sieve_empty'],
    'negative mass' => [['sieve' => ['4' => -1, 'pan' => 5]], 'sieve.4', 'between'],
    'aperture of zero' => [['sieve' => ['0' => 1, '4' => 5]], 'sieve.0', 'aperture'],
    'negative aperture' => [['sieve' => ['-2' => 1, '4' => 5]], 'sieve.-2', 'aperture'],
    'aperture that is a word' => [['sieve' => ['coarse' => 1, '4' => 5]], 'sieve.coarse', 'aperture'],
    'the same aperture twice' => [['sieve' => ['4' => 1, '4.0' => 5]], 'sieve.4.0', 'aperture_twice'],
    'mass that is a word' => [['sieve' => ['4' => 'much']], 'sieve.4', 'number'],
    'finest below the classes' => [['finest_mm' => 0.015], 'finest_mm', 'between'],
    'unknown field' => [['colour_of_dust' => 'grey'], 'colour_of_dust', 'unknown'],
    'unknown kind' => [['kind' => 'metal'], 'kind', 'one_of'],
    'a number as text' => [['bulk_density' => '0.46'], 'bulk_density', 'number'],
    'infinite' => [['internal_median_cm' => INF], 'internal_median_cm', 'above'],
    'not a number' => [['cec' => NAN], 'cec', 'between'],
    'a list for a number' => [['buffer' => [1]], 'buffer', 'number'],
    'true for a number' => [['buffer' => true], 'buffer', 'number'],
]);

test('a bulk density outside what the grading packs to names both limits', function (): void {
    $refusals = refusalsOf(fn() => MaterialReader::read([...Reference::raw('pumice-3-6-mm'), 'bulk_density' => 0.84]));
    expect($refusals)->toHaveCount(1)
        ->and($refusals[0]->limits['min'])->toBeGreaterThan(0.0)->toBeLessThan(0.05)
        ->and($refusals[0]->limits['max'])->toBeGreaterThan(0.46)->toBeLessThan(0.84);
});

test('all faults of a component are told at once', function (): void {
    $fields = array_map(static fn(Refusal $refusal): string => $refusal->field, refusalsOf(fn() => MaterialReader::read(['key' => 'x', 'sphericity' => 2])));
    expect($fields)->toContain('bulk_density', 'particle_density', 'solid_density', 'internal_water', 'internal_median_cm', 'sphericity', 'sieve');
});

test('grains may be as dense as their solid', function (): void {
    $sand = MaterialReader::read([...Reference::raw('sharp-sand-0-25-2-mm'), 'particle_density' => 2.65, 'solid_density' => 2.65, 'internal_water' => 0, 'unavailable_water' => 0]);
    expect($sand->internalWater)->toBe(0.0);
});

test('parts that cannot be', function (array $parts, string $field, string $rule): void {
    $portions = array_map(static fn(string $key) => [Reference::component($key), $parts[$key]], array_keys($parts));
    expectRefused(fn() => new Blend($portions), $field, $rule);
})->with([
    'negative' => [['pumice-3-6-mm' => -1.0], '0.parts', 'between'],
    'too many' => [['pumice-3-6-mm' => 1e6 + 1], '0.parts', 'between'],
    'not a number' => [['pumice-3-6-mm' => NAN], '0.parts', 'between'],
    'all zero' => [['pumice-3-6-mm' => 0.0, 'sphagnum-peat' => 0.0], '', 'no_parts'],
    'none' => [[], '', 'no_parts'],
]);

test('a component twice in a blend', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    expectRefused(fn() => new Blend([[$pumice, 1.0], [$pumice, 2.0]]), '1.component', 'component_twice');
});

test('a question that cannot be answered', function (array $changed, string $field, string $rule): void {
    $question = [
        'blend' => ['pumice-3-6-mm' => 2],
        'pot' => ['shape' => 'round', 'depth' => 18, 'top' => 16, 'base' => 11],
        'holes' => ['count' => 1, 'diameter_cm' => 2],
    ];
    expectRefused(fn() => Answer::to(Request::read([...$question, ...$changed], Reference::rawComponents())), $field, $rule);
})->with([
    'no blend' => [['blend' => null], 'blend', 'required'],
    'empty blend' => [['blend' => []], 'blend', 'no_parts'],
    'blend as a list' => [['blend' => [1, 2]], 'blend', 'object'],
    'unknown component' => [['blend' => ['moon-dust' => 1]], 'blend.moon-dust', 'component_unknown'],
    'parts as text' => [['blend' => ['pumice-3-6-mm' => 'two']], 'blend.pumice-3-6-mm', 'number'],
    'negative parts' => [['blend' => ['pumice-3-6-mm' => -2]], 'blend.pumice-3-6-mm', 'between'],
    'unknown field' => [['bland' => 1], 'bland', 'unknown'],
    'no components' => [['components' => []], 'components', 'list'],
    'a bad component that is not used' => [['components' => [['key' => 'a']], 'blend' => ['a' => 1]], 'components.0.bulk_density', 'required'],
    'two components of one key' => [['components' => [Reference::raw('sphagnum-peat'), Reference::raw('sphagnum-peat')], 'blend' => ['sphagnum-peat' => 1]], 'components.1.key', 'key_twice'],
    'packed too loosely' => [['compaction_index' => 4.0], 'compaction_index', 'between'],
    'packed too densely' => [['compaction_index' => 9.1], 'compaction_index', 'between'],
    'years before planting' => [['years' => -1], 'years', 'between'],
    'years beyond all reason' => [['years' => 101], 'years', 'between'],
    'negative suction' => [['suction_cm' => -1], 'suction_cm', 'between'],
    'negative headspace' => [['headspace_cm' => -1], 'headspace_cm', 'between'],
    'headspace as deep as the pot' => [['headspace_cm' => 17.6], 'headspace_cm', 'root_zone'],
    'a layer as thick as the pot' => [['drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => 18]], 'drainage_layer.thickness_cm', 'root_zone'],
    'a layer of nothing' => [['drainage_layer' => ['thickness_cm' => 2]], 'drainage_layer.blend', 'required'],
    'a layer of something unknown' => [['drainage_layer' => ['blend' => ['x' => 1], 'thickness_cm' => 2]], 'drainage_layer.blend.x', 'component_unknown'],
    'a pot without a shape' => [['pot' => ['depth' => 5]], 'pot.shape', 'required'],
    'a pot of an unknown shape' => [['pot' => ['shape' => 'star', 'depth' => 5]], 'pot.shape', 'one_of'],
    'a pot of no depth' => [['pot' => ['shape' => 'round', 'depth' => 0, 'top' => 16, 'base' => 11]], 'pot.depth', 'between'],
    'a pot without a base' => [['pot' => ['shape' => 'round', 'depth' => 5, 'top' => 16]], 'pot.base', 'required'],
    'a pot of two sides' => [['pot' => ['shape' => 'polygon', 'sides' => 2, 'depth' => 5, 'top' => 16, 'base' => 11]], 'pot.sides', 'integer'],
    'a pot of three and a half sides' => [['pot' => ['shape' => 'polygon', 'sides' => 3.5, 'depth' => 5, 'top' => 16, 'base' => 11]], 'pot.sides', 'integer'],
    'a bowl deeper than half its rim' => [['pot' => ['shape' => 'bowl', 'depth' => 11, 'top' => 20]], 'pot.depth', 'bowl_depth'],
    'a round pot with a length' => [['pot' => ['shape' => 'round', 'depth' => 5, 'top' => 16, 'base' => 11, 'top_length' => 4]], 'pot.top_length', 'unknown'],
    'a pot that is a word' => [['pot' => 'round'], 'pot', 'object'],
    'half a hole' => [['holes' => ['count' => 0.5, 'diameter_cm' => 1]], 'holes.count', 'integer'],
    'a hole of no width' => [['holes' => ['count' => 1, 'diameter_cm' => 0]], 'holes.diameter_cm', 'between'],
    'a shut mesh' => [['holes' => ['count' => 1, 'diameter_cm' => 1, 'open_share' => 0]], 'holes.open_share', 'between'],
    'a mesh more than open' => [['holes' => ['count' => 1, 'diameter_cm' => 1, 'open_share' => 1.2]], 'holes.open_share', 'between'],
]);

test('what is left out has its default, and zero means none', function (): void {
    $pot = ['shape' => 'round', 'depth' => 18, 'top' => 16, 'base' => 11];
    $plain = Reference::answer(['blend' => ['pumice-3-6-mm' => 2], 'pot' => $pot]);
    $said = Reference::answer([
        'blend' => ['pumice-3-6-mm' => 2], 'pot' => $pot, 'compaction_index' => 6.7, 'headspace_cm' => 0, 'top_dressing_cm' => 0, 'suction_cm' => 0, 'years' => 0,
        'drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => 0],
        'holes' => ['count' => 0],
    ]);
    expect($said['pot'])->toHaveKey('run_through_s', null)->and($plain['pot'])->not->toHaveKey('run_through_s');
    unset($said['pot']['run_through_s']);
    expect($said)->toEqual($plain)->and(Reference::answer(['blend' => ['pumice-3-6-mm' => 2]]))->not->toHaveKey('pot');
});

test('a suction at the floor moves water, theta and air only', function (): void {
    $question = ['blend' => ['pumice-3-6-mm' => 2], 'pot' => ['shape' => 'round', 'depth' => 18, 'top' => 16, 'base' => 11]];
    $free = Reference::answer($question)['pot'];
    $pulled = Reference::answer([...$question, 'suction_cm' => 20])['pot'];
    expect($pulled['water_l'])->toBeLessThan($free['water_l'])
        ->and($pulled['air'])->toBeGreaterThan($free['air'])
        ->and($pulled['easy_l'])->toBe($free['easy_l']);
});

test('screening keeps beta, lightens the loss and refuses to keep nothing', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    $sieved = Screening::between($pumice, 2.8, 5.6);
    expect($sieved->keptShare)->toBeNear(0.66, 1e-9)
        ->and($sieved->component->residualPacking)->toBe($pumice->residualPacking)
        ->and($sieved->component->grading->passingAt(2.8))->toBe(0.0)
        ->and($sieved->component->grading->passingAt(5.6))->toBe(1.0)
        ->and($sieved->component->grading->passingAt(4.0))->toBeNear(28 / 66, 1e-9)
        ->and($sieved->component->bulkDensity)->toBeLessThan($pumice->bulkDensity);
    expectRefused(fn() => Screening::between($pumice, 30.0), 'screening', 'nothing_kept');
    expect(Screening::between($pumice, 0.0)->component->bulkDensity)->toBeNear($pumice->bulkDensity, 1e-9);
});
