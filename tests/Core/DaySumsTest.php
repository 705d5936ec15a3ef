<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Material\StockByLot;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\Batching\BaseWithExtras;
use Zolbek\Core\Work\Batching\BatchLine;
use Zolbek\Core\Work\Batching\Extra;
use Zolbek\Core\Work\Batching\LoadScoops;
use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\Batching\Spare;
use Zolbek\Core\Work\Batching\TopUp;
use Zolbek\Core\Work\PottingDay\DayMix;
use Zolbek\Core\Work\PottingDay\DayPot;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;
use Zolbek\Core\Work\PottingDay\DaySums;
use Zolbek\Core\Work\PottingDay\MixedAlready;

const DAY_KEYS = ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'composted-bark-fine-2-8-mm', 'calcined-clay-1-4-mm', 'perlite-2-5-mm', 'horticultural-grit-2-5-mm'];

/** A mix of two to four components in a box, by a seed already set. */
function randomSetup(): Setup
{
    $keys = DAY_KEYS;
    shuffle($keys);
    $portions = array_map(static fn(string $key): array => [Portion::of(Reference::component($key)), mt_rand(1, 8) / 2], array_slice($keys, 0, mt_rand(2, 4)));
    $side = mt_rand(12, 40);

    return new Setup(
        $portions,
        Container::read(['shape' => 'rectangular', 'depth' => mt_rand(6, 20), 'top_length' => $side, 'top_width' => $side, 'base_length' => $side, 'base_width' => $side]),
        Holes::of(mt_rand(1, 4), 2.0, 0.6),
        PlantGroup::BroadleafDeciduous,
    );
}

/** @return list<DayPot> pots of up to three mixes */
function randomPots(int $seed): array
{
    mt_srand($seed);
    $mixes = [randomSetup(), randomSetup(), randomSetup()];
    $pots = [];
    for ($i = 1, $most = mt_rand(1, 9); $i <= $most; ++$i) {
        $mix = mt_rand(0, 2);
        $depth = mt_rand(6, 20);
        $pots[] = new DayPot(
            $i,
            $mix,
            $mixes[$mix]->with(pot: $mixes[$mix]->pot->withDepth((float) $depth)),
            mt_rand(0, 3) === 0 ? [[Portion::of(Reference::component('charcoal-3-8-mm')), 0.05]] : [],
            oldSoilShare: mt_rand(0, 2) === 0 ? 0.25 : 0.0,
        );
    }

    return $pots;
}

/** The field that is refused; null where nothing is. */
function refusedAt(callable $make): ?string
{
    try {
        $make();
    } catch (Refused $refused) {
        return $refused->refusals[0]->field;
    }

    return null;
}

test('nothing is lost between the pots, the mixes and the shelf of a day', function (int $seed): void {
    $pots = randomPots($seed);
    $spare = mt_rand(0, 20) / 100;
    $day = new DaySums($pots, $spare, (float) mt_rand(8, 60), [0.5, 0.95, 1.0, 2.0][mt_rand(0, 3)]);
    $taken = array_sum(array_map(static fn(DayPot $pot): float => $pot->needs()->baseL, $pots));
    $beside = array_sum(array_map(static fn(DayPot $pot): float => array_sum($pot->needs()->besideMix()), $pots));
    $mixed = array_sum(array_map(static fn(DayMix $mix): float => $mix->looseL, $day->mixes));
    expect($mixed)->toBeNear((1.0 + $spare) * $taken, 1e-9)
        ->and(array_sum($day->needsL))->toBeNear(array_sum(array_map(static fn(DayMix $mix): float => $mix->scoops->litres, $day->mixes)) + (1.0 + $spare) * $beside, 1e-9)
        ->and(array_sum(array_map(static fn(DayMix $mix): int => $mix->pots, $day->mixes)))->toBe(count($pots))
        ->and(array_keys($day->pots))->toEqualCanonicalizing(array_map(static fn(DayPot $pot): int => $pot->id, $pots));
    foreach ($day->mixes as $mix) {
        expect(array_sum($mix->shares))->toBeNear(1.0, 1e-12)->and(array_sum($mix->grossL))->toBeNear($mix->scoops->litres, 1e-9);
    }
})->with(seeds(25, 200));

test('pots that are filled count with what they were given, and what was mixed is not mixed again', function (): void {
    mt_srand(11);
    $setup = randomSetup();
    $pot = static fn(int $id, ?float $usedL = null): DayPot => new DayPot($id, 1, $setup, [[Portion::of(Reference::component('charcoal-3-8-mm')), 0.05]], usedL: $usedL);
    $base = $pot(1)->needs()->baseL;
    $open = new DaySums([$pot(1), $pot(2)], 0.1, 40.0, 1.0);
    $half = new DaySums([$pot(1, $base + 0.7), $pot(2)], 0.1, 40.0, 1.0);
    expect($open->mixes[1]->looseL)->toBeNear(2.2 * $base, 1e-12)
        ->and($half->mixes[1]->looseL)->toBeNear($base + 0.7 + 1.1 * $base, 1e-12)->and($half->mixes[1]->netL)->toBeNear(2.0 * $base, 1e-12)
        // what stands beside the mix was taken for the one that is filled
        ->and($open->needsL['charcoal-3-8-mm'])->toBeNear(0.11, 1e-12)->and($half->needsL['charcoal-3-8-mm'])->toBeNear(0.055, 1e-12);
    $mixed = [1 => new MixedAlready($setup->portions, 1.5, [2]), 9 => new MixedAlready($setup->portions, 6.0, [1])];
    $after = new DaySums([$pot(1), $pot(2)], 0.1, 40.0, 1.0, [], $mixed);
    expect($after->mixes[1]->scoops->litres + 1.5)->toBeGreaterThan(0.96 * 2.2 * $base)->and($after->mixes[1]->scoops->loads[0]->number)->toBe(1)
        // of a mix that nobody takes any more nothing is left to mix
        ->and($after->mixes[9]->pots)->toBe(0)->and($after->mixes[9]->scoops->loads)->toBe([])->and($after->mixes[9]->looseL)->toBe(0.0);
});

test('the tub that is just full is one load, more than it holds is two', function (): void {
    $portions = [[Portion::of(Reference::component('pumice-3-6-mm')), 1.0]];
    $loads = static fn(DayMix $mix): array => array_map(static fn(ScoopedLoad $load): float => $load->litres, $mix->scoops->loads);
    expect($loads(new DayMix($portions, 1, 40.0, 0.0, 0.0, 40.0, 1.0)))->toBe([40.0])->and($loads(new DayMix($portions, 1, 40.01, 0.0, 0.0, 40.0, 1.0)))->toBe([40.0, 0.5])
        ->and($loads(new DayMix([...$portions, [Portion::of(Reference::component('perlite-2-5-mm')), 1.0]], 3, 6.0, 0.6, 0.0, 4.0, 1.0)))->toBe([4.0, 3.0])
        ->and($loads(new DayMix($portions, 0, 0.0, 0.0, 0.0, 40.0, 1.0)))->toBe([]);
});

test('what preparation loses is taken from the bin as well, and parts of nothing are left out', function (): void {
    $half = Portion::of(Reference::component('pumice-3-6-mm'), null, 0.5);
    $mix = new DayMix([[$half, 1.0], [Portion::of(Reference::component('perlite-2-5-mm')), 1.0], [Portion::of(Reference::component('coir-pith')), 0.0]], 1, 10.0, 0.0, 0.0, 40.0, 1.0);
    expect($mix->grossL)->toBe(['pumice-3-6-mm' => 10.0, 'perlite-2-5-mm' => 5.0])->and($mix->shares)->toBe(['pumice-3-6-mm' => 0.5, 'perlite-2-5-mm' => 0.5]);
});

test('what a pot takes beside its mix, each by hand', function (): void {
    $granite = new Substrate(new Blend([[Reference::component('granite-chip-4-8-mm'), 1.0]]));
    $grit = new Substrate(new Blend([[Reference::component('horticultural-grit-2-5-mm'), 1.0]]));
    $setup = new Setup(
        [[Portion::of(Reference::component('pumice-3-6-mm')), 1.0]],
        Container::read(['shape' => 'rectangular', 'depth' => 10, 'top_length' => 20, 'top_width' => 10, 'base_length' => 20, 'base_width' => 10]),
        Holes::of(2, 2.0, 0.6),
        PlantGroup::BroadleafDeciduous,
        headspaceCm: 1.0,
        topDressingCm: 0.5,
        layer: new DrainageLayer($granite, 2.0),
        holeCover: $granite,
    );
    $needs = new DayPotNeeds(new DayPot(1, 1, $setup, layerKey: 'layer', dressingKey: 'dressing', dressing: $grit, coverKey: 'cover', oldSoilShare: 0.25));
    // 200 cm2: 2 cm of layer, 6.5 cm of mix under half a centimetre of dressing and one of rim
    expect($needs->layerL)->toBeNear(0.4 / $granite->yield, 1e-9)
        ->and($needs->dressingL)->toBeNear(0.1 / $grit->yield, 1e-9)
        ->and($needs->baseL)->toBeNear(0.75 * 1.3 / $setup->substrate->yield, 1e-9)
        ->and($needs->coverL)->toBeNear(2 * (2.0 / 3.0) * M_PI * 8.0 / 1000.0 / $granite->yield, 1e-9)
        ->and($needs->surfaceCm2)->toBeNear(200.0, 1e-9)->and($needs->wallL)->toBe(0.0)
        ->and($needs->besideMix())->toHaveCount(3);
    $bare = new DayPotNeeds(new DayPot(1, 1, $setup));
    expect($bare->besideMix())->toBe([])->and($bare->dressingL)->toBe(0.0)->and($bare->coverL)->toBe(0.0);
});

test('layer and dressing of one component are taken together', function (): void {
    $granite = new Substrate(new Blend([[Reference::component('granite-chip-4-8-mm'), 1.0]]));
    mt_srand(3);
    $setup = randomSetup()->with(layer: new DrainageLayer($granite, 1.0), topDressingCm: 1.0);
    $needs = new DayPotNeeds(new DayPot(1, 1, $setup, layerKey: 'granite', dressingKey: 'granite', dressing: $granite));
    expect($needs->besideMix())->toBe(['granite' => $needs->layerL + $needs->dressingL]);
});

test('a base with extras holds what its pots hold', function (int $seed): void {
    mt_srand($seed);
    $base = randomSetup();
    $most = $base->newMixL() / $base->substrate->yield;
    $extra = new Extra('Azaleas', mt_rand(1, 12), Portion::of(Reference::component('coir-pith')), $most * mt_rand(1, 50) / 100);
    $plain = mt_rand(0, 20);
    $day = new BaseWithExtras($base, [$extra], $plain, 0.1);
    $variant = $day->variants[0];
    expect(($variant['base_l'] + $extra->litresPerPot) * $variant['setup']->substrate->yield)->toBeNear($base->newMixL(), 1e-6)
        ->and($day->baseL)->toBeNear(1.1 * ($plain * $day->basePerPotL + $extra->pots * $variant['base_l']), 1e-9)
        ->and($day->extrasL[$extra->portion->key])->toBeNear(1.1 * $extra->pots * $extra->litresPerPot, 1e-9)
        ->and($variant['base_l'])->toBeLessThan($day->basePerPotL);
})->with(seeds(15, 100));

test('an extra that fills the pot alone is refused at its field', function (): void {
    mt_srand(1);
    $base = randomSetup();
    expect(static fn() => new BaseWithExtras($base, [new Extra('all', 1, Portion::of(Reference::component('coir-pith')), 500.0)], 1))->toThrow(Refused::class, 'extras.0.litres');
});

test('scoops keep the sum of a load and stray by half a scoop at most', function (int $seed): void {
    mt_srand($seed);
    $litres = [];
    for ($i = 0, $most = mt_rand(1, 6); $i < $most; ++$i) {
        $litres['c'.$i] = mt_rand(0, 1500) / 100;
    }
    $scoop = mt_rand(1, 40) / 10;
    $scoops = LoadScoops::of($litres, $scoop);
    expect(array_sum($scoops))->toEqualWithDelta(array_sum($litres) / $scoop, 0.2500001)->and(array_keys($scoops))->toBe(array_keys($litres));
    foreach ($scoops as $key => $count) {
        expect(abs($count - $litres[$key] / $scoop))->toBeLessThanOrEqual(0.5)->and(fmod(2.0 * $count, 1.0))->toBe(0.0)->and($count)->toBeGreaterThanOrEqual(0.0);
    }
    // what is exact already stays
    expect(LoadScoops::of(array_map(static fn(float $count): float => $count * $scoop, $scoops), $scoop))->toEqual($scoops);
})->with(seeds(40, 400));

test('a tie goes to the first by name, so that a sheet printed twice is the same', function (): void {
    expect(LoadScoops::of(['b' => 0.25, 'a' => 0.25], 1.0))->toBe(['b' => 0.0, 'a' => 0.5]);
});

test('a tub is topped up to the recipe, whatever lies in it', function (int $seed): void {
    mt_srand($seed);
    $parts = ['a' => mt_rand(1, 8) / 2, 'b' => mt_rand(1, 8) / 2, 'c' => mt_rand(1, 8) / 2];
    $there = ['a' => mt_rand(0, 100) / 10, 'b' => mt_rand(0, 100) / 10, 'd' => mt_rand(0, 20) / 10];
    $least = (new TopUp($parts, $there))->leastL;
    $top = new TopUp($parts, $there, mt_rand(0, 1) === 1 ? $least + mt_rand(0, 600) / 10 : null);
    expect($least <= 0.01 || null !== refusedAt(static fn(): TopUp => new TopUp($parts, $there, $least - 0.01)))->toBeTrue();
    $sum = array_sum($parts);
    foreach ($parts as $key => $share) {
        $left = $there[$key] ?? 0.0;
        expect($left + $top->add[$key])->toEqualWithDelta($top->recipeL * $share / $sum, 1e-9)->and($top->add[$key])->toBeGreaterThanOrEqual(0.0);
    }
    // no less would do: of one component nothing is added
    expect($top->leastL)->toBeLessThanOrEqual($top->totalL + 1e-9)
        ->and($top->totalL)->toEqualWithDelta($top->recipeL + $there['d'], 1e-9)
        ->and($top->foreign['d'] ?? 0.0)->toEqualWithDelta($top->totalL > 0.0 ? $there['d'] / $top->totalL : 0.0, 1e-9);
})->with(seeds(40, 400));

test('the spare learns by hand', function (array $excess, float $share): void {
    expect((new Spare(array_map(static fn(float $each): array => ['net_l' => 50.0, 'used_l' => 50.0 * (1.0 + $each)], $excess)))->share)->toEqualWithDelta($share, 1e-12);
})->with([
    [[], 0.08],
    [[0.12, 0.12], 0.10],
    [[0.08], 0.08],
    // an uneven hand: mean 0.12, standard deviation 0.1414...
    [[0.02, 0.22], (0.16 + 0.24) / 4 + hypot(0.1, 0.1) / 2],
    [[-0.9], 0.0],
    [[4.0], 0.5],
]);

test('days on which nothing was reckoned teach nothing', function (): void {
    $spare = new Spare([['net_l' => 0.0, 'used_l' => 3.0], ['net_l' => 10.0, 'used_l' => 11.0]]);
    expect($spare->days)->toBe(1)->and($spare->share)->toEqualWithDelta((0.16 + 0.1) / 3, 1e-12);
});

test('a line of a batch costs what is taken from the bin, packs where the stock ends', function (): void {
    $portion = Portion::of(Reference::component('pumice-3-6-mm'), null, 0.8);
    $line = new BatchLine($portion, 7.9, 8.0, 2.0, new Stock(5.0, 10.0, 4.0));
    expect($line->litres)->toBe(9.9)->and($line->grossL)->toBeNear(8.0 / 0.8 + 2.0, 1e-12)->and($line->massKg)->toBeNear(10.0 * $portion->bulkDensity, 1e-12)->and($line->lossCost())->toBeNear(2.0 * 0.4, 1e-12)
        ->and($line->packs)->toBe((int) ceil(($line->grossL - 5.0) / 10.0))
        ->and($line->cost)->toBeNear($line->grossL * 0.4, 1e-12);
});

test('what stock is worth goes by what is left of its deliveries, then by the pack', function (): void {
    $stock = new Stock(60.0, 10.0, 12.0, null, [['litres' => 20.0, 'per_l' => 0.5], ['litres' => 40.0, 'per_l' => 0.8]]);
    expect($stock->costOf(30.0))->toBeNear(18.0, 1e-12)->and($stock->costOf(60.0))->toBeNear(42.0, 1e-12)->and($stock->costOf(61.0))->toBeNear(43.2, 1e-12)->and($stock->costOf(0.0))->toBe(0.0)
        ->and($stock->pricePerL())->toBeNear(0.7, 1e-12)
        ->and((new Stock(5.0, null, null, null, [['litres' => 5.0, 'per_l' => 0.5]]))->costOf(6.0))->toBeNull()
        ->and((new Stock(5.0, 10.0, 12.0, null, [['litres' => 5.0, 'per_l' => null]]))->costOf(5.0))->toBeNear(6.0, 1e-12)
        ->and((new Stock(5.0, 10.0, 12.0, 0.3, [['litres' => 5.0, 'per_l' => 0.5]]))->costOf(9.0))->toBeNear(2.7, 1e-12)
        ->and((new Stock())->pricePerL())->toBeNull();
});

test('what a count finds more goes to the deliveries in use, as far as they held it, then to none', function (): void {
    $deliveries = [['id' => 1, 'litres' => 0.0, 'held_l' => 20.0], ['id' => 2, 'litres' => 10.0, 'held_l' => 30.0], ['id' => 3, 'litres' => 30.0, 'held_l' => 30.0], ['id' => null, 'litres' => 4.0, 'held_l' => 0.0]];
    expect(StockByLot::find(15.0, $deliveries))->toBe([['id' => 2, 'litres' => 15.0]])->and(StockByLot::find(25.0, $deliveries))->toBe([['id' => 2, 'litres' => 20.0], ['id' => null, 'litres' => 5.0]])
        ->and(StockByLot::find(0.0, $deliveries))->toBe([])->and(StockByLot::find(3.0, []))->toBe([['id' => null, 'litres' => 3.0]]);
});

test('the ledger of a shelf: never more than is there, the oldest first, the named one before it', function (int $seed): void {
    mt_srand($seed);
    $lots = [];
    for ($i = 1, $most = mt_rand(0, 5); $i <= $most; ++$i) {
        $lots[] = ['id' => $i, 'litres' => mt_rand(0, 300) / 10];
    }
    $lots[] = ['id' => null, 'litres' => mt_rand(0, 300) / 10];
    $wanted = mt_rand(0, 900) / 10;
    $named = mt_rand(0, 1) === 1 && $most > 0 ? mt_rand(1, $most) : null;
    $taken = StockByLot::take($wanted, $lots, $named);
    $there = array_sum(array_column($lots, 'litres'));
    expect(array_sum(array_column($taken, 'litres')))->toEqualWithDelta(min($wanted, $there), 1e-9);
    $left = array_column($lots, 'litres', 'id');
    foreach ($taken as $one) {
        expect($one['litres'])->toBeGreaterThan(0.0)->toBeLessThanOrEqual($left[$one['id']] + 1e-9);
    }
    if ($named !== null && $left[$named] > 0.0 && $wanted > 0.0) {
        expect($taken[0]['id'])->toBe($named);
    }
})->with(seeds(40, 400));
