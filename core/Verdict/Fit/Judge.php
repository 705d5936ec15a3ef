<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Plant\Band;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Watering\Floating;

/**
 * Which figure of a mix is held against which band, for one plant in one pot: the bands are the same for every mix that is put to it.
 *
 *     air           band of the plant, margin 0.06              drought       band of the group, see PlantGroup
 *     run-through   to 45 s, margin 75 (clean water)            pH, later pH  band of the plant in this mix, see Targets; after a month and the planned years
 *     years         those planned or more, margin half          float share   to 5 % of the surface, margin 15 %
 *     largest grain D90 <= depth/5, margin to depth/3           wet weight    to 15 kg for one person, margin to 25
 *     segregation   D50 ratio to 4, margin to 8
 *
 * Source: model revision (f). The lifting figures are a common workplace guide, to start from. Check: 120 s run-through lie one margin outside: a stop.
 */
final readonly class Judge
{
    public const LIFT_ONE_KG = 15.0;
    private const LIFT_MARGIN_KG = 10.0;
    private const RUN_THROUGH_MARGIN_S = 75.0;
    private const FLOATS_FREE = 0.05;
    private const FLOATS_MARGIN = 0.15;
    private const SEGREGATES_FROM = 4.0;

    /** Years in which a fresh mix has found its reaction. */
    private const FIRST_MONTH = 30.0 / 365.0;

    public Targets $targets;

    /** D90 that a pot of this depth takes without remark, mm. */
    private float $largestMm;

    /** mm beyond it at which a grain is far too large. */
    private float $largestMarginMm;

    public function __construct(private Setup $setup)
    {
        $depthMm = $setup->pot->depthCm * 10.0;
        $this->targets = $setup->targets();
        $this->largestMm = $depthMm / 5.0;
        $this->largestMarginMm = $depthMm / 3.0 - $depthMm / 5.0;
    }

    public function air(float $share): Verdict
    {
        return new Verdict(Criterion::Air, $share, $this->targets->air);
    }

    /** @param float|null $seconds of clean water; null without an outlet */
    public function runThrough(?float $seconds): Verdict
    {
        return new Verdict(Criterion::RunThrough, $seconds === null ? null : $seconds * $this->setup->model->runThrough, new Band(0.0, RunThroughSpeed::FREE_S, self::RUN_THROUGH_MARGIN_S));
    }

    public function drought(float $degree): Verdict
    {
        return new Verdict(Criterion::Drought, $degree, $this->targets->drought);
    }

    /** Where the reaction of a mix of a buffer goes under what is given here in a year. */
    public function reaction(float $bufferMmolL, Situation $situation, Demand $demand): ReactionCourse
    {
        $volumeL = $this->setup->zone->volumeL;

        return new ReactionCourse(
            $bufferMmolL,
            $demand->givenLYear / $volumeL,
            $demand->drainedLYear / $volumeL,
            $situation->givenAlkalinityMgL(),
            $situation->feedAcidityMgL,
            $situation->feedAcidityMmolLYear,
            $this->setup->model->pco2Atm,
        );
    }

    /** @return non-empty-list<Verdict> on the pH after a month, and after the planned years where its course is known */
    public function reactions(Blend $blend, float $bufferMmolL, ?ReactionCourse $course): array
    {
        $fresh = Reaction::fresh($blend);
        $band = $this->targets->phIn($blend->shareOfKind(static fn(MaterialKind $kind): bool => $kind->isOrganic()), $bufferMmolL);

        return $course === null ? [new Verdict(Criterion::Ph, $fresh, $band)] : [
            new Verdict(Criterion::Ph, $course->phAfter($fresh, self::FIRST_MONTH), $band),
            new Verdict(Criterion::LaterPh, $course->phAfter($fresh, $this->targets->plannedYears), $band),
        ];
    }

    /** @param float|null $failsAfter null where it does not within the horizon */
    public function years(?float $failsAfter): Verdict
    {
        return self::yearsAgainst($failsAfter, $this->targets);
    }

    public static function yearsAgainst(?float $failsAfter, Targets $targets): Verdict
    {
        $planned = $targets->plannedYears;

        return new Verdict(Criterion::Years, $failsAfter ?? Forecast::HORIZON, new Band(min(Forecast::HORIZON, $planned), INF, max(0.5, $planned / 2.0)));
    }

    public function floatShare(Blend $blend, Situation $situation): Verdict
    {
        return new Verdict(Criterion::FloatShare, Floating::washedOff($blend, $situation->surface, $situation->habit->method), new Band(0.0, self::FLOATS_FREE, self::FLOATS_MARGIN));
    }

    public function largestGrain(Blend $blend): Verdict
    {
        return $this->largest($blend->grading()->quantileMm(0.9));
    }

    /** The same, with the limit for a figure where 90 % passes it: then nothing is said, whatever the figure is. */
    public function largestGrainAtLeast(Blend $blend): Verdict
    {
        return $blend->passingAt($this->largestMm) >= 0.9 ? $this->largest($this->largestMm) : $this->largestGrain($blend);
    }

    public function wetWeight(float $kg): Verdict
    {
        return new Verdict(Criterion::WetWeight, $kg, new Band(0.0, self::LIFT_ONE_KG, self::LIFT_MARGIN_KG));
    }

    public function segregation(Blend $blend): Verdict
    {
        return new Verdict(Criterion::Segregation, $blend->sizeRatio(), new Band(0.0, self::SEGREGATES_FROM, self::SEGREGATES_FROM));
    }

    private function largest(float $mm): Verdict
    {
        return new Verdict(Criterion::LargestGrain, $mm, new Band(0.0, $this->largestMm, $this->largestMarginMm));
    }
}
