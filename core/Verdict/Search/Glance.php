<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Container\ZoneWater;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Judge;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Tally;
use Zolbek\Core\Verdict\Fit\Verdict;

/**
 * Many mixes in one pot at one place, each judged on all but its years, what rules most out and takes least first; one is left as soon as what is known of it
 * proves that it cannot reach what is asked for (see Tally).
 *
 * What no mix changes is worked out once: bands, demand, the root zone. Source: branch and bound on the criteria of model revision (f).
 * Check: the same fit and word as Assessment without years.
 */
final readonly class Glance
{
    private const EASY_TO_CM = 50.0;

    private Judge $judge;
    private ?Demand $demand;
    private float $besideKg;

    /** @var array{ZoneWater, ZoneWater, ZoneWater}|null after drainage, at the plant's limit, and locked; null where more than the mix fills the zone, or it stands tipped */
    private ?array $waters;

    /** @param Setup $place whose own mix does not matter */
    public function __construct(private Setup $place)
    {
        $this->judge = new Judge($place);
        $situation = $place->situation;
        $this->demand = $situation?->climate === null ? null : new Demand($place, $situation, $situation->climate);
        $this->besideKg = Weights::beside($place->zone, $place->topDressingCm, $place->contents->objectsL ?? 0.0);
        $zone = $place->zone;
        $this->waters = $place->contents !== null || $place->tipDeg > 0.0 ? null
            : [new ZoneWater($zone, 0.0), new ZoneWater($zone, $this->demand === null ? self::EASY_TO_CM : $this->judge->targets->tensionLimitCm), new ZoneWater($zone, WaterCourse::LOCKED_CM)];
    }

    /**
     * What it is like, or what proves that it is worse than a word, or below a fit within that word.
     *
     * @param non-empty-list<array{Portion, float}> $portions
     */
    public function at(array $portions, Rating $worst = Rating::Lethal, float $leastFit = 0.0): Glimpse|Criterion
    {
        $place = $this->place;
        $situation = $place->situation;
        $zone = $place->zone;
        $judge = $this->judge;
        $tally = new Tally();
        $misses = static function (Verdict $verdict) use ($tally, $worst, $leastFit): bool {
            $tally->take($verdict);

            return ! $tally->mayReach($worst, $leastFit);
        };

        $blend = Portion::blend($portions);
        if ($misses($judge->segregation($blend))) {
            return Criterion::Segregation;
        }
        if ($situation !== null && $misses($judge->floatShare($blend, $situation))) {
            return Criterion::FloatShare;
        }
        if ($misses($judge->largestGrainAtLeast($blend))) {
            return Criterion::LargestGrain;
        }
        $mix = $place->packed($blend);
        $buffer = (new CationExchange($mix))->bufferMmolL;
        $course = $situation === null || $this->demand === null ? null : $judge->reaction($buffer, $situation, $this->demand);
        foreach ($judge->reactions($blend, $buffer, $course) as $verdict) {
            if ($misses($verdict)) {
                return $verdict->criterion;
            }
        }
        if ($misses($judge->runThrough((new RunThrough($zone, $mix, $place->holes, $place->holeCover))->seconds))) {
            return Criterion::RunThrough;
        }
        $setup = $this->waters === null ? $place->with(portions: $portions, substrate: $mix) : null;
        $fullL = $setup->drainedL ?? $this->litres(0, $mix);
        $drainedL = match (true) {
            $setup === null => $fullL,
            $setup->tipDeg > 0.0 => (new TippedPot($zone, $mix->retention, $setup->tipDeg))->waterL,
            default => $zone->waterL($mix->retention),
        };
        $air = $mix->retention->saturated - $drainedL / $zone->volumeL;
        if ($misses($judge->air($air))) {
            return Criterion::Air;
        }
        $limitL = $setup?->waterL($this->demand === null ? self::EASY_TO_CM : $judge->targets->tensionLimitCm) ?? $this->litres(1, $mix);
        if ($this->demand !== null) {
            $lockedL = $setup?->waterL(WaterCourse::LOCKED_CM) ?? $this->litres(2, $mix);
            if ($misses($judge->drought((new Drought($fullL, $limitL, $lockedL, $this->demand->hotUseLDay, $this->demand->habitH / 24.0, $place->model->refill))->degree))) {
                return Criterion::Drought;
            }
        }
        $kg = (new Weights($zone, $mix, $fullL, $place->potWeightKg, $place->treeWeightKg, $setup?->filling?->dryKg(), true, $this->besideKg))->wetKg;
        if ($misses($judge->wetWeight($kg))) {
            return Criterion::WetWeight;
        }
        $loosePerScooped = $blend->totalParts / array_sum(array_column($portions, 1));

        return new Glimpse($tally->rating(), $tally->fit(), $tally->isGoodThroughout(), $air, max(0.0, $fullL - $limitL), $kg, $place->newMixL() / $mix->yield / $loosePerScooped);
    }

    private function litres(int $which, Substrate $mix): float
    {
        return $this->waters === null ? 0.0 : $this->waters[$which]->litres($mix);
    }
}
