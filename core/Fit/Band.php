<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/**
 * A band of good values with soft margins: desirability 1 inside, falling linearly to 0.05 at the margin's end and staying there.
 *
 * Never zero, so that every school can be compared. Units are those of the figure that is rated.
 * Source: G. Derringer and R. Suich, Journal of Quality Technology 12 (1980) 214-219.
 * Check: band 0.14 to 0.38 with margin 0.06 rates 0.11 with 0.525.
 */
final readonly class Band
{
    public const LEAST = 0.05;

    public function __construct(public float $low, public float $high, public float $margin) {}

    /** How far a figure lies outside the band, in its own unit. */
    public function outside(float $value): float
    {
        return max(0.0, $this->low - $value, $value - $this->high);
    }

    public function desirability(float $value): float
    {
        $outside = $this->outside($value);

        return $outside >= $this->margin ? self::LEAST : 1.0 - (1.0 - self::LEAST) * $outside / $this->margin;
    }

    public function level(float $value): Level
    {
        $desirability = $this->desirability($value);

        return match (true) {
            $desirability >= 1.0 => Level::Good,
            $desirability > self::LEAST => Level::Mind,
            default => Level::Stop,
        };
    }
}
