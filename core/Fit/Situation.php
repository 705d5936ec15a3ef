<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Ageing\RootVigour;
use Zolbek\Core\Batching\Stock;
use Zolbek\Core\Watering\Climate;
use Zolbek\Core\Watering\Place;
use Zolbek\Core\Watering\Plant;
use Zolbek\Core\Watering\Surface;
use Zolbek\Core\Watering\WateringHabit;

/** Where a potted plant stands, what it wants, and how it is looked after. */
final readonly class Situation
{
    /**
     * @param float                $alkalinityMgL of the water, as CaCO3: rain 0 to 20, hard water 200 and more
     * @param float|null           $budget        what the mix in one pot may cost
     * @param array<string, Stock> $stocks        what is at hand, by key of the portion
     */
    public function __construct(
        public Targets $targets,
        public ?Climate $climate = null,
        public Place $place = new Place(),
        public Plant $plant = new Plant(),
        public Surface $surface = Surface::Bare,
        public WateringHabit $habit = new WateringHabit(),
        public float $alkalinityMgL = 0.0,
        public RootVigour $vigour = RootVigour::Middling,
        public bool $dryingSides = false,
        public ?float $budget = null,
        public int $potsWanted = 1,
        public array $stocks = [],
    ) {}

    public function with(
        ?Targets $targets = null,
        ?Place $place = null,
        ?Surface $surface = null,
        ?WateringHabit $habit = null,
        ?float $alkalinityMgL = null,
        ?bool $dryingSides = null,
        ?int $potsWanted = null,
        ?Plant $plant = null,
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
            $potsWanted ?? $this->potsWanted,
            $this->stocks,
        );
    }

    public function withPlannedYears(float $years): self
    {
        return $this->with(targets: new Targets($this->targets->air, $this->targets->ph, $this->targets->tensionLimitCm, $years));
    }
}
