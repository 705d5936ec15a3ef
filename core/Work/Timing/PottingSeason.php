<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Inspection\Reason;

/**
 * Whether it is the season to repot a plant: by the stage that was observed first, by the climate of the site second, never by fixed months.
 *
 *     observed    the stages that the group is repotted at; too early in rest, too late once it grows on
 *     estimate    from two weeks before the start of warming (6 degC on the mean for hardy plants, 15 for tropical) to six weeks after it
 *     autumn      pines and junipers where winters are mild: from the end of the heat to six weeks before the first frost
 *     cold        two frost nights or more in the four weeks to come ask for shelter; buds under glass more than six weeks before the warming are no call to repot
 *
 * Source: model section 13. Check: a maple whose buds move, without frost to come, may be repotted; one at rest is early.
 */
final readonly class PottingSeason
{
    private const COLD_DAYS = 28;
    private const COLD_NIGHTS = 2.0;
    private const BEFORE_WARMING = 14;
    private const AFTER_WARMING = 42;
    private const BEFORE_FROST = 42;
    private const MILD_FROM_C = -5.0;

    public Window $window;
    public ?School $school;

    /** Whether the stage was observed; otherwise the site estimates. */
    public bool $isObserved;

    /** @var list<Reason> */
    public array $reasons;

    /** Days until the window opens by the estimate; null where that is not known, 0 where it is open. */
    public ?int $opensInDays;

    /**
     * @param GrowthStage|null  $stage      as somebody saw it lately
     * @param DailyClimate|null $climate    of its place
     * @param int               $day        of the year, 1 to 365
     * @param bool              $hasShelter a frost-free place at hand for afterwards
     */
    public function __construct(PlantGroup $group, ?GrowthStage $stage, ?DailyClimate $climate, int $day, Exposure $exposure = Exposure::FullSun, bool $hasShelter = false)
    {
        $warming = $climate?->warming($group->wakesAtC());
        $reasons = [];
        $this->isObserved = $stage !== null;
        [$window, $school, $opens] = $this->estimate($group, $climate, $warming, $day);
        if ($stage !== null) {
            [$window, $school] = $this->byStage($group, $stage, $climate, $day);
            $reasons[] = new Reason('stage_'.$window->value, ['stage' => $stage->value]);
            if ($window === Window::Open && $exposure->isUnderCover() && $warming !== null && ! $this->isWarm($day, $warming)) {
                $window = Window::Early;
                $reasons[] = new Reason('under_glass', ['days' => DailyClimate::daysUntil($day, $warming)]);
            }
        } elseif ($window === Window::Unknown) {
            $reasons[] = new Reason('no_climate');
        } else {
            $reasons[] = new Reason('estimate_'.$window->value, ['days' => $opens ?? 0]);
        }
        $nights = $climate === null || $exposure->isUnderCover() ? 0.0 : $climate->frostNights($day, self::COLD_DAYS);
        if ($window === Window::Open && $nights >= self::COLD_NIGHTS) {
            $window = $hasShelter ? Window::Open : Window::WithShelter;
            $reasons[] = new Reason($hasShelter ? 'cold_sheltered' : 'cold_to_come', ['nights' => round($nights)]);
        }
        $this->window = $window;
        $this->school = $school;
        $this->reasons = $reasons;
        $this->opensInDays = $window->isOpen() ? 0 : $opens;
    }

    /** @return array{Window, ?School, ?int} */
    private function estimate(PlantGroup $group, ?DailyClimate $climate, ?int $warming, int $day): array
    {
        if ($climate === null || $warming === null) {
            return [Window::Unknown, null, null];
        }
        $since = DailyClimate::daysUntil($warming, $day);
        $until = DailyClimate::daysUntil($day, $warming);
        if ($since <= self::AFTER_WARMING || $until <= self::BEFORE_WARMING) {
            return [Window::Open, self::schoolOf($group), 0];
        }
        if ($this->isAutumn($group, $climate, $day)) {
            return [Window::Open, School::EarlyAutumn, 0];
        }

        return [$until < $since ? Window::Early : Window::Late, self::schoolOf($group), $until - self::BEFORE_WARMING];
    }

    /** @return array{Window, School} */
    private function byStage(PlantGroup $group, GrowthStage $stage, ?DailyClimate $climate, int $day): array
    {
        $open = match ($group) {
            PlantGroup::AiryConifers, PlantGroup::ThirstyConifers, PlantGroup::BroadleafEvergreen => [GrowthStage::BudsMoving],
            PlantGroup::BroadleafDeciduous => [GrowthStage::BudsMoving, GrowthStage::LeafBreak],
            PlantGroup::FruitingFlowering, PlantGroup::AcidLovers => [GrowthStage::BudsMoving, GrowthStage::AfterFlower],
            PlantGroup::TropicalDrySeason => [GrowthStage::BudsMoving, GrowthStage::LeafBreak],
            default => [GrowthStage::BudsMoving, GrowthStage::LeafBreak, GrowthStage::Growing, GrowthStage::AfterFlower],
        };
        if (in_array($stage, $open, true)) {
            return [Window::Open, $stage === GrowthStage::AfterFlower ? School::AfterFlower : self::schoolOf($group)];
        }
        // shoots may still grow slowly then
        if (in_array($stage, [GrowthStage::Hardened, GrowthStage::Growing], true) && $climate !== null && $this->isAutumn($group, $climate, $day)) {
            return [Window::Open, School::EarlyAutumn];
        }

        return [$stage === GrowthStage::Rest || $stage === GrowthStage::LeafFall ? Window::Early : Window::Late, self::schoolOf($group)];
    }

    private function isAutumn(PlantGroup $group, DailyClimate $climate, int $day): bool
    {
        if ($group !== PlantGroup::AiryConifers || $climate->coldestNights() < self::MILD_FROM_C) {
            return false;
        }
        $lasts = $climate->firstFrost === null ? self::AFTER_WARMING : DailyClimate::daysUntil($climate->endOfHeat, $climate->firstFrost) - self::BEFORE_FROST;

        return DailyClimate::daysUntil($climate->endOfHeat, $day) <= $lasts;
    }

    private function isWarm(int $day, int $warming): bool
    {
        return DailyClimate::daysUntil($day, $warming) <= self::AFTER_WARMING || DailyClimate::daysUntil($warming, $day) <= 182;
    }

    private static function schoolOf(PlantGroup $group): School
    {
        return match ($group) {
            PlantGroup::Desert, PlantGroup::TropicalEvergreen, PlantGroup::Mediterranean => School::WarmMonths,
            PlantGroup::TropicalDrySeason => School::EndOfDryRest,
            PlantGroup::Seedlings => School::AnyGrowth,
            default => School::BudSwell,
        };
    }
}
