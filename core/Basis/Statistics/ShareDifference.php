<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

/**
 * By how much two shares differ, and between what that lies at 95 %: Wilson's bounds of both, joined.
 *
 *     d = p1 - p2;   d - sqrt((p1 - l1)^2 + (u2 - p2)^2)   to   d + sqrt((u1 - p1)^2 + (p2 - l2)^2)
 *
 * Source: R. G. Newcombe, Statistics in Medicine 17 (1998) 873-890, method 10. Check: his table has 56 of 70 against 48 of 80: 0.2000, 0.0524 to 0.3339.
 */
final readonly class ShareDifference
{
    public float $difference;
    public float $low;
    public float $high;

    public function __construct(Wilson $one, Wilson $other)
    {
        $this->difference = $one->share - $other->share;
        $this->low = $this->difference - hypot($one->share - $one->low, $other->high - $other->share);
        $this->high = $this->difference + hypot($one->high - $one->share, $other->share - $other->low);
    }

    /** Whether chance alone would seldom part them so far. */
    public function isTold(): bool
    {
        return $this->low > 0.0 || $this->high < 0.0;
    }
}
