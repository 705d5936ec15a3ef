<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Verdict\Uncertainty\ModelError;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

test('the model alone is wrong by what its documents say, for the even mix of a pine on a hill', function (string $figure, float $told, float $within): void {
    static $sure;
    $sure ??= new Propagation(Shipped::assessment('s01')->setup, null);
    expect(abs($sure->of[$figure] - $told))->toBeLessThanOrEqual($within);
})->with([
    ['air', 0.04, 0.005], ['run_through_s', 4.0, 1.0], ['interval_h', 7.0, 0.7], ['drought', 0.15, 0.015], ['later_ph', 0.5, 0.05], ['yield_share', 0.03, 0.005], ['given_l_year', 42.0, 2.0],
]);

test('each constant of the model takes a step up and a step down, as far as told', function (string $error, string $constant, float $up, float $down): void {
    [$high, $low] = ModelError::of(Shipped::assessment('s04')->setup)[$error];
    expect($high->{$constant})->toBeNear($up)->and($low->{$constant})->toBeNear($down)
        ->and(array_diff_assoc(array_filter(get_object_vars($high), is_float(...)), array_filter(get_object_vars(new ModelConstants()), is_float(...))))->toHaveCount(1)
        ->and($high->left)->toBe([]);
})->with([
    [ModelError::RUN_THROUGH, 'runThrough', exp(0.4), exp(-0.4)],
    [ModelError::COMPACTION, 'compaction', 1.0, -1.0],
    [ModelError::CANOPY, 'canopy', 1.3, 0.7],
    [ModelError::HOT_DAY, 'hotDay', 1.3 * 1.15, 1.3 * 0.85],
    [ModelError::REFILL, 'refill', 0.93, 0.77],
    [ModelError::LEACHING, 'leaching', 0.35, 0.15],
    [ModelError::PCO2, 'pco2Atm', 0.03, 0.01 / 3.0],
    [ModelError::AGEING, 'ageing', 2.0, 0.5],
    [ModelError::WASH_OUT, 'washOut', 2.0, 0.5],
]);

test('soft materials are less sure than loose grains', function (): void {
    $head = static fn(string $case): float => log(ModelError::of(Shipped::assessment($case)->setup)[ModelError::HEAD][0]->head);
    expect($head('s04'))->toBeNear(0.25)->and($head('s16'))->toBeNear(0.50)->and($head('s09'))->toBeGreaterThan(0.26)->toBeLessThan(0.49);
});

test('a crown that was given is less of a doubt, and a pace moves the level alone', function (): void {
    $guessed = new Propagation(Shipped::assessment('s01')->setup, null);
    $given = new Propagation(Shipped::assessment('s01', ['canopy_m2' => Shipped::assessment('s01')->water->demand->canopyM2])->setup, null);
    expect($given->of['use_l_day'])->toBeLessThan($guessed->of['use_l_day'])
        ->and($given->of['air'])->toBeNear($guessed->of['air'])
        ->and($guessed->most['level_drop_cm']['property'])->toBeIn([ModelError::AGEING, ModelError::WASH_OUT, ModelError::COMPACTION])
        ->and($guessed->most['interval_h']['property'])->toBeIn([ModelError::CANOPY, ModelError::HEAD]);
});
