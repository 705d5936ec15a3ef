<?php

declare(strict_types=1);

namespace App\Blend;

/** How a ball goes into a pot. */
final readonly class BallRoom
{
    /**
     * @param float $besideCm  on the side where it is least; below 0 it is too broad
     * @param float $beneathCm of the bed
     * @param float $thinCm    that would have to be taken off beneath
     */
    public function __construct(public bool $fits, public float $besideCm, public float $beneathCm, public float $thinCm) {}
}
