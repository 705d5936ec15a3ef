<?php

declare(strict_types=1);

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\BenchTest\Agreement;
use Zolbek\Core\Work\BenchTest\Figure;
use Zolbek\Core\Work\BenchTest\InstrumentKind;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;
use Zolbek\Core\Work\BenchTest\Reading;
use Zolbek\Core\Work\BenchTest\Readings;
use Zolbek\Core\Work\BenchTest\Step;
use Zolbek\Core\Work\BenchTest\TestKind;
use Zolbek\Core\Work\BenchTest\TestMethod;
use Zolbek\Core\Work\BenchTest\TestPlan;

/** A reading in one line: name, type, unit, limits, choices, what it may be read with. */
function readingLine(Reading $reading): string
{
    return $reading->name.' '.$reading->type.($reading->unit === '' ? '' : ' '.$reading->unit).($reading->type === 'number' ? ' '.$reading->min.'..'.$reading->max : '')
        .($reading->choices === [] ? '' : ' '.implode('/', $reading->choices)).($reading->instrument instanceof InstrumentKind ? ' by '.$reading->instrument->value : '').($reading->optional ? ' optional' : '');
}

function stepLine(Step $step): string
{
    return trim($step->code.' '.implode(' ', $step->setup).' '.implode(' ', $step->rounds)).($step->waitS > 0 ? ' wait '.$step->waitS : '');
}

test('each test at the bench goes as it is written: tools, minutes and waits, readings and their limits, steps, cautions', function (string $kind, array $tools, array $minutes, array $setup, array $rounds, array $steps, array $cautions): void {
    $test = TestKind::from($kind);
    $plan = $test->plan();
    expect($plan)->toBeInstanceOf(TestPlan::class)->and(is_subclass_of($test->test(), TestMethod::class))->toBeTrue()
        ->and($plan->tools)->toBe($tools)->and([$plan->minutes, $plan->waitMinutes, $plan->rounds])->toBe($minutes)
        ->and(array_map(readingLine(...), array_values($plan->setup)))->toBe($setup)->and(array_map(readingLine(...), array_values($plan->round)))->toBe($rounds)
        ->and(array_map(stepLine(...), $plan->steps))->toBe($steps)->and($plan->cautions)->toBe($cautions);
})->with([
    [
        'loose_density', ['jug', 'kitchen_scale'], [10, 0, 3],
        ['vessel_l number L 0.05..100', 'empty_g number g 0..50000 by scale'],
        ['full_g number g 0.1..50000 by scale'],
        ['dry', 'vessel vessel_l empty_g', 'fill  full_g'], ['dust'],
    ],
    [
        'drained_pot', ['flower_pot', 'measuring_cylinder', 'tray', 'tape'], [20, 60, 2],
        ['filled_l number L 0.1..200', 'height_cm number cm 1..100', 'packing choice settled/worked_in/poured'],
        ['added_ml number mL 1..200000 by scale', 'drained_ml number mL 0..200000 by scale'],
        ['stop', 'fill filled_l height_cm packing', 'flood  added_ml wait 1800', 'drain  drained_ml wait 1800'], [],
    ],
    [
        'slurry_reaction', ['jug', 'soft_water', 'pen_or_strip'], [15, 30, 3],
        ['method choice pen/strip', 'temperature_c number °C 0..60 by temperature_probe optional'],
        ['ph number pH 0..14 by reaction_pen', 'ec_ms_cm number mS/cm 0..200 by reaction_pen optional'],
        ['mix method wait 1800', 'warmth temperature_c', 'dip  ph ec_ms_cm'], [],
    ],
    [
        'sieve_analysis', ['sieves', 'kitchen_scale', 'brush'], [25, 0, 2],
        ['apertures apertures mm'],
        ['before_g number g 1..50000 by scale', 'retained retained g by sieve_shaker'],
        ['dry apertures', 'weigh  before_g', 'shake wait 300', 'weigh_each  retained'], ['dust'],
    ],
    [
        'run_through', ['flower_pot', 'jug', 'watch'], [10, 0, 3],
        [],
        ['seconds number s 0.2..86400'],
        ['wet', 'pour  seconds'], [],
    ],
    [
        'envelope_density', ['kitchen_scale', 'measuring_cylinder', 'towel'], [25, 720, 2],
        [],
        ['dry_g number g 0.1..50000 by scale', 'soaked_g number g 0.1..50000 by scale', 'displaced_ml number mL 1..50000'],
        ['dry  dry_g', 'soak wait 43200', 'towel  soaked_g', 'displace  displaced_ml'], [],
    ],
    [
        'mix_shrink', ['jug', 'bucket'], [15, 10, 2],
        [],
        ['loose_ml number mL 100..500000', 'settled_ml number mL 50..500000'],
        ['measure  loose_ml', 'mix', 'water  settled_ml wait 600'], ['dust'],
    ],
    [
        'float', ['jug', 'spoon'], [10, 1440, 1],
        [],
        ['total_ml number mL 10..100000', 'afloat_ml number mL 0..100000'],
        ['stir  total_ml wait 86400', 'skim  afloat_ml'], [],
    ],
    [
        'acid_drop', ['vinegar', 'saucer'], [5, 0, 3],
        [],
        ['fizz choice none/weak/strong'],
        ['crush', 'drop  fizz'], ['acid'],
    ],
    [
        'rinsed_dust', ['sieves', 'kitchen_scale', 'hose'], [15, 1440, 2],
        ['sieve_mm number mm 0.05..4'],
        ['before_g number g 1..50000 by scale', 'after_g number g 0..50000 by scale'],
        ['weigh sieve_mm before_g', 'rinse', 'dry wait 86400', 'weigh_again  after_g'], [],
    ],
    [
        'crumble', ['sieves', 'kitchen_scale', 'freezer_or_jar'], [30, 14400, 2],
        ['method choice freeze/shake', 'cycles number cycles 2..200', 'sieve_mm number mm 0.1..20'],
        ['start_g number g 1..50000 by scale', 'fines_g number g 0..50000 by scale'],
        ['screen sieve_mm start_g', 'cycles method cycles wait 86400', 'screen_again  fines_g'], ['dust'],
    ],
    [
        'slake', ['jug', 'sieves', 'kitchen_scale'], [15, 2160, 2],
        [],
        ['start_g number g 1..50000 by scale', 'whole_g number g 0..50000 by scale'],
        ['weigh  start_g', 'soak wait 43200', 'dry wait 86400', 'weigh_again  whole_g'], [],
    ],
]);

test('every reading at its limits is taken, and beyond them refused where it stands', function (TestKind $kind): void {
    $plan = $kind->plan();
    $usual = static fn(Reading $reading): mixed => match ($reading->type) {
        'number' => ($reading->min + $reading->max) / 2.0,
        'choice' => $reading->choices[0],
        'apertures' => [4, 2, 1],
        default => ['4' => 1.0, '2' => 1.0, '1' => 1.0, 'pan' => 1.0],
    };
    $read = static function (string $part, string $name, mixed $value) use ($plan, $usual): array {
        $setup = array_map($usual, $plan->setup);
        $round = array_map($usual, $plan->round);
        $part === 'setup' ? $setup[$name] = $value : $round[$name] = $value;
        $refusals = new Refusals();
        Readings::read(['setup' => $setup, 'rounds' => [$round]], $plan, $refusals);
        try {
            $refusals->throwIfAny();
        } catch (Zolbek\Core\Basis\Input\Refused $refused) {
            return array_map(static fn(Refusal $refusal): string => $refusal->field, $refused->refusals);
        }

        return [];
    };
    foreach (['setup' => $plan->setup, 'rounds.0' => $plan->round] as $path => $readings) {
        foreach ($readings as $name => $reading) {
            $part = $path === 'setup' ? 'setup' : 'round';
            if ($reading->type === 'number') {
                expect($read($part, $name, $reading->min))->toBe([])->and($read($part, $name, $reading->max))->toBe([])
                    ->and($read($part, $name, $reading->min - 0.001))->toBe([$path.'.'.$name])->and($read($part, $name, $reading->max + 0.001))->toBe([$path.'.'.$name])
                    ->and($read($part, $name, 'much'))->toBe([$path.'.'.$name]);
            }
            if ($reading->type === 'choice') {
                foreach ($reading->choices as $choice) {
                    expect($read($part, $name, $choice))->toBe([]);
                }
                expect($read($part, $name, 'other'))->toBe([$path.'.'.$name]);
            }
        }
    }
})->with(TestKind::cases());

/** @param list<array<string, mixed>> $rounds */
function reckoned(TestKind $kind, array $setup, array $rounds): Zolbek\Core\Work\BenchTest\Outcome
{
    $refusals = new Refusals();
    $outcome = ($kind->test())::reckon(Readings::read(['setup' => $setup, 'rounds' => $rounds], $kind->plan(), $refusals), $refusals);
    $refusals->throwIfAny();

    return $outcome;
}

test('what floats is said from a tenth on', function (float $afloat, string $floats): void {
    $outcome = reckoned(TestKind::Float, [], [['total_ml' => 500, 'afloat_ml' => $afloat]]);
    expect($outcome->figures[0]->mean)->toBeNear($afloat / 500.0, 1e-12)->and($outcome->figures[0]->uncertainty)->toBe(0.02)->and($outcome->findings)->toBe(['floats' => $floats]);
})->with([[150.0, 'yes'], [50.0, 'yes'], [49.9, 'no'], [0.0, 'no']]);

test('a run-through is the mean of its rounds with the spread of the hand', function (): void {
    $figure = reckoned(TestKind::RunThrough, [], [['seconds' => 20], ['seconds' => 22], ['seconds' => 24]])->figures[0];
    expect($figure->name)->toBe('run_through_s')->and($figure->mean)->toBe(22.0)->and($figure->uncertainty)->toBeNear(2.0 / sqrt(3.0), 1e-12)->and($figure->n)->toBe(3);
});

test('measured and computed agree within twice the uncertainty and fifteen per cent', function (string $name, float $measured, float $u, float $computed, string $verdict, float $limit): void {
    $agreement = new Agreement(new Figure($name, [$measured], [], $u), $computed);
    expect($agreement->verdict)->toBe($verdict)->and($agreement->limit)->toBeNear($limit, 1e-9)->and($agreement->difference)->toBeNear($measured - $computed, 1e-9);
})->with([
    ['air', 0.21, 0.01, 0.24, 'agrees', hypot(0.02, 0.036)],
    ['air', 0.21, 0.01, 0.28, 'lower', hypot(0.02, 0.042)],
    ['air', 0.35, 0.01, 0.24, 'higher', hypot(0.02, 0.036)],
    ['ph', 6.4, 0.1, 6.0, 'agrees', hypot(0.2, 0.5)],
    ['ph', 7.0, 0.1, 6.0, 'higher', hypot(0.2, 0.5)],
]);

test('several tests of a property weigh by their rounds, and are never surer than three per cent or a tenth of a pH', function (): void {
    $one = new MeasuredProperty('bulk_density', 0.40, 0.02, 1);
    $two = new MeasuredProperty('bulk_density', 0.46, 0.01, 3);
    $together = MeasuredProperty::together([$one, $two]);
    expect($together->value)->toBeNear((0.40 + 3 * 0.46) / 4, 1e-12)->and($together->n)->toBe(4)->and($together->uncertainty)->toBeNear(max(hypot(0.02, 0.03) / 4, 0.03 * $together->value), 1e-12)
        ->and(MeasuredProperty::together([new MeasuredProperty('ph', 6.0, 0.01, 5)])->uncertainty)->toBe(0.1);
});

test('sieves of the same apertures are averaged, of others the last one stands', function (): void {
    $one = new MeasuredProperty('sieve', 3.0, 0.1, 1, ['4' => 50.0, 'pan' => 50.0]);
    $two = new MeasuredProperty('sieve', 4.0, 0.2, 3, ['4' => 70.0, 'pan' => 30.0]);
    $other = new MeasuredProperty('sieve', 5.0, 0.3, 2, ['8' => 20.0, '4' => 60.0, 'pan' => 20.0]);
    expect(MeasuredProperty::together([$one, $two])->sieve)->toBe(['4' => 65.0, 'pan' => 35.0])->and(MeasuredProperty::together([$one, $two])->n)->toBe(4)
        ->and(MeasuredProperty::together([$one, $two, $other])->sieve)->toBe(['8' => 20.0, '4' => 60.0, 'pan' => 20.0])->and(MeasuredProperty::together([$one, $two, $other])->n)->toBe(2);
});
