<?php

declare(strict_types=1);

use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\Batching\ScoopedPart;
use Zolbek\Core\Work\Batching\ScoopPlan;
use Zolbek\Core\Work\Batching\ScoopWarning;
use Zolbek\Core\Work\Batching\ScoopWay;
use Zolbek\Core\Work\Batching\WholeParts;

/**
 * @param list<float>          $parts under a, b, c
 * @param array<string, mixed> $with
 */
function scoopPlan(array $parts, float $needL, float $tubL, float $scoopL, array $with = []): ScoopPlan
{
    $named = array_combine(array_slice(range('a', 'z'), 0, count($parts)), $parts);

    return new ScoopPlan($named, $needL, ...[...['spareL' => $needL * 0.08 / 1.08, 'tubL' => $tubL, 'scoopL' => $scoopL], ...$with]);
}

/** @return list<list<float>> scoops of each load */
function scoopsOf(ScoopPlan $plan): array
{
    return array_map(static fn(ScoopedLoad $load): array => array_map(static fn(ScoopedPart $part): float => $part->scoops, $load->parts), $plan->loads);
}

/** @return list<string> */
function warningsOf(ScoopPlan $plan): array
{
    return array_map(static fn(ScoopWarning $warning): string => trim($warning->code.' '.$warning->key), $plan->warnings);
}

test('parts are the smallest whole numbers of their ratio', function (array $parts, ?array $whole): void {
    expect(WholeParts::of($parts))->toBe($whole);
})->with([
    [[4.0, 3.0, 2.0, 1.0], [4, 3, 2, 1]],
    [[10.0, 6.0, 4.0], [5, 3, 2]],
    [[12.5, 87.5], [1, 7]],
    [[1 / 3, 1 / 2, 1 / 6], [2, 3, 1]],
    // a third as somebody types it
    [[0.333333, 0.666667], [1, 2]],
    [[33.3, 33.3, 33.4], [333, 333, 334]],
    [[0.5], [1]],
    [[37.0, 28.0, 35.0], [37, 28, 35]],
    [[1.0, 0.0012345], null],
    [[1 / 997, 1 / 991, 1 / 983], null],
]);

test('a mix is scooped in whole units, and loads may differ', function (): void {
    $plan = scoopPlan([4, 3, 2, 1], 34.95, 20, 1);
    expect(scoopsOf($plan))->toBe([[8.0, 6.0, 4.0, 2.0], [6.0, 4.5, 3.0, 1.5]])
        ->and($plan->litres)->toBe(35.0)->and($plan->way)->toBe(ScoopWay::Units)->and(warningsOf($plan))->toBe([])
        ->and(array_values($plan->deviations))->toBe([0.0, 0.0, 0.0, 0.0])
        ->and(array_map(static fn(ScoopedLoad $load): int => $load->number, $plan->loads))->toBe([1, 2])
        ->and($plan->litresOf('a'))->toBe(14.0)->and($plan->loads[0]->litresOf('d'))->toBe(2.0)->and($plan->loads[0]->litresOf('none'))->toBe(0.0);
});

test('one small pot of equal parts gets equal scoops', function (): void {
    expect(scoopsOf(scoopPlan([1, 1, 1], 2.0, 40, 1)))->toBe([[1.0, 1.0, 1.0]])
        ->and(scoopsOf(scoopPlan([1, 1, 1], 0.74, 40, 0.5)))->toBe([[0.5, 0.5, 0.5]]);
});

test('units are rounded down where at most 3 % is missing and the spare covers it, else up', function (float $needL, float $spareL, float $litres): void {
    expect(scoopPlan([1, 1], $needL, 40, 1, ['spareL' => $spareL])->litres)->toBe($litres);
})->with([
    'a little missing' => [30.9, 2.0, 30.0],
    'just allowed' => [30.0 / 0.97, 2.0, 30.0],
    'too much missing' => [30.94, 2.0, 31.0],
    'no spare to cover it' => [30.9, 0.0, 31.0],
    'a spare that covers less' => [30.9, 0.5, 31.0],
    'exact' => [31.0, 2.0, 31.0],
]);

test('where whole units would be too much, half scoops near them are told, and that they are near', function (): void {
    $plan = scoopPlan([37, 28, 35], 35.0, 40, 1);
    expect($plan->way)->toBe(ScoopWay::Nearest)->and(warningsOf($plan))->toBe(['nearest'])->and(max(array_map(abs(...), $plan->deviations)))->toBeLessThan(0.01)->toBeGreaterThan(0.0)
        ->and(scoopsOf(scoopPlan([37, 28, 35], 100.0, 60, 1)))->toBe([[18.5, 14.0, 17.5], [18.5, 14.0, 17.5]]);
});

test('parts that half scoops distort are told in millilitres', function (): void {
    // told once as 8, 4.5, 2.5 and 0.5 scoops: the last part 35 % short
    $plan = scoopPlan([10, 6, 3, 1], 15.6, 40, 1);
    expect($plan->way)->toBe(ScoopWay::Millilitres)->and(warningsOf($plan))->toBe(['millilitres c', 'millilitres d'])
        ->and(max(array_map(abs(...), $plan->deviations)))->toBeLessThanOrEqual(0.05)
        ->and($plan->loads[0]->litresOf('d'))->toEqualWithDelta(0.78, 0.011);
    // told once as 1, 1, 0.5 and 0.5: the last part 67 % too much
    $small = scoopPlan([4, 3, 2, 1], 3.0, 3, 1);
    expect($small->litres)->toBe(3.0)->and(array_values($small->deviations))->toBe([0.0, 0.0, 0.0, 0.0])->and($small->loads[0]->parts[0]->scoops)->toBe(1.0)->and($small->loads[0]->parts[0]->ml)->toBe(200);
    // and one of 5 % became none at all
    $little = scoopPlan([95, 5], 12.0, 40, 1);
    expect($little->loads[0]->litresOf('b'))->toEqualWithDelta(0.6, 0.011);
});

test('a smaller scoop at hand comes before that, the largest that does it', function (): void {
    $plan = scoopPlan([1, 1, 1], 0.4, 40, 1, ['smaller' => [0.1, 0.2, 0.05]]);
    expect($plan->way)->toBe(ScoopWay::SmallerScoop)->and(warningsOf($plan))->toBe(['smaller_scoop'])->and($plan->loads[0]->parts[0]->scoopL)->toBe(0.2)
        ->and(scoopsOf($plan))->toBe([[1.0, 1.0, 1.0]])
        // one that is not smaller is none
        ->and(scoopPlan([1, 1, 1], 0.4, 40, 1, ['smaller' => [2.0]])->way)->not->toBe(ScoopWay::SmallerScoop);
});

test('what cannot be measured is said of its part', function (): void {
    $plan = scoopPlan([1000, 1], 0.4, 40, 1);
    expect(warningsOf($plan))->toContain('too_small b');
    $coarse = scoopPlan([100, 1], 0.15, 40, 0.5);
    expect(warningsOf($coarse))->toContain('off b')->and(abs($coarse->deviations['b']))->toBeGreaterThan(0.05);
});

test('what is mixed is taken off, and the loads keep their numbers', function (): void {
    $plan = scoopPlan([4, 3, 2, 1], 34.95, 20, 1, ['mixedL' => 15.0, 'taken' => [2]]);
    expect(scoopsOf($plan))->toBe([[8.0, 6.0, 4.0, 2.0]])->and($plan->loads[0]->number)->toBe(1);
    // the last load was rounded down: that holds when the others are mixed
    $down = static fn(float $mixed): ScoopPlan => scoopPlan([1, 1], 30.9, 10, 1, ['mixedL' => $mixed, 'taken' => $mixed > 0.0 ? [1, 2] : []]);
    expect($down(0.0)->litres)->toBe(30.0)->and($down(20.0)->litres)->toBe(10.0)->and($down(20.0)->loads[0]->number)->toBe(3)->and($down(30.0)->loads)->toBe([])->and($down(44.0)->loads)->toBe([])
        ->and($down(44.0)->litres)->toBe(0.0);
});

test('ratio, tub and surplus hold for any recipe, tub and scoop', function (int $seed): void {
    mt_srand($seed);
    $parts = [];
    for ($i = mt_rand(1, 6); $i > 0; --$i) {
        $parts['p'.$i] = [mt_rand(1, 12), mt_rand(1, 100), mt_rand(1, 20) / 2, mt_rand(1, 999) / 10, 1 / mt_rand(1, 9)][mt_rand(0, 4)] * 1.0;
    }
    $tub = mt_rand(20, 800) / 10;
    $scoop = min($tub, [0.25, 0.5, 0.95, 1.0, 1.3, 2.0][mt_rand(0, 5)]);
    $need = mt_rand(5, 3000) / 10;
    $spare = mt_rand(0, 20) / 100;
    $spareL = $need * $spare / (1.0 + $spare);
    $mixed = mt_rand(0, 2) === 0 ? $need * mt_rand(1, 9) / 10 : 0.0;
    $plan = new ScoopPlan($parts, $need, $spareL, $tub, $scoop, mt_rand(0, 1) === 1 ? [0.2, 0.5] : [], $mixed);
    $told = warningsOf($plan);
    $sum = array_sum($parts);
    foreach ($plan->loads as $load) {
        expect($load->litres)->toBeLessThanOrEqual($tub + 1e-9);
        foreach ($load->parts as $part) {
            $off = abs($part->litres / $load->litres / ($parts[$part->key] / $sum) - 1.0);
            expect($off <= 0.05 + 1e-9 || array_intersect(['off '.$part->key, 'too_small '.$part->key], $told) !== [])->toBeTrue()
                ->and(fmod(2.0 * $part->scoops, 1.0))->toBe(0.0)->and($part->ml)->toBeGreaterThanOrEqual(0);
            // of what one can measure there is always enough
            expect($off <= 0.05 + 1e-9 || $part->litres < 0.02)->toBeTrue();
        }
    }
    // a measure is read to 10 ml
    $read = 0.01 * count($parts) * count($plan->loads);
    expect($mixed + $plan->litres)->toBeGreaterThanOrEqual($need - min(0.03 * $need, $spareL) - $read - 1e-9)
        ->toBeLessThanOrEqual(max($mixed, $need + max(0.05 * $need, $scoop)) + 1e-9);
})->with(seeds(200, 3000));

test('the same question has the same answer in the order of the recipe', function (): void {
    $plan = scoopPlan([35, 28, 37], 35.0, 40, 1);
    expect($plan)->toEqual(scoopPlan([35, 28, 37], 35.0, 40, 1))->and(array_map(static fn(ScoopedPart $part): string => $part->key, $plan->loads[0]->parts))->toBe(['a', 'b', 'c']);
});
