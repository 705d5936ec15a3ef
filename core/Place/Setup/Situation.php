<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Setup;

use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\FrostCycles;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\WateringHabit;

/**
 * Where a potted plant stands, what it wants, and how it is watered and fed.
 *
 * Source: model section 9 and revision (e); a pot indoors is taken as 20 degC all year. Check: its yearly mean indoors is 20 degC.
 */
final readonly class Situation
{
    /** Mean temperature in degC of a pot that stands indoors. */
    private const INDOORS_C = 20.0;

    /**
     * @param float                $alkalinityMgL        of the water, as CaCO3: rain 0 to 20, hard water 200 and more
     * @param float                $rainShare            share of rain in the water given, 0..1
     * @param float                $feedAcidityMgL       of what is fed with the water, mg/L CaCO3
     * @param float                $feedAcidityMmolLYear of what lies in the mix, mmol H+ per L of mix and year, see Feed
     * @param float|null           $budget               what the mix in one pot may cost
     * @param array<string, Stock> $stocks               what is at hand, by key of the portion
     */
    public function __construct(
        public Targets $targets,
        public ?Climate $climate = null,
        public Place $place = new Place(),
        public Crown $plant = new Crown(),
        public Surface $surface = Surface::Bare,
        public WateringHabit $habit = new WateringHabit(),
        public float $alkalinityMgL = 0.0,
        public RootVigour $vigour = RootVigour::Middling,
        public bool $dryingSides = false,
        public ?float $budget = null,
        public int $potsWanted = 1,
        public array $stocks = [],
        public Purpose $purpose = Purpose::GrowOn,
        public float $rainShare = 0.0,
        public float $feedAcidityMgL = 0.0,
        public float $feedAcidityMmolLYear = 15.0,
    ) {}

    public function with(
        ?Targets $targets = null,
        ?Place $place = null,
        ?Surface $surface = null,
        ?WateringHabit $habit = null,
        ?float $alkalinityMgL = null,
        ?bool $dryingSides = null,
        ?Crown $plant = null,
        ?float $rainShare = null,
        ?float $feedAcidityMgL = null,
        ?float $feedAcidityMmolLYear = null,
    ): self {
        return new self(
            $targets ?? $this->targets,
            $this->climate,
            $place ?? $this->place,
            $plant ?? $this->plant,
            $surface ?? $this->surface,
            $habit ?? $this->habit,
            $alkalinityMgL ?? $this->alkalinityMgL,
            $this->vigour,
            $dryingSides ?? $this->dryingSides,
            $this->budget,
            $this->potsWanted,
            $this->stocks,
            $this->purpose,
            $rainShare ?? $this->rainShare,
            $feedAcidityMgL ?? $this->feedAcidityMgL,
            $feedAcidityMmolLYear ?? $this->feedAcidityMmolLYear,
        );
    }

    public function withPlannedYears(float $years): self
    {
        return $this->with(targets: $this->targets->withPlannedYears($years));
    }

    /** Lime in what is really given: rain has none. */
    public function givenAlkalinityMgL(): float
    {
        return $this->alkalinityMgL * (1.0 - $this->rainShare);
    }

    /** What frost and warmth did here to an old mix that filled such a pot. */
    public function ageingOf(Substrate $old, Container $pot): ?AgeingClimate
    {
        $zone = new RootZone($pot);

        return $this->ageing($zone, $zone->waterL($old->retention));
    }

    /** What frost and warmth do here to a pot that holds so many litres; null without a climate. */
    public function ageing(RootZone $zone, float $waterL, ModelConstants $model = new ModelConstants()): ?AgeingClimate
    {
        $climate = $this->climate;

        return $climate === null ? null : new AgeingClimate(
            $this->place->freezes() ? FrostCycles::aYear($climate, $waterL, FrostCycles::surfaceM2($zone->pot, $zone->topCm)) : 0.0,
            $this->place->exposure === Exposure::Indoors ? self::INDOORS_C : $climate->meanC,
            $model->ageing,
            $model->washOut,
        );
    }
}
