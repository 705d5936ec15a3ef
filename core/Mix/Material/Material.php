<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Grading\PoreSize;
use Zolbek\Core\Mix\Packing\ResidualPacking;

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
 * | c      | finesWeight         | -0.5..0.5, how much its fines count, see PoreSize  |
 * | K      | settledIndex        | 4.1..9, how it lies once watered in                |
 * | s      | structureLoss       | 1/year at 15 degC, crumbs and flakes that give way |
 * | d      | poreSizeMm          | mm, the grain size that its pores behave like      |
 *
 * The last four are those of its kind where they are not given. Check: pumice 3-6 mm (rb 0.46, re 0.85) has beta 0.6076253463; fine composted bark
 * has d = 3.062908436 mm.
 */
final readonly class Material
{
    /** @var non-empty-list<float> share of each of the 22 size classes */
    public array $classShares;

    public float $residualPacking;

    public float $finesWeight;

    public float $settledIndex;

    public float $structureLoss;

    /** Sauter mean of its own grains, mm. */
    public float $sauterMm;

    /** d, mm. */
    public float $poreSizeMm;

    private float $medianMm;

    /**
     * @param float|null $hydraulicSizeMm grain size that the pores of a fibre behave like, mm
     * @param float|null $ph              null where it has no buffer
     * @param float      $buffer          mmol H+ per L and pH unit, loose
     * @param float      $cec             cmol/L, loose
     * @param float      $crumbleRate     1/year
     * @param float      $decayRate       1/year at 15 degC
     * @param float|null $finesWeight     that of its kind where null, as the next two
     * @param float      $hydraulicSpread standard deviation of ln d beside a hydraulic size
     *
     * @throws Refused field "bulk_density" when this grading cannot pack to rb/re
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?MaterialKind $kind,
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
        ?float $finesWeight = null,
        ?float $settledIndex = null,
        ?float $structureLoss = null,
        public float $hydraulicSpread = 0.0,
    ) {
        $usual = $kind ?? MaterialKind::UNKNOWN;
        $this->finesWeight = $finesWeight ?? $usual->finesWeight();
        $this->settledIndex = $settledIndex ?? $usual->settledIndex();
        $this->structureLoss = $structureLoss ?? $usual->structureLoss();
        $this->classShares = $grading->classShares();
        $this->sauterMm = PoreSize::sauterMm($this->classShares);
        $this->poreSizeMm = $hydraulicSizeMm ?? PoreSize::mm($this->classShares, $this->finesWeight);
        $this->medianMm = $grading->quantileMm(0.5);
        $this->residualPacking = $residualPacking ?? ResidualPacking::of($this->classShares, $bulkDensity, $particleDensity);
    }

    /** D50, mm. */
    public function medianMm(): float
    {
        return $this->medianMm;
    }

    /**
     * The same material with some properties changed; the residual packing stays.
     *
     * A grading changes the loose density that the grains then pack to: give both. Only where a density was measured otherwise is the
     * residual packing found anew.
     *
     * @throws Refused field "bulk_density" when it is to be found anew and cannot be
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
        ?float $finesWeight = null,
        ?float $settledIndex = null,
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
            $finesWeight ?? $this->finesWeight,
            $settledIndex ?? $this->settledIndex,
            $this->structureLoss,
            $this->hydraulicSpread,
        );
    }
}
