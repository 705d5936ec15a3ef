<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\Band;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Setup\Supply;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Place\Watering\WateringMethod;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\Changes;
use Zolbek\Core\Verdict\Change\OtherPot;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\Batching\BaseWithExtras;
use Zolbek\Core\Work\Batching\Extra;

/** A random mix in a random pot for a random plant, the same for the same seed. */
function randomSituation(int $seed): Setup
{
    mt_srand($seed);
    $keys = array_column(Reference::rawComponents(), 'key');
    shuffle($keys);
    $portions = array_map(static fn(string $key): array => [Reference::component($key), mt_rand(1, 12) / 2], array_slice($keys, 0, mt_rand(2, 4)));
    $pots = array_keys(Reference::vectors()['pots']);
    $groups = PlantGroup::cases();
    $group = $groups[array_rand($groups)];
    $stocks = array_map(static fn(): Stock => new Stock(mt_rand(2, 200), 25.0, (float) mt_rand(5, 30)), array_flip($keys));
    $situation = new Situation(
        Targets::of($group, [], Purpose::cases()[mt_rand(0, 6)]),
        mt_rand(0, 1) === 1 ? Climates::hill() : Climates::frostFree(),
        new Place(Exposure::FullSun, Wind::Windy),
        new Crown(mt_rand(5, 40) / 100),
        habit: new WateringHabit(summerH: [12.0, 24.0, 48.0, 72.0][mt_rand(0, 3)], method: WateringMethod::Hose),
        alkalinityMgL: (float) mt_rand(0, 350),
        budget: mt_rand(2, 20) / 10,
        potsWanted: mt_rand(1, 12),
        stocks: $stocks,
    );

    return new Setup($portions, Reference::pot($pots[array_rand($pots)]), Holes::of(mt_rand(0, 3), 1.2, 0.6), $group, 0.8, 0.0, null, 2.0, 1.0, situation: $situation);
}

test('every mend that is offered, done, brings its figure into its band', function (int $seed): void {
    $setup = randomSituation($seed);
    $now = new Assessment($setup);
    $shelf = array_map(Reference::component(...), ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'sphagnum-peat', 'granite-chip-4-8-mm', 'calcined-clay-1-4-mm']);
    $others = array_map(static fn(string $name): OtherPot => new OtherPot($name, Reference::pot($name), Holes::of(3, 2.0, 0.6), 1.0, false), array_keys(Reference::vectors()['pots']));
    $search = new MendSearch($now, $shelf, $others);
    foreach ($now->verdicts as $verdict) {
        $mends = $search->for($verdict->criterion);
        if ($verdict->level === Level::Good) {
            expect($mends)->toBe([]);
        }
        foreach ($mends as $mend) {
            $then = (new Assessment($mend->change->setup))->verdict($verdict->criterion);
            expect($then->value)->toBe($mend->value)
                ->and($then->level === Level::Good)->toBe($mend->suffices)
                ->and($then->marginsOutside)->toBeLessThan($verdict->marginsOutside);
        }
        // what only helps is named where nothing suffices, and then alone
        expect(count(array_unique(array_map(static fn($mend): bool => $mend->suffices, $mends))))->toBeLessThanOrEqual(1);
    }
})->with(seeds(10, 60));

test('most criteria find a mend somewhere, and every kind of change is a mend of something', function (): void {
    $mended = $kinds = [];
    for ($seed = 1; $seed <= 40; ++$seed) {
        $now = new Assessment(randomSituation($seed));
        $search = new MendSearch($now, array_map(Reference::component(...), ['pumice-3-6-mm', 'granite-chip-4-8-mm', 'sphagnum-peat']), [new OtherPot('deep', Reference::pot('round deep'), Holes::of(3, 2.0, 0.6), 1.0, false)]);
        foreach ($now->verdicts as $verdict) {
            foreach ($search->for($verdict->criterion) as $mend) {
                $mended[$verdict->criterion->value] = true;
                $kinds[$mend->change->kind->value] = true;
            }
        }
    }
    expect(array_keys($mended))->toEqualCanonicalizing(array_values(array_diff(array_column(Criterion::cases(), 'value'), ['wet_weight', 'largest_grain'])))
        ->and(array_diff(array_column(ChangeKind::cases(), 'value'), array_keys($kinds), ['no_layer', 'sieve_out', 'shallower', 'winter_shelter']))->toBe([]);
});

test('grains too large for a shallow pot may be sieved out', function (): void {
    $setup = new Setup([[Reference::component('bark-mini-chip-6-12-mm'), 2.0], [Reference::component('pumice-3-6-mm'), 1.0]], Reference::pot('oval tray')->withDepth(4.0), Holes::of(2, 2.0, 0.6), PlantGroup::AiryConifers, 0.5);
    $mends = (new MendSearch(new Assessment($setup), []))->for(Criterion::LargestGrain);
    expect(array_map(static fn($mend): ChangeKind => $mend->change->kind, $mends))->toContain(ChangeKind::SieveOut);
});

test('a layer that is offered lies as firmly as the mix it goes under', function (): void {
    $setup = randomSituation(9)->with(compactionIndex: 4.1);
    foreach ((new Changes(new Assessment($setup), [Reference::component('granite-chip-4-8-mm')]))->all() as $change) {
        expect($change->setup->layer?->substrate->compactionIndex ?? 4.1)->toBe(4.1);
    }
});

test('without a situation only mix and pot are rated', function (): void {
    $setup = randomSituation(3);
    $bare = new Setup($setup->portions, $setup->pot, $setup->holes, $setup->group, 0.8);
    $names = static fn(Assessment $assessment): array => array_map(static fn($verdict): string => $verdict->criterion->value, $assessment->verdicts);
    expect($names(new Assessment($bare)))->toEqualCanonicalizing(['air', 'run_through', 'ph', 'largest_grain', 'wet_weight', 'segregation'])
        ->and($names(new Assessment($setup)))->toEqualCanonicalizing(array_column(Criterion::cases(), 'value'));
});

test('purpose shifts what is wanted', function (): void {
    expect(Targets::of(PlantGroup::AiryConifers, purpose: Purpose::Recover)->air)->toEqual(new Band(0.14 + 0.04, 0.38 + 0.04, 0.06))
        ->and(Targets::of(PlantGroup::AiryConifers, purpose: Purpose::StopGap)->air->margin)->toBe(0.12)
        ->and(Targets::of(PlantGroup::AiryConifers, ['air_low' => 0.2, 'tension_limit_cm' => 150.0, 'years_old' => 7.0], old: true)->plannedYears)->toBe(7.0)
        ->and(Targets::of(PlantGroup::AiryConifers, ['air_low' => 0.2])->air->low)->toBe(0.2)
        ->and(Targets::of(PlantGroup::Seedlings, plannedYears: 0.5)->plannedYears)->toBe(0.5);
});

test('every plant group has the limits, years and wounds of practice', function (PlantGroup $group, float $limit, array $years): void {
    expect($group->tensionLimitCm())->toBe($limit)->and($group->replaceYears())->toBe($years);
})->with([
    [PlantGroup::Desert, 3000.0, [2.0, 4.0]], [PlantGroup::AiryConifers, 200.0, [3.0, 5.0]], [PlantGroup::ThirstyConifers, 80.0, [2.0, 4.0]],
    [PlantGroup::BroadleafDeciduous, 100.0, [2.0, 4.0]], [PlantGroup::BroadleafEvergreen, 120.0, [2.0, 4.0]], [PlantGroup::FruitingFlowering, 80.0, [1.0, 3.0]],
    [PlantGroup::AcidLovers, 60.0, [2.0, 4.0]], [PlantGroup::Mediterranean, 300.0, [3.0, 5.0]], [PlantGroup::TropicalEvergreen, 100.0, [2.0, 3.0]],
    [PlantGroup::TropicalDrySeason, 400.0, [2.0, 4.0]], [PlantGroup::Seedlings, 50.0, [1.0, 1.0]],
]);

test('a rich mix suits who comes by seldom, and a lean one does not', function (): void {
    $drought = static function (array $parts, float $every): Level {
        $portions = array_map(static fn(string $key): array => [Reference::component($key), (float) $parts[$key]], array_keys($parts));
        $situation = new Situation(Targets::of(PlantGroup::BroadleafDeciduous), Climates::hill(), habit: new WateringHabit(summerH: $every));

        return (new Assessment(new Setup($portions, Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::BroadleafDeciduous, 0.8, situation: $situation)))->verdict(Criterion::Drought)->level;
    };
    expect($drought(['loam-screened-6-mm' => 2, 'sphagnum-peat' => 2, 'pumice-3-6-mm' => 1], 24))->toBe(Level::Good)
        ->and($drought(['lava-scoria-3-6-mm' => 1], 72))->toBe(Level::Stop)
        ->and($drought(['lava-scoria-3-6-mm' => 1], 12))->toBe(Level::Good);
});

test('how short a hot spell may leave a plant is told by its group', function (PlantGroup $group, float $to, float $margin): void {
    expect($group->drought())->toEqual(new Band(0.0, $to, $margin));
})->with([
    [PlantGroup::Desert, 0.60, 0.30], [PlantGroup::AiryConifers, 0.15, 0.30], [PlantGroup::ThirstyConifers, 0.10, 0.25], [PlantGroup::BroadleafDeciduous, 0.10, 0.25],
    [PlantGroup::Mediterranean, 0.15, 0.30], [PlantGroup::TropicalDrySeason, 0.25, 0.35], [PlantGroup::Seedlings, 0.05, 0.20], [PlantGroup::AcidLovers, 0.10, 0.25],
]);

test('what preparing throws away is taken from the stock and paid for', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    $situation = new Situation(Targets::of(PlantGroup::AiryConifers), budget: 100.0, stocks: ['pumice-3-6-mm' => new Stock(100.0, 10.0, 5.0)]);
    $of = static fn(float $kept): Supply => new Supply(new Setup([[Portion::of($pumice, null, $kept), 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8, situation: $situation), $situation);
    $setup = new Setup([[Portion::of($pumice), 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8);
    expect($of(1.0)->costPerPot())->toBeNear(0.5 * $setup->zone->volumeL / $setup->substrate->yield, 1e-9)
        ->and($of(1.0)->potsFromStock())->toBe(floor(100.0 / ($setup->zone->volumeL / $setup->substrate->yield)))
        ->and($of(0.5)->costPerPot())->toBeNear(2.0 * (float) $of(1.0)->costPerPot(), 1e-9)
        ->and($of(0.5)->potsFromStock())->toBe(floor(50.0 / ($setup->zone->volumeL / $setup->substrate->yield)))
        ->and((new Supply($setup, new Situation(Targets::of(PlantGroup::AiryConifers))))->costPerPot())->toBeNull()
        ->and((new Supply($setup, new Situation(Targets::of(PlantGroup::AiryConifers))))->potsFromStock())->toBeNull();
});

test('at rest and with cut roots water lasts longer than in growth', function (): void {
    $setup = randomSituation(7);
    assert($setup->situation?->climate !== null);
    $situation = $setup->situation->with();
    $course = new WaterCourse($setup, $situation, $setup->situation->climate);
    expect($course->intervalAtStageH(6, GrowthStage::Rest))->toBeGreaterThan($course->intervalAtStageH(6, GrowthStage::Growing))
        ->and($course->hottestIntervalH())->toBeNear(24.0 * 0.85 * $course->withinReachL / (1.3 * max($course->demand->useLDay)), 1e-9)
        ->and($course->intervalH($course->climate->hottestMonth))->toBeNear(1.3 * $course->hottestIntervalH(), 1e-9)
        ->and($course->intervalH(0))->toBeGreaterThan($course->hottestIntervalH())
        ->and($course->shortDays(true))->toBeLessThanOrEqual($course->shortDays(false));
});

test('an extra of nothing leaves the base, and base and extra together fill the pot', function (): void {
    $setup = randomSituation(8);
    $peat = Portion::of(Reference::component('charcoal-3-8-mm'));
    $none = new BaseWithExtras($setup, [new Extra('none', 3, $peat, 0.0)], 2, 0.0);
    expect($none->variants[0]['base_l'])->toBeNear($none->basePerPotL, 1e-6)->and($none->baseL)->toBeNear(5 * $none->basePerPotL, 1e-6);
    $some = new BaseWithExtras($setup, [new Extra('pines', 4, $peat, 0.15)], 6, 0.1);
    $variant = $some->variants[0];
    expect($variant['setup']->substrate->yield * ($variant['base_l'] + 0.15))->toBeNear($variant['setup']->newMixL(), 1e-6)
        ->and($some->extrasL)->toEqualWithDelta(['charcoal-3-8-mm' => 0.66], 1e-9)
        ->and($some->baseL)->toBeNear(1.1 * (6 * $some->basePerPotL + 4 * $variant['base_l']), 1e-9);
});

test('an extra that fills the pot is refused', function (): void {
    new BaseWithExtras(randomSituation(8), [new Extra('all', 1, Portion::of(Reference::component('charcoal-3-8-mm')), 500.0)], 0);
})->throws(Refused::class, 'extras.0.litres');

test('uncertainty is that of the properties, less once they are measured', function (): void {
    $setup = randomSituation(11);
    $typical = new Propagation($setup, static fn(): array => []);
    $measured = new Propagation($setup, static fn(): array => array_fill_keys(['bulk_density', 'particle_density', 'internal_water', 'unavailable_water', 'internal_median_cm', 'sphericity', 'ph'], 'measured'));
    $model = new Propagation($setup, null);
    foreach (Propagation::FIGURES as $figure) {
        if (isset($typical->of[$figure])) {
            expect($typical->of[$figure])->toBeGreaterThan(0.0)->and($measured->of[$figure])->toBeLessThanOrEqual($typical->of[$figure])
                ->and($measured->of[$figure])->toBeGreaterThanOrEqual($model->of[$figure] ?? 0.0);
        }
    }
    expect($measured->of['air'])->toBeLessThan($typical->of['air'])->and($measured->of['float_share'])->toBeLessThanOrEqual($typical->of['float_share'])
        ->and($typical->most['air']['share'])->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0);
});

test('the pH of one component is as uncertain as it', function (): void {
    $setup = new Setup([[Reference::component('sphagnum-peat'), 1.0]], Reference::pot('rectangle'), Holes::of(2, 2.0, 0.6), PlantGroup::AcidLovers, 0.8);
    expect((new Propagation($setup, static fn(): array => []))->of['ph'])->toBeNear(0.5, 1e-9);
});

test('where nobody looked a plant rests in cold months out of doors, and what was seen goes before', function (): void {
    $setup = randomSituation(7);
    assert($setup->situation !== null);
    $in = static fn(Exposure $exposure): WaterCourse => new WaterCourse($setup, $setup->situation->with(place: new Place($exposure)), Climates::hill());
    $out = $in(Exposure::FullSun);
    expect($out->demand->usualStage(0))->toBe(GrowthStage::Rest)->and($out->demand->usualStage(10))->toBe(GrowthStage::Rest)->and($out->demand->usualStage(2))->toBe(GrowthStage::Growing)
        ->and($in(Exposure::Glass)->demand->usualStage(0))->toBe(GrowthStage::Growing)
        ->and($out->intervalNowH(0, null))->toBe($out->intervalAtStageH(0, GrowthStage::Rest))
        ->and($out->intervalNowH(0, GrowthStage::LeafBreak))->toBe($out->intervalAtStageH(0, GrowthStage::LeafBreak));
});
