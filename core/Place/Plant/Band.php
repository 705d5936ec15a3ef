<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * A band of good values with a soft margin: how far a figure lies outside it is told in margins.
 *
 *     o = distance outside the band / margin
 *
 * Units are those of the figure that is rated. Source: G. Derringer and R. Suich, Journal of Quality Technology 12 (1980) 214-219.
 * Check: 0.11 lies half a margin outside 0.14 to 0.38 with margin 0.06.
 */
final readonly class Band
{
    public function __construct(public float $low, public float $high, public float $margin) {}

    /** o, 0 inside. */
    public function marginsOutside(float $value): float
    {
        return max(0.0, $this->low - $value, $value - $this->high) / $this->margin;
    }
}
