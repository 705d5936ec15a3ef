<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * The share to mix on top, learned from days that are done.
 *
 *     excess_d = used_d / net_d - 1;   spare = (2 * 0.08 + sum excess) / (2 + n) + spread/2,  between 0 and 0.5
 *
 * net is what was reckoned without spare. Spread: standard deviation of the excesses, so that an uneven hand gets more. Source: shrinkage towards the usual 8 %; weights are starting figures.
 * Check: without days 0.08; after two days that used 12 % more each: 0.10.
 */
final readonly class Spare
{
    private const WEIGHT = 2.0;
    private const MOST = 0.5;

    public float $share;
    public int $days;

    /** @param list<array{net_l: float, used_l: float}> $done */
    public function __construct(array $done)
    {
        $excess = [];
        foreach ($done as ['net_l' => $net, 'used_l' => $used]) {
            if ($net > 0.0) {
                $excess[] = $used / $net - 1.0;
            }
        }
        $n = count($excess);
        $mean = $n === 0 ? 0.0 : array_sum($excess) / $n;
        $spread = $n < 2 ? 0.0 : sqrt(array_sum(array_map(static fn(float $each): float => ($each - $mean) ** 2, $excess)) / ($n - 1));
        $this->share = max(0.0, min(self::MOST, (self::WEIGHT * BatchOrder::DEFAULT_SPARE + array_sum($excess)) / (self::WEIGHT + $n) + $spread / 2.0));
        $this->days = $n;
    }
}
