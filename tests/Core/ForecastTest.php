<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\Floating;
use Zolbek\Core\Place\Watering\WateringMethod;

/** @param array<string, float|int> $parts */
function potOf(array $parts, ?Situation $situation = null, string $pot = 'rectangle'): Setup
{
    return new Setup(array_map(static fn(string $key): array => [Reference::component($key), (float) $parts[$key]], array_keys($parts)), Reference::pot($pot), Holes::of(4, 2.0, 0.6), PlantGroup::BroadleafDeciduous, 0.8, situation: $situation);
}

test('fresh, an aged pot is the pot', function (): void {
    $setup = potOf(['pumice-3-6-mm' => 1, 'akadama-type-clay-granule-2-6-mm' => 2]);
    expect((new AgedPot($setup, 0.0))->air)->toBeNear((new PotWater($setup->zone, $setup->substrate))->air, 1e-12)
        ->and((new AgedPot($setup, 0.0))->levelDropCm)->toBe(0.0);
});

test('twenty frost cycles double what clay granules crumble, and touch no stone', function (): void {
    $granule = Reference::component('akadama-type-clay-granule-2-6-mm');
    $twice = MaterialReader::read([...Reference::raw('akadama-type-clay-granule-2-6-mm'), 'crumble_rate' => 2 * $granule->crumbleRate]);
    $cold = new AgeingClimate(20.0, 15.0);
    $washOut = new WashOut(2.5);
    expect(Attrition::of($granule, 3.0, $washOut, $cold)->masses)->toEqualWithDelta(Attrition::of($twice, 3.0, $washOut)->masses, 1e-12)
        ->and(Attrition::of(Reference::component('pumice-3-6-mm'), 3.0, $washOut, $cold)->masses)->toBe(Attrition::of(Reference::component('pumice-3-6-mm'), 3.0, $washOut)->masses);
});

test('ten degrees more double what rots', function (): void {
    $peat = Reference::component('sphagnum-peat');
    expect((new AgeingClimate(0.0, 25.0))->decayRate($peat))->toBeNear(2.0 * $peat->decayRate, 1e-12)
        ->and((new AgeingClimate(0.0, 15.0))->decayRate($peat))->toBe($peat->decayRate);
});

test('ageing step by step is ageing at once', function (): void {
    $raw = [...Reference::raw('akadama-type-clay-granule-2-6-mm')];
    $once = Attrition::of(MaterialReader::read($raw), 6.0, new WashOut(2.5))->masses;
    $component = MaterialReader::read($raw);
    foreach ([2.0, 0.5, 4.0, 3.0] as $years) {
        Attrition::of($component, $years, new WashOut(2.5));
        Attrition::of($component, $years, new WashOut(1.5));
    }
    expect(Attrition::of($component, 6.0, new WashOut(2.5))->masses)->toEqualWithDelta($once, 1e-15);
});

test('what neither crumbles nor rots loses air to roots alone', function (): void {
    $raw = [...Reference::raw('lava-scoria-3-6-mm'), 'crumble_rate' => 0, 'decay_rate' => 0];
    $situation = new Situation(Targets::of(PlantGroup::BroadleafDeciduous), vigour: RootVigour::Vigorous);
    $setup = new Setup([[MaterialReader::read($raw), 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::BroadleafDeciduous, 0.8, situation: $situation);
    $forecast = new Forecast($setup);
    $fresh = $forecast->course[0]->air;
    $free = $setup->zone->freeWaterL($setup->substrate->retention) / $setup->zone->volumeL;
    foreach ($forecast->course as $pot) {
        $roots = 0.14 * (1.0 - exp(-$pot->years / 3.0));
        expect($pot->air)->toBeNear($fresh * (1.0 - $roots / ($fresh + $free)), 1e-9)
            ->and($pot->airWithoutRoots)->toBeNear($fresh, 1e-12)
            ->and($pot->levelDropCm)->toBe(0.0);
    }
    expect($forecast->course[16]->air)->toBeGreaterThan(0.0)->and($forecast->failsAfter)->toBeNull();
});

test('a soft granule fails sooner where winters are hard, and all forecasts name the half-year they say', function (): void {
    $mix = ['akadama-type-clay-granule-2-6-mm' => 1];
    $targets = Targets::of(PlantGroup::BroadleafDeciduous);
    $mild = potOf($mix, new Situation($targets, Climates::frostFree()));
    $hard = potOf($mix, new Situation($targets, Climates::hill()));
    expect(Forecast::failure($hard) ?? 99.0)->toBeLessThan(Forecast::failure($mild) ?? 99.0)
        ->and((new Forecast($hard))->failsAfter)->toBe(Forecast::failure($hard))
        ->and((new Forecast($hard))->course)->toHaveCount(17);
});

test('bark rots faster in warmth', function (): void {
    $mix = ['composted-bark-fine-2-8-mm' => 1];
    $drop = static fn(Situation $situation): float => (new AgedPot(potOf($mix, $situation), 3.0))->levelDropCm;
    $targets = Targets::of(PlantGroup::BroadleafDeciduous);
    expect($drop(new Situation($targets, Climates::frostFree())))->toBeGreaterThan($drop(new Situation($targets, Climates::hill())));
});

test('what floats is washed off by a hose, less by a can, hardly under stone', function (): void {
    $blend = Reference::blend(['perlite-2-5-mm' => 1, 'granite-chip-4-8-mm' => 1]);
    $off = static fn(Surface $surface, WateringMethod $method): float => Floating::washedOff($blend, $surface, $method);
    expect(Floating::soaked(Reference::component('perlite-2-5-mm')))->toBeGreaterThan(0.99)
        ->and(Floating::soaked(Reference::component('granite-chip-4-8-mm')))->toBeLessThan(0.001)
        ->and(Floating::atFirst(Reference::component('sphagnum-peat')))->toBe(0.0)
        ->and(Floating::litres($blend, 0.2, 4.0, 6.0))->toBeNear(0.2 * 4.0 * 2.0 * $blend->grading()->quantileMm(0.5) / 60.0, 1e-12)
        ->and(Floating::litres($blend, 0.2, 4.0, 0.1))->toBe(0.8)
        ->and($off(Surface::Bare, WateringMethod::Hose))->toBeGreaterThan($off(Surface::Bare, WateringMethod::Can))
        ->and($off(Surface::Bare, WateringMethod::Can))->toBeGreaterThan($off(Surface::Stone, WateringMethod::Can))
        ->and(Floating::washedOff(Reference::blend(['granite-chip-4-8-mm' => 1]), Surface::Bare, WateringMethod::Dunk))->toBeLessThan(1e-4);
});
