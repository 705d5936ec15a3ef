<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\BatchPlan;
use Zolbek\Core\Work\Batching\LoadScoops;
use Zolbek\Core\Work\Batching\ScoopedLoad;

/** @param array<string, float|int> $order */
function order(array $order = []): BatchOrder
{
    return BatchOrder::read(['pots' => 10, 'tub_l' => 20, 'scoop_l' => 1, ...$order]);
}

function tray(): RootZone
{
    return new RootZone(Reference::pot('oval tray'), 0.8);
}

test('loose volume makes up for what settling takes', function (): void {
    $plan = new BatchPlan(Reference::evenThree(), tray(), order(['spare' => 0]), []);
    expect($plan->looseL)->toBeNear(10 * 3.381309855 / 0.9175782912, 1e-8)
        ->and(array_map(static fn(ScoopedLoad $load): float => $load->litres, $plan->scoops->loads))->toBe([19.5, 18.0]);
});

test('a kept root ball, its gaps and objects come off the volume', function (): void {
    $plan = new BatchPlan(Reference::evenThree(), tray(), order(['ball_share' => 0.4, 'gap_share' => 0.25, 'objects_l' => 0.2]), []);
    expect($plan->netPerPotL)->toBeNear(3.381309855 * (1 - 0.4 + 0.4 * 0.25) - 0.2, 1e-8)
        ->and($plan->looseL)->toBeNear(10 * $plan->netPerPotL / 0.9175782912 * 1.08, 1e-8);
});

test('lines add up to the whole, what is needed and what is scooped, and mass is of what is scooped', function (): void {
    $plan = new BatchPlan(Reference::substrate(['pumice-3-6-mm' => 5, 'lava-scoria-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 2]), tray(), order(), []);
    $litres = array_sum(array_map(static fn($line): float => $line->litres, $plan->lines));
    $scooped = array_sum(array_map(static fn($line): float => $line->scoopedL, $plan->lines));
    // 5:3:2 is a unit of 5 L, of which eight are 40 L for some 39.8
    expect($litres)->toBeNear($plan->looseL, 1e-12)->and($scooped)->toBe(40.0)->and($plan->scoops->litres)->toBe(40.0)
        ->and($plan->massKg)->toBeNear(40.0 * (0.5 * 0.46 + 0.3 * 0.8 + 0.2 * 0.24), 1e-12);
});

test('a layer is reckoned apart, and its component bought together', function (): void {
    $layer = new DrainageLayer(Reference::substrate(['pumice-3-6-mm' => 1]), 1.5);
    $zone = new RootZone(Reference::pot('round deep'), 0.8, 0.0, $layer);
    $plan = new BatchPlan(Reference::substrate(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]), $zone, order(['spare' => 0]), []);
    $pumice = $plan->lines[1];
    expect($plan->lines)->toHaveCount(2)
        ->and($pumice->portion->key)->toBe('pumice-3-6-mm')
        ->and($plan->layerLooseL)->toBeNear(10 * Reference::pot('round deep')->volumeL(0, 1.5) / $layer->substrate->yield, 1e-12)
        ->and($pumice->litres)->toBeNear($plan->looseL / 2 + $plan->layerLooseL, 1e-12);
});

test('packs fill what the stock lacks', function (float $need, Stock $stock, ?int $packs): void {
    expect($stock->packsFor($need))->toBe($packs);
})->with([
    'enough' => [30.0, new Stock(30.0, 14.0, 5.0), 0],
    'one short' => [30.1, new Stock(30.0, 14.0, 5.0), 1],
    'exactly two' => [58.0, new Stock(30.0, 14.0, 5.0), 2],
    'no stock' => [29.0, new Stock(0.0, 14.0, 5.0), 3],
    'pack not known' => [31.0, new Stock(30.0), null],
    'pack not needed' => [3.0, new Stock(30.0), 0],
]);

test('cost is known only where every price is', function (): void {
    $substrate = Reference::substrate(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]);
    $known = ['pumice-3-6-mm' => new Stock(0, 10, 5), 'lava-scoria-3-6-mm' => new Stock(1000, 20, 8)];
    $plan = new BatchPlan($substrate, tray(), order(), $known);
    expect($plan->cost())->toBeNear($plan->scoops->litres / 2 * (0.5 + 0.4), 1e-12)
        ->and($plan->packsCost())->toBeNear(ceil($plan->scoops->litres / 20) * 5, 1e-12)
        ->and((new BatchPlan($substrate, tray(), order(), ['pumice-3-6-mm' => new Stock(0, 10, 5)]))->cost())->toBeNull();
});

test('scoops are halves that keep their sum', function (): void {
    expect(LoadScoops::of(['a' => 3.3, 'b' => 3.3, 'c' => 3.4], 1.0))->toBe(['a' => 3.5, 'b' => 3.0, 'c' => 3.5]);
    mt_srand(7);
    for ($i = 0; $i < 200; ++$i) {
        $litres = array_combine(['a', 'b', 'c', 'd'], array_map(static fn(): float => mt_rand(1, 900) / 100, range(1, 4)));
        $scoop = mt_rand(2, 30) / 10;
        $scoops = LoadScoops::of($litres, $scoop);
        expect(array_sum($scoops))->toEqualWithDelta(array_sum($litres) / $scoop, 0.2501);
        foreach ($scoops as $key => $count) {
            expect(fmod($count * 2, 1.0))->toBe(0.0)->and(abs($count - $litres[$key] / $scoop))->toBeLessThanOrEqual(0.5);
        }
    }
});

test('an order that cannot be', function (array $order, string $field): void {
    expect(fn() => order($order))->toThrow(Refused::class, $field);
})->with([
    [['pots' => 0], 'pots'],
    [['pots' => 2.5], 'pots'],
    [['pots' => 10_001], 'pots'],
    [['ball_share' => 0.96], 'ball_share'],
    [['gap_share' => -0.1], 'gap_share'],
    [['spare' => 1.1], 'spare'],
    [['tub_l' => 0], 'tub_l'],
    [['scoop_l' => 0], 'scoop_l'],
    [['scoop_l' => 21], 'scoop_l'],
    [['objects_l' => -1], 'objects_l'],
]);

test('objects that fill the pot leave no room', function (): void {
    expect(fn() => new BatchPlan(Reference::evenThree(), tray(), order(['objects_l' => 4]), []))->toThrow(Refused::class, 'objects_l');
});
