<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\Kept;
use App\Plants\KeptSoil;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Feeding\FeedingSchool;

/** How one plant of a potting day is to be potted, as it is kept with the entry. Lengths in cm, shares 0..1, litres of loose material. */
final readonly class Plan implements Kept
{
    public const WHERE = ['mixed', 'top'];
    public const HEIGHTS = ['flush', 'raised', 'buried'];
    public const SIDES = ['left', 'right', 'front', 'back'];
    private const MIDDLE = ['x_cm' => 0.0, 'y_cm' => 0.0, 'turn_deg' => 0.0];

    /** Of a ball where nobody said otherwise. */
    public const BED_CM = 1.0;

    /**
     * @param list<array{component_id: int, litres: float}>                         $extras
     * @param array{length_cm: float, width_cm: float, height_cm: float}|null       $ball
     * @param array{component_id: int, thickness_cm: float}|null                    $layer
     * @param array{component_id: int, cm: float}|null                              $dressing
     * @param array{kind: string, component_id: int|null, thickness_cm: float}|null $wall
     * @param array{id: int, share: float, where: string}|null                      $fertiliser where: one of WHERE, mixed into the new mix or on top of it
     * @param string                                                                $ballSoil what ball and old soil are of, see KeptSoil
     * @param array{how: string, cm: float}|null                                    $height   how: one of HEIGHTS; null where the ball stands on the bed that was typed, as before heights were solved
     * @param float|null                                                            $bedCm    null: as it follows from the height
     * @param float|null                                                            $moundCm  null: as it follows from the height
     * @param array{x_cm: float, y_cm: float, turn_deg: float}                      $placing  of the ball, see BallPlacing
     * @param array{deg: float, to: string}|null                                    $lean     of the trunk, to: one of SIDES
     * @param array{cm: float, months: int}|null                                    $lower    what the surface is lowered by over so many months, to bring out roots
     * @param list<array{kind: string, why: string}>                                $careOff  what of the aftercare is taken off, and why
     * @param array{cm: float, to: string}|null                                     $slope    what the surface rises by, to: the side where it is highest
     */
    public function __construct(
        public array $extras = [],
        public ?array $ball = null,
        public BallTreatment $treatment = BallTreatment::Teased,
        public ?float $bedCm = null,
        public float $collarCm = 0.0,
        public ?float $moundCm = null,
        public float $objectsL = 0.0,
        public float $headspaceCm = 0.8,
        public ?array $layer = null,
        public ?array $dressing = null,
        public ?array $wall = null,
        public ?int $holeCoverId = null,
        public float $oldSoilShare = 0.0,
        public Surface $surface = Surface::Bare,
        public ?array $fertiliser = null,
        public FeedingSchool $feeding = FeedingSchool::None,
        public string $fixing = 'wire',
        public int $stonesDays = CarePlan::STONES_DAYS,
        public float $rootsCutShare = 0.2,
        public float $crownCutShare = 0.0,
        public ?int $firstWaterDays = null,
        public string $note = '',
        public string $ballSoil = KeptSoil::AS_STOOD,
        public ?array $height = ['how' => 'flush', 'cm' => 0.0],
        public array $placing = self::MIDDLE,
        public ?array $lean = null,
        public ?array $slope = null,
        public array $careOff = [],
        public ?array $lower = null,
    ) {}

    public static function fromKept(array $kept): static
    {
        // before heights were solved the ball stood on its bed
        $kept += ['height' => null, 'bed_cm' => self::BED_CM, 'mound_cm' => 0.0] + (new self())->jsonSerialize();

        return new self(
            $kept['extras'],
            $kept['ball'],
            BallTreatment::from($kept['treatment']),
            $kept['bed_cm'],
            $kept['collar_cm'],
            $kept['mound_cm'],
            $kept['objects_l'],
            $kept['headspace_cm'],
            $kept['layer'],
            $kept['dressing'],
            $kept['wall'],
            $kept['hole_cover_id'],
            $kept['old_soil_share'],
            Surface::from($kept['surface']),
            // it was always mixed in before it could lie on top
            isset($kept['fertiliser']) ? ['id' => $kept['fertiliser']['id'], 'share' => $kept['fertiliser']['share'], 'where' => $kept['fertiliser']['where'] ?? 'mixed'] : null,
            FeedingSchool::from($kept['feeding']),
            $kept['fixing'],
            $kept['stones_days'],
            $kept['roots_cut_share'],
            $kept['crown_cut_share'],
            $kept['first_water_days'],
            $kept['note'],
            $kept['ball_soil'],
            $kept['height'],
            $kept['placing'],
            $kept['lean'],
            $kept['slope'],
            $kept['care_off'],
            $kept['lower'],
        );
    }

    public function jsonSerialize(): array
    {
        return [
            'extras' => $this->extras, 'ball' => $this->ball, 'treatment' => $this->treatment->value, 'bed_cm' => $this->bedCm, 'collar_cm' => $this->collarCm, 'mound_cm' => $this->moundCm,
            'objects_l' => $this->objectsL, 'headspace_cm' => $this->headspaceCm, 'layer' => $this->layer, 'dressing' => $this->dressing, 'wall' => $this->wall, 'hole_cover_id' => $this->holeCoverId,
            'old_soil_share' => $this->oldSoilShare, 'surface' => $this->surface->value, 'fertiliser' => $this->fertiliser, 'feeding' => $this->feeding->value, 'fixing' => $this->fixing,
            'stones_days' => $this->stonesDays, 'roots_cut_share' => $this->rootsCutShare, 'crown_cut_share' => $this->crownCutShare, 'first_water_days' => $this->firstWaterDays, 'note' => $this->note,
            'ball_soil' => $this->ballSoil, 'height' => $this->height, 'placing' => $this->placing, 'lean' => $this->lean, 'slope' => $this->slope, 'care_off' => $this->careOff, 'lower' => $this->lower,
        ];
    }

    /** @param array<string, mixed> $fields by their names in JSON, as PlanForm reads them */
    public function with(array $fields): self
    {
        return self::fromKept([...$this->jsonSerialize(), ...$fields]);
    }

    /** Why a kind of aftercare was taken off; null where it was not. */
    public function whyOff(string $kind): ?string
    {
        return array_column($this->careOff, 'why', 'kind')[$kind] ?? null;
    }

    /** What the collar is to stand over the surface, cm; below 0 buried. Null where the ball stands on its bed. */
    public function overCm(): ?float
    {
        return $this->height === null ? null : match ($this->height['how']) {
            'raised' => $this->height['cm'],
            'buried' => -$this->height['cm'],
            default => 0.0,
        };
    }

    /** @return array<string, int> ids of the components that it names, by path */
    public function componentIds(): array
    {
        $ids = [
            'layer.component_id' => $this->layer['component_id'] ?? null, 'dressing.component_id' => $this->dressing['component_id'] ?? null, 'wall.component_id' => $this->wall['component_id'] ?? null,
            'hole_cover_id' => $this->holeCoverId,
        ];
        foreach ($this->extras as $i => $extra) {
            $ids['extras.'.$i.'.component_id'] = $extra['component_id'];
        }

        return array_filter($ids);
    }
}
