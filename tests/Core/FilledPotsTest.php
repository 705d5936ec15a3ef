<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Tests\Core\Season;
use Tests\Core\Shipped;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Reclaimed;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\PotDays;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Days\YearBands;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Preparation\Screenings;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Container\BallPlacing;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Setup\Supply;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\Weather;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Quarrel\AboutPot;
use Zolbek\Core\Verdict\Quarrel\AboutRoots;
use Zolbek\Core\Verdict\Quarrel\Occasion;
use Zolbek\Core\Verdict\Quarrel\Variation;

// what is in a pot beside its mix, what of it lies in store, and what comes of it through years

test('a ball goes into a round or oval pot where each point of its edge does', function (int $seed): void {
    mt_srand($seed);
    $share = static fn(): float => mt_rand(0, 1000) / 1000;
    [$long, $broad] = [16.0 + 10.0 * $share(), 10.0 + 6.0 * $share()];
    $pot = Container::read(['shape' => 'oval', 'depth' => 9, 'top_length' => $long, 'top_width' => $broad, 'base_length' => $long, 'base_width' => $broad]);
    [$a, $b] = [0.5 * $long * (0.3 + 0.6 * $share()), 0.5 * $broad * (0.3 + 0.6 * $share())];
    [$x, $y, $turn] = [4.0 * $share() - 2.0, 3.0 * $share() - 1.5, 180.0 * $share()];
    $farthest = 0.0;
    for ($i = 0; $i < 3600; ++$i) {
        [$u, $v] = [$a * cos($i * M_PI / 1800.0), $b * sin($i * M_PI / 1800.0)];
        [$p, $q] = [$x + $u * cos(deg2rad($turn)) - $v * sin(deg2rad($turn)), $y + $u * sin(deg2rad($turn)) + $v * cos(deg2rad($turn))];
        $farthest = max($farthest, ($p / ($long / 2.0)) ** 2 + ($q / ($broad / 2.0)) ** 2);
    }
    // as near as its edge is looked at
    if (abs($farthest - 1.0) > 0.02) {
        expect((new BallPlacing($pot, 1, 6, 2.0 * $a, 2.0 * $b, $x, $y, $turn))->goesIn)->toBe($farthest < 1.0);
    }
    expect($farthest)->toBeGreaterThan(0.0);
})->with(fn(): array => seeds(60, 1000));

test('a share of old ball that does not go in is refused with the most that does', function (): void {
    $zone = new RootZone(Container::read(['shape' => 'bowl', 'depth' => 6, 'top' => 24]), 0.5);
    $in = static fn(float $share): ?RootBall => (new Contents(RootBall::ofShare($zone, max(0.1, $share), BallTreatment::Teased, Reference::evenThree()), $share, bedCm: 1.5))->ballIn($zone);
    $most = null;
    try {
        $in(0.95);
    } catch (Refused $refused) {
        $most = $refused->refusals[0]->limits['max'];
    }
    expect($most)->toBeGreaterThan(0.2)->toBeLessThan(0.95)->and($in((float) $most))->not->toBeNull()->and(fn() => $in((float) $most + 0.0015))->toThrow(Refused::class)->and($in(0.0))->toBeNull();
});

test('a ball that leaves half a centimetre at its sides goes in, one that leaves less than none does not', function (float $length, float $width, bool $fits): void {
    $zone = new RootZone(Container::read(['shape' => 'rectangular', 'depth' => 9, 'base_length' => 20, 'base_width' => 14, 'top_length' => 20, 'top_width' => 14]), 1.0);
    $budget = new DepthBudget($zone, new Contents(new RootBall($length, $width, 4.0, BallTreatment::Teased, Reference::evenThree())), 1.0);
    expect($budget->fits())->toBe($fits)->and($budget->besideCm)->toBeNear((20.0 - $length) / 2.0, 1e-12)->and($budget->acrossCm)->toBeNear((14.0 - $width) / 2.0, 1e-12);
})->with([[19.0, 13.0, true], [20.5, 13.0, false], [19.0, 14.5, false], [19.9, 13.9, true]]);

test('a drainage layer weighs what its grains and the water between and in them weigh', function (): void {
    $layer = new DrainageLayer(Reference::substrate(['pumice-3-6-mm' => 1]), 2.0);
    $zone = new RootZone(Reference::pot('rectangle'), 1.0, 0.0, $layer);
    $mix = Reference::evenThree();
    $water = 0.0;
    for ($i = 0; $i < 2000; ++$i) {
        $z = ($i + 0.5) / 1000.0;
        $water += $layer->substrate->retention->theta($z) * $zone->pot->areaCm2($z) / 1000.0 * 0.001;
    }
    $with = new Weights($zone, $mix, 1.5, 2.0, 0.4);
    $without = new Weights($zone, $mix, 1.5, 2.0, 0.4, weighsLayer: false);
    expect($water)->toBeGreaterThan(0.3)->and($with->wetKg - $without->wetKg)->toBeNear(0.998 * $water + $zone->pot->volumeL(0.0, 2.0) * $layer->substrate->bulkDensity, 1e-5)->and($with->dryMixKg)->toBe($without->dryMixKg);
});

test('what a pot of a premix costs is what is scooped of it, which lies closer than its parts', function (): void {
    $premix = Portion::mixed('yard', [[Portion::of(Reference::component('pumice-3-6-mm')), 1.0], [Portion::of(Reference::component('sphagnum-peat')), 1.0]]);
    $loose = array_sum(array_column($premix->contents, 1));
    $situation = new Situation(Targets::of(PlantGroup::AiryConifers), stocks: ['yard' => new Stock(100.0, 10.0, 5.0)]);
    $setup = new Setup([[$premix, 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8, situation: $situation);
    $scoopedL = $setup->zone->volumeL / $setup->substrate->yield / $loose;
    expect($loose)->toBeGreaterThan(1.05)->and((new Supply($setup, $situation))->costPerPot())->toBeNear(0.5 * $scoopedL, 1e-9)->and((new Supply($setup, $situation))->potsFromStock())->toBe(floor(100.0 / $scoopedL));
});

test('a mix ages by its own pace where nobody said where it stands, once the yard found one', function (): void {
    $of = static fn(float $ageing, float $washOut): Setup => new Setup([[Portion::of(Reference::component('pumice-3-6-mm')), 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8, model: new ModelConstants(ageing: $ageing, washOut: $washOut));
    expect($of(1.0, 1.0)->ageing)->toBeNull()
        ->and([$of(1.5, 1.0)->ageing?->pace, $of(1.5, 1.0)->ageing?->washOutPace])->toBe([1.5, 1.0])
        ->and([$of(1.0, 0.5)->ageing?->pace, $of(1.0, 0.5)->ageing?->washOutPace])->toBe([1.0, 0.5]);
});

test('nothing is screened off without a sieve, and what falls through is what a sieve or a rinse lets through', function (array $prepared, ?float $coarserMm, ?float $finerMm): void {
    $bark = Reference::component('bark-mini-chip-6-12-mm');
    $screenings = new Screenings($bark, Preparation::read($prepared, new Refusals(), ''), 8.0);
    expect($screenings->coarseL)->toBeNear($coarserMm === null ? 0.0 : 8.0 * (1.0 - $bark->grading->passingAt($coarserMm)), 1e-12)
        ->and($screenings->fineL)->toBeNear($finerMm === null ? 0.0 : 8.0 * $bark->grading->passingAt($finerMm), 1e-12)
        ->and($screenings->deepEnoughCm)->toBeNear($bark->grading->quantileMm(0.98) / 2.0, 1e-12);
})->with([
    'only wetted' => [['wet' => 'day_before'], null, null], 'screened both ways' => [['screen_lo_mm' => 5, 'screen_hi_mm' => 9], 9.0, 5.0], 'only above' => [['screen_hi_mm' => 9], 9.0, null],
    'only below' => [['screen_lo_mm' => 5], null, 5.0], 'rinsed' => [['rinse_mm' => 6], null, 6.0], 'rinsed finer than screened' => [['rinse_mm' => 1, 'screen_lo_mm' => 6], null, 6.0],
]);

test('a component comes back as it was in the nearest month, and lies closer the more of it gave way', function (): void {
    $peat = Shipped::component('sphagnum-peat');
    [$then] = Reclaimed::of($peat, 2.5);
    [$nearly] = Reclaimed::of($peat, 2.53);
    [$later] = Reclaimed::of($peat, 6.0);
    $kept = exp(-$peat->structureLoss * 2.5);
    expect($nearly->settledIndex)->toBe($then->settledIndex)
        ->and($then->settledIndex)->toBeNear($peat->settledIndex + (CompressiblePacking::PRESSED - $peat->settledIndex) * (1.0 - $kept), 1e-9)
        ->and($then->settledIndex)->toBeGreaterThan($peat->settledIndex)->and($later->settledIndex)->toBeGreaterThan($then->settledIndex)->toBeLessThan(CompressiblePacking::PRESSED)
        ->and(Reclaimed::of($peat, 0.04))->toBe([$peat, 1.0]);
});

test('shares of a day add up to the days of all runs', function (string $name): void {
    $of = array_values(array_filter(Season::vectors()['bands'], static fn(array $of): bool => $of['pot'] === $name))[0] ?? Season::vectors()['bands'][0];
    $runs = WeatherRuns::of(Season::climate($of['site']), Date::number($of['start']), $of['n'], 12, $of['seed'])->through(Season::pot($of['pot']), Season::habit($of['habit']));
    $bands = new YearBands($runs);
    $days = static fn(callable $count): float => array_sum(array_map($count, $runs)) / 12.0;
    $waterings = $days(static fn(PotDays $run): int => count(array_filter($run->waterings)));
    expect(array_sum($bands->want))->toBeNear($days(static fn(PotDays $run): int => $run->wantDays), 1e-9)->and(array_sum($bands->watered))->toBeNear($waterings, 1e-9)
        ->and(min($bands->want))->toBeGreaterThanOrEqual(0.0)->and(max($bands->want))->toBeLessThanOrEqual(1.0)->and(max($bands->watered))->toBeLessThanOrEqual(1.0)
        ->and(array_sum($bands->want) + $waterings)->toBeGreaterThan(5.0)
        ->and($bands->lost)->toBeNear($days(static fn(PotDays $run): int => $run->lostOn === null ? 0 : 1), 1e-9);
})->with(fn(): array => array_unique(array_column(Season::vectors()['bands'], 'pot')));

test('a stick looks like one thing after the other, without a gap, and pale from 31 cm at the least', function (float $limitCm, float $paleCm): void {
    $before = 0.0;
    foreach (StickLook::cases() as $look) {
        [$from, $to] = $look->between($limitCm);
        expect($from)->toBe($before)->and($to)->toBeGreaterThan($from)->and(StickLook::at(($from + min($to, 1e4)) / 2.0, $limitCm))->toBe($look);
        $before = $to;
    }
    expect(StickLook::Pale->between($limitCm)[0])->toBeNear($paleCm, 1e-12);
})->with([[40.0, 31.0], [50.0, 31.0], [60.0, 36.0], [100.0, 60.0]]);

test('of a ball that is washed nearly half is new mix, of one that is combed a tenth', function (): void {
    $setup = Shipped::setup('s01');
    $contents = new Contents(RootBall::ofShare($setup->zone, 0.25, BallTreatment::Combed, $setup->substrateAfter(3.0)), 0.25, collarCm: 0.7);
    $with = new Setup($setup->portions, $setup->pot, $setup->holes, $setup->group, $setup->headspaceCm, situation: $setup->situation, contents: $contents);
    $found = (new AboutRoots(new Occasion(new Assessment($with), $with->situation, [])))->all();
    expect($found['wash_roots']['litres'])->toBeNear(0.45 * $with->filling?->ballL, 1e-12)->and($found['wash_roots']['other_litres'])->toBeNear(0.10 * $with->filling?->ballL, 1e-12)
        ->and($found['planting_depth']['collar'])->toBe(0.7);
});

test('the worst is said first: what kills, then what stops, then what one should mind', function (string $id): void {
    $verdicts = Shipped::assessment($id)->verdicts;
    $order = array_map(static fn(Verdict $verdict): array => [$verdict->kills() ? 0 : 1, array_search($verdict->level->value, ['stop', 'mind', 'good'], true)], $verdicts);
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)->and($verdicts)->not->toBe([]);
})->with(fn(): array => array_map(strval(...), array_keys(Shipped::cases())));

test('what is new in a pot is less by its ball, and a pot ages as another only where nothing of it differs', function (): void {
    $setup = Shipped::setup('s01');
    $with = new Setup($setup->portions, $setup->pot, $setup->holes, $setup->group, $setup->headspaceCm, situation: $setup->situation, contents: new Contents(RootBall::ofShare($setup->zone, 0.25, BallTreatment::Untouched, $setup->substrateAfter(3.0)), 0.25));
    expect($setup->newMixL())->toBe($setup->zone->volumeL)->and($with->newMixL())->toBe($with->filling?->newMixL)->and($with->newMixL())->toBeLessThan(0.8 * $setup->zone->volumeL)
        ->and($setup->agesAs($setup))->toBeTrue()->and($setup->agesAs($setup->with(tipDeg: 12.0)))->toBeFalse()->and($setup->agesAs($setup->with(holes: Holes::of(9, 1.0, 1.0))))->toBeFalse()
        ->and($setup->agesAs($setup->with(portions: array_slice($setup->portions, 0, 1))))->toBeFalse()->and($setup->agesAs($setup->with(pot: Reference::pot('rectangle'))))->toBeFalse();
});

test('a tipped pot holds what its slices hold, each at its height over the lowest edge', function (string $pot, float $degrees): void {
    $zone = new RootZone(Reference::pot($pot), 1.0);
    $mix = Reference::evenThree()->retention;
    [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
    $lowEdge = -$zone->pot->widthCm(0.0) / 2.0;
    $litres = 0.0;
    $slices = 120;
    for ($i = 0; $i < $slices; ++$i) {
        $z = $zone->bottomCm + ($i + 0.5) / $slices * ($zone->topCm - $zone->bottomCm);
        $half = $zone->pot->widthCm($z) / 2.0;
        for ($j = 0; $j < $slices; ++$j) {
            $x = $half * (2.0 * ($j + 0.5) / $slices - 1.0);
            $share = $pot === 'rectangle' ? 1.0 / $slices : 4.0 / M_PI * sqrt(1.0 - ($x / $half) ** 2) / $slices;
            $suction = $zone->suctionCm($z) * $cos + ($x - $lowEdge) * $sin;
            $litres += $share * $zone->pot->areaCm2($z) / 1000.0 * ($zone->topCm - $zone->bottomCm) / $slices * ($suction > 0.0 ? $mix->theta($suction) : $mix->saturated);
        }
    }
    $tipped = new TippedPot($zone, $mix, $degrees);
    expect($tipped->waterL)->toBeNear($litres, 3e-3)->and($tipped->letsOutL)->toBeNear($zone->waterL($mix) - $tipped->waterL, 1e-9)->and($tipped->letsOutL)->toBeGreaterThan(0.0);
    $level = new TippedPot($zone, $mix, 0.0);
    expect([$level->waterL, $level->letsOutL])->toBe([$zone->waterL($mix), 0.0]);
})->with(['rectangle', 'oval tray', 'round deep'])->with([15.0, 35.0]);

test('what nothing buffers is neutral until its water has come', function (): void {
    $stone = MaterialReader::read([...Reference::raw('granite-chip-4-8-mm'), 'buffer' => 0, 'ph' => null]);
    expect(Reaction::fresh(new Blend([[$stone, 1.0]])))->toBe(7.0)->and(Reaction::ph(new Blend([[$stone, 1.0]])))->toBeNull()->and(Reaction::fresh(new Blend([[Shipped::component('sphagnum-peat'), 1.0]])))->toBe(Shipped::component('sphagnum-peat')->ph);
});

test('south of the equator a year grows from day 242 to day 59, north of it from day 60 to day 243', function (bool $south, string $from, array $grows): void {
    $of = static fn(float $celsius, int $days): array => array_fill(0, $days, $celsius);
    $weather = new Weather(Date::number($from), $of(15.0, 6), $of(15.0, 6), $of(0.0, 6), $of(3.0, 6), $south);
    $leaf = (new LeafCourse(['warm' => 15.0, 'grown' => 90.0, 'chilled' => 0.0], $weather))->leaf;
    $rises = array_map(static fn(float $now, float $before): bool => $now > $before + 1e-12, array_slice($leaf, 1), array_slice($leaf, 0, -1));
    expect($rises)->toBe($grows);
})->with([
    'the last days in the south' => [true, '2027-02-25', [true, true, true, false, false]], 'the first days in the south' => [true, '2027-08-27', [false, false, true, true, true]],
    'the first days in the north' => [false, '2027-02-26', [false, false, true, true, true]], 'the last days in the north' => [false, '2027-08-28', [true, true, true, false, false]],
]);

test('seasons are turned round south of the equator', function (float $latitude, array $seasons): void {
    $climate = Climate::read(['latitude' => $latitude, 'altitude_m' => 100, 'months' => Climates::rows()]);
    expect(array_map(static fn(int $month): string => $climate->season($month)->value, [0, 2, 5, 7, 8, 11]))->toBe($seasons);
})->with([[45.0, ['winter', 'spring', 'summer', 'summer', 'autumn', 'winter']], [-35.0, ['summer', 'autumn', 'winter', 'winter', 'spring', 'summer']]]);

test('what an aged pot gives up easily is what it holds less at 50 cm', function (): void {
    $setup = Shipped::setup('s01');
    $aged = new AgedPot($setup, 3.0);
    expect($aged->easyL())->toBeNear($setup->zoneAfter(3.0)->waterL($setup->substrateAfter(3.0)->retention) - $setup->zoneAfter(3.0)->waterL($setup->substrateAfter(3.0)->retention, 50.0), 1e-9)->and($aged->easyL())->toBeGreaterThan(0.0);
});

test('a quarrel about a drainage layer tells of the pot with it first, whichever there is', function (): void {
    $bare = Shipped::setup('s01');
    $layered = $bare->with(layer: new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 1.5));
    $of = static function (Setup $setup): array {
        $at = new Occasion(new Assessment($setup), $setup->situation, ['chip' => Shipped::component('granite-chip-4-8-mm')]);

        return (new AboutPot($at, new Variation($at)))->all()['drainage_layer'];
    };
    expect($of($layered)['cm'])->toBe(1.5)->and($of($layered)['litres'])->toBeNear($layered->zone->volumeL, 1e-12)->and($of($layered)['other_litres'])->toBeNear($bare->zone->volumeL, 1e-12)
        ->and($of($bare)['cm'])->toBe(2.0)->and($of($bare)['other_litres'])->toBeNear($bare->zone->volumeL, 1e-12)->and($of($bare)['litres'])->toBeLessThan($bare->zone->volumeL);
});
