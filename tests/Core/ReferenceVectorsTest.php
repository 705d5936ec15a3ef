<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Numerics\Erfc;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;

const COMPACTION = ['poured' => 4.1, 'worked_in' => 4.5, 'settled' => 6.7];

/** @param array<string, float> $wanted */
function expectFigures(array $got, array $wanted, float $relative = 1e-6): void
{
    foreach ($wanted as $figure => $value) {
        expect($got[$figure] ?? $got['pot'][$figure] ?? NAN)->toBeNear($value, $relative);
    }
}

test('every reference component poured', function (string $key): void {
    $wanted = Reference::vectors()['components_poured'][$key];
    $column = ['pot' => ['shape' => 'measured', 'volume_l' => 1.5, 'depth' => 15], 'compaction_index' => 4.1];
    $got = Reference::answer(['blend' => [$key => 1], ...$column]);
    expect(Reference::component($key)->residualPacking)->toBeNear($wanted['residual_packing']);
    expect($got['pot']['theta'])->toBeNear($wanted['water_after_drainage_15cm_column'], 1e-4);
    unset($wanted['residual_packing'], $wanted['water_after_drainage_15cm_column']);
    expectFigures($got, $wanted);
})->with(array_keys(Reference::vectors()['components_poured']));

test('every reference blend in every state, its sizes, pH and disconnect head', function (string $name): void {
    $blend = Reference::vectors()['blends'][$name];
    foreach ($blend['states'] as $state => $wanted) {
        expectFigures(Reference::answer(['blend' => $blend['parts'], 'compaction_index' => COMPACTION[$state]]), $wanted);
    }
    expectFigures(Reference::answer(['blend' => $blend['parts']]), array_intersect_key($blend, array_flip(['d10_mm', 'd50_mm', 'd60_mm', 'd90_mm', 'ph'])));
    expect(Reference::substrate($blend['parts'])->retention->disconnectHeadCm())->toBeNear($blend['disconnect_head_cm_settled']);
})->with(array_keys(Reference::vectors()['blends']));

test('every reference blend in every pot, with its run-through', function (string $name, string $pot): void {
    $vectors = Reference::vectors();
    $got = Reference::answer([
        'blend' => $vectors['blends'][$name]['parts'],
        'pot' => $vectors['pots'][$pot],
        'headspace_cm' => $vectors['headspace_cm'],
        'holes' => ['count' => 2, 'diameter_cm' => 2.2, 'open_share' => 0.6],
    ]);
    expectFigures($got['pot'], $vectors['blends'][$name]['pots_settled'][$pot], 1e-4);
    expect($got['pot']['run_through_s'])->toBeNear($vectors['run_through_s']['settled_by_mix_and_pot'][$name][$pot], 1e-4);
})->with(array_keys(Reference::vectors()['blends']))->with(array_keys(Reference::vectors()['pots']));

test('a drainage layer of each thickness', function (float $thickness): void {
    $got = Reference::answer([
        'blend' => Reference::vectors()['blends']['even-three']['parts'],
        'pot' => Reference::vectors()['pots']['round deep'],
        'headspace_cm' => 0.8,
        'drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => $thickness],
    ]);
    expectFigures($got, Reference::vectors()['drainage_layer']['by_thickness_cm'][number_format($thickness, 1)], 1e-4);
})->with([1.0, 1.5, 4.0]);

test('run-through over a layer, and through one small hole', function (): void {
    $vectors = Reference::vectors();
    $layered = Reference::answer([
        'blend' => $vectors['blends']['even-three']['parts'],
        'pot' => $vectors['pots']['round deep'],
        'headspace_cm' => 0.8,
        'drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => 4],
        'holes' => ['count' => 2, 'diameter_cm' => 2.2, 'open_share' => 0.6],
    ]);
    $small = Reference::answer([
        'blend' => ['bark-mini-chip-6-12-mm' => 1],
        'pot' => $vectors['pots']['oval tray'],
        'headspace_cm' => 0.8,
        'holes' => ['count' => 1, 'diameter_cm' => 0.6],
    ]);
    expect($layered['pot']['run_through_s'])->toBeNear($vectors['run_through_s']['even_three_round_deep_on_a_granite_layer'], 1e-4)
        ->and($small['pot']['run_through_s'])->toBeNear($vectors['run_through_s']['bark_mini_chip_oval_tray_one_hole_of_0_6_cm_fully_open'], 1e-4);
});

test('class shares of an ageing clay granule', function (int $years): void {
    $ageing = Reference::vectors()['ageing'];
    $component = MaterialReader::read([...Reference::raw($ageing['component']), 'crumble_rate' => $ageing['crumble_rate']]);
    foreach (Attrition::of($component, $years, new WashOut(1.0))->masses as $k => $mass) {
        expect($mass)->toEqualWithDelta($ageing['class_shares_after_years_unnormalised'][$years][$k], 1e-9);
    }
})->with([1, 3, 5]);

test('water by suction, with and without a layer', function (): void {
    $wanted = Reference::vectors()['pot_water_by_suction'];
    $mix = Reference::evenThree();
    $tray = new RootZone(Reference::pot('oval tray'), 0.8);
    $layered = new RootZone(Reference::pot('round deep'), 0.8, 0.0, new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 4.0));
    foreach ($wanted['litres_by_suction_cm'] as $suction => $litres) {
        expect($tray->waterL($mix->retention, (float) $suction))->toBeNear($litres, 1e-4);
    }
    foreach ($wanted['with_4_cm_granite_layer_in_round_deep'] as $suction => $litres) {
        expect($layered->waterL($mix->retention, (float) $suction))->toBeNear($litres, 1e-4);
    }
});

test('air by compaction index', function (): void {
    $wanted = Reference::vectors()['air_by_compaction_index'];
    $zone = new RootZone(Reference::pot($wanted['pot']), 0.8);
    foreach ($wanted['air'] as $index => $air) {
        expect((new PotWater($zone, Reference::substrate(Reference::vectors()['blends'][$wanted['mix']]['parts'], (float) $index)))->air)->toBeNear($air, 1e-4);
    }
});

test('a fibre in a blend', function (): void {
    $wanted = Reference::vectors()['fibre_in_a_blend'];
    $got = Reference::answer(['blend' => $wanted['mix'], 'pot' => Reference::vectors()['pots'][$wanted['pot']], 'headspace_cm' => 0.8]);
    expectFigures($got, array_intersect_key($wanted, array_flip(['sauter_mm', 'median_head_cm', 'head_spread'])));
    expect($got['pot']['water_l'])->toBeNear($wanted['water_l'], 1e-4);
});

test('published values of erfc, and its inverse undoes it', function (): void {
    foreach (Reference::vectors()['erfc'] as $x => $value) {
        expect(Erfc::of((float) $x))->toBeNear($value, 1e-9);
    }
    foreach ([1e-6, 0.0645, 0.5, 1.0, 1.7, 1.999] as $value) {
        expect(Erfc::of(Erfc::inverse($value)))->toBeNear($value, 1e-12);
    }
});

test('edges of the size classes and the shares of a component', function (): void {
    $classes = Reference::vectors()['classes'];
    foreach ($classes['edges_mm'] as $k => $edge) {
        expect(SizeClasses::EDGES_MM[$k])->toBeNear($edge, 1e-9);
    }
    foreach ($classes['shares'] as $k => $share) {
        expect(Reference::component($classes['component'])->classShares[$k])->toEqualWithDelta($share, 1e-9);
    }
});

test('median heads of published uniform sands', function (float $d50, float $computed, float $measured): void {
    $size = $d50 / sqrt(2);
    $sand = MaterialReader::read([
        'key' => 'sand', 'bulk_density' => 0.652 * 2.65, 'particle_density' => 2.65, 'solid_density' => 2.65, 'internal_water' => 0, 'unavailable_water' => 0,
        'internal_median_cm' => 1, 'internal_spread' => 1, 'sphericity' => 0.9, 'hydraulic_size_mm' => $d50, 'sieve' => [(string) $size => 1],
    ]);
    $head = (new Substrate(new Blend([[$sand, 1.0]]), 4.1))->retention->medianHeadCm;
    expect($head)->toEqualWithDelta($computed, 0.06)->and(abs($head / $measured - 1))->toBeLessThan(0.1);
})->with([[1.105, 6.6, 6.5], [0.713, 10.3, 9.8], [0.532, 13.8, 14.4], [0.359, 20.4, 22.2]]);
