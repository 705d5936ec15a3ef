<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * Whether a root ball fits: what stands on what, against the depth of the pot.
 *
 *     over = layer + bed + ball + collar + headspace - depth;   fits when over <= mound allowed above the rim
 *
 * Lengths in cm. At the sides: half of what the pot is wider than the ball, at the ball's foot and at its top. Source: addition.
 * Check: layer 1, bed 1, ball 5, collar 0.5, headspace 1 in a pot of 8: over 0.5.
 */
final readonly class DepthBudget
{
    /** What stands above the rim, headspace counted; below 0 so much is left over. */
    public float $overCm;

    public bool $fitsDepth;

    /** Room at each side of the ball, cm: along and across, the least over its height; below 0 it does not go in. */
    public float $besideCm;
    public float $acrossCm;

    /** How much must be thinned beneath the ball, or the bed lowered, cm. */
    public float $thinCm;

    public float $ballFootCm;
    public float $ballTopCm;
    public float $collarCm;

    public function __construct(RootZone $zone, Contents $contents, float $headspaceCm)
    {
        $pot = $zone->pot;
        $ball = $contents->ballIn($zone);
        $this->ballFootCm = $zone->bottomCm + $contents->bedCm;
        $this->ballTopCm = $this->ballFootCm + ($ball->heightCm ?? 0.0);
        $this->collarCm = $this->ballTopCm + $contents->collarCm;
        $this->overCm = $this->collarCm + $headspaceCm - $pot->depthCm;
        $this->fitsDepth = $this->overCm <= $contents->moundCm + 1e-9;
        $this->thinCm = max(0.0, $this->overCm - $contents->moundCm);
        $heights = [min($pot->depthCm, $this->ballFootCm), min($pot->depthCm, $this->ballTopCm)];
        $this->besideCm = (min(array_map($pot->widthCm(...), $heights)) - ($ball->lengthCm ?? 0.0)) / 2.0;
        $this->acrossCm = (min(array_map($pot->breadthCm(...), $heights)) - ($ball->widthCm ?? 0.0)) / 2.0;
    }

    public function fits(): bool
    {
        return $this->fitsDepth && $this->besideCm >= 0.0 && $this->acrossCm >= 0.0;
    }
}
