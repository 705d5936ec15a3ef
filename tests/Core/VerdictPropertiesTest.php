<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/** A practice case with a random mix of shipped components, the same for the same seed. */
function randomCase(int $seed, array $with = []): array
{
    mt_srand($seed);
    $keys = array_column(Shipped::rawComponents(), 'key');
    shuffle($keys);
    $ids = array_keys(Shipped::cases());
    $mix = [];
    foreach (array_slice($keys, 0, mt_rand(1, 4)) as $key) {
        $mix[$key] = mt_rand(1, 12) / 2;
    }

    return [$ids[array_rand($ids)], ['mix' => $mix, 'habit_h' => [12, 24, 48, 96][mt_rand(0, 3)], 'limed_to' => null, ...$with]];
}

function rated(Criterion $criterion, array $case, array $with = []): float
{
    return (float) Shipped::assessment($case[0], [...$case[1], ...$with], withYears: $criterion === Criterion::Years)->verdict($criterion)->value;
}

test('more hours between visits never lessen drought', function (int $seed): void {
    $case = randomCase($seed);
    $before = 0.0;
    foreach ([4, 8, 12, 20, 24, 36, 48, 72, 120, 240, 1000] as $hours) {
        $drought = rated(Criterion::Drought, $case, ['habit_h' => $hours]);
        expect($drought)->toBeGreaterThanOrEqual($before - 1e-9);
        $before = $drought;
    }
})->with(seeds(6, 25));

test('more canopy never lengthens the interval', function (int $seed): void {
    $case = randomCase($seed);
    $before = INF;
    foreach ([0.001, 0.01, 0.05, 0.1, 0.3, 1.0, 5.0] as $canopy) {
        $interval = (float) Shipped::assessment($case[0], [...$case[1], 'canopy_m2' => $canopy], false)->water?->hottestIntervalH();
        expect($interval)->toBeLessThanOrEqual($before);
        $before = $interval;
    }
})->with(seeds(6, 25));

test('more lime in the water never lowers the later pH', function (int $seed): void {
    $case = randomCase($seed);
    $before = 0.0;
    foreach ([0, 20, 60, 120, 240, 400, 1000] as $alkalinity) {
        $ph = rated(Criterion::LaterPh, $case, ['alkalinity_mg_l' => $alkalinity]);
        expect($ph)->toBeGreaterThanOrEqual($before - 1e-9);
        $before = $ph;
    }
})->with(seeds(6, 25));

test('frost never lengthens the years', function (int $seed): void {
    $case = randomCase($seed, ['site' => 'hill', 'exposure' => 'full_sun']);
    expect(rated(Criterion::Years, $case, ['winter_shelter' => false]))->toBeLessThanOrEqual(rated(Criterion::Years, $case, ['winter_shelter' => true]) + 1e-9);
})->with(seeds(6, 40));

test('more rain never raises the later pH where the water is harder than its feed is acid', function (int $seed): void {
    $case = randomCase($seed, ['exposure' => 'full_sun', 'rain_reaches' => true, 'alkalinity_mg_l' => 150, 'feed_acidity_mg_l' => 50]);
    $site = Shipped::site('coast');
    $before = INF;
    foreach ([0.0, 0.5, 1.0, 2.0, 5.0] as $times) {
        $ph = rated(Criterion::LaterPh, $case, ['site' => [...$site, 'months' => array_map(static fn(array $month): array => [$month[0], $month[1], $month[2] * $times], $site['months'])]]);
        expect($ph)->toBeLessThanOrEqual($before + 1e-9);
        $before = $ph;
    }
})->with(seeds(6, 25));

test('more leaching at the same litres given never raises pH', function (int $seed): void {
    mt_srand($seed);
    [$buffer, $given, $alkalinity, $feed, $ph, $years] = [mt_rand(0, 60), mt_rand(1, 60), mt_rand(0, 400), mt_rand(0, 40), mt_rand(35, 75) / 10, mt_rand(1, 10) / 2];
    $before = INF;
    foreach ([0.0, 2.0, 10.0, 30.0, 100.0] as $drained) {
        $now = (new ReactionCourse((float) $buffer, (float) $given, $drained, (float) $alkalinity, 0.0, (float) $feed))->phAfter($ph, $years);
        expect($now)->toBeLessThanOrEqual($before + 1e-12);
        $before = $now;
    }
})->with(seeds(6, 60));

test('order and scale of parts change nothing', function (int $seed): void {
    $case = randomCase($seed);
    $mix = $case[1]['mix'];
    $one = Shipped::assessment(...$case);
    foreach ([array_reverse($mix, true), array_map(static fn(float $parts): float => $parts * 7.3, $mix)] as $other) {
        $two = Shipped::assessment($case[0], [...$case[1], 'mix' => $other]);
        expect($two->fit)->toEqualWithDelta($one->fit, 1e-9)->and($two->rating)->toBe($one->rating);
        foreach ($one->verdicts as $verdict) {
            expect((float) $two->verdict($verdict->criterion)->value)->toEqualWithDelta((float) $verdict->value, 1e-7);
        }
    }
})->with(seeds(6, 25));

test('years are continuous in parts', function (string $id, array $mix, string $varied): void {
    $years = static fn(float $parts): float => (float) Shipped::assessment($id, ['mix' => [...$mix, $varied => $parts]])->verdict(Criterion::Years)->value;
    $jumps = [];
    for ($parts = 0.5; $parts < 3.0; $parts += 0.25) {
        $jumps[] = abs($years($parts + 1e-4) - $years($parts));
    }
    expect(max($jumps))->toBeLessThan(0.02)->and($years(0.5))->not->toBe($years(3.0));
})->with([
    ['s01', ['pumice-3-6-mm' => 1.0, 'lava-scoria-3-6-mm' => 1.0], 'akadama-type-clay-granule-2-6-mm'],
    ['s24', ['akadama-type-clay-granule-2-6-mm' => 1.0], 'pumice-3-6-mm'],
    ['s10', ['sphagnum-peat' => 2.0], 'perlite-2-5-mm'],
]);

test('ageing faster never gives more years, and the range holds what is told', function (int $seed): void {
    $setup = Shipped::setup(...randomCase($seed));
    [$fast, $slow] = Forecast::range($setup);
    $years = Forecast::failure($setup);
    expect($fast ?? 99.0)->toBeLessThanOrEqual(($years ?? 99.0) + 1e-9)->and($slow ?? 99.0)->toBeGreaterThanOrEqual(($years ?? 99.0) - 1e-9);
})->with(seeds(6, 25));

test('what floats, weighs or parts never stops a mix, whatever it is', function (int $seed): void {
    $assessment = Shipped::assessment(...randomCase($seed, ['pot_weight_kg' => 4000, 'method' => 'dunk']));
    foreach ($assessment->verdicts as $verdict) {
        expect($verdict->criterion->noteWeight() !== null && $verdict->level->value === 'stop')->toBeFalse();
    }
    expect($assessment->fit)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0);
})->with(seeds(6, 25));

test('a drought conserves water, and none of it is had that is locked', function (float $use, float $days): void {
    $drought = new Drought(2.0, 1.2, 0.5, $use, $days);
    expect($drought->degree)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.0)
        ->and($drought->stillOpen)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0)
        // what it gets in a round is at most what a watering brings back
        ->and((1.0 - $drought->degree) * $use * $days)->toBeLessThanOrEqual(0.85 * 1.5 + 1e-9);
})->with([[0.1, 0.1], [0.5, 1.0], [0.68, 1.0], [3.0, 1.0], [5.0, 10.0], [0.2, 365.0]]);

test('where nothing is used nothing is wanting', function (): void {
    $drought = new Drought(2.0, 1.2, 0.5, 0.0, 1.0);
    expect([$drought->degree, $drought->stillOpen, $drought->intervalH])->toBe([0.0, 1.0, 8760.0]);
});

test('a pot indoors neither freezes nor takes rain, one under glass neither', function (): void {
    foreach (['indoors', 'glass'] as $exposure) {
        $setup = Shipped::setup('s01', ['exposure' => $exposure]);
        expect($setup->ageing?->frostCycles)->toBe(0.0)->and($setup->situation?->place->rainFalls())->toBeFalse();
    }
    expect(Shipped::setup('s01', ['exposure' => 'indoors'])->ageing?->meanC)->toBe(20.0)
        ->and(Shipped::setup('s01', ['exposure' => 'glass'])->ageing?->meanC)->toBeNear(7.6875, 1e-9);
});

test('limed peat has the pH that it is limed to and keeps its buffer', function (): void {
    $raw = Shipped::assessment('s10', ['limed_to' => null]);
    $limed = Shipped::assessment('s10', ['limed_to' => ['sphagnum-peat' => 5.8]]);
    $peat = static fn(Assessment $assessment): Material => array_values(array_filter($assessment->setup->substrate->blend->components, static fn(Material $each): bool => $each->key === 'sphagnum-peat'))[0];
    expect($peat($limed)->ph)->toBe(5.8)->and($peat($limed)->buffer)->toBe($peat($raw)->buffer)
        ->and($limed->verdict(Criterion::Ph)->value)->toBeGreaterThan((float) $raw->verdict(Criterion::Ph)->value + 1.0);
});

test('a mix that nothing buffers follows its water and is never blamed for its pH', function (): void {
    $components = array_map(static fn(array $raw): array => $raw['key'] === 'granite-chip-4-8-mm' ? array_diff_key([...$raw, 'buffer' => 0], ['ph' => true]) : $raw, Shipped::rawComponents());
    $request = Shipped::request([...Shipped::question('s18', ['alkalinity_mg_l' => 400]), 'components' => $components]);
    $assessment = new Assessment($request->setup ?? throw new LogicException());
    expect($assessment->verdict(Criterion::Ph)->marginsOutside)->toBe(0.0)->and($assessment->verdict(Criterion::LaterPh)->marginsOutside)->toBe(0.0)
        ->and($assessment->verdict(Criterion::LaterPh)->value)->toBeGreaterThan(7.2);
});

/** @param callable(Setup): Setup $changed */
function sameVerdict(Setup $setup, callable $changed): bool
{
    return abs((new Assessment($changed($setup)))->fit - (new Assessment($setup))->fit) < 1e-12;
}

test('what a setup is told anew changes nothing', function (): void {
    $setup = Shipped::setup('s24');
    expect(sameVerdict($setup, static fn(Setup $each): Setup => $each->with(model: $each->model)))->toBeTrue()
        ->and(sameVerdict($setup, static fn(Setup $each): Setup => $each->withPortions($each->portions)))->toBeTrue()
        ->and(sameVerdict($setup, static fn(Setup $each): Setup => $each->with(compactionIndex: $each->substrate->blend->settledIndex())))->toBeTrue()
        ->and(sameVerdict($setup, static fn(Setup $each): Setup => $each->with(compactionIndex: 9.0)))->toBeFalse();
});
