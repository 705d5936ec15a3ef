<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** Whole parts as a ratio. Source: Euclid's algorithm. Check: 4, 6 and 10 have the divisor 2. */
final class Ratio
{
    /** @param array<int, int> $parts */
    public static function divisor(array $parts): int
    {
        $divisor = 0;
        foreach ($parts as $part) {
            while ($part !== 0) {
                [$divisor, $part] = [$part, $divisor % $part];
            }
        }

        return $divisor;
    }

    /**
     * Half the sum of the differences of two recipes' shares: what has to be something else to make one of the other, 0..1.
     *
     * @param array<int, float> $mine   shares by place of the ingredient
     * @param array<int, float> $others
     */
    public static function apart(array $mine, array $others): float
    {
        $moved = 0.0;
        foreach ($mine + $others as $i => $_) {
            $moved += abs(($mine[$i] ?? 0.0) - ($others[$i] ?? 0.0));
        }

        return $moved / 2.0;
    }
}
