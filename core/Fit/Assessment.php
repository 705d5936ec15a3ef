<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Ageing\Forecast;
use Zolbek\Core\Blending\Floating;
use Zolbek\Core\Chemistry\Exchange;
use Zolbek\Core\Chemistry\Reaction;
use Zolbek\Core\Chemistry\WaterDrift;
use Zolbek\Core\Container\TippedPot;
use Zolbek\Core\Container\Weights;
use Zolbek\Core\Flow\RunThrough;
use Zolbek\Core\Flow\RunThroughSpeed;

/**
 * How a mix in a pot suits a plant: a verdict on each criterion, worst first, and the fit as their weighted geometric mean.
 *
 *     air            band of the plant                        interval      hours between visits or more, margin half of them
 *     run-through    to 45 s, margin to 120 s (clean water)    pH, later pH  band of the plant, margin 0.5
 *     wet weight     to 15 kg for one person, margin to 25     largest grain D90 <= depth/5, margin to depth/3
 *     float share    to 5 % of the surface, margin to 20 %     segregation   D50 ratio to 4, margin to 8
 *     years          those planned or more, margin half        cost          to the budget, margin half of it
 *     stock          pots wanted or more, margin as many
 *
 * Interval and later pH need a climate, the last six a situation. Source of the form: Derringer and Suich (1980), see Band. The lifting figures are a common
 * workplace guide, to start from.
 */
final readonly class Assessment
{
    public const LIFT_ONE_KG = 15.0;
    private const LIFT_TWO_KG = 25.0;
    private const FLOATS_FREE = 0.05;
    private const FLOATS_MARGIN = 0.15;
    private const SEGREGATES_FROM = 4.0;

    /** @var non-empty-list<Verdict> worst first */
    public array $verdicts;

    /** 0.05 to 1. */
    public float $fit;

    public RunThrough $runThrough;

    public Weights $weights;

    /** Null without a climate. */
    public ?WaterCourse $water;

    /** @param bool $withYears whether the years until failure are looked for: the one criterion that takes time */
    public function __construct(public Setup $setup, bool $withYears = true)
    {
        $this->runThrough = new RunThrough($setup->zone, $setup->substrate, $setup->holes, $setup->holeCover);
        $retention = $setup->substrate->retention;
        $waterL = match (true) {
            $setup->tipDeg > 0.0 => (new TippedPot($setup->zone, $retention, $setup->tipDeg))->waterL,
            $setup->filling === null => $setup->drainedL,
            default => $setup->zone->waterL($retention),
        };
        $this->weights = new Weights($setup->zone, $setup->substrate, $setup->waterL(0.0), $setup->potWeightKg, $setup->treeWeightKg, $setup->filling?->dryKg());
        $targets = $setup->targets();
        $depthMm = $setup->pot->depthCm * 10.0;
        $situation = $setup->situation;
        $this->water = $situation?->climate === null ? null : new WaterCourse($setup, $situation, $situation->climate);
        $ph = Reaction::ph($setup->substrate->blend);
        $verdicts = [
            new Verdict(Criterion::Air, $retention->saturated - $waterL / $setup->zone->volumeL, $targets->air),
            new Verdict(Criterion::RunThrough, $this->runThrough->seconds, new Band(0.0, RunThroughSpeed::FREE_S, RunThroughSpeed::SLOW_S - RunThroughSpeed::FREE_S)),
            new Verdict(Criterion::Ph, $ph, $targets->ph),
            new Verdict(Criterion::WetWeight, $this->weights->wetKg, new Band(0.0, self::LIFT_ONE_KG, self::LIFT_TWO_KG - self::LIFT_ONE_KG)),
            new Verdict(
                Criterion::LargestGrain,
                $setup->substrate->blend->grading()->quantileMm(0.9),
                new Band(0.0, $depthMm / 5.0, $depthMm / 3.0 - $depthMm / 5.0),
            ),
            ...($situation === null ? [] : $this->ofSituation($situation, $ph, $withYears)),
        ];
        $log = $weight = 0.0;
        foreach ($verdicts as $verdict) {
            $log += $verdict->criterion->weight() * log($verdict->desirability);
            $weight += $verdict->criterion->weight();
        }
        $this->fit = exp($log / $weight);
        usort($verdicts, static fn(Verdict $a, Verdict $b): int => $a->desirability <=> $b->desirability);
        $this->verdicts = $verdicts;
    }

    public function verdict(Criterion $criterion): Verdict
    {
        return $this->find($criterion) ?? throw new \LogicException('This criterion was not rated.');
    }

    /** The verdict on a criterion; null where it was not rated. */
    public function find(Criterion $criterion): ?Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->criterion === $criterion) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return list<Verdict> */
    private function ofSituation(Situation $situation, ?float $ph, bool $withYears): array
    {
        $setup = $this->setup;
        $verdicts = [];
        if ($this->water !== null) {
            $habit = $this->water->habitH;
            $verdicts[] = new Verdict(Criterion::Interval, $this->water->hottestIntervalH, new Band($habit, INF, $habit / 2.0));
            if ($ph !== null && $situation->alkalinityMgL > 0.0) {
                $drift = new WaterDrift($situation->alkalinityMgL, $this->water->wateringLYear() / $setup->zone->volumeL, (new Exchange($setup->substrate))->bufferMmolL);
                $verdicts[] = new Verdict(Criterion::LaterPh, $drift->phAfter($ph, $situation->targets->plannedYears), $situation->targets->ph);
            }
        }
        $verdicts[] = new Verdict(Criterion::FloatShare, Floating::washedOff($setup->substrate->blend, $situation->surface, $situation->habit->method), new Band(0.0, self::FLOATS_FREE, self::FLOATS_MARGIN));
        $verdicts[] = new Verdict(Criterion::Segregation, $setup->substrate->blend->sizeRatio(), new Band(0.0, self::SEGREGATES_FROM, self::SEGREGATES_FROM));
        if ($withYears) {
            $planned = $situation->targets->plannedYears;
            $verdicts[] = new Verdict(Criterion::Years, Forecast::failure($setup) ?? Forecast::HORIZON, new Band(min(Forecast::HORIZON, $planned), INF, max(0.5, $planned / 2.0)));
        }
        $cost = $this->costPerPot($situation);
        if ($situation->budget !== null && $cost !== null) {
            $verdicts[] = new Verdict(Criterion::Cost, $cost, new Band(0.0, $situation->budget, max(0.01, $situation->budget / 2.0)));
        }
        $pots = $this->potsFromStock($situation);
        if ($pots !== null) {
            $verdicts[] = new Verdict(Criterion::Stock, $pots, new Band((float) $situation->potsWanted, INF, (float) $situation->potsWanted));
        }

        return $verdicts;
    }

    /** What the new mix in one pot costs; null where a price is not known. */
    private function costPerPot(Situation $situation): ?float
    {
        $cost = 0.0;
        foreach ($this->grossPerPotL() as [$key, $litres]) {
            $price = ($situation->stocks[$key] ?? null)?->pricePerL();
            if ($price === null) {
                return null;
            }
            $cost += $litres * $price;
        }

        return $cost;
    }

    /** How many pots the stock fills, by what runs out first; null where nothing is known of a stock. */
    public function potsFromStock(Situation $situation): ?float
    {
        $pots = INF;
        foreach ($this->grossPerPotL() as [$key, $litres]) {
            $stock = $situation->stocks[$key] ?? null;
            if ($stock === null) {
                return null;
            }
            $pots = min($pots, floor($stock->litres / $litres + 1e-9));
        }

        return is_finite($pots) ? $pots : null;
    }

    /** @return list<array{string, float}> key of each portion, and litres of it that one pot takes from the bin */
    private function grossPerPotL(): array
    {
        $setup = $this->setup;
        $scooped = array_sum(array_column($setup->portions, 1));
        $perPot = $setup->newMixL() / $setup->substrate->yield / $setup->loosePerScooped;
        $gross = [];
        foreach ($setup->portions as [$portion, $parts]) {
            if ($parts > 0.0) {
                $gross[] = [$portion->key, $perPot * $parts / $scooped / $portion->keptShare];
            }
        }

        return $gross;
    }
}
