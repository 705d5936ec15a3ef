<?php

declare(strict_types=1);

use Tests\Core\Season;
use Tests\Core\Shipped;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Course\Days\Absence;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\LikelyLost;
use Zolbek\Core\Course\Days\LimeAndFeed;
use Zolbek\Core\Course\Days\PotDays;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Course\Days\Quarters;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Course\Days\YearBands;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeanDays;
use Zolbek\Core\Place\Weather\WeatherGenerator;

test('a pot as litres is that of the mix in its pot', function (string $pot, string $mix, array $species): void {
    $of = Season::vectors()['pots_from'][$mix];
    $want = Season::vectors()['pots'][$pot];
    $group = PlantGroup::from(Season::vectors()['plants'][$pot]['group']);
    $setup = new Setup(
        array_map(static fn(string $key): array => [Shipped::component($key), (float) $of['mix'][$key]], array_keys($of['mix'])),
        Container::read($of['pot']),
        Holes::of(4, 1.0, 0.9),
        $group,
        $of['headspace_cm'],
        situation: new Situation(Targets::of($group, $species)),
    );
    $got = PotLitres::of($setup);
    expect($got->volumeL)->toBeNear($want['V'], 1e-5)->and($got->fullL)->toBeNear($want['W0'], 1e-5)->and($got->limitL)->toBeNear($want['Wlimit'], 1e-5)->and($got->repelsL)->toBeNear($want['W300'], 1e-5)
        ->and($got->lockedL)->toBeNear($want['Wx'], 1e-5)->and($got->wetL)->toBeNear($want['Wwet'], 1e-5)->and($got->openSoilM2)->toBeNear($want['soil_m2'], 1e-5)->and($got->organicShare)->toEqualWithDelta($want['f_org'], 1e-5);
})->with([['tray_maple', 'tray', []], ['tray_pine', 'tray', ['air_low' => 0.18]], ['deep_camellia', 'deep', ['tension_limit_cm' => 70.0]], ['deep_maple', 'deep', ['tension_limit_cm' => 80.0]]]);

test('a dry-down by hand, and it may be cut anywhere', function (): void {
    $of = Season::vectors()['dry_down'];
    $pot = Season::litres($of['pot']);
    $water = $of['W'];
    foreach ($of['days'] as $day) {
        $before = $water;
        $water = $pot->after($water, $of['demand_l_day']);
        expect($water)->toBeNear($day['W'], 1e-9)->and($before - $water)->toBeNear($day['used'], 1e-9)->and(max(0.0, 1.0 - ($before - $water) / $of['demand_l_day']))->toEqualWithDelta($day['degree'], 1e-9);
    }
    foreach ([0.05, 0.3, 0.7, 2.0] as $wanted) {
        foreach ([0.1, 0.4, 0.9] as $share) {
            expect($pot->after($pot->after(0.8, $share * $wanted), (1.0 - $share) * $wanted))->toBeNear($pot->after(0.8, $wanted), 1e-12);
        }
    }
    expect($pot->after(0.2, 1.0))->toBe(0.2)->and($pot->after(1.0, 1e6))->toBeGreaterThanOrEqual(0.2);
});

test('what has dried out repels water, unless it is dunked', function (): void {
    foreach (Season::vectors()['refill'] as $of) {
        expect(Season::litres($of['pot'])->refill($of['W'], $of['method'] === 'dunk'))->toBeNear($of['eta'], 1e-9);
    }
});

test('demand is that of the reference', function (array $of): void {
    $stand = Season::stand($of['place'] ?? Season::vectors()['place'], $of['plant']);
    [$weather, $leaves] = Season::steady(1, $of['T'], $of['et0']);
    $pot = Season::pot($of['plant'], $of['place'] ?? null)->with(seen: []);
    $days = (new PotRun($weather, $leaves))->through($pot, ComingBy::never());
    expect($of['T'] < 0 ? $days->demand[0] : $of['et0'] * ($stand->leafyM2 * $of['kc'] + $stand->bareM2))->toEqualWithDelta($of['l'], 1e-9);
})->with(fn(): array => array_map(static fn(array $of): array => [$of], Season::vectors()['demand']));

test('rain runs off leaves', function (): void {
    foreach (Season::vectors()['rain_in'] as $of) {
        $soil = Season::litres($of['pot'])->openSoilM2;
        $crown = min(1.0, Season::vectors()['plants'][$of['pot']]['canopy_m2'] / $soil);
        expect(Season::stand(Season::vectors()['place'], $of['pot'])->rainL($of['mm'], $soil, $crown * $of['leaf']))->toEqualWithDelta($of['l'], 1e-9);
    }
    expect(Season::stand([...Season::vectors()['place'], 'exposure' => 'glass'], 'tray_pine')->rainL(9.0, 0.05, 0.0))->toBe(0.0);
});

test('a year by days is that of the reference', function (array $of): void {
    [$weather, $leaves] = Season::formulaYear();
    $seen = [];
    foreach ($of['seen'] ?? [] as $date => $stage) {
        $seen[Date::number($date)] = GrowthStage::from($stage);
    }
    $chem = $of['chem'];
    $feed = new LimeAndFeed($chem['ph'], $chem['B'], $chem['alk'], $chem['fw'], $chem['fn'], $chem['charge_g'], $chem['longevity_days'], Date::number($chem['from']));
    $days = (new PotRun($weather, $leaves))->through(Season::pot($of['pot'], $of['place'])->with(phi: $of['phi'] ?? 1.0, seen: $seen), Season::habit($of['habit']), null, $of['since'], $feed);
    $sum = $of['summary'];
    expect([$days->wantDays, $days->longestWant, $days->wetDays, array_sum($days->waterings), $days->lostOn])->toBe([$sum['want_days'], $sum['longest_want'], $sum['wet_days'], $sum['waterings'], $sum['dead']])
        ->and($days->endL())->toBeNear($sum['W_end'], 1e-6)->and(array_sum($days->given))->toBeNear($sum['given_l'], 1e-6)->and(array_sum($days->rain))->toBeNear($sum['rain_l'], 1e-6)
        ->and(array_sum($days->drained))->toBeNear($sum['drained_l'], 1e-6)->and(array_sum($days->used))->toBeNear($sum['used_l'], 1e-6)->and($days->short())->toEqualWithDelta($sum['short'], 1e-7)
        ->and($feed->ph)->toBeNear($sum['ph'], 1e-6)->and($feed->releasedG)->toBeNear($sum['n_released_g'], 1e-6)->and($feed->leachedG)->toEqualWithDelta($sum['n_leached_g'], 1e-7)
        ->and($feed->takenG)->toBeNear($sum['n_taken_g'], 1e-6)->and($feed->poolG)->toEqualWithDelta($sum['n_left_g'], 1e-9)->and($feed->leftG)->toEqualWithDelta(0.0, 1e-12)
        ->and(abs($days->offBalanceL()))->toBeLessThan(1e-9);
    foreach ($of['days'] as $day) {
        $i = Date::number($day['date']) - $weather->first;
        foreach (['W' => 'water', 'demand' => 'demand', 'degree' => 'degree', 'given' => 'given', 'rain' => 'rain', 'drained' => 'drained', 'kc' => 'kc', 'ph' => 'ph'] as $name => $list) {
            expect($days->{$list}[$i])->toEqualWithDelta($day[$name], 1e-7);
        }
    }
})->with(fn(): array => array_map(static fn(array $of): array => [$of], Season::vectors()['year']));

test('bands over a hundred years are those of the reference', function (array $of): void {
    $runs = WeatherRuns::of(Season::climate($of['site']), Date::number($of['start']), $of['n'], $of['runs'], $of['seed']);
    $bands = new YearBands($runs->through(Season::pot($of['pot']), Season::habit($of['habit'])));
    foreach ($of['bands'] as $name => $band) {
        foreach ($band as $i => $value) {
            expect($bands->sums[$name][$i])->toBeNear($value, 1e-6);
        }
    }
    foreach ($of['W_on_15_july'] as $i => $value) {
        expect($bands->water[195][$i])->toBeNear($value, 1e-6);
    }
})->with(fn(): array => array_map(static fn(array $of): array => [$of], Season::vectors()['bands']));

test('nobody comes: first want, and shares of want and loss, are those of the reference', function (array $of): void {
    $runs = WeatherRuns::of(Season::climate($of['site']), Date::number($of['start']), $of['n'], $of['runs'], $of['seed']);
    $absence = new Absence($runs, Season::pot($of['pot']));
    expect($absence->firstWant)->toEqual(array_values($of['first_day']))->and($absence->wantShare)->toBeNear($of['want_share'], 1e-9)->and($absence->lostShare)->toEqualWithDelta($of['dead_share'], 1e-9);
})->with(fn(): array => array_map(static fn(array $of): array => [$of], Season::vectors()['absence']));

test('no water is made or lost, and none goes below what is locked or above what is held', function (int $seed): void {
    mt_srand($seed);
    $share = static fn(): float => mt_rand(0, 1000) / 1000;
    $full = 0.3 + 4.0 * $share();
    $locked = $full * (0.05 + 0.3 * $share());
    $limit = $locked + ($full - $locked) * $share();
    $litres = new PotLitres(2.0 * $full, $full, $limit, $locked + ($limit - $locked) * 0.5, $locked, $full * 0.95, 0.01 + 0.1 * $share(), $share());
    $older = new PotLitres(2.0 * $full, $full * 0.9, $limit * 0.9, $locked, $locked * 0.9, $full, $litres->openSoilM2, $litres->organicShare);
    $habit = [ComingBy::every(48, 12, 72, null, 0.7), ComingBy::share($share(), mt_rand(1, 4)), ComingBy::need(mt_rand(1, 4)), ComingBy::never()][mt_rand(0, 3)]->giving([null, 0.3][mt_rand(0, 1)], mt_rand(0, 1) === 1);
    $weather = (new WeatherGenerator(Season::climate(['hill', 'coast', 'hotdry', 'tropic'][mt_rand(0, 3)])))->days(Date::number('2027-01-01') + mt_rand(0, 364), 400, $seed);
    $pot = Season::pot('tray_maple')->with(litres: [$litres, $older], phi: 0.3 + 2.0 * $share(), potted: [$weather->first + 90, 0.2]);
    $days = (new PotRun($weather, new LeafCourse(['warm' => 5.0, 'grown' => 250.0, 'chilled' => 70.0], $weather)))->through($pot, $habit, $locked + $share() * ($full - $locked));
    expect(abs($days->offBalanceL()))->toBeLessThan(1e-9)->and(min($days->water))->toBeGreaterThanOrEqual($older->lockedL - 1e-12)->and(max($days->water))->toBeLessThanOrEqual($full + 1e-12)
        ->and(min($days->used))->toBeGreaterThanOrEqual(0.0)->and(min($days->drained))->toBeGreaterThanOrEqual(0.0);
})->with(seeds(40, 400));

test('more water at first is never less later', function (int $seed): void {
    $weather = (new WeatherGenerator(Season::climate('hill')))->days(Date::number('2027-05-01'), 120, $seed);
    $run = new PotRun($weather, new LeafCourse(['warm' => 12.0, 'grown' => 250.0, 'chilled' => 0.0], $weather));
    $habit = $seed % 2 === 0 ? ComingBy::never() : ComingBy::dates([$weather->first + 10, $weather->first + 60]);
    $before = null;
    foreach ([0.3, 0.6, 0.9, 1.3] as $start) {
        $days = $run->through(Season::pot('deep_maple'), $habit, $start);
        foreach ($before ?? [] as $i => $water) {
            expect($days->water[$i])->toBeGreaterThanOrEqual($water - 1e-12);
        }
        $before = $days->water;
    }
})->with(seeds(6, 20));

test('in weather that does not change the want of a day is that of a hot spell', function (): void {
    [$weather, $leaves] = Season::steady(60, 20.0, 6.0);
    $pot = Season::pot('tray_maple');
    $days = (new PotRun($weather, $leaves))->through($pot, ComingBy::every(24, 24, 24, 24));
    $of = $pot->litres[0];
    $drought = new Drought($of->fullL, $of->limitL, $of->lockedL, $days->demand[59], 1.0);
    expect($days->degree[59])->toBeNear($drought->degree, 1e-9)->and($drought->degree)->toBeGreaterThan(0.1);
});

test('under steady litres the reaction meets its course', function (float $ph, float $alk): void {
    $feed = new LimeAndFeed($ph, 14.0, $alk, 0.0, 15.0);
    for ($day = 0; $day < 730; ++$day) {
        $feed->day($day, 15.0, 2.0, 1.0, 60.0 / 365.0, 36.0 / 365.0, 1.0);
    }
    expect($feed->ph)->toEqualWithDelta((new ReactionCourse(14.0, 30.0, 18.0, $alk, 0.0, 15.0))->phAfter($ph, 2.0), 0.001);
})->with([[6.7, 60.0], [4.6, 240.0], [5.6, 20.0]]);

test('a charge is all there: left, in the mix, leached or taken, and sours by what is let go', function (): void {
    $feed = new LimeAndFeed(6.5, 14.0, 0.0, 0.0, null, 2.0, 150.0, 10);
    $plain = new LimeAndFeed(6.5, 14.0, 0.0, 0.0, null);
    for ($day = 0; $day < 120; ++$day) {
        $feed->day($day, 18.0, 3.0, 1.2, 0.3, 0.1, $day % 3 === 0 ? 0.0 : 0.8);
        $plain->day($day, 18.0, 3.0, 1.2, 0.3, 0.1, 0.8);
        if ($day === 9) {
            expect($feed->releasedG)->toBe(0.0)->and($feed->ph)->toBe($plain->ph);
        }
    }
    expect($feed->leftG + $feed->poolG + $feed->leachedG + $feed->takenG)->toBeNear(2.0, 1e-12)->and($feed->releasedG)->toBeNear(110 * 2.0 / 150.0 * 2.0 ** -0.3, 1e-9)
        ->and($feed->ph)->toBeLessThan($plain->ph - 0.1)->and($feed->leachedG)->toBeGreaterThan(0.0);
});

test('half the leaves are out in May on a hill, and evergreens rest in the cold', function (): void {
    $half = [];
    foreach (WeatherRuns::of(Season::climate('hill'), Date::number('2027-01-01'), 365, 20, 3)->runs as [$weather, $leaves]) {
        $half[] = (float) array_key_first(array_filter($leaves->leaf, static fn(float $leaf): bool => $leaf >= 0.5));
        expect($leaves->leaf[20])->toBe(0.0)->and($leaves->bare[20])->toBeNear(0.1, 1e-12)->and($leaves->bare[200])->toBe(1.0)->and($leaves->evergreen[210])->toBe(1.0)->and($leaves->leaf[345])->toBe(0.0);
    }
    // 9 to 14 May are days 128 to 133 from 0
    expect(Quantile::of($half, 0.5))->toBeGreaterThanOrEqual(127.0)->toBeLessThanOrEqual(134.0);
    [$cold, $leaves] = Season::steady(200, -2.0);
    expect($leaves->evergreen[199])->toBe(0.3);
});

test('south of the equator the leaves come half a year later', function (): void {
    $months = array_map(static fn(array $month): array => ['tmin' => $month[0], 'tmax' => $month[1], 'rain_mm' => $month[2]], Season::vectors()['sites']['hill']['months']);
    $south = Climate::read(['latitude' => -47.2, 'months' => [...array_slice($months, 6), ...array_slice($months, 0, 6)]]);
    $leaves = LeafCourse::of(MeanDays::of($south)->weather(Date::number('2027-01-01'), 365), $south);
    $half = array_key_first(array_filter($leaves->leaf, static fn(float $leaf, int $day): bool => $day > 200 && $leaf >= 0.5, ARRAY_FILTER_USE_BOTH));
    expect($leaves->leaf[20])->toBe(1.0)->and($leaves->leaf[190])->toBe(0.0)->and($half)->toBeGreaterThan(295)->toBeLessThan(330)
        ->and(ComingBy::every(1, 2, 3, 4)->hoursByMonth(true))->toEqual([2, 2, 3, 3, 3, 4, 4, 4, 1, 1, 1, 2]);
});

test('winter quarters hold from a day up to another, round the end of the year', function (): void {
    $stand = Season::stand(Season::vectors()['place'], 'tray_pine');
    $winter = new Quarters(305, 91, $stand);
    $summer = new Quarters(150, 250, $stand);
    expect(array_map($winter->holds(...), [304, 305, 365, 1, 90, 91]))->toBe([false, true, true, true, true, false])->and(array_map($summer->holds(...), [149, 150, 249, 250]))->toBe([false, true, true, false]);
});

test('a stage that was seen holds for thirty days, or until the next, but not under glass', function (): void {
    [$weather, $leaves] = Season::steady(60);
    $seen = [$weather->first + 5 => GrowthStage::Rest, $weather->first + 20 => GrowthStage::LeafBreak];
    $kc = (new PotRun($weather, $leaves))->through(Season::pot('tray_pine')->with(seen: $seen), ComingBy::need())->kc;
    expect([$kc[4], $kc[5], $kc[19], $kc[20], $kc[49], $kc[50]])->toBe([1.0, 0.3, 0.3, 0.7, 0.7, 1.0]);
    $under = Season::pot('tray_pine', [...Season::vectors()['place'], 'exposure' => 'glass'])->with(seen: $seen);
    expect(array_unique((new PotRun($weather, $leaves))->through($under, ComingBy::need())->kc))->toBe([1.0]);
});

test('roots that were cut take up less, for six weeks', function (): void {
    $pot = Season::pot('tray_maple')->with(potted: [1000, 0.2]);
    expect(array_map($pot->recovery(...), [999, 1000, 1021, 1042, 2000]))->toBe([1.0, 0.2, 0.6000000000000001, 1.0, 1.0]);
});

test('what is likely lost: a tenth of what is wanted for so many days, counted anew after a day that wants nothing', function (): void {
    $days = new PotDays(1.0, 0.1, 3);
    foreach ([[1.0, 0.05], [1.0, 0.05], [0.0, 0.0], [1.0, 0.05], [1.0, 0.05], [1.0, 0.1], [1.0, 0.0], [1.0, 0.0], [1.0, 0.0]] as [$demand, $used]) {
        $days->end(0.5, $demand, $used, 0.0, 0.0, 0.0, 0, 1.0, 0.4);
    }
    expect($days->lostOn)->toBe(8)->and($days->wantDays)->toBe(8)->and($days->longestWant)->toBe(6)->and($days->wetDays)->toBe(9)->and($days->firstWant())->toBe(0);
    expect(array_map(static fn(string $group): int => LikelyLost::afterDays(PlantGroup::from($group)), ['seedlings', 'airy_conifers', 'mediterranean', 'tropical_dry_season', 'desert', 'acid_lovers']))->toBe([2, 7, 7, 14, 60, 3]);
});

test('coming by: rounds of a day, days between, some dates, litres that do not suffice', function (): void {
    expect(array_map(ComingBy::roundsADay(...), [24.0, 16.0, 12.0, 8.0, 6.0, 1.0]))->toBe([1, 2, 2, 3, 4, 4])->and(array_map(ComingBy::daysBetween(...), [24.0, 35.0, 36.0, 60.0, 168.0]))->toBe([1, 1, 2, 3, 7]);
    [$weather, $leaves] = Season::steady(10);
    $run = static fn(ComingBy $habit): PotDays => (new PotRun($weather, $leaves))->through(Season::pot('tray_maple'), $habit);
    expect($run(ComingBy::dates([$weather->first + 3, $weather->first + 7]))->waterings)->toBe([0, 0, 0, 1, 0, 0, 0, 1, 0, 0])
        ->and($run(ComingBy::every(null, 8, null, null))->waterings)->toBe(array_fill(0, 10, 3))
        ->and($run(ComingBy::every(24, null, 24, 24))->waterings)->toBe(array_fill(0, 10, 0))
        ->and($run(ComingBy::every(24, 24, 24, 24)->giving(0.1))->given)->toBe(array_fill(0, 10, 0.1))
        ->and(array_sum($run(ComingBy::every(24, 24, 24, 24)->giving(0.1))->drained))->toBe(array_sum([0.1, 0, 0, 0, 0, 0, 0, 0, 0, 0]))
        ->and(array_sum($run(ComingBy::need(3))->degree))->toBe(0.0);
    [$frost, $bare] = Season::steady(10, -3.0, 0.5);
    $frozen = (new PotRun($frost, $bare))->through(Season::pot('tray_maple'), ComingBy::every(24, 24, 24, 24), 0.8);
    expect(array_sum($frozen->waterings))->toBe(0)->and($frozen->endL())->toBe(0.8);
});

test('two pots of a site meet the same weather, and measured days go before', function (): void {
    $climate = Season::climate('hill');
    $first = Date::number('2027-07-10');
    $known = MeanDays::of($climate)->weather($first - 20, 20);
    $runs = WeatherRuns::of($climate, $first, 14, 3, 5, $known);
    expect(count($runs->runs))->toBe(3)->and($runs->runs[0][0]->rainMm)->toBe(WeatherRuns::of($climate, $first, 14, 1, 5)->runs[0][0]->rainMm)->not->toBe($runs->runs[1][0]->rainMm)
        ->and($runs->first()->date(0))->toBe('2027-07-10');
});
