<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Preparation;

use Zolbek\Core\Mix\Material\Material;

/**
 * What is screened off a component: coarse grains that serve the bottom of big pots, and fines that some plants bear.
 *
 *     coarse = gross (1 - P(hi)),  fine = gross P(lo)
 *
 * Litres. A pot takes them where it is five times as deep as their largest grains. Source: model sections 2 and 10. Check: nothing is screened off without a sieve.
 */
final readonly class Screenings
{
    private const DEPTH_OVER_GRAIN = 5.0;

    public float $coarseL;
    public float $fineL;

    /** Depth in cm that a pot needs for the coarse grains. */
    public float $deepEnoughCm;

    public function __construct(Material $component, ?Preparation $preparation, float $grossL)
    {
        $hi = $preparation?->screenHiMm;
        $lo = max($preparation->screenLoMm ?? 0.0, $preparation->rinseMm ?? 0.0);
        $this->coarseL = $hi === null ? 0.0 : $grossL * (1.0 - $component->grading->passingAt($hi));
        $this->fineL = $lo <= 0.0 ? 0.0 : $grossL * $component->grading->passingAt($lo);
        $this->deepEnoughCm = self::DEPTH_OVER_GRAIN * $component->grading->quantileMm(0.98) / 10.0;
    }
}
