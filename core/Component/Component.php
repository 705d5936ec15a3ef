<?php

declare(strict_types=1);

namespace Zolbek\Core\Component;

use Zolbek\Core\Grading\Grading;
use Zolbek\Core\Packing\ResidualPacking;

/**
 * One material of a blend with the properties that the model computes from. Cannot be built with figures that
 * contradict each other; ComponentReader builds it from outside input and says which figure is wrong.
 *
 * | symbol | property            | unit                                               |
 * | rb     | bulkDensity         | kg/L, loose and dry                                |
 * | re     | particleDensity     | kg/L, dry mass per envelope volume                 |
 * | rs     | solidDensity        | kg/L                                               |
 * | ws     | internalWater       | share of envelope volume, soaked and surface-dry   |
 * | wu     | unavailableWater    | share of envelope volume, at very high suction     |
 * | hi     | internalMedianCm    | cm, suction that empties half of what grains give  |
 * | si     | internalSpread      | standard deviation of ln suction                   |
 * | psi    | sphericity          | 0..1                                               |
 * | beta   | residualPacking     | 0..1, found from rb/re and the grading             |
 *
 * Check: pumice 3-6 mm (rb 0.46, re 0.85) has beta 0.6076253463.
 */
final readonly class Component
{
    /** @var non-empty-list<float> share of each of the 22 size classes */
    public array $classShares;

    public float $residualPacking;

    /**
     * @param float|null $hydraulicSizeMm grain size that the pores of a fibre behave like, mm
     * @param float|null $ph              null where it has no buffer
     * @param float      $buffer          mmol H+ per L and pH unit, loose
     * @param float      $cec             cmol/L, loose
     * @param float      $crumbleRate     1/year
     * @param float      $decayRate       1/year
     *
     * @throws \Zolbek\Core\Input\Refused field "bulk_density" when this grading cannot pack to rb/re
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?ComponentKind $kind,
        public float $bulkDensity,
        public float $particleDensity,
        public float $solidDensity,
        public float $internalWater,
        public float $unavailableWater,
        public float $internalMedianCm,
        public float $internalSpread,
        public float $sphericity,
        public Grading $grading,
        public ?float $hydraulicSizeMm = null,
        public ?float $ph = null,
        public float $buffer = 0.0,
        public float $cec = 0.0,
        public float $crumbleRate = 0.0,
        public float $decayRate = 0.0,
        public bool $dustHazard = false,
        ?float $residualPacking = null,
    ) {
        $this->classShares = $grading->classShares();
        $this->residualPacking = $residualPacking ?? ResidualPacking::of($this->classShares, $bulkDensity, $particleDensity);
    }

    /** D50, mm. */
    public function medianMm(): float
    {
        return $this->grading->quantileMm(0.5);
    }

    /**
     * The same material with some properties changed; the residual packing stays.
     *
     * A grading changes the loose density that the grains then pack to: give both. Only where a density was measured otherwise is the
     * residual packing found anew.
     *
     * @throws \Zolbek\Core\Input\Refused field "bulk_density" when it is to be found anew and cannot be
     */
    public function with(
        ?string $key = null,
        ?Grading $grading = null,
        ?float $bulkDensity = null,
        ?float $internalWater = null,
        ?float $unavailableWater = null,
        ?float $hydraulicSizeMm = null,
        ?float $crumbleRate = null,
        ?float $ph = null,
        ?float $particleDensity = null,
        ?float $internalMedianCm = null,
        ?float $internalSpread = null,
        ?float $sphericity = null,
        bool $refitPacking = false,
    ): self {
        return new self(
            $key ?? $this->key,
            $this->name,
            $this->kind,
            $bulkDensity ?? $this->bulkDensity,
            $particleDensity ?? $this->particleDensity,
            $this->solidDensity,
            $internalWater ?? $this->internalWater,
            $unavailableWater ?? $this->unavailableWater,
            $internalMedianCm ?? $this->internalMedianCm,
            $internalSpread ?? $this->internalSpread,
            $sphericity ?? $this->sphericity,
            $grading ?? $this->grading,
            $hydraulicSizeMm ?? $this->hydraulicSizeMm,
            $ph ?? $this->ph,
            $this->buffer,
            $this->cec,
            $crumbleRate ?? $this->crumbleRate,
            $this->decayRate,
            $this->dustHazard,
            $refitPacking ? null : $this->residualPacking,
        );
    }
}
