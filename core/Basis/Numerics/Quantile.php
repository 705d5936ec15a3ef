<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * The value below which a share of some values lies, between two of them along a straight line.
 *
 *     h = (n - 1) q,  i = floor(h),  v_i + (h - i) (v_{i+1} - v_i)      v ascending
 *
 * Source: R. J. Hyndman and Y. Fan, The American Statistician 50 (1996) 361-365, definition 7. Check: 1, 1, 3, 4, 5 at 0.9: 4.6.
 */
final class Quantile
{
    /** @param non-empty-list<float> $values in any order */
    public static function of(array $values, float $share): float
    {
        sort($values);

        return self::sorted($values, $share);
    }

    /** @param non-empty-list<float> $values ascending */
    public static function sorted(array $values, float $share): float
    {
        $at = $share * (count($values) - 1);
        $below = (int) floor($at);
        $low = $values[$below] ?? $values[0];

        return $low + ($at - $below) * (($values[$below + 1] ?? $low) - $low);
    }
}
