<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\StormGust;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\Toppling;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Wind;

/** The hill of the tests with so much wind in every month, m/s; null where nobody knows it. */
function windyHill(?float $ms, int $strongest = 0): Climate
{
    $rows = Climates::rows();

    return Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => array_map(static fn(int $i, array $row): array => [...$row, ...$ms === null ? [] : ['wind_ms' => $i === $strongest ? $ms : min($ms, 1.0)]], array_keys($rows), $rows)]);
}

test('the gust to be reckoned with, by hand', function (): void {
    // sqrt(ln 720) = 2.565005, 2/sqrt(pi) = 1.128379: the strongest hour of a month is 2.894298 times its mean
    expect(StormGust::ms(windyHill(4.0)))->toBeNear(1.5 * 1.1283791670955126 * 2.5650051 * 4.0, 1e-6)->toBeNear(17.37, 1e-3)
        ->and(StormGust::ms(windyHill(8.0)))->toBeNear(2.0 * StormGust::ms(windyHill(4.0)), 1e-12)
        ->and(StormGust::ms(windyHill(8.0, 7)))->toBe(StormGust::ms(windyHill(8.0, 0)));
});

test('a gale comes everywhere, and a spot is more or less windy than its site', function (): void {
    expect(StormGust::ms(null))->toBe(17.2)->and(StormGust::ms(windyHill(null)))->toBe(17.2)->and(StormGust::ms(windyHill(3.9)))->toBe(17.2)->and(StormGust::ms(windyHill(4.0)))->toBeGreaterThan(17.2)
        ->and(StormGust::ms(null, Wind::Windy))->toBe(21.5)->and(StormGust::ms(null, Wind::Still))->toBeNear(12.9, 1e-12);
});

/** A round pot or a bowl of pumice, with or without a ball in it. */
function blownAt(bool $isBowl, bool $hasBall, ?Situation $situation = null): Setup
{
    $pumice = Reference::component('pumice-3-6-mm');
    $ball = $hasBall ? new RootBall(10.0, 8.0, 6.0, BallTreatment::Untouched, Reference::evenThree()) : null;

    return new Setup(
        [[Portion::of($pumice), 1.0]],
        Container::read($isBowl ? ['shape' => 'bowl', 'depth' => 8, 'top' => 24] : ['shape' => 'round', 'depth' => 12, 'top' => 20, 'base' => 16]),
        Holes::of(3, 1.0, 1.0),
        PlantGroup::AiryConifers,
        0.5,
        treeWeightKg: 1.0,
        situation: $situation,
        contents: $ball === null ? null : new Contents($ball, null, null, 0.0, 1.0, 0.0, 0.0),
    );
}

test('tied in it stands on the foot of its pot, wet and nearly dry', function (): void {
    $setup = blownAt(isBowl: false, hasBall: false);
    $stands = new Windthrow($setup, 60.0, 50.0, 11.5, 4.0);
    $tied = new Toppling(60.0, 50.0, 11.5, 16.0);
    expect($stands->wetMs)->toBeNear($tied->gustMs(4.0), 1e-12)->and($stands->dryMs)->toBeNear($tied->gustMs(4.0 - 0.7 * $setup->waterL(0.0)), 1e-12)
        ->and($stands->looseMs)->toBeNull()->and($stands->stonesMs)->toBeNull()->and($stands->least())->toBe('wire')
        ->and($stands->lacksKg)->toBeNear($tied->lacksKg(4.0 - 0.7 * $setup->waterL(0.0), 17.2), 1e-12)->and($stands->lacksKg)->toBeGreaterThan(0.0);
});

test('a bowl stands on what is wide a tenth up', function (): void {
    $setup = blownAt(isBowl: true, hasBall: false);
    expect((new Windthrow($setup, 30.0, 30.0, 8.0, 3.0))->wetMs)->toBeNear((new Toppling(30.0, 30.0, 8.0, $setup->pot->widthCm(0.8)))->gustMs(3.0), 1e-12);
});

test('held by nothing it stands on the foot of its ball, and stones of a tenth of it all help', function (): void {
    $setup = blownAt(isBowl: false, hasBall: true);
    $stands = new Windthrow($setup, 60.0, 50.0, 11.5, 4.0);
    $ball = $setup->filling->ball;
    $kg = 1.0 + (1.0 - $ball->gapShare()) * $setup->filling->ballL * $ball->substrate->bulkDensity + $setup->filling->waterOf()[1];
    $loose = new Toppling(60.0, 50.0, 6.0, 8.0);
    expect($stands->looseMs)->toBeNear($loose->gustMs($kg), 1e-12)->and($stands->stonesMs)->toBeNear($loose->gustMs($kg + 0.4), 1e-12);
});

test('the least that holds it changes with how high it is and where it stands', function (): void {
    $at = static fn(float $height, Wind $wind = Wind::Usual, float $wetKg = 4.0): string => (new Windthrow(blownAt(false, true, new Situation(Targets::of(PlantGroup::AiryConifers), windyHill(2.0), new Place(wind: $wind))), $height, 20.0, 11.5, $wetKg))->least();
    expect($at(12.0))->toBe('none')->and($at(60.0))->toBe('wire');
    // the same plant, where it is windier and where it is stiller
    $between = array_values(array_filter(range(12, 60), static fn(int $cm): bool => $at($cm) !== $at($cm, Wind::Windy)));
    expect($between)->not->toBe([])->and($at($between[0], Wind::Still))->toBe('none');
    // stones hold what is a little too high to stand by itself
    $words = array_map(static fn(int $cm): string => $at($cm, wetKg: 12.0), range(12, 60));
    expect(array_values(array_unique($words)))->toBe(['none', 'stones', 'wire']);
});
