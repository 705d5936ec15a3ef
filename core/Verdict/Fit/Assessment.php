<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Plant\Band;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Watering\Floating;

/**
 * How a mix in a pot suits a plant: a verdict on each criterion, worst first, a plain word, and the fit.
 *
 *     air           band of the plant, margin 0.06              drought       band of the group, see PlantGroup
 *     run-through   to 45 s, margin 75 (clean water)            pH, later pH  band of the plant in this mix, see Targets; after a month and the planned years
 *     years         those planned or more, margin half          float share   to 5 % of the surface, margin 15 %
 *     largest grain D90 <= depth/5, margin to depth/3           wet weight    to 15 kg for one person, margin to 25
 *     segregation   D50 ratio to 4, margin to 8
 *
 *     fit = min d{air, drought, run-through} * min{d_ph^(1/2), d_years^(1/2), d_later^(1/3)} * weighted geometric mean of the notes' d
 *     lethal: air a margin below its band, drought two margins or run-through four beyond, no outlet; poor: any other stop; workable: fit below 0.52; else good
 *
 * What kills cannot be outweighed, and notes are never a stop. Drought and later pH need a climate. d see Verdict. Source: model revision (f). The lifting figures
 * are a common workplace guide, to start from. Check: even clay, pumice and lava without an outlet: fit 0.01118033989, lethal.
 */
final readonly class Assessment
{
    public const LIFT_ONE_KG = 15.0;
    private const LIFT_MARGIN_KG = 10.0;
    private const RUN_THROUGH_MARGIN_S = 75.0;
    private const FLOATS_FREE = 0.05;
    private const FLOATS_MARGIN = 0.15;
    private const SEGREGATES_FROM = 4.0;

    /** Years in which a fresh mix has found its reaction. */
    private const FIRST_MONTH = 30.0 / 365.0;

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
        $targets = $setup->targets();
        $depthMm = $setup->pot->depthCm * 10.0;
        $situation = $setup->situation;
        $this->water = $situation?->climate === null ? null : new WaterCourse($setup, $situation, $situation->climate);
        $blend = $setup->substrate->blend;
        $buffer = (new CationExchange($setup->substrate))->bufferMmolL;
        $this->reaction = $this->water === null || $situation === null ? null : new ReactionCourse(
            $buffer,
            $this->water->givenLYear / $setup->zone->volumeL,
            $this->water->drainedLYear / $setup->zone->volumeL,
            $situation->givenAlkalinityMgL(),
            $situation->feedAcidityMgL,
            $situation->feedAcidityMmolLYear,
            $setup->model->pco2Atm,
        );
        $fresh = Reaction::fresh($blend);
        $phBand = $targets->phIn($blend->shareOfKind(static fn(MaterialKind $kind): bool => $kind->isOrganic()), $buffer);
        $seconds = $this->runThrough->seconds;
        $verdicts = [
            new Verdict(Criterion::Air, $retention->saturated - $waterL / $setup->zone->volumeL, $targets->air),
            new Verdict(Criterion::RunThrough, $seconds === null ? null : $seconds * $setup->model->runThrough, new Band(0.0, RunThroughSpeed::FREE_S, self::RUN_THROUGH_MARGIN_S)),
            new Verdict(Criterion::Ph, $this->reaction?->phAfter($fresh, self::FIRST_MONTH) ?? $fresh, $phBand),
            new Verdict(Criterion::LargestGrain, $blend->grading()->quantileMm(0.9), new Band(0.0, $depthMm / 5.0, $depthMm / 3.0 - $depthMm / 5.0)),
            new Verdict(Criterion::WetWeight, $this->weights->wetKg, new Band(0.0, self::LIFT_ONE_KG, self::LIFT_MARGIN_KG)),
            new Verdict(Criterion::Segregation, $blend->sizeRatio(), new Band(0.0, self::SEGREGATES_FROM, self::SEGREGATES_FROM)),
        ];
        if ($this->water !== null) {
            $verdicts[] = new Verdict(Criterion::Drought, $this->water->drought->degree, $targets->drought);
        }
        if ($this->reaction !== null) {
            $verdicts[] = new Verdict(Criterion::LaterPh, $this->reaction->phAfter($fresh, $targets->plannedYears), $phBand);
        }
        if ($situation !== null) {
            $verdicts[] = new Verdict(Criterion::FloatShare, Floating::washedOff($blend, $situation->surface, $situation->habit->method), new Band(0.0, self::FLOATS_FREE, self::FLOATS_MARGIN));
        }
        if ($withYears && $situation !== null) {
            $verdicts[] = self::yearsVerdict(Forecast::failure($setup), $targets);
        }
        [$this->fit, $this->rating] = self::rated($verdicts);
        $ranked = array_map(static fn(Verdict $verdict): array => [self::worstFirst($verdict), $verdict], $verdicts);
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $this->verdicts = array_column($ranked, 1);
    }

    public static function yearsVerdict(?float $failsAfter, Targets $targets): Verdict
    {
        $planned = $targets->plannedYears;

        return new Verdict(Criterion::Years, $failsAfter ?? Forecast::HORIZON, new Band(min(Forecast::HORIZON, $planned), INF, max(0.5, $planned / 2.0)));
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

    /**
     * @param non-empty-list<Verdict> $verdicts
     *
     * @return array{float, Rating}
     */
    private static function rated(array $verdicts): array
    {
        $kills = $poor = 1.0;
        $notes = $weights = 0.0;
        $lethal = $stops = false;
        foreach ($verdicts as $verdict) {
            $criterion = $verdict->criterion;
            if ($criterion->kills()) {
                $kills = min($kills, $verdict->desirability);
            } elseif ($criterion->power() !== null) {
                $poor = min($poor, $verdict->desirability ** $criterion->power());
            } else {
                $notes += ($criterion->noteWeight() ?? 0.0) * log($verdict->desirability);
                $weights += $criterion->noteWeight() ?? 0.0;
            }
            $lethal = $lethal || $verdict->kills();
            $stops = $stops || $verdict->level === Level::Stop;
        }
        $fit = $kills * $poor * ($weights > 0.0 ? exp($notes / $weights) : 1.0);

        return [$fit, match (true) {
            $lethal => Rating::Lethal,
            $stops => Rating::Poor,
            $fit < Rating::GOOD_FROM => Rating::Workable,
            default => Rating::Good,
        }];
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
