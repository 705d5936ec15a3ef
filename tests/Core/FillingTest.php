<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Filling;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\WallZone;

$pots = array_keys(Reference::vectors()['pots']);

test('a pot that is not tipped holds what it holds', function (string $name): void {
    $zone = new RootZone(Reference::pot($name), 0.8);
    $mix = Reference::evenThree();
    // a degree hardly moves anything: the two ways of reckoning agree
    $level = $zone->waterL($mix->retention);
    expect((new TippedPot($zone, $mix->retention, 0.0))->waterL)->toBe($level)
        ->and((new TippedPot($zone, $mix->retention, 0.001))->waterL)->toBeNear($level, 2e-3);
})->with($pots);

test('the steeper a flat pot is tipped, the more runs out, and never more than there is', function (string $name): void {
    $zone = new RootZone(Reference::pot($name), 0.8);
    $mix = Reference::evenThree();
    $before = $zone->waterL($mix->retention) + 1e-6;
    foreach ([5, 15, 25, 35, 45] as $degrees) {
        $now = new TippedPot($zone, $mix->retention, $degrees);
        expect($now->waterL)->toBeLessThan($before)->toBeGreaterThan($zone->waterL($mix->retention, 200.0))
            ->and($now->waterL + $now->letsOutL)->toBeNear($zone->waterL($mix->retention), 1e-9);
        $before = $now->waterL;
    }
})->with(['oval tray', 'rectangle']);

test('a tipped box holds what summing it up by hand says', function (float $degrees): void {
    $box = Container::read(['shape' => 'rectangular', 'depth' => 9, 'top_length' => 20, 'top_width' => 10, 'base_length' => 20, 'base_width' => 10]);
    $mix = Reference::evenThree();
    $angle = deg2rad($degrees);
    $water = 0.0;
    for ($i = 0; $i < 150; ++$i) {
        for ($j = 0; $j < 150; ++$j) {
            $water += $mix->retention->theta(9.0 * ($i + 0.5) / 150 * cos($angle) + 20.0 * ($j + 0.5) / 150 * sin($angle)) * 1.8 / 150 ** 2;
        }
    }
    expect((new TippedPot(new RootZone($box), $mix->retention, $degrees))->waterL)->toBeNear($water, 1e-3);
})->with([10.0, 30.0, 50.0]);

test('tipping helps a wide shallow pot more than a narrow deep one', function (): void {
    $mix = Reference::evenThree();
    $share = static function (string $pot) use ($mix): float {
        $zone = new RootZone(Reference::pot($pot), 0.8);

        return (new TippedPot($zone, $mix->retention, 25.0))->letsOutL / $zone->waterL($mix->retention);
    };
    expect($share('rectangle'))->toBeGreaterThan($share('round deep'));
});

test('a ball of the new mix itself leaves the water as it was', function (string $name, BallTreatment $treatment): void {
    $mix = Reference::evenThree();
    $zone = new RootZone(Reference::pot($name), 0.8);
    $filling = new Filling($zone, $mix, new Contents(new RootBall(8, 7, 3.5, $treatment, $mix)));
    foreach ([0.0, 50.0, 15_000.0] as $suction) {
        expect($filling->waterL($suction))->toBeNear($zone->waterL($mix->retention, $suction), 1e-4);
    }
})->with(array_diff($pots, ['bowl']))->with(BallTreatment::cases());

test('bodies in a pot come to its volume, whatever they are', function (string $name): void {
    $zone = new RootZone(Reference::pot($name), 0.8, 0.5, new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 1.0));
    $old = Reference::substrate(['sphagnum-peat' => 1]);
    $contents = new Contents(new RootBall(6, 6, 3, BallTreatment::Combed, $old), wall: new WallZone(Reference::substrate(['long-fibre-sphagnum-moss' => 1]), 0.7), objectsL: 0.1);
    $filling = new Filling($zone, Reference::evenThree(), $contents);
    expect($filling->newMixL + 0.75 * $filling->ballL + $filling->wallL + 0.1)->toBeNear($zone->volumeL, 1e-4)
        ->and($filling->waterL())->toBeLessThan($zone->volumeL)
        ->and($filling->waterL(100.0))->toBeLessThan($filling->waterL());
})->with($pots);

test('a peaty ball stays wetter than the coarse mix around it, and a washed one less so', function (): void {
    $zone = new RootZone(Reference::pot('rectangle'), 0.8);
    $peat = Reference::substrate(['sphagnum-peat' => 1]);
    $of = static fn(BallTreatment $treatment): Filling => new Filling($zone, Reference::evenThree(), new Contents(new RootBall(20, 14, 5, $treatment, $peat)));
    [$ball, $around] = $of(BallTreatment::Untouched)->ballAndAround();
    expect($ball)->toBeGreaterThan($around)
        ->and($of(BallTreatment::Washed)->waterL())->toBeLessThan($of(BallTreatment::Untouched)->waterL());
});

test('a share of the root zone is a ball of that volume', function (string $name, float $share): void {
    $zone = new RootZone(Reference::pot($name), 0.8);
    $contents = new Contents(new RootBall(1, 1, 1, BallTreatment::Untouched, Reference::evenThree()), ballShare: $share, bedCm: 0.0);
    expect((new Filling($zone, Reference::evenThree(), $contents))->ballL)->toBeNear($share * $zone->volumeL, 1e-3);
})->with(['oval tray', 'rectangle', 'round deep', 'hexagon'])->with([0.2, 0.5]);

test('objects that leave no room are refused with the room there is', function (): void {
    $zone = new RootZone(Reference::pot('hexagon'), 0.8);
    new Filling($zone, Reference::evenThree(), new Contents(objectsL: 99.0));
})->throws(Refused::class, 'objects_l');

test('the wall zone of a round pot takes the ring that it is', function (): void {
    expect((new WallZone(Reference::evenThree(), 1.0))->shareOf(M_PI * 25.0))->toBeNear(0.36, 1e-12)
        ->and((new WallZone(Reference::evenThree(), 9.0))->shareOf(M_PI * 25.0))->toBe(1.0);
});

test('what stands on what is held against the depth, and the sides against the width', function (): void {
    $zone = new RootZone(Reference::pot('rectangle'), 1.0, 0.0, new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 1.0));
    $of = static fn(float $length, float $height, float $mound): DepthBudget => new DepthBudget($zone, new Contents(new RootBall($length, 20, $height, BallTreatment::Teased, Reference::evenThree()), bedCm: 1.0, collarCm: 0.5, moundCm: $mound), 1.0);
    expect($of(30, 5.0, 0.0)->overCm)->toBeNear(0.5, 1e-12)
        ->and($of(30, 5.0, 0.0)->fits())->toBeFalse()
        ->and($of(30, 5.0, 0.0)->thinCm)->toBeNear(0.5, 1e-12)
        ->and($of(30, 5.0, 0.5)->fits())->toBeTrue()
        ->and($of(30, 4.0, 0.0)->fits())->toBeTrue()
        ->and($of(40, 4.0, 0.0)->besideCm)->toBeLessThan(0.0)
        ->and($of(40, 4.0, 0.0)->fits())->toBeFalse();
});
