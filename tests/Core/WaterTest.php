<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Erfc;
use Zolbek\Core\Mix\Flow\Ergun;
use Zolbek\Core\Mix\Retention\RetentionCurve;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;

test('the error function keeps its symmetries and its tails', function (): void {
    foreach ([0.0, 0.1, 0.4687, 0.4688, 1.0, 2.5, 3.999, 4.001, 6.0] as $x) {
        expect(Erfc::of($x) + Erfc::of(-$x))->toBeNear(2.0, 1e-14);
    }
    expect(Erfc::of(30.0))->toBe(0.0)
        ->and(Erfc::of(-30.0))->toBe(2.0)
        ->and(Erfc::of(10.0))->toBeNear(2.0884875837625448e-45, 1e-12);
});

test('the error function has no step where its pieces meet', function (float $x): void {
    expect(Erfc::of($x + 1e-12))->toBeNear(Erfc::of($x - 1e-12), 1e-9);
})->with([0.46875, 4.0]);

test('saturation is one at the water table and falls to nothing but film', function (): void {
    $curve = Reference::evenThree()->retention;
    expect($curve->saturationBetweenGrains(0.0))->toBe(1.0)
        ->and($curve->saturationBetweenGrains($curve->medianHeadCm))->toEqualWithDelta(0.07 + 0.93 / 2, 1e-3)
        ->and($curve->saturationBetweenGrains(100.0))->toBeLessThan(0.07)
        ->and($curve->saturationBetweenGrains(1e9))->toBeLessThan(1e-6);
});

test('at the disconnect head a tenth of the gaps is still filled', function (string $key): void {
    $curve = Reference::substrate([$key => 1])->retention;
    $coarse = 0.07 + 0.93 * Erfc::of(log($curve->disconnectHeadCm() / $curve->medianHeadCm) / (M_SQRT2 * $curve->headSpread)) / 2;
    expect($coarse)->toBeNear(0.10, 1e-9);
})->with(['pumice-3-6-mm', 'granite-chip-4-8-mm', 'loam-screened-6-mm']);

test('the sum over a body is the sum of its slices', function (): void {
    $curve = Reference::evenThree()->retention;
    $heads = [0.5, 2.0, 7.0];
    $litres = [1.0, 0.5, 0.25];
    foreach ([0.0, 12.0] as $more) {
        $slices = array_sum(array_map(static fn(float $head, float $l): float => $curve->theta($head + $more) * $l, $heads, $litres));
        expect($curve->water($heads, $litres, $more))->toBeNear($slices, 1e-12);
    }
});

test('water that grains never give up stays at any suction', function (): void {
    $curve = new RetentionCurve(0.4, 3.0, 0.6, [[0.6, 0.5, 0.2, 60.0, 1.6]]);
    expect($curve->theta(1e12))->toEqualWithDelta(0.6 * 0.2, 1e-6)
        ->and($curve->saturated)->toBeNear(0.4 + 0.6 * 0.5, 1e-12);
});

test('finer grains hold water higher', function (): void {
    $before = 0.0;
    foreach (['bark-mini-chip-6-12-mm', 'pumice-3-6-mm', 'calcined-clay-1-4-mm', 'sharp-sand-0-25-2-mm', 'loam-screened-6-mm'] as $key) {
        $head = Reference::substrate([$key => 1])->retention->medianHeadCm;
        expect($head)->toBeGreaterThan($before);
        $before = $head;
    }
});

test('air rises with height in every pot', function (string $name): void {
    $curve = Reference::evenThree()->retention;
    $zone = new RootZone(Reference::pot($name), 0.8);
    $before = -1.0;
    for ($z = 0.0; $z <= $zone->topCm; $z += 0.5) {
        $air = $curve->air($zone->suctionCm($z));
        expect($air)->toBeGreaterThanOrEqual($before);
        $before = $air;
    }
})->with(['oval tray', 'rectangle', 'round deep', 'hexagon', 'bowl']);

test('top dressing and headspace both lower the root zone', function (): void {
    $pot = Reference::pot('round deep');
    $both = new RootZone($pot, 1.0, 0.5);
    $one = new RootZone($pot, 1.5);
    expect($both->volumeL)->toBeNear($one->volumeL, 1e-12)->and($both->topCm)->toBe(16.5);
});

test('half a centimetre of root zone is the least', function (): void {
    $pot = Container::read(['shape' => 'round', 'depth' => 5, 'top' => 10, 'base' => 10]);
    expect((new RootZone($pot, 4.5))->topCm)->toBe(0.5);
    expect(fn() => new RootZone($pot, 4.51))->toThrow(Refused::class, 'headspace_cm');
});

test('a suction at the floor never adds water', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $curve = Reference::evenThree()->retention;
    $before = INF;
    foreach ([0.0, 1.0, 5.0, 20.0, 49.9, 50.0, 50.1, 100.0, 1000.0, 15_000.0] as $suction) {
        $water = $zone->waterL($curve, $suction);
        expect($water)->toBeLessThan($before);
        $before = $water;
    }
});

test('fine and coarse quadrature agree where one takes over from the other', function (): void {
    $zone = new RootZone(Reference::pot('round deep'), 0.8);
    foreach (['loam-screened-6-mm', 'sphagnum-peat', 'pumice-3-6-mm'] as $key) {
        $curve = Reference::substrate([$key => 1])->retention;
        $slope = ($zone->waterL($curve, 49.0) - $zone->waterL($curve, 49.999)) / 0.999;
        expect($zone->waterL($curve, 49.999) - $zone->waterL($curve, 50.0))->toEqualWithDelta($slope * 0.001, 1e-6);
    }
});

test('a layer takes its volume from the roots', function (): void {
    $pot = Reference::pot('round deep');
    $layer = new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 3.0);
    $with = new RootZone($pot, 0.8, 0.0, $layer);
    expect($with->volumeL + $pot->volumeL(0.0, 3.0))->toBeNear((new RootZone($pot, 0.8))->volumeL, 1e-12)
        ->and((new PotWater($with, Reference::evenThree()))->volumeL)->toBe($with->volumeL);
});

test('velocity solves the head equation', function (float $linear, float $quadratic, float $head): void {
    $u = Ergun::velocity($linear, $quadratic, $head);
    expect($linear * $u + $quadratic * $u * $u)->toBeNear($head, 1e-12);
})->with([[0.2, 0.05, 1.0], [100.0, 0.0001, 3.0], [0.001, 4.0, 20.0]]);

test('slow flow follows the viscous term alone', function (): void {
    $loam = Reference::substrate(['loam-screened-6-mm' => 1]);
    expect($loam->flow->fluxCmS())->toBeNear(1 / $loam->flow->linear, 1e-3);
});

test('one small open hole is what limits a coarse mix', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $bark = Reference::substrate(['bark-mini-chip-6-12-mm' => 1]);
    expect((new RunThrough($zone, $bark, Holes::of(1, 0.6, 1.0)))->limitedByHoles)->toBeTrue()
        ->and((new RunThrough($zone, Reference::substrate(['loam-screened-6-mm' => 1]), Holes::of(40, 4.0, 1.0)))->limitedByHoles)->toBeFalse();
});

test('the orifice is an upper bound to the speed', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $bark = Reference::substrate(['bark-mini-chip-6-12-mm' => 1]);
    $area = $zone->pot->areaCm2($zone->topCm);
    $fastest = 0.6 * M_PI * 0.09 * sqrt(1962.0 * ($zone->topCm + 2.0)) / $area;
    expect((new RunThrough($zone, $bark, Holes::of(1, 0.6, 1.0)))->seconds)->toBeGreaterThan(2.0 / $fastest);
});

test('a mesh slows the water', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $mix = Reference::evenThree();
    $before = 0.0;
    foreach ([1.0, 0.6, 0.3, 0.05] as $open) {
        $seconds = (new RunThrough($zone, $mix, Holes::of(2, 2.2, $open)))->seconds;
        expect($seconds)->toBeGreaterThan($before);
        $before = $seconds;
    }
});
