<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Preparation;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * A component screened between two sieves, or rinsed of what is finer than a size.
 *
 * Keeps P(hi) - P(lo) of the mass. The grains stay what they were: the packing property beta stays, and the loose bulk
 * density becomes re * phi(beta, kept grading, K 4.1). To have one litre, 1 / kept litres must be bought.
 */
final readonly class Screening
{
    private function __construct(public Material $component, public float $keptShare) {}

    /**
     * @param float $loMm what passes this sieve is thrown away; 0 for none
     * @param float $hiMm what this sieve retains is thrown away; INF for none
     *
     * @throws Refused field "screening" when nothing would be left
     */
    public static function between(Material $component, float $loMm, float $hiMm = INF): self
    {
        $kept = $component->grading->between($loMm, $hiMm);
        $packing = CompressiblePacking::uniform($component->residualPacking, $kept->classShares(), CompressiblePacking::POURED);

        return new self(
            $component->with(grading: $kept, bulkDensity: $component->particleDensity * $packing),
            $component->grading->passingAt($hiMm) - $component->grading->passingAt($loMm),
        );
    }
}
