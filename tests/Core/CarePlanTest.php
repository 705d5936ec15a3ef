<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\EndsBy;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Feeding\FeedingSeason;
use Zolbek\Core\Work\Feeding\SlowRelease;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;

function hillDays(): DailyClimate
{
    return new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows()]));
}

/** @param array<string, mixed> $with named arguments of Done */
function potted(array $with = [], string $on = '2026-05-10'): Done
{
    return new Done(...['on' => new DateTimeImmutable($on), 'group' => PlantGroup::BroadleafDeciduous, ...$with]);
}

/** @return array<string, Task> the tasks by kind, each kind once */
function tasksOf(Done $done, ?DailyClimate $climate = null): array
{
    $tasks = (new CarePlan($done, $climate))->tasks;
    $byKind = [];
    foreach ($tasks as $task) {
        expect($byKind)->not->toHaveKey($task->kind->value);
        $byKind[$task->kind->value] = $task;
    }

    return $byKind;
}

/** The whole of a task in one line: kind, first day, day to act, what ends it, how often, until when. */
function line(Task $task): string
{
    return implode(' ', array_filter([
        $task->kind->value, $task->startsOn->format('m-d'), $task->dueOn->format('m-d'), $task->endsBy->value,
        $task->everyDays === null ? null : 'every '.$task->everyDays, $task->untilOn === null ? null : 'until '.$task->untilOn->format('m-d'),
        $task->figures === [] ? null : json_encode($task->figures),
    ]));
}

/** @return list<string> */
function plan(Done $done, ?DailyClimate $climate = null): array
{
    return array_map(line(...), (new CarePlan($done, $climate))->tasks);
}

test('a tree that was teased and tied gets these tasks on these days and no others', function (): void {
    expect(plan(potted(['fixing' => 'wire', 'rootsCut' => 0.2])))->toBe([
        'shade 05-10 05-31 shoots_lengthen',
        'morning_sun 05-31 06-10 leaves_stand',
        'final_place 06-10 06-20 leaves_stand',
        'first_weeks 05-10 05-24 shoots_lengthen',
        'leave_alone 05-10 06-21 shoots_lengthen',
        'out_of_storms 05-10 06-07 holds_firm',
        'check_wires 05-10 09-07 date {"days":120}',
        'next_look 05-10 05-24 date',
        'after_six_weeks 05-10 06-21 date',
        'after_a_year 05-10 05-10 date',
    ]);
});

test('a desert plant held by stones, washed in leaf, fed beside a charge, with grubs found', function (): void {
    $done = potted([
        'group' => PlantGroup::Desert, 'rootsCut' => 0.6, 'treatment' => BallTreatment::Washed, 'inLeaf' => true, 'fixing' => 'stones', 'firstWaterAfterDays' => 7, 'slowReleaseDays' => 90.0,
        'feeding' => FeedingSchool::WeeklyGrowth, 'findings' => [Finding::Grubs], 'health' => Health::Weak,
    ]);
    expect(plan($done))->toBe([
        'first_water 05-10 05-17 date {"days":7}',
        'shade 05-10 05-31 shoots_lengthen',
        'morning_sun 05-31 06-10 leaves_stand',
        'final_place 06-10 06-20 leaves_stand',
        'first_weeks 05-17 05-31 leaves_stand',
        'leave_alone 05-10 11-08 date',
        'out_of_storms 05-10 06-07 holds_firm',
        'slow_release_ends 05-17 08-15 date {"days":90}',
        'first_feed 05-10 08-15 date {"share":0.5}',
        'feed 08-15 08-22 date every 7 until 07-10 {"share":0.5,"days":7}',
        'treat_again 05-10 05-20 date',
        'stones_off 05-10 06-21 date {"days":42}',
        'next_look 05-10 05-17 date',
        'after_six_weeks 05-10 06-21 date',
        'after_a_year 05-10 05-10 date',
    ]);
});

test('what brings a task, and what just does not', function (TaskKind $kind, array $with, bool $comes): void {
    expect(isset(tasksOf(potted($with))[$kind->value]))->toBe($comes);
})->with([
    'watered at once' => [TaskKind::FirstWater, ['firstWaterAfterDays' => 0], false],
    'watered a day later' => [TaskKind::FirstWater, ['firstWaterAfterDays' => 1], true],
    'an untouched ball with a tenth of its roots gone' => [TaskKind::Shade, ['treatment' => BallTreatment::Untouched, 'rootsCut' => 0.1], true],
    'an untouched ball with less gone' => [TaskKind::Shade, ['treatment' => BallTreatment::Untouched, 'rootsCut' => 0.0999], false],
    'a teased ball with nothing gone' => [TaskKind::Shade, ['treatment' => BallTreatment::Teased, 'rootsCut' => 0.0], true],
    'half the roots gone, in leaf' => [TaskKind::Cover, ['rootsCut' => 0.5, 'inLeaf' => true], true],
    'half the roots gone, a stump without leaves' => [TaskKind::Cover, ['rootsCut' => 0.5], false],
    'half the roots gone, but it stores water' => [TaskKind::Cover, ['rootsCut' => 0.5, 'inLeaf' => true, 'group' => PlantGroup::Desert], false],
    'less than half gone' => [TaskKind::Cover, ['rootsCut' => 0.499, 'inLeaf' => true], false],
    'in the sun at last' => [TaskKind::MorningSun, ['exposure' => Exposure::FullSun], true],
    'in half shade at last' => [TaskKind::MorningSun, ['exposure' => Exposure::HalfShade], false],
    'its own place in half shade' => [TaskKind::FinalPlace, ['exposure' => Exposure::HalfShade], true],
    'in the shade anyway' => [TaskKind::Shade, ['exposure' => Exposure::Shade], false],
    'moss on top' => [TaskKind::MistMoss, ['hasMoss' => true], true],
    'no moss' => [TaskKind::MistMoss, [], false],
    'roots cut, so the crown waits' => [TaskKind::LeaveAlone, ['rootsCut' => 0.2], true],
    'hardly touched' => [TaskKind::LeaveAlone, ['treatment' => BallTreatment::Untouched, 'rootsCut' => 0.0], false],
    'stands a gale as it is tied' => [TaskKind::OutOfStorms, ['gustMs' => 17.2], false],
    'tips over in a gale' => [TaskKind::OutOfStorms, ['gustMs' => 17.1], true],
    'stands a gale where more than that blows' => [TaskKind::OutOfStorms, ['gustMs' => 20.0, 'stormMs' => 20.1], true],
    'stands what blows there' => [TaskKind::OutOfStorms, ['gustMs' => 20.1, 'stormMs' => 20.1], false],
    'washed in leaf' => [TaskKind::Cover, ['treatment' => BallTreatment::Washed, 'inLeaf' => true], true],
    'washed without leaves' => [TaskKind::Cover, ['treatment' => BallTreatment::Washed, 'inLeaf' => false], false],
    'combed in leaf' => [TaskKind::Cover, ['treatment' => BallTreatment::Combed, 'inLeaf' => true], false],
    'out of storms where nobody knows what it stands' => [TaskKind::OutOfStorms, ['treatment' => BallTreatment::Untouched], true],
    'a charge in the mix' => [TaskKind::SlowReleaseEnds, ['slowReleaseDays' => 30.0], true],
    'no charge' => [TaskKind::SlowReleaseEnds, [], false],
    'ants' => [TaskKind::TreatAgain, ['findings' => [Finding::Ants]], true],
    'grubs' => [TaskKind::TreatAgain, ['findings' => [Finding::WhiteTips, Finding::Grubs]], true],
    'healthy roots' => [TaskKind::TreatAgain, ['findings' => [Finding::WhiteTips]], false],
    'held by stones' => [TaskKind::StonesOff, ['fixing' => 'stones'], true],
    'tied' => [TaskKind::StonesOff, ['fixing' => 'wire'], false],
    'tied, so the wires' => [TaskKind::CheckWires, ['fixing' => 'wire'], true],
    'held by stones, so no wires' => [TaskKind::CheckWires, ['fixing' => 'stones'], false],
    'held by nothing' => [TaskKind::CheckWires, ['fixing' => 'none'], false],
    'not fed' => [TaskKind::FirstFeed, ['feeding' => FeedingSchool::None], false],
    'fed' => [TaskKind::Feed, ['feeding' => FeedingSchool::HalfYear], true],
]);

test('a plant that is not well is looked at sooner and fed later', function (Health $health, string $look, string $feed): void {
    $tasks = tasksOf(potted(['health' => $health, 'feeding' => FeedingSchool::LittleOften]));
    expect($tasks['next_look']->dueOn->format('m-d'))->toBe($look)->and($tasks['first_feed']->dueOn->format('m-d'))->toBe($feed);
})->with([[Health::Well, '05-24', '06-07'], [Health::Weak, '05-17', '06-21'], [Health::Sick, '05-17', '06-21']]);

test('each school feeds in its rhythm at its share of the label', function (FeedingSchool $school, int $every, float $share): void {
    $tasks = tasksOf(potted(['feeding' => $school]));
    expect($tasks['feed']->everyDays)->toBe($every)
        ->and($tasks['feed']->startsOn)->toEqual($tasks['first_feed']->dueOn)
        ->and($tasks['feed']->dueOn)->toEqual($tasks['first_feed']->dueOn->modify("+$every days"))
        ->and($tasks['feed']->figures)->toBe(['share' => $share, 'days' => $every])
        ->and($tasks['first_feed']->figures)->toBe(['share' => $share])
        // without a climate it goes on for eleven months
        ->and($tasks['feed']->untilOn)->toEqual($tasks['first_feed']->dueOn->modify('+329 days'));
})->with([
    [FeedingSchool::LittleOften, 4, 0.25], [FeedingSchool::WeeklyGrowth, 7, 0.5], [FeedingSchool::HalfYear, 150, 1.0], [FeedingSchool::Generous, 14, 1.0],
]);

test('only who feeds generously feeds beside a charge; the others wait until it has run out', function (FeedingSchool $school, float $charge, string $first): void {
    expect(tasksOf(potted(['feeding' => $school, 'slowReleaseDays' => $charge]))['first_feed']->dueOn->format('m-d'))->toBe($first);
})->with([
    [FeedingSchool::Generous, 90.0, '06-07'],
    [FeedingSchool::WeeklyGrowth, 90.0, '08-08'],
    // a charge that is gone before the roots have healed changes nothing
    [FeedingSchool::WeeklyGrowth, 20.0, '06-07'],
    [FeedingSchool::WeeklyGrowth, 29.0, '06-08'],
]);

test('a charge begins with the first water', function (int $dry): void {
    $task = tasksOf(potted(['slowReleaseDays' => 60.0, 'firstWaterAfterDays' => $dry]))['slow_release_ends'];
    expect($task->startsOn)->toEqual((new DateTimeImmutable('2026-05-10'))->modify("+$dry days"))->and($task->dueOn)->toEqual($task->startsOn->modify('+60 days'));
})->with([0, 5, 14]);

test('in a cold place a potted plant is kept from frost until its roots have healed or frost is over', function (string $on, ?string $until): void {
    $climate = hillDays();
    $task = tasksOf(potted(['rootsCut' => 0.2], $on), $climate)['no_frost'] ?? null;
    expect($task?->dueOn->format('Y-m-d'))->toBe($until);
    if ($task !== null) {
        expect($task->endsBy)->toBe(EndsBy::Date)->and($task->figures['nights'])->toBeGreaterThan(0.0)
            ->and($task->figures['nights'])->toBe(round($climate->frostNights((int) (new DateTimeImmutable($on))->format('z') + 1, 42)));
    }
})->with(function (): Generator {
    $climate = hillDays();
    $last = (new DateTimeImmutable('2026-01-01'))->modify('+'.($climate->lastFrost - 1).' days');
    yield 'in January until the last frost' => ['2026-01-10', $last->format('Y-m-d')];
    yield 'shortly before it, six weeks' => [$last->modify('-20 days')->format('Y-m-d'), $last->modify('+22 days')->format('Y-m-d')];
    yield 'in summer not at all' => ['2026-07-01', null];
    yield 'no longer than eight months' => ['2026-11-01', (new DateTimeImmutable('2026-11-01'))->modify('+'.min(240, DailyClimate::daysUntil(305, (int) $climate->lastFrost)).' days')->format('Y-m-d')];
});

test('a plant with a shelter at hand, or in a place without frost, is not warned of it', function (): void {
    expect(tasksOf(potted(['sheltered' => true], '2026-01-10'), hillDays()))->not->toHaveKey('no_frost')
        ->and(tasksOf(potted([], '2026-01-10')))->not->toHaveKey('no_frost');
});

test('feeding keeps to the season of the place, and stops with it', function (): void {
    $climate = hillDays();
    $season = new FeedingSeason($climate);
    $tasks = tasksOf(potted(['feeding' => FeedingSchool::WeeklyGrowth], '2026-10-20'), $climate);
    $first = $tasks['first_feed']->dueOn;
    expect($season->includes($first))->toBeTrue()->and($season->includes($first->modify('-1 day')))->toBeFalse()
        ->and((int) $first->format('z') + 1)->toBe($season->startsDay)
        ->and($season->includes($tasks['feed']->untilOn ?? $first))->toBeTrue()
        ->and($season->includes(($tasks['feed']->untilOn ?? $first)->modify('+1 day')))->toBeFalse();
});

test('the season starts on the first mild day and stops six weeks before the first frost', function (): void {
    $climate = hillDays();
    $season = new FeedingSeason($climate);
    expect($season->startsDay)->toBe($climate->warming(9.0))
        ->and(DailyClimate::daysUntil((int) $season->stopsDay, (int) $climate->firstFrost))->toBe(42);
    $day = static fn(int $of): DateTimeImmutable => (new DateTimeImmutable('2026-01-01'))->modify('+'.($of - 1).' days');
    foreach ([[$season->startsDay, true], [$season->startsDay - 1, false], [$season->stopsDay, true], [$season->stopsDay + 1, false]] as [$of, $isIn]) {
        expect($season->includes($day((int) $of)))->toBe($isIn);
    }
    expect($season->next($day((int) $season->startsDay)))->toEqual($day((int) $season->startsDay))
        ->and($season->next($day((int) $season->stopsDay + 1)))->toEqual($day((int) $season->startsDay)->modify('+1 year'));
});

test('without a climate it is always season', function (): void {
    $season = new FeedingSeason(null);
    expect($season->startsDay)->toBeNull()->and($season->stopsDay)->toBeNull()->and($season->includes(new DateTimeImmutable('2026-12-31')))->toBeTrue();
});

test('a charge goes twice as fast for each ten degrees', function (float $celsius, int $days): void {
    $climate = new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 0, 'months' => array_fill(0, 12, ['tmin' => $celsius, 'tmax' => $celsius, 'rain_mm' => 0])]));
    $start = new DateTimeImmutable('2026-02-01');
    $charge = new SlowRelease($start, 120.0, $climate);
    expect((int) $start->diff($charge->endsOn)->days)->toBe($days)
        ->and($charge->releasedBy($start))->toBe(0.0)
        ->and($charge->releasedBy($start->modify('+'.intdiv($days, 2).' days')))->toEqualWithDelta(0.5, 0.01)
        ->and($charge->releasedBy($charge->endsOn->modify('-1 day')))->toBeLessThan(1.0)
        ->and($charge->releasedBy($charge->endsOn))->toBe(1.0);
})->with([[31.0, 60], [21.0, 120], [11.0, 240], [1.0, 480]]);

test('a charge in eternal cold ends after some years all the same', function (): void {
    $climate = new DailyClimate(Climate::read(['latitude' => 60, 'altitude_m' => 0, 'months' => array_fill(0, 12, ['tmin' => -40, 'tmax' => -40, 'rain_mm' => 0])]));
    $start = new DateTimeImmutable('2026-02-01');
    expect((int) $start->diff((new SlowRelease($start, 400.0, $climate))->endsOn)->days)->toBe(1500);
});

test('what the mix holds is not washed out', function (float $cec, float $runOff, float $share): void {
    expect(SlowRelease::washOutShare($cec, $runOff))->toBeNear($share, 1e-12);
    $charge = new SlowRelease(new DateTimeImmutable('2026-04-01'), 100.0, null);
    expect($charge->washedOutBy(new DateTimeImmutable('2026-05-21'), $cec, $runOff))->toBeNear(0.5 * $share, 1e-12);
})->with([[0.0, 0.25, 0.25], [20.0, 0.25, 0.125], [60.0, 0.25, 0.0625], [20.0, 1.0, 0.5]]);

test('an outcome is asked after six weeks and after a year', function (): void {
    $asking = array_values(array_filter(TaskKind::cases(), static fn(TaskKind $kind): bool => $kind->asksOutcome()));
    expect($asking)->toBe([TaskKind::AfterSixWeeks, TaskKind::AfterAYear]);
});

test('whatever was done, no task begins before it, ends before it begins or is due before the potting', function (int $seed): void {
    mt_srand($seed);
    $pick = static fn(array $cases): mixed => $cases[mt_rand(0, count($cases) - 1)];
    $on = (new DateTimeImmutable('2026-01-01'))->modify('+'.mt_rand(0, 700).' days');
    $done = new Done(
        $on,
        $pick(PlantGroup::cases()),
        mt_rand(0, 100) / 100,
        $pick(BallTreatment::cases()),
        mt_rand(0, 1) === 1,
        $pick(Health::cases()),
        $pick(Done::FIXINGS),
        mt_rand(1, 200),
        mt_rand(0, 20),
        mt_rand(0, 1) === 1 ? (float) mt_rand(10, 400) : null,
        $pick(FeedingSchool::cases()),
        [$pick(Finding::cases())],
        mt_rand(0, 1) === 1,
    );
    foreach (tasksOf($done, mt_rand(0, 1) === 1 ? hillDays() : null) as $task) {
        expect($task->startsOn >= $on)->toBeTrue()->and($task->dueOn >= $task->startsOn)->toBeTrue()
            ->and($task->untilOn === null || $task->untilOn >= $task->startsOn)->toBeTrue()
            ->and(($task->everyDays === null) === ($task->untilOn === null))->toBeTrue();
    }
})->with(seeds(40, 200));

test('nothing that wets a plant begins before its first water', function (): void {
    $tasks = tasksOf(potted(['rootsCut' => 0.6, 'inLeaf' => true, 'hasMoss' => true, 'firstWaterAfterDays' => 5, 'intervalH' => 60.0]));
    expect(line($tasks['cover']))->toBe('cover 05-15 05-29 shoots_lengthen')->and(line($tasks['mist_moss']))->toBe('mist_moss 05-15 05-16 date every 2 until 06-05')
        ->and(line($tasks['first_weeks']))->toBe('first_weeks 05-15 05-29 leaves_stand {"days":2.5}');
});

test('crown and wiring of one that is weak or newly collected are left alone for half a year', function (array $with, string $until, EndsBy $ends): void {
    $task = tasksOf(potted(['rootsCut' => 0.2, ...$with]))['leave_alone'];
    expect($task->dueOn->format('m-d'))->toBe($until)->and($task->endsBy)->toBe($ends);
})->with([[[], '06-21', EndsBy::ShootsLengthen], [['health' => Health::Weak], '11-08', EndsBy::Date], [['purpose' => Purpose::NewlyCollected], '11-08', EndsBy::Date], [['purpose' => Purpose::Recover], '11-08', EndsBy::Date]]);

test('each rung of light follows the one before it', function (): void {
    $tasks = tasksOf(potted(['rootsCut' => 0.2]));
    expect($tasks['morning_sun']->startsOn)->toEqual($tasks['shade']->dueOn)->and($tasks['final_place']->startsOn)->toEqual($tasks['morning_sun']->dueOn);
});

test('a surface that is to bring out roots goes down month by month, once they have healed', function (): void {
    expect(line(tasksOf(potted(['lowerCm' => 3.0, 'lowerMonths' => 12]))['lower_surface']))->toBe('lower_surface 05-10 06-21 date every 30 until 05-17 {"cm":0.25}')
        ->and(tasksOf(potted(['lowerCm' => 0.0, 'lowerMonths' => 12])))->not->toHaveKey('lower_surface')->and(tasksOf(potted(['lowerCm' => 1.0, 'lowerMonths' => 0])))->not->toHaveKey('lower_surface');
});
