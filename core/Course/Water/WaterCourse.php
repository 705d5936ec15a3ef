<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/**
 * How long the water in a pot lasts, month by month, under what is asked of it (see Demand), and how far short a hot spell leaves the plant.
 *
 *     interval   0.85 (W(0) - W(limit)) / use, limit the suction at which the plant begins to suffer, see Drought; rain does not lengthen it
 *
 * In growth roots have recovered; at a stage see GrowthStage. Litres, L/day, hours. Source: model section 9, revision (c), (e).
 * Check: 1.2 L above the limit at 0.6 L a day, filled up to 85 %: 40.8 hours.
 */
final readonly class WaterCourse
{
    /** Suction in cm beyond which no root gets any water. */
    public const LOCKED_CM = 15_000.0;

    private const SUMMER_DAYS = 30;

    /** Litres that a plant can have before it suffers, of a pot watered to the full. */
    public float $withinReachL;

    public Demand $demand;

    public Drought $drought;

    private float $limitL;

    public function __construct(public Setup $setup, private Situation $situation, public Climate $climate)
    {
        $this->demand = new Demand($setup, $situation, $climate);
        $this->limitL = $setup->waterL($situation->targets->tensionLimitCm);
        $this->withinReachL = max(0.0, $setup->waterL(0.0) - $this->limitL);
        $this->drought = $this->droughtAt($this->demand->habitH);
    }

    /** Coming by every so many hours in a hot spell. */
    public function droughtAt(float $hours): Drought
    {
        return new Drought($this->setup->waterL(0.0), $this->limitL, $this->setup->waterL(self::LOCKED_CM), $this->demand->hotUseLDay, $hours / 24.0, $this->setup->model->refill);
    }

    /** Hours between waterings on a hot day of the month that uses most. */
    public function hottestIntervalH(): float
    {
        return $this->drought->intervalH;
    }

    /** Hours between waterings on a usual day of a month, 0 to 11; long, not infinite, where hardly anything is used. */
    public function intervalH(int $month): float
    {
        return $this->lastsH($this->demand->useLDay[$month] ?? 0.0);
    }

    /** Hours between waterings in a month for a plant at a stage, with roots as far recovered as they are. */
    public function intervalAtStageH(int $month, GrowthStage $stage): float
    {
        return $this->lastsH($this->demand->use->litresPerDay($this->climate->et0MmDay[$month] ?? 0.0, $stage->cropCoefficient($this->situation->plant->evergreen)));
    }

    /** The same at the stage that was seen; where nobody looked, at what is usual in the month. */
    public function intervalNowH(int $month, ?GrowthStage $seen): float
    {
        return $this->intervalAtStageH($month, $seen ?? $this->demand->usualStage($month));
    }

    /** Days of the hottest month on which the plant wants more than it gets, coming by as one does, with and without its usual rain. */
    public function shortDays(bool $withRain): float
    {
        $month = $this->climate->hottestMonth;
        $rain = $withRain ? $this->demand->rainL($month) / $this->climate->daysIn($month) : 0.0;

        return (new SteadySpell(PotLitres::of($this->setup), self::SUMMER_DAYS, $this->demand->useLDay[$month] ?? 0.0, $this->demand->habitH, $rain))->shortDays;
    }

    private function lastsH(float $useLDay): float
    {
        return min(Drought::LONGEST_H, 24.0 * $this->setup->model->refill * $this->withinReachL / max(1e-9, $useLDay));
    }
}
