<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/**
 * Which of several readings stands so far from the rest that it should be looked at: G = max |x - mean| / s against the two-sided
 * critical value at 5 %. It is shown, never dropped.
 *
 * Source: F. E. Grubbs, Technometrics 11 (1969) 1-21; critical values as tabulated for n = 3 to 20. Check: n = 5 has 1.715, n = 10 has 2.290;
 * of 0.45, 0.46, 0.46, 0.47, 0.60 the last stands out (G 1.777).
 */
final class Outlier
{
    private const CRITICAL = [
        3 => 1.1543, 1.4812, 1.7150, 1.8871, 2.0200, 2.1266, 2.2150, 2.2900, 2.3547, 2.4116, 2.4620, 2.5073, 2.5483, 2.5857, 2.6200, 2.6516, 2.6809, 2.7082,
    ];

    /**
     * @param array<int, float> $values
     *
     * @return int|null the key of the value that stands out; null below three values, or where none does
     */
    public static function among(array $values): ?int
    {
        $n = count($values);
        if (! isset(self::CRITICAL[$n])) {
            return null;
        }
        $mean = array_sum($values) / $n;
        $s = sqrt(array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values)) / ($n - 1));
        $farthest = null;
        $g = 0.0;
        foreach ($values as $key => $value) {
            if ($s > 1e-12 * abs($mean) && abs($value - $mean) / $s > $g) {
                $g = abs($value - $mean) / $s;
                $farthest = $key;
            }
        }

        return $g > self::CRITICAL[$n] ? $farthest : null;
    }
}
