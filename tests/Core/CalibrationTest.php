<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Calibration\FactorFit;
use Zolbek\Core\Verdict\Calibration\Factors;
use Zolbek\Core\Verdict\Calibration\Observation;
use Zolbek\Core\Verdict\Calibration\PotModel;
use Zolbek\Core\Verdict\Uncertainty\ModelError;

/** @return list<Observation> what drained pots of made-up mixes would have shown in a yard with these factors, with noise */
function yardTests(Factors $true, int $seed, float $noise = 0.03): array
{
    $chance = new RandomWords($seed);
    $found = [];
    foreach ([['pumice-3-6-mm' => 1], ['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1], ['akadama-type-clay-granule-2-6-mm' => 1], ['akadama-type-clay-granule-2-6-mm' => 2, 'lava-scoria-3-6-mm' => 1], ['lava-scoria-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1], ['composted-bark-fine-2-8-mm' => 1]] as $i => $parts) {
        $blend = Shipped::blend($parts);
        foreach ([10.0, 18.0] as $height) {
            foreach (['air', 'water', 'yield_share'] as $figure) {
                $model = static fn(Factors $factors): float => PotModel::figure($blend, $factors, $figure, $height);
                $found[] = new Observation("pot $i $height", $figure, $model($true) * exp($noise * Normal::quantile($chance->uniform())), null, $model);
            }
        }
    }

    return $found;
}

test('one factor and one test meet half way where both are as sure', function (): void {
    $fit = new FactorFit([new Observation('one', 'use', exp(0.2), null, static fn(Factors $factors): float => $factors->factor(Factors::USE))]);
    $spread = 0.05;
    $weight = 0.3 ** 2 / (0.3 ** 2 + $spread ** 2);
    expect(log($fit->factors->factor(Factors::USE)))->toEqualWithDelta(0.2 * $weight, 1e-6)->and($fit->spread[Factors::USE])->toEqualWithDelta(sqrt(1 / (1 / 0.3 ** 2 + 1 / $spread ** 2)), 1e-6)
        ->and($fit->factors->factor(Factors::CAPILLARY))->toBe(1.0)->and(array_keys($fit->spread))->toBe([Factors::USE]);
    $even = new FactorFit([new Observation('one', 'head', exp(0.2), sqrt(0.25 ** 2 - 0.05 ** 2) * exp(0.2), static fn(Factors $factors): float => $factors->factor(Factors::CAPILLARY))]);
    expect(log($even->factors->factor(Factors::CAPILLARY)))->toEqualWithDelta(0.1, 1e-9)->and($even->spread[Factors::CAPILLARY])->toEqualWithDelta(0.25 / M_SQRT2, 1e-9)->and(Factors::left(Factors::CAPILLARY, $even->spread[Factors::CAPILLARY]))->toEqualWithDelta(M_SQRT1_2, 1e-9);
});

test('factors are found again from tests with noise', function (int $seed): void {
    $true = new Factors([Factors::CAPILLARY => 0.75, Factors::COMPACTION => 1.08, Factors::INNER_WATER.'bark' => 0.7, Factors::INNER_WATER.'clay granule' => 1.2]);
    $fit = new FactorFit(yardTests($true, $seed));
    foreach ($true->of as $name => $factor) {
        $off = abs(log($fit->factors->factor($name) / $factor));
        expect($off)->toBeLessThan(4.0 * $fit->spread[$name] + 0.02, $name)->and($fit->spread[$name])->toBeLessThan(Factors::prior($name));
    }
    expect(log($fit->factors->factor(Factors::CAPILLARY)))->toBeLessThan(-0.12);
    $size = static fn(string $which): float => sqrt(array_sum(array_map(static fn(array $one): float => $one[$which] ** 2, $fit->residuals)));
    expect($size('after'))->toBeLessThan(0.5 * $size('before'));
})->with(fn() => seeds(3, 20));

test('where the model is right nothing much is changed', function (): void {
    foreach ((new FactorFit(yardTests(new Factors(), 5)))->factors->of as $name => $factor) {
        expect(abs(log($factor)))->toBeLessThan(0.08, $name);
    }
});

test('tests that say nothing of a factor leave it alone', function (): void {
    $fit = new FactorFit(yardTests(new Factors(), 5));
    expect($fit->factors->of)->not->toHaveKey(Factors::USE)->and($fit->factors->of)->not->toHaveKey(Factors::CRUMBLING)->and($fit->factors->of)->not->toHaveKey(Factors::INNER_WATER.'soil');
});

test('never from fewer tests than factors', function (): void {
    $tests = yardTests(new Factors(), 5);
    expect(static fn() => new FactorFit([]))->toThrow(Refused::class)->and(static fn() => new FactorFit(array_slice($tests, 0, 1)))->toThrow(static function (Refused $refused): void {
        expect($refused->refusals[0]->field)->toBe('tests')->and($refused->refusals[0]->limits['factors'])->toBeGreaterThan(1);
    });
});

test('factors are constants of the model', function (): void {
    $constants = (new Factors([Factors::CAPILLARY => 0.8, Factors::COMPACTION => 1.1, Factors::USE => 1.2, Factors::CRUMBLING => 1.5]))->constants(['model_head' => 0.5]);
    expect($constants->head)->toBe(0.8)->and($constants->compaction)->toEqualWithDelta(0.7, 1e-12)->and($constants->canopy)->toBe(1.2)->and($constants->ageing)->toBe(1.5)->and($constants->with(head: 0.9)->left)->toBe(['model_head' => 0.5]);
    expect((new Factors())->constants())->toEqual(new ModelConstants());
});

test('what a yard has measured leaves the model less to be wrong by', function (): void {
    $setup = new Setup([[Shipped::component('pumice-3-6-mm'), 1.0]], Container::read(['shape' => 'round', 'depth' => 12, 'top' => 16, 'base' => 12]), Holes::of(1, 2.0, 0.6), PlantGroup::AiryConifers);
    $half = $setup->with(model: (new Factors())->constants([ModelError::HEAD => 0.5]));
    $wide = ModelError::of($setup)[ModelError::HEAD];
    $narrow = ModelError::of($half)[ModelError::HEAD];
    expect(log($narrow[0]->head))->toEqualWithDelta(log($wide[0]->head) / 2.0, 1e-12)->and(ModelError::of($half)[ModelError::RUN_THROUGH][0]->runThrough)->toBe(ModelError::of($setup)[ModelError::RUN_THROUGH][0]->runThrough);
});

test('inner water is moved within what grains can hold', function (): void {
    $bark = Shipped::component('composted-bark-fine-2-8-mm');
    $more = PotModel::material($bark, new Factors([Factors::INNER_WATER.'bark' => 50.0]));
    $less = PotModel::material($bark, new Factors([Factors::INNER_WATER.'bark' => 0.01]));
    expect($more->internalWater)->toEqualWithDelta(1.0 - $bark->particleDensity / $bark->solidDensity, 1e-9)->and($less->internalWater)->toEqualWithDelta($bark->unavailableWater, 1e-12)
        ->and(PotModel::material($bark, new Factors([Factors::INNER_WATER.'soil' => 2.0])))->toBe($bark);
});
