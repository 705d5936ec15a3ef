<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rounds;

/** A case with somebody who comes by every so many hours in summer. */
function comingBy(string $case, float $hours): Assessment
{
    $setup = Shipped::setup($case);

    return new Assessment($setup->with(situation: $setup->situation->with(habit: new WateringHabit($hours, $hours, $hours, $hours))), withYears: false);
}

test('where the verdict on drought is good nobody need come by more often, and else a heat wave asks for more', function (string $case): void {
    foreach ([6.0, 12.0, 24.0, 48.0, 96.0] as $hours) {
        $assessment = comingBy($case, $hours);
        $rounds = Rounds::of($assessment);
        if ($assessment->verdict(Criterion::Drought)->level === Level::Good) {
            expect($rounds->heat)->toBe(1)->and($rounds->summer)->toBe(1);
        } else {
            expect($rounds->heat)->not->toBe(1);
        }
        if ($rounds->heat !== null) {
            // so often it is enough, once less it is not
            $most = $assessment->setup->targets()->drought->high;
            expect($rounds->summer)->toBeLessThanOrEqual($rounds->heat)->and($assessment->water->droughtAt($hours / $rounds->heat)->degree)->toBeLessThanOrEqual($most);
            if ($rounds->heat > 1) {
                expect($assessment->water->droughtAt($hours / ($rounds->heat - 1))->degree)->toBeGreaterThan($most);
            }
        }
    }
})->with(['s01', 's05', 's12', 's15', 's18', 't03']);

test('whoever comes by too seldom is told how many times as often, not that nothing helps', function (): void {
    $times = array_map(static fn(float $hours): ?int => Rounds::of(comingBy('s01', $hours))->heat, [24.0, 48.0, 96.0]);
    $many = array_values(array_filter($times, static fn(?int $n): bool => $n !== null && $n > 1));
    expect($many)->not->toBe([])->and(max($many))->toBeGreaterThan(1);
});

test('coming by half as often asks for at least as many times as often', function (string $case): void {
    $times = static fn(float $hours): int => Rounds::of(comingBy($case, $hours))->heat ?? 99;
    expect($times(24.0))->toBeGreaterThanOrEqual($times(12.0))->and($times(48.0))->toBeGreaterThanOrEqual($times(24.0))->and($times(336.0))->toBeGreaterThan(1);
})->with(['s01', 's12', 's15']);

test('without a place nothing is said', fn() => expect(Rounds::of(new Assessment(Shipped::setup('s01')->with(situation: new Zolbek\Core\Place\Setup\Situation(Shipped::setup('s01')->targets())), withYears: false)))->toBeNull());
