<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Grading\SizeClasses;

test('passing is what lies below a sieve, over all', function (): void {
    $grading = Grading::fromSieve(['4' => 20.0, '2' => 50.0, '1' => 20.0, 'pan' => 10.0]);
    expect($grading->passingAt(1.0))->toBeNear(0.1)
        ->and($grading->passingAt(2.0))->toBeNear(0.3)
        ->and($grading->passingAt(4.0))->toBeNear(0.8)
        ->and($grading->passingAt(8.0))->toBe(1.0)
        ->and($grading->passingAt(0.0625))->toBe(0.0);
});

test('between sieves the curve is straight in the logarithm of size', function (): void {
    $grading = Grading::fromSieve(['4' => 0.0, '1' => 100.0]);
    expect($grading->passingAt(2.0))->toBeNear(0.5)
        ->and($grading->passingAt(sqrt(2.0)))->toBeNear(0.25);
});

test('the order and the unit of the masses do not matter', function (): void {
    $grams = Grading::fromSieve(['4' => 20.0, '2' => 50.0, 'pan' => 30.0]);
    $kilograms = Grading::fromSieve(['pan' => 0.030, '2' => 0.050, '4' => 0.020]);
    foreach ([0.1, 0.5, 1.0, 2.5, 5.0] as $size) {
        expect($kilograms->passingAt($size))->toBeNear($grams->passingAt($size), 1e-12);
    }
});

test('the curve ends at twice the coarsest sieve only where that retains something', function (): void {
    expect(Grading::fromSieve(['4' => 1.0, '2' => 9.0])->quantileMm(1.0))->toBeNear(8.0)
        ->and(Grading::fromSieve(['4' => 0.0, '2' => 9.0])->quantileMm(1.0))->toBeNear(4.0);
});

test('the finest grain is the given one, or a quarter of the smallest sieve where that is finer', function (): void {
    $start = static fn(Grading $grading): float => $grading->sizesMm[0];
    expect($start(Grading::fromSieve(['2' => 1.0])))->toBe(0.0625)
        ->and($start(Grading::fromSieve(['2' => 1.0], 0.5)))->toBe(0.5)
        ->and($start(Grading::fromSieve(['2' => 1.0], 1.59)))->toBe(1.59)
        ->and($start(Grading::fromSieve(['2' => 1.0], 1.61)))->toBe(0.5)
        ->and($start(Grading::fromSieve(['0.063' => 1.0])))->toBeNear(0.01575);
});

test('a quantile is the smallest size that so much passes', function (): void {
    $grading = Grading::fromSieve(['4' => 40.0, '2' => 0.0, '1' => 60.0]);
    expect($grading->quantileMm(0.6))->toBeNear(2.0)
        ->and($grading->quantileMm(0.3))->toBeNear(sqrt(2.0))
        ->and($grading->quantileMm(0.0))->toBe(0.0625);
});

test('quantiles rise', function (string $key): void {
    $grading = Reference::component($key)->grading;
    $before = 0.0;
    foreach ([0.05, 0.1, 0.3, 0.5, 0.6, 0.85, 0.9, 1.0] as $q) {
        expect($grading->quantileMm($q))->toBeGreaterThanOrEqual($before);
        $before = $grading->quantileMm($q);
    }
})->with(array_column(Reference::rawComponents(), 'key'));

test('a quantile and the share that passes it undo each other', function (): void {
    $grading = Reference::component('garden-compost-screened-8-mm')->grading;
    foreach ([0.12, 0.25, 0.5, 0.77, 0.93] as $q) {
        expect($grading->passingAt($grading->quantileMm($q)))->toBeNear($q, 1e-9);
    }
});

test('grains beyond the classes go to the first and the last one', function (): void {
    $boulders = Grading::fromSieve(['64' => 1.0]);
    $silt = Grading::fromSieve(['0.01' => 0.0, '0.005' => 1.0], 0.0156);
    expect($boulders->classShares()[SizeClasses::COUNT - 1])->toBe(1.0)
        ->and($silt->classShares()[0])->toBeNear(1.0);
});

test('class sizes lie between their edges', function (): void {
    foreach (SizeClasses::SIZES_MM as $k => $size) {
        expect($size)->toBeNear(sqrt(SizeClasses::EDGES_MM[$k] * SizeClasses::EDGES_MM[$k + 1]), 1e-12)
            ->and(SizeClasses::LN_SIZES[$k])->toBeNear(log($size), 1e-12);
    }
});

test('a blend passes what its parts pass, by mass', function (): void {
    $coarse = Reference::component('granite-chip-4-8-mm')->grading;
    $fine = Reference::component('sharp-sand-0-25-2-mm')->grading;
    $blend = Grading::blend([$coarse, $fine], [0.7, 0.3]);
    foreach ([0.1, 0.25, 0.6, 1.0, 2.0, 3.0, 4.0, 5.0, 8.0, 11.2, 20.0] as $size) {
        expect($blend->passingAt($size))
            ->toEqualWithDelta(0.7 * $coarse->passingAt($size) + 0.3 * $fine->passingAt($size), 1e-12);
    }
});

test('a blend of one grading is that grading', function (): void {
    $grading = Reference::component('loam-screened-6-mm')->grading;
    $blend = Grading::blend([$grading], [1.0]);
    expect($blend->quantileMm(0.1))->toBeNear($grading->quantileMm(0.1), 1e-12)
        ->and($blend->classShares())->toEqualWithDelta($grading->classShares(), 1e-12);
});

test('what is kept between two sieves is graded as it was', function (): void {
    $grading = Reference::component('akadama-type-clay-granule-2-6-mm')->grading;
    $kept = $grading->between(2.0, 5.6);
    $share = $grading->passingAt(5.6) - $grading->passingAt(2.0);
    foreach ([2.2, 2.8, 3.5, 4.0, 5.0] as $size) {
        expect($kept->passingAt($size))->toBeNear(($grading->passingAt($size) - $grading->passingAt(2.0)) / $share, 1e-9);
    }
    expect($kept->passingAt(1.99))->toBe(0.0)->and($kept->passingAt(5.61))->toBe(1.0);
});

test('rinsing dust takes what is finer and nothing else', function (): void {
    $grading = Reference::component('pumice-3-6-mm')->grading;
    $rinsed = $grading->between(1.0, INF);
    expect($rinsed->passingAt(1.0))->toBe(0.0)
        ->and($rinsed->passingAt(4.0))->toBeNear((0.43 - 0.01) / 0.99, 1e-9)
        ->and($rinsed->quantileMm(1.0))->toBeNear(16.0);
});
