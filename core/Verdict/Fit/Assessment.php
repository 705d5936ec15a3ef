<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Setup\Setup;

/**
 * How a mix in a pot suits a plant: a verdict on each criterion, worst first, a plain word, and the fit.
 *
 *     fit = min d{air, drought, run-through} * min{d_ph^(1/2), d_years^(1/2), d_later^(1/3)} * weighted geometric mean of the notes' d
 *     lethal: air a margin below its band, drought two margins or run-through four beyond, no outlet; poor: any other stop; workable: fit below 0.52; else good
 *
 * What kills cannot be outweighed, and notes are never a stop. Drought and later pH need a climate. d see Verdict, bands see Judge. Source: model revision (f).
 * Check: even clay, pumice and lava without an outlet: fit 0.01118033989, lethal.
 */
final readonly class Assessment
{
    /** @var non-empty-list<Verdict> worst first */
    public array $verdicts;

    /** 0.01 to 1. */
    public float $fit;

    public Rating $rating;

    public RunThrough $runThrough;

    public Weights $weights;

    /** Null without a climate. */
    public ?WaterCourse $water;

    /** Null without a climate. */
    public ?ReactionCourse $reaction;

    /**
     * @param bool $withYears   whether the years until failure are looked for: the one criterion that takes time
     * @param bool $weighsLayer whether a drainage layer counts in the weight
     */
    public function __construct(public Setup $setup, bool $withYears = true, bool $weighsLayer = true)
    {
        $this->runThrough = new RunThrough($setup->zone, $setup->substrate, $setup->holes, $setup->holeCover);
        $retention = $setup->substrate->retention;
        $waterL = match (true) {
            $setup->tipDeg > 0.0 => (new TippedPot($setup->zone, $retention, $setup->tipDeg))->waterL,
            $setup->filling === null => $setup->drainedL,
            default => $setup->zone->waterL($retention),
        };
        $this->weights = new Weights($setup->zone, $setup->substrate, $setup->waterL(0.0), $setup->potWeightKg, $setup->treeWeightKg, $setup->filling?->dryKg(), $weighsLayer, Weights::beside($setup->zone, $setup->topDressingCm, $setup->contents->objectsL ?? 0.0));
        $judge = new Judge($setup);
        $situation = $setup->situation;
        $this->water = $situation?->climate === null ? null : new WaterCourse($setup, $situation, $situation->climate);
        $blend = $setup->substrate->blend;
        $buffer = (new CationExchange($setup->substrate))->bufferMmolL;
        $this->reaction = $this->water === null || $situation === null ? null : $judge->reaction($buffer, $situation, $this->water->demand);
        $verdicts = [
            $judge->air($retention->saturated - $waterL / $setup->zone->volumeL),
            $judge->runThrough($this->runThrough->seconds),
            ...$judge->reactions($blend, $buffer, $this->reaction),
            $judge->largestGrain($blend),
            $judge->wetWeight($this->weights->wetKg),
            $judge->segregation($blend),
        ];
        if ($this->water !== null) {
            $verdicts[] = $judge->drought($this->water->drought->degree);
        }
        if ($situation !== null) {
            $verdicts[] = $judge->floatShare($blend, $situation);
        }
        if ($withYears && $situation !== null) {
            $verdicts[] = $judge->years(Forecast::failure($setup));
        }
        $tally = new Tally();
        array_walk($verdicts, $tally->take(...));
        [$this->fit, $this->rating] = [$tally->fit(), $tally->rating()];
        $ranked = array_map(static fn(Verdict $verdict): array => [self::worstFirst($verdict), $verdict], $verdicts);
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $this->verdicts = array_column($ranked, 1);
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

    /** @return array{int, int, int, float} */
    private static function worstFirst(Verdict $verdict): array
    {
        return [
            $verdict->kills() ? 0 : 1,
            match ($verdict->level) {
                Level::Stop => 0,
                Level::Mind => 1,
                Level::Good => 2,
            },
            $verdict->criterion->kills() ? 0 : ($verdict->criterion->power() === null ? 2 : 1),
            -$verdict->marginsOutside,
        ];
    }
}
