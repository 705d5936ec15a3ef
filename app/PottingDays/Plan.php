<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\Kept;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Feeding\FeedingSchool;

/** How one plant of a potting day is to be potted, as it is kept with the entry. Lengths in cm, shares 0..1, litres of loose material. */
final readonly class Plan implements Kept
{
    public const WHERE = ['mixed', 'top'];

    /**
     * @param list<array{component_id: int, litres: float}>                         $extras
     * @param array{length_cm: float, width_cm: float, height_cm: float}|null       $ball
     * @param array{component_id: int, thickness_cm: float}|null                    $layer
     * @param array{component_id: int, cm: float}|null                              $dressing
     * @param array{kind: string, component_id: int|null, thickness_cm: float}|null $wall
     * @param array{id: int, share: float, where: string}|null                      $fertiliser where: one of WHERE, mixed into the new mix or on top of it
     */
    public function __construct(
        public array $extras = [],
        public ?array $ball = null,
        public BallTreatment $treatment = BallTreatment::Teased,
        public float $bedCm = 1.0,
        public float $collarCm = 0.0,
        public float $moundCm = 0.0,
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
    ) {}

    public static function fromKept(array $kept): static
    {
        $kept += (new self())->jsonSerialize();

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
        );
    }

    public function jsonSerialize(): array
    {
        return [
            'extras' => $this->extras, 'ball' => $this->ball, 'treatment' => $this->treatment->value, 'bed_cm' => $this->bedCm, 'collar_cm' => $this->collarCm, 'mound_cm' => $this->moundCm,
            'objects_l' => $this->objectsL, 'headspace_cm' => $this->headspaceCm, 'layer' => $this->layer, 'dressing' => $this->dressing, 'wall' => $this->wall, 'hole_cover_id' => $this->holeCoverId,
            'old_soil_share' => $this->oldSoilShare, 'surface' => $this->surface->value, 'fertiliser' => $this->fertiliser, 'feeding' => $this->feeding->value, 'fixing' => $this->fixing,
            'stones_days' => $this->stonesDays, 'roots_cut_share' => $this->rootsCutShare, 'crown_cut_share' => $this->crownCutShare, 'first_water_days' => $this->firstWaterDays, 'note' => $this->note,
        ];
    }

    /** @param array<string, mixed> $fields by their names in JSON, as PlanForm reads them */
    public function with(array $fields): self
    {
        return self::fromKept([...$this->jsonSerialize(), ...$fields]);
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
