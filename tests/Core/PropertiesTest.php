<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Container\Weights;

/** Random blends of two to six reference components, the same ones on every run. */
function randomBlends(): array
{
    mt_srand(20261);
    $keys = array_column(Reference::rawComponents(), 'key');
    $blends = [];
    for ($i = 0; $i < 40; ++$i) {
        shuffle($keys);
        $parts = [];
        foreach (array_slice($keys, 0, mt_rand(2, 6)) as $key) {
            $parts[$key] = mt_rand(1, 12) / 2;
        }
        $blends['blend '.$i] = [$parts];
    }

    return $blends;
}

test('class shares and gradings sum to one', function (string $key): void {
    $component = Reference::component($key);
    expect(array_sum($component->classShares))->toBeNear(1.0, 1e-12)
        ->and($component->classShares)->toHaveCount(SizeClasses::COUNT)
        ->and(min($component->classShares))->toBeGreaterThanOrEqual(0.0)
        ->and($component->grading->passingAt(1000.0))->toBe(1.0)
        ->and($component->grading->passingAt(0.001))->toBe(0.0);
})->with(array_column(Reference::rawComponents(), 'key'));

test('a component with itself has a yield of one when poured', function (string $key): void {
    expect(Reference::substrate([$key => 3], 4.1)->yield)->toBeNear(1.0, 1e-9);
})->with(array_column(Reference::rawComponents(), 'key'));

test('water never exceeds pore space, and shares are conserved', function (array $parts): void {
    $substrate = Reference::substrate($parts);
    $zone = new RootZone(Reference::pot('rectangle'), 0.8);
    $water = new PotWater($zone, $substrate);
    expect($substrate->retention->saturated)->toBeLessThanOrEqual($substrate->totalPorosity + 1e-9)
        ->and($water->easyL + $water->bufferL + $water->slowL + $water->lockedL)->toBeNear($water->waterL, 1e-12)
        ->and($water->theta + $water->air)->toBeNear($substrate->retention->saturated, 1e-12)
        ->and(1 - $substrate->totalPorosity + $substrate->sealedPorosity() + $water->theta + $water->air)->toBeNear(1.0, 1e-9);
})->with(randomBlends());

test('more suction never means more water', function (array $parts): void {
    $retention = Reference::substrate($parts)->retention;
    $before = $retention->theta(0.0);
    expect($retention->theta(-5.0))->toBe($before);
    foreach ([0.01, 0.5, 1, 3, 10, 30, 100, 1000, 15_000, 1e6] as $head) {
        expect($retention->theta($head))->toBeLessThanOrEqual($before);
        $before = $retention->theta($head);
    }
})->with(randomBlends());

test('settling never adds volume, nor air', function (array $parts): void {
    $zone = new RootZone(Reference::pot('hexagon'), 0.8);
    $yield = $air = INF;
    foreach ([4.1, 4.5, 4.75, 6.7, 9.0] as $index) {
        $substrate = Reference::substrate($parts, $index);
        expect($substrate->yield)->toBeLessThan($yield);
        $between = $substrate->interPorosity;
        expect($between)->toBeLessThan($air);
        [$yield, $air] = [$substrate->yield, $between];
    }
    expect((new PotWater($zone, $substrate))->air)->toBeGreaterThan(0.0);
})->with(randomBlends());

test('the order of components never matters', function (array $parts): void {
    $there = Reference::substrate($parts);
    $back = Reference::substrate(array_reverse($parts, true));
    expect($back->yield)->toBe($there->yield)
        ->and($back->retention->medianHeadCm)->toBe($there->retention->medianHeadCm)
        ->and($back->blend->grading()->quantileMm(0.5))->toBe($there->blend->grading()->quantileMm(0.5));
})->with(randomBlends());

test('scaling parts changes nothing but volume', function (array $parts): void {
    $once = Reference::substrate($parts);
    $often = Reference::substrate(array_map(static fn(float $p): float => $p * 10_000, $parts));
    expect($often->yield)->toBeNear($once->yield, 1e-12)
        ->and($often->bulkDensity)->toBeNear($once->bulkDensity, 1e-12)
        ->and($often->retention->theta(10.0))->toBeNear($once->retention->theta(10.0), 1e-12)
        ->and($often->blend->grading()->quantileMm(0.9))->toBeNear($once->blend->grading()->quantileMm(0.9), 1e-12);
})->with(randomBlends());

test('a part of zero is as good as none', function (): void {
    $with = Reference::substrate(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 0]);
    expect($with->yield)->toBe(Reference::substrate(['pumice-3-6-mm' => 2])->yield);
});

test('years only take: volume falls, and no year brings coarser grains', function (): void {
    $yield = $size = INF;
    foreach ([0, 0.5, 1, 2, 4, 8, 20] as $years) {
        $aged = Reference::substrate(['akadama-type-clay-granule-2-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1], 6.7, (float) $years);
        expect($aged->yield)->toBeLessThan($yield)->and($aged->sauterMm)->toBeLessThan($size);
        [$yield, $size] = [$aged->yield, $aged->sauterMm];
    }
});

test('the volume of every pot is the integral of its section', function (string $name): void {
    $pot = Reference::pot($name);
    $integral = GaussLegendre::integrate(static fn(float $z): float => $pot->areaCm2($z) / 1000.0, 0.0, $pot->depthCm);
    expect($pot->volumeL(0.0, $pot->depthCm))->toBeNear($integral, 1e-12);
})->with(['oval tray', 'rectangle', 'round deep', 'hexagon', 'bowl']);

test('pots that must agree do', function (): void {
    $cylinder = Container::read(['shape' => 'round', 'depth' => 10, 'top' => 20, 'base' => 20]);
    $oval = Container::read(['shape' => 'oval', 'depth' => 10, 'top_length' => 20, 'top_width' => 20, 'base_length' => 20, 'base_width' => 20]);
    $many = Container::read(['shape' => 'polygon', 'sides' => 100, 'depth' => 10, 'top' => 20, 'base' => 20]);
    $half = Container::read(['shape' => 'bowl', 'depth' => 10, 'top' => 20]);
    expect($cylinder->volumeL(0, 10))->toBeNear(M_PI, 1e-12)
        ->and($oval->volumeL(0, 10))->toBeNear(M_PI, 1e-12)
        ->and($many->volumeL(0, 10))->toBeNear(M_PI, 1e-3)
        ->and($half->volumeL(0, 10))->toBeNear(2 / 3 * M_PI, 1e-12)
        ->and($half->widthCm(10))->toBeNear(20.0, 1e-12)
        ->and(Container::read(['shape' => 'measured', 'volume_l' => 3, 'depth' => 10])->volumeL(0, 10))->toBeNear(3.0, 1e-12);
});

test('a shallower pot is wetter, and a pot keeps its walls when cut', function (): void {
    $deep = Reference::pot('round deep');
    $cut = $deep->withDepth(9.0);
    $mix = Reference::evenThree();
    expect($cut->areaCm2(4.0))->toBeNear($deep->areaCm2(4.0), 1e-12)
        ->and((new PotWater(new RootZone($cut), $mix))->air)->toBeLessThan((new PotWater(new RootZone($deep), $mix))->air);
});

test('water in pots from 1 to 400 cm agrees with a fine integration', function (float $depth): void {
    $pot = Container::read(['shape' => 'round', 'depth' => $depth, 'top' => 30, 'base' => 20]);
    foreach ([['bark-mini-chip-6-12-mm' => 1], ['loam-screened-6-mm' => 1], ['pumice-3-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1]] as $parts) {
        $retention = Reference::substrate($parts)->retention;
        foreach ([0.0, 50.0, 100.0] as $suction) {
            $fine = 0.0;
            for ($i = 0; $i < 4000; ++$i) {
                $u = ($i + 0.5) / 4000;
                $z = $depth * $u * $u;
                $fine += $retention->theta($z + $suction) * $pot->areaCm2($z) * 2 * $depth * $u / 4000 / 1000;
            }
            expect((new RootZone($pot))->waterL($retention, $suction))->toBeNear($fine, 3e-5);
        }
    }
})->with([1.0, 6.0, 20.0, 60.0, 150.0, 400.0]);

test('a drainage layer thinner than its disconnect head only takes volume, a thicker one holds the wet zone up', function (): void {
    $granite = Reference::substrate(['granite-chip-4-8-mm' => 1]);
    $hc = $granite->retention->disconnectHeadCm();
    $zone = fn(float $t): RootZone => new RootZone(Reference::pot('round deep'), 0.8, 0.0, new DrainageLayer($granite, $t));
    expect($zone($hc / 2)->suctionCm(10.0))->toBeNear(10.0, 1e-12)
        ->and($zone($hc + 3)->suctionCm(10.0))->toBeNear(7.0, 1e-9);
});

test('the wet foot ends where air reaches a tenth', function (): void {
    $mix = Reference::evenThree();
    $zone = new RootZone(Reference::pot('round deep'), 0.8);
    $foot = $zone->wetFootCm($mix->retention);
    expect($mix->retention->air($zone->suctionCm($foot)))->toBeNear(0.10, 1e-6)
        ->and($zone->wetFootCm(Reference::substrate(['loam-screened-6-mm' => 1])->retention))->toBe($zone->topCm);
});

test('more holes never slow the water down, and no hole lets none out', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $mix = Reference::evenThree();
    $before = INF;
    foreach ([1, 2, 4, 8, 30] as $count) {
        $now = (new RunThrough($zone, $mix, Holes::of($count, 1.2, 0.6)))->seconds;
        expect($now)->toBeLessThan($before);
        $before = $now;
    }
    expect((new RunThrough($zone, $mix, Holes::of(0, 1.0, 1.0)))->seconds)->toBeNull();
});

test('weights add up', function (): void {
    $mix = Reference::evenThree();
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $weights = new Weights($zone, $mix, $zone->waterL($mix->retention), 2.5, 1.2);
    expect($weights->dryMixKg)->toBeNear(3.381309855 * 0.6974881666, 1e-6)
        ->and($weights->wetKg)->toBeNear(2.5 + 1.2 + $weights->dryMixKg + 0.998 * 1.437112326, 1e-4);
});

test('the weights of the quadrature sum to one and it is exact to degree 31 and 15', function (): void {
    expect(array_sum(array_column(GaussLegendre::SIXTEEN, 1)))->toBeNear(1.0, 1e-14)
        ->and(GaussLegendre::integrate(static fn(float $x): float => $x ** 31, 0, 1))->toBeNear(1 / 32, 1e-12)
        ->and(array_sum(array_map(static fn(array $node): float => $node[1] * $node[0] ** 15, GaussLegendre::EIGHT)))->toBeNear(1 / 16, 1e-12);
});

test('an evaluation stays small in memory', function (): void {
    memory_reset_peak_usage();
    $before = memory_get_usage();
    new PotWater(new RootZone(Reference::pot('rectangle')), new Substrate(new Blend([[Reference::component('sphagnum-peat'), 1.0], [Reference::component('perlite-2-5-mm'), 2.0]]), 6.7, 100.0));
    expect(memory_get_peak_usage() - $before)->toBeLessThan(2_000_000);
});
