<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * Scoops of each component for one load, rounded to halves so that their sum is kept (largest remainder).
 *
 * Check: 3.3, 3.3 and 3.4 scoops become 3.5, 3 and 3.5, together 10.
 */
final class LoadScoops
{
    /**
     * @param array<string, float> $litres of each component in one load
     * @param float                $scoopL volume of the scoop
     *
     * @return array<string, float> scoops, in halves
     */
    public static function of(array $litres, float $scoopL): array
    {
        $halves = $remainders = [];
        foreach ($litres as $key => $volume) {
            $exact = 2.0 * $volume / $scoopL;
            $halves[$key] = floor($exact);
            $remainders[$key] = $exact - $halves[$key];
        }
        $missing = (int) round(2.0 * array_sum($litres) / $scoopL - array_sum($halves));
        $order = array_keys($remainders);
        usort($order, static fn(string $a, string $b): int => [$remainders[$b], $a] <=> [$remainders[$a], $b]);
        foreach (array_slice($order, 0, $missing) as $key) {
            ++$halves[$key];
        }

        return array_map(static fn(float $count): float => $count / 2.0, $halves);
    }
}
