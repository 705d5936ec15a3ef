<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Uncertainty\Draws;
use Zolbek\Core\Verdict\Uncertainty\ModelError;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Verdict\Uncertainty\PropertyStep;
use Zolbek\Core\Work\BenchTest\Settles;
use Zolbek\Core\Work\BenchTest\TestKind;

function typicalOf(Material $component): array
{
    return [];
}

/** By chance, but from a seed. */
function drawnByChance(Setup $setup, int $draws): Draws
{
    mt_srand(20261126);

    return new Draws($setup, typicalOf(...), $draws, static fn(): float => mt_rand() / mt_getrandmax());
}

test('ranges from even points end where those of many draws by chance do', function (string $case): void {
    $setup = Shipped::setup($case);
    $chance = drawnByChance($setup, 1200);
    $even = new Draws($setup, typicalOf(...), 400, Draws::evenly());
    // years and drought pile up at their ends: there so much of the whole scale
    $least = ['years' => 0.6, 'drought' => 0.02, 'interval_h' => 0.0, 'run_through_s' => 1.0, 'yield_share' => 0.0, 'later_ph' => 0.0, 'float_share' => 0.01];
    foreach ($least as $figure => $apart) {
        foreach ([0, 1] as $end) {
            $by = abs($even->range($figure)[$end] - $chance->range($figure)[$end]);
            expect($by)->toBeLessThanOrEqual(max($apart, 0.15 * $chance->range($figure)[$end]), "$figure $end");
        }
    }
})->with(['a pine on the hill' => 's01', 'bark in a nursery pot' => 's12', 'in the heat' => 's15']);

test('litres used and given are as uncertain by first order as by draws; water and air of loose grains nearly so', function (string $case): void {
    $setup = Shipped::setup($case);
    $first = new Propagation($setup, typicalOf(...));
    $draws = drawnByChance($setup, 600);
    foreach (['use_l_day' => 0.15, 'given_l_year' => 0.15, 'air' => 0.2, 'water_l' => 0.2] as $figure => $within) {
        expect($first->of[$figure])->toBeGreaterThan((1.0 - $within) * $draws->deviation($figure))->toBeLessThan((1.0 + $within) * $draws->deviation($figure));
    }
})->with(['s01', 's07', 's15']);

test('a range holds the figure itself, is not narrower for more doubt, and is the same every time', function (): void {
    $setup = Shipped::setup('s01');
    $typical = new Draws($setup, typicalOf(...), 200, Draws::evenly(), false);
    $measured = new Draws($setup, static fn(): array => array_fill_keys(['bulk_density', 'particle_density', 'internal_water', 'unavailable_water', 'internal_median_cm', 'sphericity', 'ph'], 'measured'), 200, Draws::evenly(), false);
    foreach (Propagation::figures($setup) as $figure => $value) {
        [$low, $high] = $typical->range($figure);
        expect($value)->toBeGreaterThanOrEqual($low - 1e-9)->toBeLessThanOrEqual($high + 1e-9)
            ->and($measured->deviation($figure))->toBeLessThanOrEqual($typical->deviation($figure) * 1.02);
    }
    expect((new Draws($setup, typicalOf(...), 50, Draws::evenly(), false))->of)->toBe((new Draws($setup, typicalOf(...), 50, Draws::evenly(), false))->of)
        ->and($typical->range('years'))->toBeNull();
});

test('even points fill the unit evenly', function (): void {
    $evenly = Draws::evenly();
    foreach ([0, 1, 7, 40] as $what) {
        $tenths = array_fill(0, 10, 0);
        for ($n = 1; $n <= 400; ++$n) {
            ++$tenths[(int) floor(10 * $evenly($n, $what))];
        }
        expect(min($tenths))->toBeGreaterThan(32)->and(max($tenths))->toBeLessThan(48);
    }
});

test('a property moves by its own uncertainty, and no further than it can be', function (): void {
    $pumice = Shipped::component('pumice-3-6-mm');
    $steps = PropertyStep::of($pumice, []);
    expect($steps['bulk_density']($pumice, 1.0)->bulkDensity)->toBeNear(0.529)->and($steps['bulk_density']($pumice, -2.0)->bulkDensity)->toBeNear(0.322)
        ->and($steps['sphericity']($pumice, 9.0)->sphericity)->toBe(1.0)->and($steps['unavailable_water']($pumice, -9.0)->unavailableWater)->toBe(0.0)
        ->and($steps['internal_water']($pumice, 9.0)->internalWater)->toBeNear(1.0 - 0.85 / 2.4)->and($steps['ph']($pumice, 1.0)->ph)->toBeNear(7.5)
        ->and(PropertyStep::of($pumice, ['bulk_density' => 'measured'])['bulk_density']($pumice, 1.0)->bulkDensity)->toBeNear(0.46 * 1.03)
        ->and(PropertyStep::of(Shipped::component('composted-bark-fine-2-8-mm'), []))->toHaveKey('fines_weight');
});

test('the constants of the model move both ways and stay possible', function (): void {
    $setup = Shipped::setup('s01');
    foreach (ModelError::steps($setup) as $name => $step) {
        $far = [$step($setup->model, 9.0), $step($setup->model, -9.0)];
        foreach ($far as $model) {
            expect($model->refill)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0)->and($model->leaching)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.0)
                ->and($model->canopy)->toBeGreaterThanOrEqual(0.0)->and($model->hotDay)->toBeGreaterThanOrEqual(0.0);
        }
        expect($step($setup->model, 0.0))->toEqual($setup->model, $name);
    }
});

test('a test takes away what its properties contribute, and nothing else', function (): void {
    $setup = Shipped::setup('s01');
    $sure = new Propagation($setup, typicalOf(...));
    $pumice = $setup->substrate->blend->components[array_search('pumice-3-6-mm', array_column($setup->substrate->blend->components, 'key'), true)];
    foreach (['air', 'later_ph', 'wet_kg'] as $figure) {
        $left = $sure->of[$figure] ** 2;
        foreach ($sure->parts[$figure] as ['component' => $key, 'property' => $property, 'part' => $part]) {
            $left -= $key === 'pumice-3-6-mm' && $property === 'bulk_density' ? $part * (1.0 - 0.2 ** 2) : 0.0;
        }
        expect(Settles::after($sure, $figure, $pumice, TestKind::LooseDensity, []))->toBeNear(sqrt($left), 1e-9);
    }
    expect(Settles::after($sure, 'air', $pumice, TestKind::LooseDensity, []))->toBeLessThan($sure->of['air'])
        ->and(Settles::after($sure, 'air', $pumice, TestKind::LooseDensity, ['bulk_density' => 'measured']))->toBeNear($sure->of['air'], 1e-12)
        ->and(Settles::after($sure, 'air', $pumice, TestKind::Slake, []))->toBeNear($sure->of['air'], 1e-12)
        ->and(Settles::afterMix($sure, 'yield_share', TestKind::MixShrink))->toBeLessThan($sure->of['yield_share'])
        ->and(Settles::afterMix($sure, 'yield_share', TestKind::DrainedPot))->toBeNear($sure->of['yield_share'], 1e-12)
        ->and(Settles::test('ph'))->toBe(TestKind::SlurryReaction)->and(Settles::test('model_pco2'))->toBeNull();
});

test('the parts of a variance make the whole, the largest first', function (): void {
    $sure = new Propagation(Shipped::setup('s07'), typicalOf(...));
    foreach ($sure->of as $figure => $u) {
        $parts = array_column($sure->parts[$figure], 'part');
        $sorted = $parts;
        rsort($sorted);
        expect(array_sum($parts))->toBeNear($u ** 2, 1e-9)->and($parts)->toBe($sorted);
        if ($u > 0.0) {
            expect($sure->most[$figure]['share'])->toBeNear($parts[0] / $u ** 2, 1e-9);
        }
    }
});
