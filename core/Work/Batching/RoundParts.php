<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * What a mix comes to in small whole parts: the fewest of which each agrees with its share to within 5 % of itself.
 *
 *     n_i = round(N s_i) for shares s_i, at least 1, N = 1, 2, ... 40;  |n_i / sum n - s_i| <= 0.05 s_i
 *
 * Source: the 5 % that loads are held to. Check: 8.1, 5.9 and 4 L are 4:3:2; 96 and 1 L have none so small.
 */
final class RoundParts
{
    private const MOST = 40;
    private const WITHIN = 0.05;

    /**
     * @param non-empty-array<int|string, float> $litres all above 0
     *
     * @return array<int|string, int>|null by the same keys
     */
    public static function of(array $litres): ?array
    {
        $all = array_sum($litres);
        for ($sum = 1; $sum <= self::MOST; ++$sum) {
            $parts = array_map(static fn(float $each): int => max(1, (int) round($sum * $each / $all)), $litres);
            $total = array_sum($parts);
            $isNear = true;
            foreach ($litres as $key => $each) {
                $isNear = $isNear && abs($parts[$key] / $total - $each / $all) <= self::WITHIN * $each / $all;
            }
            if ($isNear) {
                return $parts;
            }
        }

        return null;
    }
}
