<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Place\Watering\WateringMethod;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\Changes;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Work\BenchTest\Figure;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;

// check values that classes of the core state in their heads

test('two holes of 2.2 cm behind a mesh leave 4.56 cm2', function (): void {
    expect(Holes::of(2, 2.2, 0.6)->openAreaCm2())->toEqualWithDelta(4.561592533, 1e-8);
});

test('a ball of a quarter of the oval tray has its proportions', function (): void {
    $setup = Shipped::setup('s01');
    $ball = RootBall::ofShare($setup->zone, 0.25, BallTreatment::Combed, $setup->substrate);
    expect($setup->zone->volumeL)->toEqualWithDelta(3.381309855, 1e-8)
        ->and($ball->lengthCm)->toEqualWithDelta(20.01726097, 1e-7)
        ->and($ball->widthCm)->toEqualWithDelta(14.97415259, 1e-7)
        ->and($ball->heightCm)->toEqualWithDelta(3.590774992, 1e-8)
        ->and($ball->areaCm2($setup->pot) * $ball->heightCm / 1000.0)->toEqualWithDelta(0.25 * $setup->zone->volumeL, 1e-9);
});

test('the tray of case s01 weighs 2.29 kg dry and 3.69 kg wet', function (): void {
    $weights = (new Assessment(Shipped::setup('s01'), withYears: false))->weights;
    expect($weights->dryMixKg)->toEqualWithDelta(2.289240559, 1e-8)->and($weights->wetKg)->toEqualWithDelta(3.693517425, 1e-8);
});

test('what follows from a figure carries its uncertainty, 3 % at least', function (float $mean, float $u, float $value, float $carried): void {
    $figure = new Figure('fines_gained', [$mean, $mean, $mean], [], $u);
    $property = MeasuredProperty::following('crumble_rate', $figure, static fn(float $x): float => 2.0 * $x);
    expect($property->value)->toEqualWithDelta($value, 1e-12)->and($property->uncertainty)->toEqualWithDelta($carried, 1e-12)->and($property->n)->toBe(3);
})->with([[10.0, 1.0, 20.0, 2.0], [0.1, 0.001, 0.2, 0.006]]);

test('unless somebody says so, one comes by once a day in summer', function (): void {
    $habit = new WateringHabit();
    expect([$habit->springH, $habit->summerH, $habit->autumnH, $habit->winterH, $habit->method])->toBe([48.0, 24.0, 72.0, 168.0, WateringMethod::Can]);
});

test('of even parts each is tried with half a part, one and two more, and half and one less', function (): void {
    $changes = (new Changes(new Assessment(Shipped::setup('s01'), withYears: false), []))->all();
    $of = static fn(ChangeKind $kind): array => array_values(array_unique(array_map(static fn(Change $change): ?float => $change->by, array_filter($changes, static fn(Change $change): bool => $change->kind === $kind))));
    expect($of(ChangeKind::More))->toBe([0.5, 1.0, 2.0])->and($of(ChangeKind::Less))->toBe([0.5, 1.0]);
});
