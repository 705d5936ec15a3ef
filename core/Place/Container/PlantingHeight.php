<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Input\Refused;

/**
 * How high a tree is to stand, and what follows from it: the bed, what is thinned off beneath its ball, and the mound.
 *
 *     surface  = depth - headspace, a top dressing counted with what lies beneath it
 *     collar   = surface, + so much where it is raised, - so much where it is buried
 *     foot     = collar - c - h,  h the height of the ball, c from its top up to the collar
 *     bed      = foot - layer;    thinned = what lacks of the least bed, 0.5 cm, or none beneath a ball that is not touched;    mound = what the collar stands over the surface, else 0
 *
 * A bed that is typed holds for the foot instead, a mound for how far mix goes up the ball. Lengths in cm, heights above the floor. It fits where no more than a quarter of
 * the ball is thinned away. Source: addition; half a centimetre and a quarter are starting figures. Check: a ball of 4, its collar 0.5 over it, flush in a pot of 8 with 1
 * of headspace: a bed of 2.5; raised by 1 it is 3.5 and the mound 1; a ball of 7 loses 1 and keeps 6.
 */
final readonly class PlantingHeight
{
    public const LEAST_BED_CM = 0.5;
    public const MOST_THINNED = 0.25;
    private const SLACK = 1e-6;

    public float $surfaceCm;
    public float $collarCm;
    public float $bedCm;
    public float $thinnedCm;
    public float $moundCm;

    /** Of the ball as it goes into the pot. */
    public float $ballCm;

    public bool $fits;

    /**
     * @param float      $overCm   that the collar is to stand over the surface; below 0 buried
     * @param float      $ballCm   height of the ball as it is
     * @param float      $aboveCm  from the top of the ball up to the collar
     * @param float|null $bedCm    instead of what follows
     * @param float|null $moundCm  instead of what follows
     *
     * @throws Refused field "bed_cm", "mound_cm" where it contradicts the height, "height" where nothing is left of the ball
     */
    public function __construct(float $depthCm, float $layerCm, float $headspaceCm, float $overCm, float $ballCm, float $aboveCm = 0.0, ?float $bedCm = null, ?float $moundCm = null, float $leastBedCm = self::LEAST_BED_CM)
    {
        $this->surfaceCm = $depthCm - $headspaceCm;
        $this->collarCm = $this->surfaceCm + $overCm;
        $follows = $this->collarCm - $aboveCm - $ballCm - $layerCm;
        if ($bedCm !== null && $bedCm < $follows - self::SLACK) {
            throw Refused::because('bed_cm', 'bed_too_low', $bedCm, ['min' => self::rounded($follows), 'low' => self::rounded($follows - $bedCm)]);
        }
        $this->bedCm = $bedCm ?? max($leastBedCm, $follows);
        $this->thinnedCm = max(0.0, $this->bedCm - $follows);
        $this->ballCm = $ballCm - $this->thinnedCm;
        if ($this->ballCm <= self::SLACK) {
            throw Refused::because('height', 'ball_thinned_away', self::rounded($overCm), ['min' => self::rounded($overCm + $this->thinnedCm - $ballCm)]);
        }
        $most = max(0.0, $overCm);
        if ($moundCm !== null && $moundCm > $most + self::SLACK) {
            throw Refused::because('mound_cm', 'mound_over_collar', $moundCm, ['max' => self::rounded($most)]);
        }
        $this->moundCm = $moundCm ?? $most;
        $this->fits = $this->thinnedCm <= self::MOST_THINNED * $ballCm + self::SLACK;
    }

    private static function rounded(float $cm): float
    {
        return round($cm, 2);
    }
}
