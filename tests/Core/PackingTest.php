<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Packing\ResidualPacking;

/**
 * Shares with so much in each named class.
 *
 * @param array<int, float> $in share by class
 *
 * @return list<float>
 */
function sharesIn(array $in): array
{
    $shares = array_fill(0, SizeClasses::COUNT, 0.0);
    foreach ($in as $class => $share) {
        $shares[$class] = $share;
    }

    return $shares;
}

test('one size alone packs to K over one plus K of its residual packing', function (float $beta, float $index): void {
    // (1/beta) / (1/phi - 1/beta) = K has the closed form phi = beta K / (1 + K)
    expect(CompressiblePacking::uniform($beta, sharesIn([12 => 1.0]), $index))->toBeNear($beta * $index / (1 + $index), 1e-12);
})->with([[0.4, 4.1], [0.6, 4.1], [0.6, 6.7], [0.6, 9.0], [0.95, 6.7]]);

test('two sizes far apart pack denser than either, and densest where the fine just fills the coarse', function (): void {
    $density = static fn(float $fine): float => CompressiblePacking::uniform(0.6, sharesIn([2 => $fine, 20 => 1.0 - $fine]), 6.7);
    $alone = $density(0.0);
    $best = max(array_map($density, range(0.05, 0.95, 0.05)));
    expect($density(1.0))->toBeNear($alone, 1e-9)
        ->and($best)->toBeGreaterThan($alone * 1.2)
        ->and($density(0.3))->toBeGreaterThan($density(0.1))
        ->and($density(0.3))->toBeGreaterThan($density(0.7));
});

test('the nearer two sizes are, the less they gain from each other', function (): void {
    $before = 0.0;
    foreach ([1, 3, 6, 10, 16] as $apart) {
        $density = CompressiblePacking::uniform(0.6, sharesIn([18 => 0.7, 18 - $apart => 0.3]), 6.7);
        expect($density)->toBeGreaterThan($before);
        $before = $density;
    }
});

test('harder packing is denser, and never beyond the grains themselves', function (string $key): void {
    $component = Reference::component($key);
    $before = 0.0;
    foreach ([4.1, 4.5, 4.75, 6.7, 9.0] as $index) {
        $density = CompressiblePacking::uniform($component->residualPacking, $component->classShares, $index);
        expect($density)->toBeGreaterThan($before)->toBeLessThan(1.0);
        $before = $density;
    }
})->with(array_column(Reference::rawComponents(), 'key'));

test('density rises with residual packing', function (): void {
    $shares = Reference::component('decomposed-granite-1-6-mm')->classShares;
    $before = 0.0;
    foreach ([0.02, 0.1, 0.3, 0.5, 0.7, 0.9, 0.99] as $beta) {
        $density = CompressiblePacking::uniform($beta, $shares, 4.1);
        expect($density)->toBeGreaterThan($before);
        $before = $density;
    }
});

test('the residual packing found gives back the packing it was found from', function (float $wanted): void {
    $shares = Reference::component('sphagnum-peat')->classShares;
    $beta = ResidualPacking::of($shares, $wanted, 1.0);
    expect(CompressiblePacking::uniform($beta, $shares, 4.1))->toBeNear($wanted, 1e-12);
})->with([0.05, 0.2, 0.41, 0.6, 0.75]);

test('a packing that no grading of that kind can have is refused with both limits', function (float $wanted): void {
    $shares = Reference::component('pumice-3-6-mm')->classShares;
    try {
        ResidualPacking::of($shares, $wanted, 1.0);
        $this->fail('not refused');
    } catch (Refused $refused) {
        $limits = $refused->refusals[0]->limits;
        expect($refused->refusals[0]->rule)->toBe('bulk_density_packing')
            ->and($limits['min'])->toBeNear(CompressiblePacking::uniform(0.01, $shares, 4.1))
            ->and($limits['max'])->toBeNear(CompressiblePacking::uniform(1.0, $shares, 4.1));
    }
})->with([0.001, 0.93]);

test('the limits themselves lie outside, what is just within is taken', function (): void {
    $shares = Reference::component('pumice-3-6-mm')->classShares;
    $most = CompressiblePacking::uniform(1.0, $shares, 4.1);
    expect(ResidualPacking::of($shares, $most * 0.9999, 1.0))->toBeLessThan(1.0)->toBeGreaterThan(0.999);
    expect(fn() => ResidualPacking::of($shares, $most, 1.0))->toThrow(Refused::class);
});

test('fines in a coarse mix cost volume: three of chip and one of sand make less than four', function (): void {
    $mix = Reference::substrate(['granite-chip-4-8-mm' => 3, 'sharp-sand-0-25-2-mm' => 1], 4.1);
    expect($mix->yield)->toBeNear(0.8932810097, 1e-6);
});

test('a compaction index outside what it means is refused', function (float $index): void {
    expect(fn() => CompressiblePacking::checkIndex($index))->toThrow(Refused::class, 'compaction_index');
})->with([0.0, 4.09, 9.01, NAN, INF]);
