<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Plant\Canopy;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/**
 * How long the water in a pot lasts, month by month, in this climate and place, how far short a hot spell leaves the plant, and what a year brings and takes.
 *
 *     hot day    the largest of the twelve ET0, times 1.3 (a 90th percentile day), kc 1; rain neither lengthens the interval nor eases the drought
 *     interval   0.85 (W(0) - W(limit)) / use, limit the suction at which the plant begins to suffer, see Drought
 *     a year     U = sum over months of max(0, days use - 0.6 rain on the open soil), use with the month's ET0 and kc 0.3 (evergreen) or 0.1 where its mean is
 *                below 5 degC, 1 else and under cover; given U/(1 - LF); drained (LF given + 0.6 rain)
 *
 * In growth roots have recovered; at a stage see GrowthStage. Litres, L/day, hours. Source: model section 9, revision (c), (e).
 * Check: 1.2 L above the limit at 0.6 L a day, filled up to 85 %: 40.8 hours.
 */
final readonly class WaterCourse
{
    private const SUMMER_DAYS = 30;
    private const REST_BELOW_C = 5.0;
    private const RAIN_STAYS = 0.6;

    /** Litres that a plant can have before it suffers, of a pot watered to the full. */
    public float $withinReachL;

    /** @var non-empty-list<float> L/day by month on a usual day, in growth */
    public array $useLDay;

    /** L/day on a hot day. */
    public float $hotUseLDay;

    /** Hours between visits in the month that uses most. */
    public float $habitH;

    public Drought $drought;

    /** Canopy in m2 that it was reckoned with. */
    public float $canopyM2;

    /** Litres given in a year. */
    public float $givenLYear;

    /** Litres that leave through the holes in a year. */
    public float $drainedLYear;

    private PotUse $use;

    private float $limitL;

    public function __construct(private Setup $setup, private Situation $situation, public Climate $climate)
    {
        $zone = $setup->zone;
        $model = $setup->model;
        $this->canopyM2 = $situation->plant->canopyM2 ?? Canopy::usualM2($zone->volumeL, $situation->vigour, $situation->purpose, $setup->group);
        $this->use = new PotUse(
            $this->canopyM2 * Canopy::drives($setup->group) * $model->canopy,
            $setup->pot->areaCm2($zone->topCm) / 1e4,
            $situation->dryingSides ? $setup->pot->wallCm2($zone->topCm) / 1e4 : 0.0,
            $situation->plant,
            $situation->place,
            $situation->surface,
        );
        $this->limitL = $setup->waterL($situation->targets->tensionLimitCm);
        $this->withinReachL = max(0.0, $setup->waterL(0.0) - $this->limitL);
        $use = [];
        foreach ($climate->et0MmDay as $et0) {
            $use[] = $this->use->litresPerDay($et0, 1.0, 1.0);
        }
        $this->useLDay = $use;
        $this->hotUseLDay = $model->hotDay * $use[$climate->hottestMonth];
        $this->habitH = $situation->habit->hoursIn($climate->season($climate->hottestMonth));
        $this->drought = $this->droughtAt($this->habitH);
        [$this->givenLYear, $this->drainedLYear] = $this->year();
    }

    /** Coming by every so many hours in a hot spell. */
    public function droughtAt(float $hours): Drought
    {
        return new Drought($this->setup->waterL(0.0), $this->limitL, $this->setup->waterL(15_000.0), $this->hotUseLDay, $hours / 24.0, $this->setup->model->refill);
    }

    /** Hours between waterings on a hot day of the month that uses most. */
    public function hottestIntervalH(): float
    {
        return $this->drought->intervalH;
    }

    /** Hours between waterings on a usual day of a month, 0 to 11; long, not infinite, where hardly anything is used. */
    public function intervalH(int $month): float
    {
        return $this->lastsH($this->useLDay[$month] ?? 0.0);
    }

    /** Hours between waterings in a month for a plant at a stage, with roots as far recovered as they are. */
    public function intervalAtStageH(int $month, GrowthStage $stage): float
    {
        return $this->lastsH($this->use->litresPerDay($this->climate->et0MmDay[$month] ?? 0.0, $stage->cropCoefficient($this->situation->plant->evergreen)));
    }

    /** Days of the hottest month on which the plant wants more than it gets, coming by as one does, with and without its usual rain. */
    public function shortDays(bool $withRain): float
    {
        $month = $this->climate->hottestMonth;
        $setup = $this->setup;
        $balance = new DailyBalance($setup->waterL(0.0), $setup->waterL(0.0), $this->limitL, $setup->waterL(15_000.0));
        $balance->run(self::SUMMER_DAYS, $this->useLDay[$month] ?? 0.0, $this->habitH, $withRain ? $this->rainL($month) / $this->climate->daysIn($month) : 0.0, $setup->model->refill);

        return $balance->shortDays;
    }

    private function lastsH(float $useLDay): float
    {
        return min(Drought::LONGEST_H, 24.0 * $this->setup->model->refill * $this->withinReachL / max(1e-9, $useLDay));
    }

    /** @return array{float, float} litres given and drained */
    private function year(): array
    {
        $wanted = $rain = 0.0;
        foreach ($this->climate->months as $month => $climate) {
            $rests = ! $this->situation->place->exposure->isUnderCover() && $climate->meanC < self::REST_BELOW_C;
            $use = $this->use->litresPerDay($this->climate->et0MmDay[$month] ?? 0.0, $rests ? ($this->situation->plant->evergreen ? 0.3 : 0.1) : 1.0, 1.0);
            $fallen = $this->rainL($month);
            $wanted += max(0.0, $this->climate->daysIn($month) * $use - self::RAIN_STAYS * $fallen);
            $rain += $fallen;
        }
        $given = $wanted / (1.0 - $this->setup->model->leaching);

        return [$given, $this->setup->model->leaching * $given + self::RAIN_STAYS * $rain];
    }

    /** Litres of rain that fall on the open soil in a month. */
    private function rainL(int $month): float
    {
        return $this->situation->place->rainFalls() ? ($this->climate->months[$month]->rainMm ?? 0.0) * $this->use->openSoilM2 : 0.0;
    }
}
