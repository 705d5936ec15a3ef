<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Blend\BallRoom;
use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Place\Container\BallPlacing;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Container\PlantingHeight;
use Zolbek\Core\Place\Container\SurfaceShape;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** Whether the ball of an entry goes into its pot, how high it then stands, and how much mix lies beneath, beside and above it. */
final readonly class EntryFit
{
    private function __construct(private DayPlant $entry, private DayPotNeeds $needs, private DepthBudget $budget, private BallPlacing $placing, private ?PlantingHeight $height) {}

    /** Null without a ball. */
    public static function of(DayPlant $entry, DayPotNeeds $needs): ?self
    {
        $setup = $needs->share->setup;
        $ball = $setup->filling?->ball;
        if ($setup->contents === null || $ball === null) {
            return null;
        }
        // a height that was chosen is reckoned from the surface, which is that of the dressing
        $budget = new DepthBudget($setup->zone, $setup->contents, $setup->headspaceCm + ($entry->plan->height === null ? $setup->topDressingCm : 0.0));
        $at = $entry->plan->placing;

        return new self($entry, $needs, $budget, new BallPlacing($setup->pot, $budget->ballFootCm, $budget->ballTopCm, $ball->lengthCm, $ball->widthCm, $at['x_cm'], $at['y_cm'], $at['turn_deg']), EntryHeight::of($entry));
    }

    public function fits(): bool
    {
        return $this->placing->goesIn && ($this->height->fits ?? $this->budget->fitsDepth);
    }

    public function room(): BallRoom
    {
        $placing = $this->placing;

        return new BallRoom($this->fits(), min($placing->leftCm, $placing->rightCm, $placing->frontCm, $placing->backCm), $this->needs->share->setup->contents->bedCm ?? 0.0, $this->height->thinnedCm ?? $this->budget->thinCm);
    }

    /** @return array<string, float|bool> schema EntryFit of the API */
    public function document(): array
    {
        $setup = $this->needs->share->setup;
        $budget = $this->budget;
        $height = $this->height;
        $placing = $this->placing;
        $shape = $this->needs->shape;
        $aboveL = ($setup->filling->aboveL ?? 0.0) + $shape->moundL + $shape->wedgeL;
        $beneathL = $setup->filling->beneathL ?? 0.0;

        return [
            'fits' => $this->fits(), 'over_cm' => $height === null ? $budget->overCm : 0.0, 'thin_cm' => $height->thinnedCm ?? $budget->thinCm,
            'beside_cm' => min($placing->leftCm, $placing->rightCm), 'across_cm' => min($placing->frontCm, $placing->backCm),
            'left_cm' => $placing->leftCm, 'right_cm' => $placing->rightCm, 'front_cm' => $placing->frontCm, 'back_cm' => $placing->backCm,
            'foot_cm' => $budget->ballFootCm, 'top_cm' => $budget->ballTopCm, 'collar_cm' => $budget->collarCm,
            'collar_over_rim_cm' => $budget->collarCm - $setup->pot->depthCm,
            'collar_over_surface_cm' => $budget->collarCm - $setup->pot->depthCm + $setup->headspaceCm,
            'collar_tilt_cm' => SurfaceShape::collarTiltCm(($this->entry->plant->trunk_mm ?? 0.0) / 10.0, $this->entry->plan->lean['deg'] ?? 0.0),
            'bed_cm' => $setup->contents->bedCm ?? 0.0, 'mound_cm' => $height->moundCm ?? max(0.0, min($setup->contents->moundCm ?? 0.0, $budget->overCm)),
            'beneath_l' => $beneathL, 'beside_l' => max(0.0, $this->needs->newMixL - $beneathL - $aboveL), 'above_l' => $aboveL, 'wedge_l' => $shape->wedgeL,
        ];
    }
}
