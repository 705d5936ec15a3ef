<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * How far two mixes are apart: the share of the one that would have to be something else for it to be the other.
 *
 *     distance = 1/2 sum |a_i / sum a - b_i / sum b|,  0 for the same mix to 1 where they have nothing in common
 *
 * Source: total variation distance. Check: 2:1 and 1:1 are 1/6 apart.
 */
final class MixDistance
{
    /** Nearer than this, two mixes are one: scoops are not more exact. */
    public const SAME = 0.02;

    /**
     * @param non-empty-array<int|string, float> $a parts or litres, by component; with a sum above 0
     * @param non-empty-array<int|string, float> $b
     */
    public static function between(array $a, array $b): float
    {
        [$ofA, $ofB] = [array_sum($a), array_sum($b)];
        $apart = 0.0;
        foreach (array_keys($a + $b) as $key) {
            $apart += abs(($a[$key] ?? 0.0) / $ofA - ($b[$key] ?? 0.0) / $ofB);
        }

        return $apart / 2.0;
    }
}
