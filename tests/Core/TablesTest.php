<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Work\BenchTest\Outlier;
use Zolbek\Core\Work\BenchTest\Settles;
use Zolbek\Core\Work\BenchTest\TestKind;
use Zolbek\Core\Work\Feeding\FeedingSeason;
use Zolbek\Core\Work\Inspection\Advice;
use Zolbek\Core\Work\Inspection\Degree;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\Reason;
use Zolbek\Core\Work\Inspection\RootWork;
use Zolbek\Core\Work\Irrigation\ZonePlan;
use Zolbek\Core\Work\Irrigation\ZonePot;

// what the core has as tables, beside the pages that they come from

/** Student's t that is exceeded with a probability, by Simpson's rule and halving: slow, and of nobody's making but the definition's. */
function studentT(float $beyond, int $freedom): float
{
    $density = static fn(float $t): float => (1.0 + $t * $t / $freedom) ** (-($freedom + 1) / 2.0);
    // the tail by t = tan(x), the whole of it for scale
    $tail = static function (float $from) use ($density): float {
        [$low, $steps, $sum] = [atan($from), 2000, 0.0];
        $wide = (M_PI_2 - $low) / $steps;
        for ($i = 0; $i < $steps; ++$i) {
            foreach ([[$i, 1.0], [$i + 0.5, 4.0], [$i + 1, 1.0]] as [$at, $weight]) {
                $x = min(M_PI_2 - 1e-9, $low + $at * $wide);
                $sum += $weight * $density(tan($x)) / cos($x) ** 2;
            }
        }

        return $sum * $wide / 6.0;
    };
    $whole = 2.0 * $tail(0.0);
    [$low, $high] = [0.0, 1000.0];
    for ($i = 0; $i < 60; ++$i) {
        $middle = ($low + $high) / 2.0;
        [$low, $high] = $tail($middle) / $whole > $beyond ? [$middle, $high] : [$low, $middle];
    }

    return $low;
}

test('a value stands out from the critical value of its number on, as the distribution of t has it', function (int $n): void {
    $t = studentT(0.05 / (2 * $n), $n - 2);
    $critical = ($n - 1) / sqrt($n) * sqrt($t * $t / ($n - 2 + $t * $t));
    $others = array_map(static fn(int $i): float => $n % 2 === 0 && $i === $n - 2 ? 0.0 : (float) (-1) ** $i, range(0, $n - 2));
    $g = static function (float $far) use ($others, $n): float {
        $all = [...$others, $far];
        $mean = array_sum($all) / $n;

        return ($far - $mean) / sqrt(array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $all)) / ($n - 1));
    };
    $farFor = static function (float $wanted) use ($g): float {
        [$low, $high] = [1.0, 1e5];
        for ($i = 0; $i < 200; ++$i) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $g($middle) < $wanted ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    };
    expect(Outlier::among([...$others, $farFor($critical - 6e-4)]))->toBeNull()->and(Outlier::among([...$others, $farFor(min($critical + 6e-4, ($n - 1) / sqrt($n) - 1e-9))]))->toBe($n === 3 ? Outlier::among([-1.0, 1.0, $farFor($critical + 6e-4)]) : $n - 1);
})->with(range(4, 20));

test('of three values one stands out that is sixty times as far off as the others from each other', function (): void {
    expect(Outlier::among([1.0, 1.1, 1.0 + 0.1 * 60]))->toBe(2)->and(Outlier::among([1.0, 1.1, 1.0 + 0.1 * 10]))->toBeNull()
        ->and(Outlier::among(array_fill(0, 20, 1.0) + [20 => 9.0]))->toBeNull()->and(Outlier::among([4 => 1.0, 7 => 1.1, 9 => 7.0]))->toBe(9);
});

test('soils of nurseries have the figures that they were given', function (): void {
    $kept = [];
    foreach (NurserySoil::cases() as $soil) {
        $blend = $soil->substrate()->blend;
        $kept[$soil->value] = array_map(static fn(Material $material, float $parts): array => ['parts' => $parts, 'kept' => KeptMaterial::keep($material)], $blend->components, $blend->parts);
    }
    expect(json_decode((string) json_encode($kept, JSON_PRESERVE_ZERO_FRACTION), true))->toEqual(json_decode((string) file_get_contents(__DIR__.'/reference/soils.json'), true));
});

test('what is seen at the roots takes the share and the work that its line says', function (string $finding, array $shares, array $work): void {
    foreach (Degree::cases() as $i => $degree) {
        $root = new RootWork([$finding => $degree], Health::Well);
        expect($root->removed)->toBe($shares[$i], $degree->value)->and($root->treatment)->toBe($work[$i], $degree->value)->and($root->asks)->toBeTrue();
    }
})->with([
    ['root_bound', [0.10, 0.20, 0.33], [BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Combed]],
    ['matted_bottom', [0.10, 0.20, 0.30], [BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Combed]],
    ['circling', [0.05, 0.20, 0.30], [BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Combed]],
    ['black_soft', [0.10, 0.25, 0.40], [BallTreatment::Combed, BallTreatment::Washed, BallTreatment::Washed]],
    ['sludge', [0.05, 0.10, 0.20], [BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Washed]],
    ['repellent', [0.0, 0.05, 0.10], [BallTreatment::Teased, BallTreatment::Combed, BallTreatment::Combed]],
    ['crumbly', [0.0, 0.0, 0.0], [BallTreatment::Untouched, BallTreatment::Untouched, BallTreatment::Untouched]],
]);

test('each thing that is seen is answered by what helps against it', function (array $seen, Health $health, array $codes): void {
    $advice = new Advice($seen, 0.2, $health, false);
    expect(array_map(static fn(Reason $reason): string => $reason->code, $advice->points))->toBe($codes);
})->with([
    'nothing' => [[], Health::Well, []], 'white tips' => [[Finding::WhiteTips], Health::Well, []], 'a sick one' => [[], Health::Sick, ['no_old_soil']], 'a weak one' => [[], Health::Weak, []],
    'threads' => [[Finding::Threads], Health::Well, ['keep_soil']], 'rot' => [[Finding::BlackSoft], Health::Well, ['more_air', 'no_old_soil', 'cut_to_sound']],
    'sludge' => [[Finding::Sludge], Health::Well, ['more_air', 'screen_fines']], 'a fine layer' => [[Finding::FineLayer], Health::Well, ['more_air', 'screen_fines']],
    'circling' => [[Finding::Circling], Health::Well, ['comb_circling']], 'on one side' => [[Finding::OneSided], Health::Well, ['one_sided']], 'a tap root' => [[Finding::TapRoot], Health::Well, ['tap_root']],
    'crossing' => [[Finding::HighCrossing], Health::Well, ['high_crossing']], 'ants' => [[Finding::Ants], Health::Well, ['ants']], 'grubs' => [[Finding::Grubs], Health::Well, ['no_old_soil', 'grubs']],
    'moss' => [[Finding::MossLiverwort], Health::Well, ['clean_collar']], 'a dry core' => [[Finding::Repellent], Health::Well, ['soak_core']], 'wounds' => [[Finding::Wounds], Health::Well, ['seal_wounds']],
    'root-bound' => [[Finding::RootBound], Health::Well, ['root_bound']], 'matted' => [[Finding::MattedBottom], Health::Well, ['matted_bottom']], 'crumbly' => [[Finding::Crumbly], Health::Well, ['crumbly']],
    'threads in a sick one' => [[Finding::Threads], Health::Sick, ['no_old_soil']],
]);

test('each property is settled by the test that measures it', function (string $property, ?TestKind $test): void {
    expect(Settles::test($property))->toBe($test);
})->with([
    ['bulk_density', TestKind::LooseDensity], ['particle_density', TestKind::EnvelopeDensity], ['internal_water', TestKind::EnvelopeDensity], ['unavailable_water', TestKind::DrainedPot],
    ['internal_median_cm', TestKind::DrainedPot], ['sphericity', TestKind::RunThrough], ['hydraulic_size_mm', TestKind::DrainedPot], ['fines_weight', TestKind::DrainedPot], ['ph', TestKind::SlurryReaction],
    ['sieve', TestKind::SieveAnalysis], ['model_head', TestKind::DrainedPot], ['model_run_through', TestKind::RunThrough], ['model_compaction', TestKind::MixShrink], ['model_ageing', null], ['decay_rate', null],
]);

test('a zone is watered at the longest of the usual times that its thirstiest pot lasts', function (float $lasts, float $every): void {
    $use = 2.0;
    $easy = 1.0;
    $unit = (new ZonePot('one', $easy, $use, 1))->intervalH;
    expect((new ZonePlan([new ZonePot('one', $easy * $lasts / $unit, $use, 1)], 2.0, 0.9))->everyH)->toBe($every);
})->with([
    [3.0, 6.0], [7.9, 6.0], [8.1, 8.0], [11.9, 8.0], [12.1, 12.0], [23.9, 12.0], [24.1, 24.0], [35.9, 24.0], [36.1, 36.0], [47.9, 36.0], [48.1, 48.0], [71.9, 48.0], [72.1, 72.0], [95.9, 72.0], [96.1, 96.0],
    [167.9, 96.0], [168.1, 168.0], [335.9, 168.0], [336.1, 336.0],
]);

test('a day of every year has one number, and the last of February in a leap year is the 28th', function (string $day, int $number): void {
    expect(Date::dayOfYear($day))->toBe($number);
})->with([['01-01', 1], ['02-28', 59], ['02-29', 59], ['03-01', 60], ['06-30', 181], ['07-01', 182], ['12-31', 365]]);

test('what is no day of every year is refused at its field', function (string $day): void {
    expect(fn() => Date::dayOfYear($day, 'from'))->toThrow(Refused::class, 'from:');
})->with(['02-30', '13-01', '1-1', '2026-01-01', '']);

test('the last day of a leap year is in season like that of any other', function (): void {
    $south = array_map(static fn(int $i): array => Climates::rows()[($i + 6) % 12], range(0, 11));
    foreach ([Climates::rows(), $south] as $rows) {
        $season = new FeedingSeason(new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => $rows])));
        expect($season->includes(new DateTimeImmutable('2028-12-31')))->toBe($season->includes(new DateTimeImmutable('2027-12-31')))
            ->and($season->includes(new DateTimeImmutable('2028-12-31')))->toBe($season->includes(new DateTimeImmutable('2028-12-30')));
    }
});

test('an old plant is repotted in the years of old ones, and a purpose moves years, air and margins', function (PlantGroup $group, Purpose $purpose): void {
    [$young, $aged] = $group->replaceYears();
    $of = static fn(bool $old): Targets => Targets::of($group, [], $purpose, $old);
    expect($of(false)->plannedYears)->toBeNear($young * $purpose->yearsFactor(), 1e-12)->and($of(true)->plannedYears)->toBeNear($aged * $purpose->yearsFactor(), 1e-12)
        ->and($of(true)->air->low)->toBeNear($group->air()->low + $purpose->moreAir(), 1e-12)->and($of(true)->air->high)->toBeNear($group->air()->high + $purpose->moreAir(), 1e-12)
        ->and($of(true)->air->margin)->toBeNear($group->air()->margin * $purpose->marginFactor(), 1e-12)->and($of(true)->ph->margin)->toBeNear($group->ph()->margin * $purpose->marginFactor(), 1e-12)
        ->and([$of(true)->ph->low, $of(true)->ph->high])->toBe([$group->ph()->low, $group->ph()->high])
        ->and(Targets::of($group, ['years_young' => 1.5, 'years_old' => 7.0], $purpose, true)->plannedYears)->toBeNear(7.0 * $purpose->yearsFactor(), 1e-12)
        ->and(Targets::of($group, ['years_young' => 1.5, 'years_old' => 7.0], $purpose)->plannedYears)->toBeNear(1.5 * $purpose->yearsFactor(), 1e-12)
        ->and(Targets::of($group, ['years_old' => 7.0], $purpose, true, 3.0)->plannedYears)->toBe(3.0);
})->with(PlantGroup::cases())->with(Purpose::cases());

test('a figure of a material that cannot be is refused with what it may be', function (string $field, mixed $wrong, array $limits): void {
    $found = null;
    try {
        MaterialReader::read([...Reference::raw('pumice-3-6-mm'), ...(str_starts_with($field, 'sieve.') ? ['sieve' => [substr($field, 6) => $wrong, 'pan' => 1]] : [$field => $wrong])]);
    } catch (Refused $refused) {
        $found = array_values(array_filter($refused->refusals, static fn(Refusal $one): bool => $one->field === $field))[0] ?? null;
    }
    expect($found?->limits)->toEqual($limits);
})->with([
    ['bulk_density', 31, ['min' => 0, 'max' => 30]], ['particle_density', 31, ['min' => 0, 'max' => 30]], ['solid_density', 31, ['min' => 0, 'max' => 30]],
    ['internal_water', 1.1, ['min' => 0, 'max' => 1]], ['unavailable_water', -0.1, ['min' => 0, 'max' => 1]], ['internal_median_cm', 0, ['min' => 0, 'max' => 1e7]], ['internal_spread', 21, ['min' => 0, 'max' => 20]],
    ['sphericity', 1.1, ['min' => 0, 'max' => 1]], ['hydraulic_size_mm', 101, ['min' => 0, 'max' => 100]], ['fines_weight', 0.6, ['min' => -0.5, 'max' => 0.5]], ['structure_loss', -0.1, ['min' => 0, 'max' => 2]],
    ['structure_loss', 2.1, ['min' => 0, 'max' => 2]], ['hydraulic_spread', 2.1, ['min' => 0, 'max' => 2]], ['buffer', -1, ['min' => 0, 'max' => 1e5]], ['ph', 15, ['min' => 0, 'max' => 14]],
    ['cec', -1, ['min' => 0, 'max' => 1e5]], ['crumble_rate', -1, ['min' => 0, 'max' => 100]], ['decay_rate', 101, ['min' => 0, 'max' => 100]], ['sieve.4', -1, ['min' => 0, 'max' => 1e9]],
]);
