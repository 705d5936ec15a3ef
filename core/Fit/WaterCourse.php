<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Watering\Climate;
use Zolbek\Core\Watering\DailyBalance;
use Zolbek\Core\Watering\GrowthStage;
use Zolbek\Core\Watering\PotUse;

/**
 * How long the water in a pot lasts, month by month, in this climate and place.
 *
 *     interval = (W(0) - W(limit)) / use,  limit the suction at which the plant begins to suffer
 *
 * In growth kc is 1 (times the leaf) and roots have recovered; in rest see GrowthStage. Litres, L/day, hours. Source: model section 9.
 * Check: 1.2 L above the limit at 0.6 L a day lasts 48 hours.
 */
final readonly class WaterCourse
{
    private const SUMMER_DAYS = 30;
    private const MOST_H = 24.0 * 365.0;

    /** Litres that a plant can have before it suffers. */
    public float $withinReachL;

    /** @var non-empty-list<float> L/day by month, in growth */
    public array $useLDay;

    /** Hours between waterings in the month that uses most. */
    public float $hottestIntervalH;

    /** Hours between visits in that month. */
    public float $habitH;

    private PotUse $use;

    public function __construct(private Setup $setup, private Situation $situation, public Climate $climate)
    {
        $this->use = new PotUse($setup->pot, $setup->zone->topCm, $situation->dryingSides, $situation->plant, $situation->place, $situation->surface);
        $this->withinReachL = max(0.0, $setup->waterL(0.0) - $setup->waterL($situation->targets->tensionLimitCm));
        $use = [];
        foreach ($climate->et0MmDay as $et0) {
            $use[] = $this->use->litresPerDay($et0, 1.0, 1.0);
        }
        $this->useLDay = $use;
        $this->hottestIntervalH = $this->intervalH($climate->hottestMonth);
        $this->habitH = $situation->habit->hoursIn($climate->season($climate->hottestMonth));
    }

    /** Hours between waterings in a month, 0 to 11; long, not infinite, where hardly anything is used. */
    public function intervalH(int $month): float
    {
        return min(self::MOST_H, 24.0 * $this->withinReachL / max(1e-9, $this->useLDay[$month] ?? 0.0));
    }

    /** Hours between waterings in a month for a plant at a stage, with roots as far recovered as they are. */
    public function intervalAtStageH(int $month, GrowthStage $stage): float
    {
        $use = $this->use->litresPerDay($this->climate->et0MmDay[$month] ?? 0.0, $stage->cropCoefficient($this->situation->plant->evergreen));

        return min(self::MOST_H, 24.0 * $this->withinReachL / max(1e-9, $use));
    }

    /** Days of the hottest month on which the plant wants more than it gets, coming by as one does, with and without its usual rain. */
    public function shortDays(bool $withRain): float
    {
        $month = $this->climate->hottestMonth;
        $setup = $this->setup;
        $balance = new DailyBalance($setup->waterL(0.0), $setup->waterL(0.0), $setup->waterL($this->situation->targets->tensionLimitCm), $setup->waterL(15_000.0));
        $balance->run(self::SUMMER_DAYS, $this->useLDay[$month] ?? 0.0, $this->habitH, $withRain ? $this->rainLDay($month) : 0.0);

        return $balance->shortDays;
    }

    /** Litres of water given in a year, without what rain brings. */
    public function wateringLYear(): float
    {
        $litres = 0.0;
        foreach ($this->useLDay as $month => $use) {
            $litres += $this->climate->daysIn($month) * max(0.0, $use - $this->rainLDay($month));
        }

        return $litres;
    }

    private function rainLDay(int $month): float
    {
        $reaches = $this->situation->place->rainReaches && ! $this->situation->place->exposure->isUnderCover();

        return $reaches ? ($this->climate->months[$month]->rainMm ?? 0.0) * $this->use->openSoilM2 / $this->climate->daysIn($month) : 0.0;
    }
}
