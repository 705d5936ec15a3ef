<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Chemistry\Reaction;
use Zolbek\Core\Container\Weights;
use Zolbek\Core\Flow\RunThrough;
use Zolbek\Core\Flow\RunThroughSpeed;

/**
 * How a mix in a pot suits a group of plants: a verdict on each criterion, worst first, and the fit as their geometric mean.
 *
 *     air            band of the group
 *     run-through    to 45 s, margin to 120 s (clean water)
 *     pH             band of the group, margin 0.5
 *     wet weight     to 15 kg for one person, margin to 25 kg
 *     largest grain  D90 <= depth/5, margin to depth/3
 *
 * Source of the form: Derringer and Suich (1980), see Band. The lifting figures are a common workplace guide, to start from.
 */
final readonly class Assessment
{
    public const LIFT_ONE_KG = 15.0;
    private const LIFT_TWO_KG = 25.0;

    /** @var non-empty-list<Verdict> worst first */
    public array $verdicts;

    /** 0.05 to 1. */
    public float $fit;

    public RunThrough $runThrough;

    public Weights $weights;

    public function __construct(public Setup $setup)
    {
        $this->runThrough = new RunThrough($setup->zone, $setup->substrate, $setup->holes);
        $retention = $setup->substrate->retention;
        $waterL = $setup->zone->waterL($retention);
        $this->weights = new Weights($setup->zone, $setup->substrate, $waterL, $setup->potWeightKg, $setup->treeWeightKg);
        $depthMm = $setup->pot->depthCm * 10.0;
        $verdicts = [
            new Verdict(Criterion::Air, $retention->saturated - $waterL / $setup->zone->volumeL, $setup->group->air()),
            new Verdict(Criterion::RunThrough, $this->runThrough->seconds, new Band(0.0, RunThroughSpeed::FREE_S, RunThroughSpeed::SLOW_S - RunThroughSpeed::FREE_S)),
            new Verdict(Criterion::Ph, Reaction::ph($setup->substrate->blend), $setup->group->ph()),
            new Verdict(Criterion::WetWeight, $this->weights->wetKg, new Band(0.0, self::LIFT_ONE_KG, self::LIFT_TWO_KG - self::LIFT_ONE_KG)),
            new Verdict(
                Criterion::LargestGrain,
                $setup->substrate->blend->grading()->quantileMm(0.9),
                new Band(0.0, $depthMm / 5.0, $depthMm / 3.0 - $depthMm / 5.0),
            ),
        ];
        $this->fit = exp(array_sum(array_map(static fn(Verdict $verdict): float => log($verdict->desirability), $verdicts)) / count($verdicts));
        usort($verdicts, static fn(Verdict $a, Verdict $b): int => $a->desirability <=> $b->desirability);
        $this->verdicts = $verdicts;
    }

    public function verdict(Criterion $criterion): Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->criterion === $criterion) {
                return $verdict;
            }
        }

        throw new \LogicException('every criterion has a verdict');
    }
}
