<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Basis\Numerics\EvenPoints;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Mix\Material\Material;
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

function deviationOf(Draws $draws, string $figure): float
{
    $mean = array_sum($draws->of[$figure]) / count($draws->of[$figure]);

    return sqrt(array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $draws->of[$figure])) / (count($draws->of[$figure]) - 1));
}

/** By chance, but from a seed; once for all tests of a case. */
function drawnByChance(string $case): Draws
{
    static $drawn = [];
    mt_srand(20261126);

    return $drawn[$case] ??= new Draws(Shipped::setup($case), typicalOf(...), 1200, static fn(): float => mt_rand() / mt_getrandmax());
}

test('ranges from even points end where those of many draws by chance do', function (string $case): void {
    $setup = Shipped::setup($case);
    $chance = drawnByChance($case);
    $even = new Draws($setup, typicalOf(...), 400, EvenPoints::at(...));
    // years and drought pile up at their ends: there so much of the whole scale
    $least = ['years' => 0.6, 'drought' => 0.02, 'interval_h' => 0.0, 'run_through_s' => 1.0, 'yield_share' => 0.0, 'later_ph' => 0.0, 'float_share' => 0.01];
    foreach ($least as $figure => $apart) {
        foreach ([0, 1] as $end) {
            $by = abs($even->range($figure)[$end] - $chance->range($figure)[$end]);
            expect($by)->toBeLessThanOrEqual(max($apart, 0.15 * $chance->range($figure)[$end]), "$figure $end");
        }
    }
})->with(['a pine on the hill' => 's01', 'bark in a nursery pot' => 's12', 'in the heat' => 's15']);

test('air, water, litres a day and a year and the level drop are as uncertain by first order as by draws', function (string $case): void {
    $setup = Shipped::setup($case);
    $first = new Propagation($setup, typicalOf(...));
    $draws = drawnByChance($case);
    foreach (['air', 'water_l', 'use_l_day', 'given_l_year', 'level_drop_cm'] as $figure) {
        expect($first->of[$figure])->toBeGreaterThan(0.85 * deviationOf($draws, $figure), $figure)->toBeLessThan(1.15 * deviationOf($draws, $figure), $figure);
    }
})->with(['clay, pumice and lava' => 's01', 'lava' => 's05', 'bark' => 's12', 'in the heat' => 's15', 'coir and pumice' => 't03']);

test('two densities that cannot be moved against each other share what they tell', function (): void {
    $component = Shipped::component('composted-bark-fine-2-8-mm');
    $setup = Shipped::setup('s12')->withPortions([[$component, 1.0]]);
    $parts = array_column((new Propagation($setup, typicalOf(...)))->parts['air'], 'part', 'property');
    $steps = PropertyStep::of($component, []);
    $air = static fn(int $b, int $p): float => (float) Propagation::figures($setup->withPortions([[PropertyStep::held($steps['particle_density'], PropertyStep::held($steps['bulk_density'], $component, $b), $p), 1.0]]))['air'];
    $together = ($air(1, 1) - $air(-1, -1)) / 2;
    $apart = ($air(1, -1) - $air(-1, 1)) / 2;
    expect($parts['bulk_density'] + $parts['particle_density'])->toBeNear(($together ** 2 + $apart ** 2) / 2, 1e-9)
        // against each other they cannot go as far as each would alone
        ->and($parts['bulk_density'] + $parts['particle_density'])->toBeLessThan(0.8 * ((($air(1, 0) - $air(-1, 0)) / 2) ** 2 + (($air(0, 1) - $air(0, -1)) / 2) ** 2));
});

test('a range holds the figure itself, is not narrower for more doubt, and is the same every time', function (): void {
    $setup = Shipped::setup('s01');
    $typical = new Draws($setup, typicalOf(...), 200, EvenPoints::at(...), false);
    $measured = new Draws($setup, static fn(): array => array_fill_keys(['bulk_density', 'particle_density', 'internal_water', 'unavailable_water', 'internal_median_cm', 'sphericity', 'ph'], 'measured'), 200, EvenPoints::at(...), false);
    foreach (Propagation::figures($setup) as $figure => $value) {
        [$low, $high] = $typical->range($figure);
        expect($value)->toBeGreaterThanOrEqual($low - 1e-9)->toBeLessThanOrEqual($high + 1e-9)
            ->and(deviationOf($measured, $figure))->toBeLessThanOrEqual(deviationOf($typical, $figure) * 1.02);
    }
    expect((new Draws($setup, typicalOf(...), 50, EvenPoints::at(...), false))->of)->toBe((new Draws($setup, typicalOf(...), 50, EvenPoints::at(...), false))->of)
        ->and($typical->range('years'))->toBeNull();
});

test('even points fill the unit evenly', function (): void {
    foreach ([0, 1, 7, 40] as $what) {
        $tenths = array_fill(0, 10, 0);
        for ($n = 1; $n <= 400; ++$n) {
            ++$tenths[(int) floor(10 * EvenPoints::at($n, $what))];
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

test('quantiles of the normal distribution and the first even point are those of the tables', function (): void {
    expect(Normal::quantile(0.975))->toBeNear(1.959963985, 1e-8)->and(abs(Normal::quantile(0.5)))->toBeLessThan(1e-12)->and(Normal::quantile(0.1586552539))->toBeNear(-1.0, 1e-8)
        ->and(Normal::quantile(0.0))->toBeGreaterThan(-7.0)->and(EvenPoints::at(1, 0))->toBeNear(0.4142135624, 1e-9)->and(EvenPoints::at(1, 1))->toBeNear(0.7320508076, 1e-9)->and(EvenPoints::at(3, 0))->toBeNear(0.2426406871, 1e-9);
});
