<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\LearnedInterval;
use Zolbek\Core\Course\Water\StickChart;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\EndsBy;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Feeding\FeedingSeason;
use Zolbek\Core\Work\Feeding\FertiliserLabel;
use Zolbek\Core\Work\Feeding\SlowRelease;
use Zolbek\Core\Work\Inspection\Finding;

function evenClimate(float $celsius): DailyClimate
{
    return new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 0, 'months' => array_fill(0, 12, ['tmin' => $celsius, 'tmax' => $celsius, 'rain_mm' => 0])]));
}

/** @return array<string, Task> by kind */
function careAfter(Done $done, ?DailyClimate $climate = null): array
{
    $tasks = [];
    foreach ((new CarePlan($done, $climate))->tasks as $task) {
        $tasks[$task->kind->value] = $task;
    }

    return $tasks;
}

test('a fertiliser by the label gives its grams and elements, and never more', function (): void {
    $fertiliser = new FertiliserLabel(15, 9, 12, 4.0);
    $grams = $fertiliser->grams(3.5);
    $elements = $fertiliser->elements($grams);
    expect($grams)->toBe(14.0)
        ->and($elements['n'])->toEqualWithDelta(2.1, 1e-9)->and($elements['p'])->toEqualWithDelta(0.54936, 1e-9)->and($elements['k'])->toEqualWithDelta(1.3944, 1e-9)
        ->and((new FertiliserLabel(15, 9, 12, 4.0, 6.0))->gramsOnTop(3.5))->toBe(21.0)->and((new FertiliserLabel(15, 9, 12, 4.0, 6.0))->gramsOnTop(3.5, 0.5))->toBe(10.5)
        ->and(static fn() => $fertiliser->gramsOnTop(3.5))->toThrow(Refused::class)
        ->and(static fn() => (new FertiliserLabel(15, 9, 12, 4.0, 6.0))->gramsOnTop(3.5, 1.1))->toThrow(Refused::class)
        ->and((new FertiliserLabel(6, 4, 6, 2.0))->ppmN())->toBe(120.0)
        ->and(static fn() => $fertiliser->grams(1, 1.2))->toThrow(Refused::class);
});

test('a slow-release charge lasts as the label says at 21 degrees, and twice as long at 11', function (): void {
    $start = new DateTimeImmutable('2026-04-01');
    expect((new SlowRelease($start, 90, evenClimate(21)))->endsOn->format('Y-m-d'))->toBe('2026-06-30')
        ->and((new SlowRelease($start, 90, evenClimate(11)))->endsOn->format('Y-m-d'))->toBe('2026-09-28')
        ->and((new SlowRelease($start, 90, null))->endsOn->format('Y-m-d'))->toBe('2026-06-30');
    $charge = new SlowRelease($start, 90, null);
    $before = 0.0;
    foreach (range(0, 120, 10) as $days) {
        $released = $charge->releasedBy($start->modify("+$days days"));
        expect($released)->toBeGreaterThanOrEqual($before)->toBeLessThanOrEqual(1.0)
            ->and($charge->washedOutBy($start->modify("+$days days"), 5.0))->toBeLessThanOrEqual($released);
        $before = $released;
    }
    expect($before)->toBe(1.0)->and(SlowRelease::washOutShare(0.0))->toBe(SlowRelease::RUN_OFF)->and(SlowRelease::washOutShare(40.0))->toBeLessThan(SlowRelease::washOutShare(5.0));
});

test('feeding keeps to the season of the site', function (): void {
    $season = new FeedingSeason(new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows()])));
    expect($season->includes(new DateTimeImmutable('2026-01-10')))->toBeFalse()
        ->and($season->includes(new DateTimeImmutable('2026-07-01')))->toBeTrue()
        ->and($season->includes($season->next(new DateTimeImmutable('2026-11-20'))))->toBeTrue()
        ->and((new FeedingSeason(null))->includes(new DateTimeImmutable('2026-01-10')))->toBeTrue();
});

test('what was done brings its tasks, ended by what is seen where that is the rule', function (): void {
    $on = new DateTimeImmutable('2026-05-10');
    $tasks = careAfter(new Done($on, PlantGroup::Desert, 0.6, BallTreatment::Washed, true, fixing: 'stones', firstWaterAfterDays: 7, slowReleaseDays: 90, feeding: FeedingSchool::WeeklyGrowth, findings: [Finding::Grubs]));
    expect(array_keys($tasks))->toContain('first_water', 'shade', 'out_of_storms', 'slow_release_ends', 'first_feed', 'feed', 'treat_again', 'stones_off', 'next_look', 'after_six_weeks', 'after_a_year')
        ->not->toContain('check_wires')->not->toContain('cover')
        ->and($tasks['shade']->endsBy)->toBe(EndsBy::ShootsLengthen)
        ->and($tasks['out_of_storms']->endsBy)->toBe(EndsBy::HoldsFirm)
        ->and($tasks['first_water']->dueOn->format('Y-m-d'))->toBe('2026-05-17')
        // the charge starts with the first water
        ->and($tasks['slow_release_ends']->dueOn->format('Y-m-d'))->toBe('2026-08-15')
        ->and($tasks['first_feed']->dueOn >= $tasks['slow_release_ends']->dueOn)->toBeTrue()
        ->and($tasks['stones_off']->dueOn->format('Y-m-d'))->toBe('2026-06-21')
        ->and($tasks['after_a_year']->dueOn->format('Y-m-d'))->toBe('2027-05-10');
    $gentle = careAfter(new Done($on, PlantGroup::BroadleafDeciduous, 0.0, BallTreatment::Untouched, fixing: 'wire'));
    expect(array_keys($gentle))->toContain('check_wires')->and(array_intersect(['shade', 'cover', 'first_water', 'feed', 'stones_off'], array_keys($gentle)))->toBe([]);
});

test('frost after potting is kept from it, where frost is to come and no shelter is at hand', function (): void {
    $cold = new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows()]));
    $done = static fn(string $day, bool $sheltered): Done => new Done(new DateTimeImmutable($day), PlantGroup::BroadleafDeciduous, 0.2, sheltered: $sheltered);
    expect(careAfter($done('2026-03-01', false), $cold))->toHaveKey(TaskKind::NoFrost->value)
        ->and(careAfter($done('2026-03-01', true), $cold))->not->toHaveKey(TaskKind::NoFrost->value)
        ->and(careAfter($done('2026-06-20', false), $cold))->not->toHaveKey(TaskKind::NoFrost->value);
});

test('taps teach the interval of a pot within bounds', function (): void {
    $tap = static fn(string $verdict, float $hours): array => ['verdict' => $verdict, 'hours' => $hours];
    expect((new LearnedInterval(48.0, []))->hours)->toBe(48.0)
        ->and((new LearnedInterval(48.0, [$tap('water', 24.0)]))->hours)->toBe(36.0)
        ->and((new LearnedInterval(48.0, [$tap('water', 24.0), $tap('wait', 40.0)]))->hours)->toEqualWithDelta(46.0, 1e-9)
        ->and((new LearnedInterval(48.0, [$tap('wait', 20.0)]))->hours)->toBe(48.0)
        ->and((new LearnedInterval(48.0, array_fill(0, 50, $tap('water', 0.1))))->hours)->toBe(12.0)
        ->and((new LearnedInterval(48.0, array_fill(0, 50, $tap('wait', 5000.0))))->hours)->toBe(192.0);
});

test('a stick is shown from the day of watering to a quarter beyond what lasts, and for no other season', function (float $lasts, array $days): void {
    expect(StickChart::daysOf($lasts))->toBe($days);
})->with([
    'eight days' => [8.0, [0.0, 2.0, 4.0, 6.0, 8.0, 10.0]], 'two days' => [2.0, [0.0, 0.5, 1.0, 1.5, 2.0, 2.5]], 'hours' => [0.2, [0.0, 0.3, 0.5, 0.8, 1.0, 1.3]], 'fifty days' => [50.0, [0.0, 13.0, 25.0, 38.0, 50.0, 60.0]],
    'over a year' => [460.0, [0.0, 15.0, 30.0, 45.0, 60.0]],
]);

test('the stick is as wet as after drainage on day 0, and dries by depth and day', function (): void {
    $setup = new Setup(
        [[Portion::of(Reference::component('pumice-3-6-mm')), 1.0], [Portion::of(Reference::component('composted-bark-fine-2-8-mm')), 1.0]],
        Container::read(['shape' => 'round', 'depth' => 15, 'top' => 20, 'base' => 16]),
        Holes::of(1, 2.0, 1.0),
        PlantGroup::BroadleafDeciduous,
    );
    $use = 0.2;
    $chart = new StickChart($setup, $use, [0.0, 1.0, 2.0, 3.0], [1.0, 5.0, 12.0]);
    expect($chart->days[0]['suction_cm'])->toBe(0.0)
        ->and($chart->days[0]['water_l'])->toEqualWithDelta($setup->waterL(0.0), 1e-12)
        ->and($chart->days[0]['levels'][0]['suction_cm'])->toEqualWithDelta(14.0, 1e-9);
    foreach ([1, 2, 3] as $day) {
        expect($chart->days[$day]['water_l'])->toEqualWithDelta($setup->waterL(0.0) - $use * $day, 1e-3)
            ->and($chart->days[$day]['suction_cm'])->toBeGreaterThan($chart->days[$day - 1]['suction_cm'])
            ->and($chart->days[$day]['levels'][0]['theta'])->toBeLessThan($chart->days[$day]['levels'][2]['theta']);
    }
    expect(StickLook::at(0.5, 100))->toBe(StickLook::Wet)->and(StickLook::at(150, 100))->toBe(StickLook::Dry);
});
