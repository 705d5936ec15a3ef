<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * Mix that stands over the level of the rim's headspace: a mound up to the ball, and a surface that rises from one side to the other; and how the collar of a leaning trunk
 * lies in it.
 *
 *     mound   m / 3 (A + (A B)^(1/2) + B) - m B     a frustum from the wall up to the ball, less the ball in it
 *     wedge   A s / 2                               s what the surface rises by
 *     collar  low and high = -/+ d/2 (sin lean + s / breadth), d the trunk, where it leans along the slope: how far apart its two sides stand over the surface
 *
 * A section at the surface and B of the ball, cm2; lengths in cm, litres. Source: geometry. Check: a mound of 3 cm on 100 cm2 with no ball takes 0.1 L, a rise of 2 cm 0.1 L;
 * a trunk of 4 cm that leans by 30 degrees stands 1 cm lower on the one side and higher on the other.
 */
final readonly class SurfaceShape
{
    public float $moundL;
    public float $wedgeL;

    public function __construct(float $areaCm2, float $ballCm2, float $moundCm, float $riseCm)
    {
        $ball = min($areaCm2, $ballCm2);
        $this->moundL = ($moundCm / 3.0 * ($areaCm2 + sqrt($areaCm2 * $ball) + $ball) - $moundCm * $ball) / 1000.0;
        $this->wedgeL = $areaCm2 * $riseCm / 2.0 / 1000.0;
    }

    /** By how much the collar of a trunk stands lower on the side to which it leans, and higher on the other; cm. */
    public static function collarTiltCm(float $trunkCm, float $leanDeg): float
    {
        return $trunkCm / 2.0 * sin(deg2rad($leanDeg));
    }
}
