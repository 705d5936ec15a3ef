<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\WaterSeason;
use Zolbek\Core\Place\Plant\Canopy;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/**
 * What a plant in a pot asks for in this climate and place, whatever it is potted in: use by month and on a hot day, and what a year brings and takes.
 *
 *     hot day    the largest of the twelve ET0, times 1.3 (a 90th percentile day), kc 1
 *     a year     U = sum over months of max(0, days use - 0.6 rain on the open soil), use with the month's ET0 and kc 0.3 (evergreen) or 0.1 where its mean is
 *                below 5 degC, 1 else and under cover; given U/(1 - LF); drained (LF given + 0.6 rain)
 *
 * In growth roots have recovered. Litres, L/day, hours, m2. Source: model section 9, revision (c), (e). Check: without rain 1 - LF of what is given is used.
 */
final readonly class Demand
{
    private const RAIN_STAYS = 0.6;

    /** Canopy in m2 that it was reckoned with. */
    public float $canopyM2;

    /** @var non-empty-list<float> L/day by month on a usual day, in growth */
    public array $useLDay;

    /** L/day on a hot day. */
    public float $hotUseLDay;

    /** Hours between visits in the month that uses most. */
    public float $habitH;

    /** Litres given in a year. */
    public float $givenLYear;

    /** Litres that leave through the holes in a year. */
    public float $drainedLYear;

    public PotUse $use;

    public function __construct(Setup $setup, private Situation $situation, private Climate $climate)
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
        $use = [];
        foreach ($climate->et0MmDay as $et0) {
            $use[] = $this->use->litresPerDay($et0, 1.0, 1.0);
        }
        $this->useLDay = $use;
        $this->hotUseLDay = $model->hotDay * $use[$climate->hottestMonth];
        $this->habitH = $situation->habit->hoursIn($climate->season($climate->hottestMonth));
        [$this->givenLYear, $this->drainedLYear] = $this->year($model->leaching);
    }

    /** Litres of rain that fall on the open soil in a month. */
    public function rainL(int $month): float
    {
        return $this->situation->place->rainFalls() ? ($this->climate->months[$month]->rainMm ?? 0.0) * $this->use->openSoilM2 : 0.0;
    }

    /** What a plant is at in a month where nobody looked: at rest where it stands out of doors and the mean is below 5 degC. */
    public function usualStage(int $month): GrowthStage
    {
        $isCold = ($this->climate->months[$month]->meanC ?? WaterSeason::REST_BELOW_C) < WaterSeason::REST_BELOW_C;

        return $isCold && ! $this->situation->place->exposure->isUnderCover() ? GrowthStage::Rest : GrowthStage::Growing;
    }

    /** @return array{float, float} litres given and drained */
    private function year(float $leaching): array
    {
        $wanted = $rain = 0.0;
        foreach ($this->climate->months as $month => $climate) {
            $use = $this->use->litresPerDay($this->climate->et0MmDay[$month] ?? 0.0, $this->usualStage($month)->cropCoefficient($this->situation->plant->evergreen), 1.0);
            $fallen = $this->rainL($month);
            $wanted += max(0.0, $this->climate->daysIn($month) * $use - self::RAIN_STAYS * $fallen);
            $rain += $fallen;
        }
        $given = $wanted / (1.0 - $leaching);

        return [$given, $leaching * $given + self::RAIN_STAYS * $rain];
    }
}
