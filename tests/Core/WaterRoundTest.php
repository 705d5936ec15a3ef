<?php

declare(strict_types=1);

use Tests\Core\Season;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\WeatherGenerator;
use Zolbek\Core\Work\WaterRound\HoursLeft;
use Zolbek\Core\Work\WaterRound\PotState;
use Zolbek\Core\Work\WaterRound\WaterReading;

test('readings are those of the reference', function (): void {
    $pot = Season::litres('dry_down');
    foreach (Season::vectors()['filter']['readings'] as ['kind' => $kind, 'args' => $args, 'z' => $z, 'R' => $variance]) {
        $reading = match ($kind) {
            'weight' => WaterReading::weight($pot, $args['full_kg'], $args['kg']),
            'probe' => WaterReading::probe($pot, $args['theta']),
            'stick' => WaterReading::between($pot, $args['low'], $args['high']),
            'due' => WaterReading::due($pot),
            'wait' => WaterReading::waited($pot, $args['W']),
        };
        expect($reading->waterL)->toBeNear($z, 1e-9)->and($reading->variance)->toBeNear($variance, 1e-9);
    }
    expect(WaterReading::waited($pot, 0.95)->waterL)->toBe(0.95);
});

test('the state of a pot goes through a week as in the reference', function (): void {
    $pot = Season::litres('dry_down');
    $state = PotState::full($pot);
    expect($state->varL2)->toBeNear(0.08 ** 2 * 0.4 ** 2, 1e-12)->and($state->varPhi)->toBeNear(0.1225, 1e-12);
    foreach (Season::vectors()['filter']['steps'] as $of) {
        $state = match (true) {
            str_starts_with($of['after'], 'use') => $state->day($pot, (float) substr($of['after'], 4)),
            str_starts_with($of['after'], 'weight') => $state->reading($pot, WaterReading::weight($pot, 3.2, 2.55)),
            str_starts_with($of['after'], 'watered') => $state->entering($pot, null),
            str_starts_with($of['after'], 'rain') => $state->entering($pot, 0.05),
            default => $state->reading($pot, WaterReading::between($pot, 0.6, 0.8)),
        };
        expect($state->waterL)->toBeNear($of['W'], 1e-9)->and($state->varL2)->toBeNear($of['P11'], 1e-9)->and($state->covL)->toBeNear($of['P12'], 1e-9)
            ->and($state->logPhi)->toEqualWithDelta($of['t'], 1e-9)->and($state->varPhi)->toBeNear($of['P22'], 1e-9);
    }
});

test('a reading never makes it less sure, keeps within the pot, and one far off is looked at again', function (): void {
    $pot = Season::litres('dry_down');
    $state = PotState::full($pot)->day($pot, 0.25)->day($pot, 0.25);
    foreach ([[0.0, 0.1], [0.2, 0.25], [0.95, 1.0], [5.0, 6.0]] as [$low, $high]) {
        $after = $state->reading($pot, WaterReading::between($pot, $low, $high));
        expect($after->varL2)->toBeLessThan($state->varL2)->and($after->varPhi)->toBeLessThanOrEqual($state->varPhi)->and($after->waterL)->toBeGreaterThanOrEqual($pot->lockedL)->toBeLessThanOrEqual($pot->fullL)
            ->and(abs($after->logPhi))->toBeLessThanOrEqual(log(4.0))->and($after->varL2 * $after->varPhi)->toBeGreaterThanOrEqual($after->covL ** 2 - 1e-12);
    }
    expect($state->reading($pot, WaterReading::between($pot, 5.0, 6.0))->lookAgain)->toBeTrue()->and($state->reading($pot, WaterReading::between($pot, 0.5, 0.6))->lookAgain)->toBeFalse()
        // a drier pot than thought has used more
        ->and($state->reading($pot, WaterReading::between($pot, 0.25, 0.3))->phi())->toBeGreaterThan(1.0)->and($state->reading($pot, WaterReading::between($pot, 0.9, 1.0))->phi())->toBeLessThan(1.0);
});

test('a pot that nobody looks at grows doubtful, and a round makes it sure again', function (): void {
    $pot = Season::litres('dry_down');
    $state = PotState::full($pot);
    expect($state->isDoubtful($pot))->toBeFalse();
    $before = $state;
    foreach (range(1, 3) as $day) {
        $state = $state->day($pot, 0.12);
        expect($state->spreadL())->toBeGreaterThan($before->spreadL());
        $before = $state;
    }
    expect($state->isDoubtful($pot))->toBeTrue()->and($state->entering($pot, null)->isDoubtful($pot))->toBeFalse()
        ->and($state->entering($pot, 9.0))->toEqual($state->entering($pot, null))->and($state->entering($pot, null, true)->waterL)->toBe(1.0)
        ->and($pot->roundL(0.8))->toBeNear(0.85 * 0.2 / 0.75, 1e-12)->and($pot->roundL(1.0))->toBe(0.0)->and($pot->roundL(0.8, true))->toBeNear(0.2, 1e-12);
});

test('hours left are those of the reference', function (): void {
    foreach (Season::vectors()['hours_left'] as $of) {
        expect(HoursLeft::of(Season::litres($of['pot']), $of['W'], $of['demands']))->toEqualWithDelta($of['h'], 1e-9);
    }
    $pot = Season::litres('dry_down');
    expect(HoursLeft::of($pot, 1.0, [0.1, 0.1, 0.1]))->toBeNull()->and(HoursLeft::of($pot, 0.6, [0.0, 0.0]))->toBe(0.0)->and(HoursLeft::of($pot, 1.0, [0.1, 0.1, 0.25]))->toBeNear(67.2, 1e-9);
});

/**
 * Plants whose use nobody knows, with days that scatter: how far the prediction before readings 11 to 20 lies off, with the filter and with the model alone.
 *
 * @return array{filter: float, plain: float, better: int}
 */
function taughtBy(PotLitres $pot, float $demandL, int $everyDays, string $how): array
{
    $words = new RandomWords(77, strlen($how));
    $normal = static fn(): float => Normal::quantile($words->uniform());
    $square = ['filter' => 0.0, 'plain' => 0.0];
    $better = $count = 0;
    for ($plant = 0; $plant < 100; ++$plant) {
        $phi = exp(0.35 * $normal());
        [$state, $plain, $truth] = [PotState::full($pot), $pot->fullL, $pot->fullL];
        $own = ['filter' => 0.0, 'plain' => 0.0];
        for ($reading = 1; $reading <= 20; ++$reading) {
            for ($day = 0; $day < $everyDays; ++$day) {
                $state = $state->day($pot, $demandL);
                $plain = $pot->after($plain, $demandL);
                $truth = $pot->after($truth, $demandL * $phi * exp(0.2 * $normal() - 0.02));
            }
            if ($reading > 10) {
                $own['filter'] += ($state->waterL - $truth) ** 2;
                $own['plain'] += ($plain - $truth) ** 2;
                ++$count;
            }
            if ($how === 'weight') {
                $kg = 5.0 + 0.998 * $truth;
                $said = WaterReading::weight($pot, 5.0 + 0.998 * $pot->fullL, $kg + 0.01 * $normal());
            } else {
                $seen = $truth + 0.15 * $pot->easyL() * $normal();
                $said = WaterReading::between($pot, $seen - 0.1 * $pot->easyL(), $seen + 0.1 * $pot->easyL());
            }
            $state = $state->reading($pot, $said)->entering($pot, null);
            $truth += $pot->refill($truth) * ($pot->fullL - $truth);
            $plain += $pot->refill($plain) * ($pot->fullL - $plain);
        }
        $better += $own['filter'] < $own['plain'] ? 1 : 0;
        $square['filter'] += $own['filter'];
        $square['plain'] += $own['plain'];
    }

    return ['filter' => sqrt($square['filter'] / $count), 'plain' => sqrt($square['plain'] / $count), 'better' => $better];
}

test('after ten readings it foretells better than the model alone, over a hundred plants', function (string $name, float $demandL, int $everyDays, string $how, float $most): void {
    ['filter' => $filter, 'plain' => $plain, 'better' => $better] = taughtBy(Season::litres($name), $demandL, $everyDays, $how);
    expect($filter)->toBeLessThan($most * $plain)->and($better)->toBeGreaterThanOrEqual(80);
})->with([['tray_pine', 0.6, 1, 'weight', 0.65], ['tray_pine', 0.6, 1, 'rough', 0.7], ['deep_maple', 0.25, 2, 'weight', 0.6], ['deep_maple', 0.25, 2, 'rough', 0.65]]);

test('ten daily weights of a watered pot give what it uses to a tenth or so', function (): void {
    $words = new RandomWords(11, 0);
    $normal = static fn(): float => Normal::quantile($words->uniform());
    $pot = Season::litres('deep_maple');
    $off = [];
    for ($plant = 0; $plant < 200; ++$plant) {
        $t = 0.35 * $normal();
        [$state, $truth] = [PotState::full($pot), $pot->fullL];
        for ($day = 0; $day < 10; ++$day) {
            $state = $state->day($pot, 0.1);
            $truth = $pot->after($truth, 0.1 * exp($t + 0.2 * $normal() - 0.02));
            $state = $state->reading($pot, WaterReading::weight($pot, 5.0 + 0.998 * $pot->fullL, 5.0 + 0.998 * $truth + 0.01 * $normal()));
        }
        $off[] = ($state->logPhi - $t) ** 2;
    }
    expect(sqrt(array_sum($off) / 200))->toBeLessThan(0.14);
});

test('the state run through the weather that was is what the pot lives through', function (): void {
    $weather = (new WeatherGenerator(Season::climate('hill')))->days(Date::number('2027-07-01'), 6, 4);
    $leaves = Season::steady(6)[1];
    $pot = Season::pot('tray_pine');
    $days = (new PotRun($weather, $leaves))->through($pot, ComingBy::never());
    $state = PotState::full($pot->litres[0]);
    foreach ($days->demand as $i => $demand) {
        if ($days->rain[$i] > 0.0) {
            $state = $state->entering($pot->litres[0], $days->rain[$i]);
        }
        $state = $state->day($pot->litres[0], $demand);
        expect($state->waterL)->toBeNear($days->water[$i], 1e-12);
    }
});
