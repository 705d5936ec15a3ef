<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\DrainedColumn;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Work\BenchTest\Crumble;
use Zolbek\Core\Work\BenchTest\Figure;
use Zolbek\Core\Work\BenchTest\MeasuredOverTypical;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;
use Zolbek\Core\Work\BenchTest\MixShrink;
use Zolbek\Core\Work\BenchTest\Outcome;
use Zolbek\Core\Work\BenchTest\Outlier;
use Zolbek\Core\Work\BenchTest\Readings;
use Zolbek\Core\Work\BenchTest\TestKind;

/**
 * @param array<string, mixed>       $setup
 * @param list<array<string, mixed>> $rounds
 *
 * @return array{Outcome, Readings}
 */
function benchTest(TestKind $kind, array $setup, array $rounds): array
{
    $refusals = new Refusals();
    $readings = Readings::read(['setup' => $setup, 'rounds' => $rounds], $kind->plan(), $refusals);
    $outcome = ($kind->test())::reckon($readings, $refusals);
    $refusals->throwIfAny();

    return [$outcome, $readings];
}

/**
 * @param array<string, mixed>       $setup
 * @param list<array<string, mixed>> $rounds
 *
 * @return array<string, MeasuredProperty> by property
 */
function measuredBy(TestKind $kind, array $setup, array $rounds, Material $component): array
{
    [$outcome, $readings] = benchTest($kind, $setup, $rounds);

    return array_column(($kind->test())::properties($outcome, $readings, $component), null, 'property');
}

/** @return array<string, string> rule by path of what is refused */
function refusedOf(TestKind $kind, array $setup, array $rounds): array
{
    try {
        benchTest($kind, $setup, $rounds);
    } catch (Refused $refused) {
        return array_column(array_map(static fn(Refusal $refusal): array => [$refusal->field, $refusal->rule], $refused->refusals), 1, 0);
    }

    return [];
}

test('the figures of each test are those of its check', function (TestKind $kind, array $setup, array $rounds, array $expected): void {
    [$outcome] = benchTest($kind, $setup, $rounds);
    foreach ($expected as $name => $value) {
        expect($outcome->figure($name)?->mean)->toEqualWithDelta($value, 5e-5, $name);
    }
})->with([
    'loose density' => [TestKind::LooseDensity, ['vessel_l' => 1, 'empty_g' => 212], [['full_g' => 672]], ['bulk_density' => 0.46]],
    'envelope density' => [TestKind::EnvelopeDensity, [], [['dry_g' => 100, 'soaked_g' => 141, 'displaced_ml' => 117.6]], ['particle_density' => 0.85034, 'internal_water' => 0.34934]],
    'drained pot' => [TestKind::DrainedPot, ['filled_l' => 2, 'height_cm' => 12], [['added_ml' => 1300, 'drained_ml' => 420]], ['saturated_water' => 0.65, 'air' => 0.21, 'water' => 0.44]],
    'run-through' => [TestKind::RunThrough, [], [['seconds' => 20], ['seconds' => 22], ['seconds' => 24]], ['run_through_s' => 22]],
    'reaction' => [TestKind::SlurryReaction, [], [['ph' => 5.9, 'ec_ms_cm' => 0.4], ['ph' => 6.0], ['ph' => 6.1, 'ec_ms_cm' => 0.6]], ['ph' => 6.0, 'ec_ms_cm' => 0.5]],
    'slake' => [TestKind::Slake, [], [['start_g' => 100, 'whole_g' => 96]], ['slake_kept' => 0.96]],
    'float' => [TestKind::Float, [], [['total_ml' => 500, 'afloat_ml' => 150]], ['float_share' => 0.3]],
    'shrink' => [TestKind::MixShrink, [], [['loose_ml' => 1000, 'settled_ml' => 900]], ['yield_share' => 0.9]],
    'dust' => [TestKind::RinsedDust, ['sieve_mm' => 0.5], [['before_g' => 200, 'after_g' => 190]], ['dust_share' => 0.05]],
    'sieve' => [TestKind::SieveAnalysis, ['apertures' => [8, 4, 2]], [['before_g' => 200, 'retained' => ['8' => 0, '4' => 99, '2' => 99, 'pan' => 0]]], ['d50_mm' => 4.0]],
]);

test('readings that cannot be are refused where they stand', function (TestKind $kind, array $setup, array $round, string $path, string $rule): void {
    expect(refusedOf($kind, $setup, [$round]))->toHaveKey($path, $rule);
})->with([
    'a full vessel lighter than the empty one' => [TestKind::LooseDensity, ['vessel_l' => 1, 'empty_g' => 500], ['full_g' => 400], 'rounds.0.full_g', 'lighter_than_empty'],
    'heavier than stone' => [TestKind::LooseDensity, ['vessel_l' => 0.1, 'empty_g' => 0], ['full_g' => 400], 'rounds.0.full_g', 'heavier_than_stone'],
    'soaked lighter than dry' => [TestKind::EnvelopeDensity, [], ['dry_g' => 100, 'soaked_g' => 99, 'displaced_ml' => 100], 'rounds.0.soaked_g', 'lighter_than_dry'],
    'a porosity over one' => [TestKind::EnvelopeDensity, [], ['dry_g' => 100, 'soaked_g' => 300, 'displaced_ml' => 100], 'rounds.0.soaked_g', 'porosity_over_one'],
    'denser than stone' => [TestKind::EnvelopeDensity, [], ['dry_g' => 100, 'soaked_g' => 101, 'displaced_ml' => 10], 'rounds.0.displaced_ml', 'denser_than_stone'],
    'more drained than added' => [TestKind::DrainedPot, ['filled_l' => 2, 'height_cm' => 12], ['added_ml' => 300, 'drained_ml' => 301], 'rounds.0.drained_ml', 'drained_above_added'],
    'more water than room' => [TestKind::DrainedPot, ['filled_l' => 2, 'height_cm' => 12], ['added_ml' => 2000, 'drained_ml' => 300], 'rounds.0.added_ml', 'porosity_over_one'],
    'more afloat than there is' => [TestKind::Float, [], ['total_ml' => 500, 'afloat_ml' => 501], 'rounds.0.afloat_ml', 'more_than_start'],
    'a mix that grows' => [TestKind::MixShrink, [], ['loose_ml' => 500, 'settled_ml' => 501], 'rounds.0.settled_ml', 'more_than_start'],
    'more fines than there was' => [TestKind::Crumble, ['cycles' => 10, 'sieve_mm' => 1], ['start_g' => 100, 'fines_g' => 101], 'rounds.0.fines_g', 'more_than_start'],
    'sieve masses of another sample' => [TestKind::SieveAnalysis, ['apertures' => [4]], ['before_g' => 200, 'retained' => ['4' => 20, 'pan' => 20]], 'rounds.0.retained', 'sieve_masses'],
    'a sieve twice' => [TestKind::SieveAnalysis, ['apertures' => [4, 4.0]], ['before_g' => 200], 'setup.apertures', 'aperture_twice'],
    'no sieve' => [TestKind::SieveAnalysis, ['apertures' => []], ['before_g' => 200], 'setup.apertures', 'sieve_set'],
    'a mass below nothing' => [TestKind::Slake, [], ['start_g' => -1, 'whole_g' => 1], 'rounds.0.start_g', 'between'],
    'words for a number' => [TestKind::SlurryReaction, [], ['ph' => 'six'], 'rounds.0.ph', 'number'],
    'a pH beyond the scale' => [TestKind::SlurryReaction, [], ['ph' => 14.5], 'rounds.0.ph', 'between'],
    'a fizz that nobody knows' => [TestKind::AcidDrop, [], ['fizz' => 'boom'], 'rounds.0.fizz', 'one_of'],
    'a reading of another test' => [TestKind::AcidDrop, [], ['ph' => 5], 'rounds.0.ph', 'unknown'],
]);

test('a sieve loss above 2 % is doubtful, below it is not', function (): void {
    $loss = static fn(float $back): array => benchTest(TestKind::SieveAnalysis, ['apertures' => [4, 2]], [['before_g' => 100, 'retained' => ['4' => $back - 11, '2' => 10, 'pan' => 1]]])[0]->doubts;
    expect($loss(98.1))->toBe([])
        ->and($loss(97.5)[0]->rule)->toBe('sieve_loss')
        ->and($loss(97.5)[0]->given)->toEqualWithDelta(2.5, 1e-9)
        ->and($loss(102.5)[0]->rule)->toBe('sieve_gain');
});

test('a round that is set aside stays on record and out of the mean', function (): void {
    [$outcome] = benchTest(TestKind::RunThrough, [], [['seconds' => 20], ['seconds' => 60, 'set_aside' => true], ['seconds' => 22]]);
    expect($outcome->figures[0]->mean)->toBe(21.0)->and($outcome->figures[0]->n)->toBe(2)->and($outcome->figures[0]->values)->toHaveCount(3);
});

test('all rounds set aside leave no figure', function (): void {
    expect(benchTest(TestKind::RunThrough, [], [['seconds' => 20, 'set_aside' => true]])[0]->figures)->toBe([]);
});

test('what is missing is named, and is no fault', function (): void {
    $refusals = new Refusals();
    $readings = Readings::read(['setup' => ['vessel_l' => 1], 'rounds' => [['full_g' => 600], []]], TestKind::LooseDensity->plan(), $refusals);
    expect($refusals->any())->toBeFalse()->and($readings->missing)->toBe(['setup.empty_g', 'rounds.1.full_g'])->and($readings->suffice())->toBeFalse();
});

test('the outlier of Grubbs is found at the tabulated value and not before', function (): void {
    expect(Outlier::among([0.45, 0.46, 0.46, 0.47, 0.60]))->toBe(4)
        ->and(Outlier::among([0.45, 0.46, 0.46, 0.47, 0.49]))->toBeNull()
        ->and(Outlier::among([1.0, 9.0]))->toBeNull()
        ->and(Outlier::among([5.0, 5.0, 5.0]))->toBeNull();
});

test('a figure is as sure as its spread, and never surer than 3 %', function (): void {
    $close = new Figure('bulk_density', [0.45, 0.46, 0.47]);
    $wide = new Figure('bulk_density', [0.36, 0.46, 0.56]);
    expect($close->mean)->toEqualWithDelta(0.46, 1e-12)->and($close->spread)->toEqualWithDelta(0.01, 1e-12)->and($close->uncertainty)->toEqualWithDelta(0.0138, 1e-12)
        ->and($wide->uncertainty)->toEqualWithDelta(0.1 / sqrt(3), 1e-12);
});

test('a drained pot gives back the size and the water that the model was told', function (string $key, float $sizeMm): void {
    $component = Reference::component($key)->with(hydraulicSizeMm: $sizeMm);
    foreach (['settled' => 6.7, 'poured' => 4.1] as $packing => $index) {
        $told = new DrainedColumn(new Substrate(new Blend([[$component, 1.0]]), $index), 14.0);
        $found = measuredBy(TestKind::DrainedPot, ['filled_l' => 3, 'height_cm' => 14, 'packing' => $packing], [
            ['added_ml' => 3000 * $told->saturated, 'drained_ml' => 3000 * $told->air],
        ], Reference::component($key));
        expect($found['hydraulic_size_mm']->value)->toEqualWithDelta($sizeMm, 1e-5 * $sizeMm)
            ->and($found['internal_water']->value)->toEqualWithDelta($component->internalWater, 1e-6);
    }
})->with([['pumice-3-6-mm', 1.5], ['lava-scoria-3-6-mm', 4.0], ['sphagnum-peat', 0.6]]);

test('an air that no grain size gives is refused with its limits', function (): void {
    measuredBy(TestKind::DrainedPot, ['filled_l' => 1, 'height_cm' => 10], [['added_ml' => 950, 'drained_ml' => 940]], Reference::component('granite-chip-4-8-mm'));
})->throws(Refused::class, 'rounds: air_out_of_reach');

test('crumbling gives back the rate that the ageing was told', function (float $rate, int $cycles): void {
    $component = Reference::component('akadama-type-clay-granule-2-6-mm');
    $grains = Screening::between($component, 1.0)->component;
    $fines = Crumble::finesAfter($grains, $rate, round(12 * $cycles / 20) / 12, 1.0);
    $found = measuredBy(TestKind::Crumble, ['cycles' => $cycles, 'sieve_mm' => 1], [['start_g' => 100, 'fines_g' => 100 * $fines]], $component);
    expect($found['crumble_rate']->value)->toEqualWithDelta($rate, 1e-6);
})->with([[0.1, 20], [0.3, 10], [0.02, 40]]);

test('no fines gained is a rate of nothing', function (): void {
    $found = measuredBy(TestKind::Crumble, ['cycles' => 20, 'sieve_mm' => 1], [['start_g' => 100, 'fines_g' => 0]], Reference::component('akadama-type-clay-granule-2-6-mm'));
    expect($found['crumble_rate']->value)->toBe(0.0);
});

test('the shrink of a mix gives back the compaction that it was told', function (float $index): void {
    $blend = Reference::blend(['pumice-3-6-mm' => 2, 'horticultural-grit-2-5-mm' => 1, 'sphagnum-peat' => 1]);
    expect(MixShrink::compactionIndex($blend, (new Substrate($blend, $index))->yield))->toEqualWithDelta($index, 1e-9);
})->with([4.3, 6.7, 8.8]);

test('a shrink beyond what packing can do is refused', function (): void {
    MixShrink::compactionIndex(Reference::blend(['pumice-3-6-mm' => 1]), 0.4);
})->throws(Refused::class, 'rounds: yield_out_of_reach');

test('rinsed dust replaces what passes that sieve and leaves the shape above it', function (): void {
    $component = Reference::component('pumice-3-6-mm');
    $found = measuredBy(TestKind::RinsedDust, ['sieve_mm' => 0.5], [['before_g' => 100, 'after_g' => 92]], $component);
    $grading = Grading::fromSieve($found['sieve']->sieve ?? []);
    $before = $component->grading;
    expect($grading->passingAt(0.5))->toEqualWithDelta(0.08, 1e-12);
    foreach ([1.0, 2.8, 4.0, 7.0] as $size) {
        expect(1 - $grading->passingAt($size))->toEqualWithDelta(0.92 * (1 - $before->passingAt($size)) / (1 - $before->passingAt(0.5)), 1e-9);
    }
});

test('the strongest fizz stands', function (): void {
    expect(benchTest(TestKind::AcidDrop, [], [['fizz' => 'none'], ['fizz' => 'none'], ['fizz' => 'weak']])[0]->findings)->toBe(['lime' => 'weak']);
});

test('several tests of one property are weighted by their rounds', function (): void {
    $together = MeasuredProperty::together([new MeasuredProperty('bulk_density', 0.40, 0.02, 1), new MeasuredProperty('bulk_density', 0.46, 0.02, 3)]);
    expect($together->value)->toEqualWithDelta(0.445, 1e-12)->and($together->n)->toBe(4)->and($together->uncertainty)->toEqualWithDelta(sqrt(0.02 ** 2 + 0.06 ** 2) / 4, 1e-12);
    $sieves = MeasuredProperty::together([
        new MeasuredProperty('sieve', 3, 0.1, 1, ['4' => 0.2, 'pan' => 0.8]),
        new MeasuredProperty('sieve', 3, 0.1, 1, ['2' => 0.2, 'pan' => 0.8]),
        new MeasuredProperty('sieve', 3, 0.1, 3, ['4' => 0.6, 'pan' => 0.4]),
    ]);
    expect($sieves->sieve)->toEqualWithDelta(['4' => 0.5, 'pan' => 0.5], 1e-12);
});

test('what was only assumed gives way to what was measured', function (): void {
    $pumice = Reference::raw('pumice-3-6-mm');
    $laid = MeasuredOverTypical::lay($pumice, [new MeasuredProperty('particle_density', 2.1, 0.05, 2)]);
    expect(MaterialReader::read([...$laid, 'bulk_density' => 1.1])->internalWater)->toEqualWithDelta(1 - 2.1 / $pumice['solid_density'], 1e-9);
    $tight = MeasuredOverTypical::lay($pumice, [new MeasuredProperty('particle_density', 2.25, 0.05, 2)]);
    expect($tight['unavailable_water'])->toBe($tight['internal_water'])->and($tight['internal_water'])->toBeLessThan($pumice['unavailable_water']);
    $denser = MeasuredOverTypical::lay($pumice, [new MeasuredProperty('particle_density', 2.9, 0.05, 2)]);
    expect($denser['solid_density'])->toBe(2.9)->and($denser['unavailable_water'])->toEqualWithDelta(0, 1e-12);
});

test('classes become a grading with the same shares', function (): void {
    $shares = Reference::component('pumice-3-6-mm')->classShares;
    expect(Grading::fromClassShares($shares)->classShares())->toEqualWithDelta($shares, 1e-12);
});

test('every step reads what the plan knows, and every reading has its step', function (TestKind $kind): void {
    $plan = $kind->plan();
    $setup = $rounds = [];
    foreach ($plan->steps as $step) {
        array_push($setup, ...$step->setup);
        array_push($rounds, ...$step->rounds);
    }
    expect($setup)->toEqualCanonicalizing(array_keys($plan->setup))->and($rounds)->toEqualCanonicalizing(array_keys($plan->round))
        ->and($plan->minutes)->toBeGreaterThan(0)->and($kind->suitsComponent() || $kind->suitsMix())->toBeTrue();
})->with(TestKind::cases());

test('three tests are places to begin, and need nothing but a jug, a kitchen scale and a flower pot', function (): void {
    $first = array_filter(TestKind::cases(), static fn(TestKind $kind): bool => $kind->isPlaceToBegin());
    expect($first)->toHaveCount(3);
    foreach ($first as $kind) {
        expect(array_diff($kind->plan()->tools, ['jug', 'kitchen_scale', 'flower_pot', 'measuring_cylinder', 'tray', 'tape', 'watch']))->toBe([]);
    }
});

test('what no test can have found is refused with what it could be', function (TestKind $kind, array $setup, array $round, string $rule, array $limits): void {
    try {
        measuredBy($kind, $setup, [$round], Reference::component('granite-chip-4-8-mm'));
        $found = [];
    } catch (Refused $refused) {
        $found = array_column($refused->refusals, 'limits', 'rule');
    }
    expect(array_keys($found))->toBe([$rule])->and(array_keys($found[$rule]))->toBe(array_keys($limits));
    foreach ($limits as $name => $limit) {
        expect($limit === null || abs($found[$rule][$name] - $limit) < 1e-9)->toBeTrue();
    }
})->with([
    'more water than grains' => [TestKind::EnvelopeDensity, [], ['dry_g' => 100, 'soaked_g' => 300, 'displaced_ml' => 100], 'porosity_over_one', ['max' => 100.0 + 0.998 * 100.0]],
    'lighter when soaked' => [TestKind::EnvelopeDensity, [], ['dry_g' => 100, 'soaked_g' => 90, 'displaced_ml' => 100], 'lighter_than_dry', ['min' => 100.0]],
    'an air that no grains give' => [TestKind::DrainedPot, ['filled_l' => 1, 'height_cm' => 10], ['added_ml' => 950, 'drained_ml' => 940], 'air_out_of_reach', ['min' => null, 'max' => null]],
]);
