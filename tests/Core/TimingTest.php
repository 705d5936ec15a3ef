<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Climate\WaterSeason;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\Reason;
use Zolbek\Core\Work\Timing\Due;
use Zolbek\Core\Work\Timing\DueLevel;
use Zolbek\Core\Work\Timing\OutOfTurn;
use Zolbek\Core\Work\Timing\PottingSeason;
use Zolbek\Core\Work\Timing\School;
use Zolbek\Core\Work\Timing\Window;

function hillByDay(): DailyClimate
{
    return new DailyClimate(Climates::hill());
}

/** @return list<string> */
function codesOf(array $reasons): array
{
    return array_map(static fn(Reason $reason): string => $reason->code, $reasons);
}

test('how due a plant is, to the day on which it turns', function (float $years, float $planned, ?float $fails, DueLevel $level, float $after): void {
    $due = new Due($years, $planned, $fails);
    expect($due->level)->toBe($level)->and($due->afterYears)->toBe($after);
})->with([
    'long before' => [0.0, 3.0, null, DueLevel::NotDue, 3.0],
    'just before the half-year' => [2.49, 3.0, null, DueLevel::NotDue, 3.0],
    'half a year before' => [2.5, 3.0, null, DueLevel::Soon, 3.0],
    'the day before' => [2.999, 3.0, null, DueLevel::Soon, 3.0],
    'on the day' => [3.0, 3.0, null, DueLevel::Due, 3.0],
    'before it is overdue' => [3.74, 3.0, null, DueLevel::Due, 3.0],
    'overdue' => [3.75, 3.0, null, DueLevel::Overdue, 3.0],
    'by a mix that fails sooner' => [2.0, 4.0, 2.0, DueLevel::Due, 2.0],
    'overdue by its mix' => [2.5, 4.0, 2.0, DueLevel::Overdue, 2.0],
    'by the years where the mix lasts longer' => [2.0, 2.0, 6.0, DueLevel::Due, 2.0],
    'new in a mix that fails it new' => [0.0, 4.0, 0.0, DueLevel::JustPotted, 0.0],
    'within the month in a mix that fails it soon' => [0.08, 4.0, 0.3, DueLevel::JustPotted, 0.3],
    'a month after in a mix that fails it new' => [0.084, 4.0, 0.0, DueLevel::Overdue, 0.0],
]);

test('why a plant is due, the one that decides first', function (Due $due, array $codes): void {
    expect(codesOf($due->reasons))->toBe($codes);
})->with([
    'years' => fn(): array => [new Due(1.0, 3.0, null), ['years']],
    'its mix' => fn(): array => [new Due(1.0, 3.0, 2.0), ['forecast', 'years']],
    'a mix that lasts longer says nothing' => fn(): array => [new Due(1.0, 3.0, 4.0), ['years']],
    'a mix that fails in that very year' => fn(): array => [new Due(1.0, 3.0, 3.0), ['forecast', 'years']],
    'failing new' => fn(): array => [new Due(0.0, 3.0, 0.0), ['fails_new', 'years']],
    'nobody knows since when' => fn(): array => [new Due(null, 3.0, 1.0), ['never_recorded']],
    'something urgent' => fn(): array => [new Due(1.0, 3.0, null, [Finding::BlackSoft, Finding::WhiteTips]), ['seen', 'years']],
    'not well' => fn(): array => [new Due(1.0, 3.0, null, [], Health::Weak), ['years', 'health']],
    'everything' => fn(): array => [new Due(1.0, 3.0, 2.0, [Finding::Grubs, Finding::BlackSoft], Health::Sick), ['seen', 'seen', 'forecast', 'years', 'health']],
]);

test('what is urgent makes a plant due, and never less than it was', function (Finding $finding): void {
    $level = static fn(?float $years): DueLevel => (new Due($years, 3.0, null, [$finding]))->level;
    if ($finding->isUrgent()) {
        expect([$level(0.1), $level(2.6), $level(3.0), $level(9.0), $level(null)])->toBe([DueLevel::Due, DueLevel::Due, DueLevel::Due, DueLevel::Overdue, DueLevel::Due]);
    } else {
        expect([$level(0.1), $level(2.6), $level(3.0), $level(9.0), $level(null)])->toBe([DueLevel::NotDue, DueLevel::Soon, DueLevel::Due, DueLevel::Overdue, DueLevel::Unknown]);
    }
})->with(Finding::cases());

test('a plant never gets less due as years go by, nor by a mix that fails sooner', function (int $seed): void {
    mt_srand($seed);
    $rank = static fn(DueLevel $level): int => (int) array_search($level, [DueLevel::NotDue, DueLevel::Soon, DueLevel::Due, DueLevel::Overdue], true);
    $planned = mt_rand(1, 60) / 10;
    $fails = mt_rand(0, 80) / 10;
    $before = 0;
    for ($years = 0.0; $years < 10.0; $years += 0.2) {
        $now = $rank((new Due($years, $planned, $fails))->level);
        expect($now)->toBeGreaterThanOrEqual($before)->and($rank((new Due($years, $planned, $fails / 2.0))->level))->toBeGreaterThanOrEqual($now);
        $before = $now;
    }
})->with(seeds(15, 100));

test('the stages at which each group is repotted', function (PlantGroup $group, array $open): void {
    $found = [];
    foreach (GrowthStage::cases() as $stage) {
        $season = new PottingSeason($group, $stage, null, 100);
        expect($season->isObserved)->toBeTrue()->and($season->window->isOpen())->toBe($season->window === Window::Open)
            ->and($season->opensInDays)->toBe($season->window === Window::Open ? 0 : null)
            ->and(codesOf($season->reasons))->toBe(['stage_'.$season->window->value]);
        if ($season->window === Window::Open) {
            $found[] = $stage->value;
        } else {
            // at rest it is early, once it grows on it is late
            expect($season->window)->toBe(in_array($stage, [GrowthStage::Rest, GrowthStage::LeafFall], true) ? Window::Early : Window::Late);
        }
    }
    expect($found)->toBe($open);
})->with([
    [PlantGroup::AiryConifers, ['buds_moving']],
    [PlantGroup::ThirstyConifers, ['buds_moving']],
    [PlantGroup::BroadleafEvergreen, ['buds_moving']],
    [PlantGroup::BroadleafDeciduous, ['buds_moving', 'leaf_break']],
    [PlantGroup::FruitingFlowering, ['buds_moving', 'after_flower']],
    [PlantGroup::AcidLovers, ['buds_moving', 'after_flower']],
    [PlantGroup::TropicalDrySeason, ['buds_moving', 'leaf_break']],
    [PlantGroup::Desert, ['buds_moving', 'leaf_break', 'after_flower', 'growing']],
    [PlantGroup::Mediterranean, ['buds_moving', 'leaf_break', 'after_flower', 'growing']],
    [PlantGroup::TropicalEvergreen, ['buds_moving', 'leaf_break', 'after_flower', 'growing']],
    [PlantGroup::Seedlings, ['buds_moving', 'leaf_break', 'after_flower', 'growing']],
]);

test('each group has the window of its school', function (PlantGroup $group, School $school): void {
    expect((new PottingSeason($group, GrowthStage::BudsMoving, null, 100))->school)->toBe($school);
})->with([
    [PlantGroup::Desert, School::WarmMonths], [PlantGroup::TropicalEvergreen, School::WarmMonths], [PlantGroup::Mediterranean, School::WarmMonths],
    [PlantGroup::TropicalDrySeason, School::EndOfDryRest], [PlantGroup::Seedlings, School::AnyGrowth],
    [PlantGroup::AiryConifers, School::BudSwell], [PlantGroup::BroadleafDeciduous, School::BudSwell], [PlantGroup::AcidLovers, School::BudSwell],
]);

test('after flower is a school of its own', function (): void {
    expect((new PottingSeason(PlantGroup::AcidLovers, GrowthStage::AfterFlower, null, 160))->school)->toBe(School::AfterFlower);
});

test('without a stage the site estimates: open from two weeks before the warming to six weeks after it', function (PlantGroup $group): void {
    $climate = hillByDay();
    $warming = (int) $climate->warming($group->wakesAtC());
    $at = static fn(int $days): PottingSeason => new PottingSeason($group, null, $climate, ($warming + $days - 1 + 365) % 365 + 1, hasShelter: true);
    expect($at(-14)->window)->toBe(Window::Open)->and($at(0)->window)->toBe(Window::Open)->and($at(42)->window)->toBe(Window::Open)
        ->and($at(-15)->window)->toBe(Window::Early)->and($at(-15)->opensInDays)->toBe(1)
        ->and($at(-100)->opensInDays)->toBe(86)
        ->and($at(43)->window)->not->toBe(Window::Open)
        ->and($at(0)->isObserved)->toBeFalse()->and($at(0)->opensInDays)->toBe(0);
})->with([PlantGroup::BroadleafDeciduous, PlantGroup::Desert, PlantGroup::ThirstyConifers]);

test('in the months after its window it is late, and early once the next one is nearer', function (): void {
    $climate = hillByDay();
    $warming = (int) $climate->warming(PlantGroup::BroadleafDeciduous->wakesAtC());
    $at = static fn(int $days): Window => (new PottingSeason(PlantGroup::BroadleafDeciduous, null, $climate, ($warming + $days - 1) % 365 + 1))->window;
    expect([$at(43), $at(120), $at(182), $at(184), $at(300)])->toBe([Window::Late, Window::Late, Window::Late, Window::Early, Window::Early]);
});

test('a site without a climate estimates nothing', function (): void {
    $season = new PottingSeason(PlantGroup::BroadleafDeciduous, null, null, 100);
    expect($season->window)->toBe(Window::Unknown)->and($season->school)->toBeNull()->and($season->opensInDays)->toBeNull()->and(codesOf($season->reasons))->toBe(['no_climate']);
});

test('frost to come asks for shelter in the open, and not under cover', function (Exposure $exposure, bool $hasShelter, Window $window, array $codes): void {
    $climate = hillByDay();
    // buds that move at the start of the warming, when nights still freeze
    $day = (int) $climate->warming(PlantGroup::BroadleafDeciduous->wakesAtC()) - 10;
    expect($climate->frostNights($day, 28))->toBeGreaterThan(2.0);
    $season = new PottingSeason(PlantGroup::BroadleafDeciduous, GrowthStage::BudsMoving, $climate, $day, $exposure, $hasShelter);
    expect($season->window)->toBe($window)->and(codesOf($season->reasons))->toBe($codes)->and($season->window->isOpen())->toBeTrue();
})->with([
    [Exposure::FullSun, false, Window::WithShelter, ['stage_open', 'cold_to_come']],
    [Exposure::FullSun, true, Window::Open, ['stage_open', 'cold_sheltered']],
    [Exposure::HalfShade, false, Window::WithShelter, ['stage_open', 'cold_to_come']],
    [Exposure::Glass, false, Window::Open, ['stage_open']],
    [Exposure::Indoors, false, Window::Open, ['stage_open']],
]);

test('buds under glass count from six weeks before the warming on', function (int $before, Window $window): void {
    $climate = hillByDay();
    $day = ((int) $climate->warming(PlantGroup::BroadleafDeciduous->wakesAtC()) - $before - 1 + 365) % 365 + 1;
    expect((new PottingSeason(PlantGroup::BroadleafDeciduous, GrowthStage::BudsMoving, $climate, $day, Exposure::Glass))->window)->toBe($window);
})->with([[42, Window::Open], [43, Window::Early], [120, Window::Early], [-30, Window::Open], [-182, Window::Open]]);

test('pines of a mild place may be potted in early autumn, those of a cold one not', function (): void {
    $mild = new DailyClimate(Climates::frostFree());
    $cold = hillByDay();
    $pine = static fn(DailyClimate $climate, int $days, ?GrowthStage $stage = null): PottingSeason => new PottingSeason(PlantGroup::AiryConifers, $stage, $climate, ($climate->endOfHeat + $days - 1) % 365 + 1, hasShelter: true);
    expect($pine($mild, 5, GrowthStage::Hardened)->window)->toBe(Window::Open)->and($pine($mild, 5, GrowthStage::Hardened)->school)->toBe(School::EarlyAutumn)
        ->and($pine($mild, 42, GrowthStage::Hardened)->window)->toBe(Window::Open)
        ->and($pine($mild, 43, GrowthStage::Hardened)->window)->toBe(Window::Late)
        // shoots may still grow slowly then, but not break anew
        ->and($pine($mild, 5, GrowthStage::Growing)->window)->toBe(Window::Open)->and($pine($mild, 43, GrowthStage::Growing)->window)->toBe(Window::Late)
        ->and($pine($mild, 5, GrowthStage::LeafBreak)->window)->toBe(Window::Late);
    $isMild = $cold->coldestNights() >= -5.0;
    expect($pine($cold, 5, GrowthStage::Hardened)->window === Window::Open)->toBe($isMild);
    // nobody else has it
    expect((new PottingSeason(PlantGroup::BroadleafDeciduous, GrowthStage::Hardened, $mild, $mild->endOfHeat + 5))->window)->toBe(Window::Late);
});

test('what to do out of turn, step by step, and what to leave', function (string $cause, Health $health, ?GrowthStage $stage, bool $frost, array $steps, array $leave): void {
    $path = new OutOfTurn($cause, $health, $stage, $frost);
    expect($path->steps)->toBe($steps)->and($path->leave)->toBe($leave);
})->with([
    ['blown_over', Health::Well, GrowthStage::Growing, false, ['keep_moist', 'ball_whole', 'check_roots', 'fill_gaps', 'fix_firm', 'water_once', 'shade_mist'], ['no_root_cut', 'no_crown_cut', 'no_feed', 'no_washing', 'no_bigger_pot']],
    ['blown_over', Health::Weak, GrowthStage::Rest, true, ['keep_moist', 'ball_whole', 'check_roots', 'fill_gaps', 'fix_firm', 'water_once', 'out_of_sun', 'frost_free'], ['no_root_cut', 'no_crown_cut', 'no_feed', 'no_washing', 'no_wiring', 'no_bigger_pot']],
    ['pot_broken', Health::Well, null, false, ['keep_moist', 'ball_whole', 'same_size', 'fill_gaps', 'fix_firm', 'water_once', 'out_of_sun'], ['no_root_cut', 'no_crown_cut', 'no_feed', 'no_washing', 'no_bigger_pot']],
    ['pot_broken', Health::Well, GrowthStage::LeafBreak, true, ['keep_moist', 'ball_whole', 'same_size', 'fill_gaps', 'fix_firm', 'water_once', 'shade_mist', 'frost_free'], ['no_root_cut', 'no_crown_cut', 'no_feed', 'no_washing', 'no_bigger_pot']],
    ['roots_rotting', Health::Sick, GrowthStage::AfterFlower, false, ['keep_moist', 'cut_rot', 'wash_rot', 'airy_small', 'fix_firm', 'water_sparing', 'shade_mist'], ['no_crown_cut', 'no_feed', 'no_old_soil', 'no_wiring', 'no_bigger_pot']],
    ['roots_rotting', Health::Well, GrowthStage::BudsMoving, false, ['keep_moist', 'cut_rot', 'wash_rot', 'airy_small', 'fix_firm', 'water_sparing', 'out_of_sun'], ['no_crown_cut', 'no_feed', 'no_old_soil', 'no_bigger_pot']],
]);

test('the season of watering turns by nights, days and means', function (int $day, float $warmer, WaterSeason $season): void {
    $climate = new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows($warmer)]));
    expect(WaterSeason::on($climate, $day))->toBe($season);
})->with([
    'mid-January, nights of -4' => [15, 0.0, WaterSeason::Frost],
    'nights just above 0 are not below it' => [15, 4.24, WaterSeason::Rest],
    'a night just below' => [15, 4.23, WaterSeason::Frost],
    'mid-November at 4.99' => [319, 0.67, WaterSeason::Rest],
    'a hundredth of a degree warmer' => [319, 0.68, WaterSeason::Growth],
    'mid-July, days of 27' => [196, 0.0, WaterSeason::Growth],
    'days just below 28' => [196, 0.48, WaterSeason::Growth],
    'days of 28' => [196, 0.49, WaterSeason::Heat],
]);
