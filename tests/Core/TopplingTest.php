<?php

declare(strict_types=1);

use Zolbek\Core\Place\Container\Toppling;

test('the gust by hand', function (): void {
    // A = pi/4 0.5 0.42 = 0.164934 m2; arm = 0.08 + 0.6 - 0.21 = 0.47 m; v2 = 10 9.81 0.2 / (1.2 0.6 0.164934 0.47)
    expect((new Toppling(60.0, 50.0, 8.0, 20.0))->gustMs(10.0))->toBeNear(sqrt(10 * 9.81 * 0.2 / (1.2 * 0.6 * 0.16493361431346415 * 0.47)), 1e-12)->toBeNear(18.75, 1e-3);
});

test('what is lacking makes it stand, and no less does', function (): void {
    $tree = new Toppling(90.0, 80.0, 10.0, 18.0);
    $lacks = $tree->lacksKg(6.0, 17.2);
    expect($lacks)->toBeGreaterThan(1.0)->and($tree->gustMs(6.0 + $lacks))->toBeNear(17.2, 1e-9)->and($tree->gustMs(6.0 + $lacks - 0.01))->toBeLessThan(17.2)
        ->and($tree->lacksKg(200.0, 17.2))->toBe(0.0)->and($tree->lacksKg(6.0, 1.0))->toBe(0.0);
});

test('a heavier pot, a broader foot stand more; a taller tree, a broader crown less', function (int $seed): void {
    mt_srand($seed);
    [$height, $canopy, $collar, $foot, $kg] = [mt_rand(20, 150), mt_rand(15, 120), mt_rand(3, 20), mt_rand(8, 40), mt_rand(10, 400) / 10];
    $now = (new Toppling($height, $canopy, $collar, $foot))->gustMs($kg);
    expect((new Toppling($height, $canopy, $collar, $foot))->gustMs(4.0 * $kg))->toBeNear(2.0 * $now, 1e-9)
        ->and((new Toppling($height, $canopy, $collar, 4.0 * $foot))->gustMs($kg))->toBeNear(2.0 * $now, 1e-9)
        ->and((new Toppling($height, 4.0 * $canopy, $collar, $foot))->gustMs($kg))->toBeNear($now / 2.0, 1e-9)
        ->and((new Toppling(1.2 * $height, $canopy, $collar, $foot))->gustMs($kg))->toBeLessThan($now)
        ->and((new Toppling($height, $canopy, $collar + 5.0, $foot))->gustMs($kg))->toBeLessThan($now);
})->with(range(1, 8));
