<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Course\Water\PotUse;
use Zolbek\Core\Course\Water\SteadySpell;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\ExtraterrestrialRadiation;
use Zolbek\Core\Place\Climate\Hargreaves;
use Zolbek\Core\Place\Climate\PenmanMonteith;
use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\WateringHabit;

test('the published examples of evapotranspiration', function (array $example): void {
    $of = $example;
    $got = match ($of['what']) {
        'Ra MJ/m2/day' => (new ExtraterrestrialRadiation($of['latitude'], $of['day']))->mjM2Day,
        'Hargreaves mm/day' => Hargreaves::mmDay($of['latitude'], $of['day'], $of['tmin'], $of['tmax']),
        default => PenmanMonteith::mmDay(
            $of['latitude'],
            $of['altitude_m'],
            $of['day'],
            $of['tmin'],
            $of['tmax'],
            $of['actual_vapour_kpa'] ?? PenmanMonteith::vapourKpa($of['tmin'], $of['tmax'], $of['rh_max'], $of['rh_min']),
            $of['wind_2m'] ?? PenmanMonteith::windAt2m($of['wind_10m'], 10.0),
            $of['sun_hours'],
            $of['soil_heat_mj'],
        ),
    };
    expect(abs($got - $of['expected']))->toBeLessThanOrEqual($of['tolerance']);
})->with(array_map(static fn(array $example): array => [$example], Reference::vectors()['evaporation']));

test('daylight is that of the published table, and whole at the pole in summer', function (): void {
    // FAO 56, example 9: 22.9 degrees south, 15 May
    expect((new ExtraterrestrialRadiation(-22.9, 135))->daylightHours)->toBeNear(10.9, 0.005)
        ->and((new ExtraterrestrialRadiation(-22.9, 135))->mjM2Day)->toBeNear(25.1, 0.005)
        ->and((new ExtraterrestrialRadiation(89.0, 172))->daylightHours)->toBeNear(24.0, 1e-9)
        ->and((new ExtraterrestrialRadiation(89.0, 355))->mjM2Day)->toBe(0.0);
});

test('vapour pressure and wind are those of the published examples', function (): void {
    // FAO 56, examples 3, 5 and 14
    expect(PenmanMonteith::saturationKpa(24.5))->toBeNear(3.075, 1e-3)
        ->and(PenmanMonteith::vapourKpa(18.0, 25.0, 82, 54))->toBeNear(1.70, 5e-3)
        ->and(PenmanMonteith::windAt2m(3.2, 10.0))->toBeNear(2.4, 5e-3);
});

test('more warmth, wind and sun never use less', function (): void {
    $at = static fn(float $warmer, float $wind, float $sun): float => PenmanMonteith::mmDay(46.0, 400.0, 196, 12.0 + $warmer, 24.0 + $warmer, 1.2, $wind, $sun);
    expect($at(3, 2, 8))->toBeGreaterThan($at(0, 2, 8))
        ->and($at(0, 4, 8))->toBeGreaterThan($at(0, 2, 8))
        ->and($at(0, 2, 11))->toBeGreaterThan($at(0, 2, 8))
        ->and(Hargreaves::mmDay(46.0, 196, 20.0, 10.0))->toBe(0.0);
});

test('a climate knows its hottest month, its frosts and its first warm weeks', function (): void {
    $hill = Climates::hill();
    $coast = Climates::frostFree();
    expect($hill->hottestMonth)->toBe(6)
        ->and($hill->thawDays)->toBeGreaterThan(40.0)->toBeLessThan(130.0)
        ->and($coast->thawDays)->toBeLessThan(0.5)
        ->and($hill->warmsPast(6.0))->toBeGreaterThan(74)->toBeLessThan(120)
        ->and($coast->warmsPast(6.0))->toBeNull()
        ->and($hill->season(6))->toBe(Season::Summer)
        ->and(Climates::hill(latitude: -44.0)->season(6))->toBe(Season::Winter)
        ->and($hill->frostNights(0))->toBeGreaterThan($hill->frostNights(3));
});

test('with humidity, wind and sun a month is reckoned by Penman-Monteith', function (): void {
    $months = Climates::rows();
    $dry = array_map(static fn(array $month): array => [...$month, 'humidity' => 45, 'wind_ms' => 3.0, 'sun_hours' => 9], $months);
    $damp = array_map(static fn(array $month): array => [...$month, 'humidity' => 90, 'wind_ms' => 0.5, 'sun_hours' => 3], $months);
    $read = static fn(array $rows): Climate => Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => $rows]);
    expect($read($dry)->et0MmDay[6])->toBeGreaterThan($read($months)->et0MmDay[6])
        ->and($read($damp)->et0MmDay[6])->toBeLessThan($read($months)->et0MmDay[6]);
});

test('a climate that cannot be is refused at its field', function (array $changed, string $field): void {
    $input = ['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows(), ...$changed];
    try {
        Climate::read($input);
        test()->fail('taken');
    } catch (Refused $refused) {
        expect(array_map(static fn($refusal): string => $refusal->field, $refused->refusals))->toContain($field);
    }
})->with([
    [['latitude' => 91], 'latitude'],
    [['months' => []], 'months'],
    [['months' => array_fill(0, 11, ['tmin' => 1, 'tmax' => 2])], 'months'],
    [['months' => array_fill(0, 12, ['tmin' => 9, 'tmax' => 2])], 'months.3.tmax'],
    [['months' => array_fill(0, 12, ['tmin' => 1, 'tmax' => 2, 'humidity' => 140])], 'months.0.humidity'],
    [['months' => array_fill(0, 12, 'cold')], 'months.11'],
]);

test('a pot uses what its canopy, its soil and its drying sides lose', function (): void {
    $use = static fn(Place $place = new Place(stand: Stand::Bed), Surface $surface = Surface::Bare, float $sides = 0.0, Crown $plant = new Crown()): float => (new PotUse(0.2, 0.1, $sides, $plant, $place, $surface))->litresPerDay(5.0, 1.0);
    // 5 (1 * 0.2 + 0.4 * 0.1)
    expect($use())->toBeNear(1.2, 1e-9)
        ->and($use(surface: Surface::Stone))->toBeNear(5.0 * (0.2 + 0.025), 1e-9)
        ->and($use(surface: Surface::Moss))->toBeNear(5.0 * (0.2 + 0.05), 1e-9)
        ->and($use(new Place(Exposure::HalfShade, stand: Stand::Bed)))->toBeNear(0.7 * 1.2, 1e-9)
        ->and($use(new Place()))->toBeNear(5.0 * (1.3 * 0.2 + 0.04), 1e-9)
        ->and($use(new Place(stand: Stand::Wall)))->toBeNear(5.0 * (1.8 * 0.2 + 0.04), 1e-9)
        ->and($use(new Place(Exposure::Indoors, stand: Stand::Wall)))->toBeNear(0.3 * 1.2, 1e-9)
        ->and($use(plant: new Crown(leaf: Leaf::Fleshy)))->toBeNear(5.0 * (0.08 + 0.04), 1e-9)
        ->and($use(sides: 0.3) - $use())->toBeNear(5.0 * 0.5 * 0.3, 1e-9);
});

test('cut roots recover over six weeks, and a resting plant hardly drinks', function (): void {
    expect((new Crown(leaf: Leaf::None, rootsCut: 0.5))->recovery())->toBeNear(0.2, 1e-12)
        ->and((new Crown(leaf: Leaf::None, rootsCut: 0.5, weeksSince: 3))->recovery())->toBeNear(0.6, 1e-12)
        ->and((new Crown(rootsCut: 0.9, weeksSince: 6))->recovery())->toBe(1.0)
        ->and((new Crown())->recovery())->toBe(1.0)
        ->and(GrowthStage::Rest->cropCoefficient(false))->toBe(0.1)
        ->and(GrowthStage::Rest->cropCoefficient(true))->toBe(0.3);
});

test('who comes by often enough never lets it want, and who comes too seldom does', function (): void {
    $pot = new PotLitres(4.0, 2.0, 1.2, 1.0, 0.5, 3.0, 0.05);
    $short = static fn(float $every, float $rain = 0.0): float => (new SteadySpell($pot, 30, 0.8, $every, $rain))->shortDays;
    expect($short(20))->toBe(0.0)->and($short(23))->toBeGreaterThan(0.0)->and($short(48))->toBeGreaterThan(5.0)->and($short(96))->toBeGreaterThan($short(48))
        ->and($short(96, 0.5))->toBeLessThan($short(96))
        // 0.8 L above its limit at 0.4 a day: two days of ten
        ->and((new SteadySpell($pot, 10, 0.4, INF))->shortDays)->toBeNear(8.0, 1e-12)
        ->and((new SteadySpell($pot, 10, 0.0, 24))->shortDays)->toBe(0.0)
        ->and((new SteadySpell($pot, 60, 5.0, INF, 2.5))->waterL)->toBeGreaterThanOrEqual(0.5 - 1e-9);
});

test('a habit is read with what is usual, and refused where it cannot be', function (): void {
    $refusals = new Refusals();
    $habit = WateringHabit::read(['summer_h' => 36, 'method' => 'drip'], $refusals, 'habit');
    expect($refusals->any())->toBeFalse()->and($habit->summerH)->toBe(36.0)->and($habit->winterH)->toBe(168.0)
        ->and($habit->withHours(Season::Winter, 400.0)->hoursIn(Season::Winter))->toBe(400.0);
    WateringHabit::read(['summer_h' => 0, 'method' => 'bucket'], $refusals, 'habit');
    expect(array_map(static fn($refusal): string => $refusal->field, $refusals->all()))->toBe(['habit.method', 'habit.summer_h']);
});
