<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

/**
 * Chances of several questions that were asked at once, made up for how many they are.
 *
 *     the smallest of m times m, the next times m - 1, ...; none above 1, none below the one before it
 *
 * Source: S. Holm, Scandinavian Journal of Statistics 6 (1979) 65-70. Check: 0.01, 0.04, 0.03 and 0.005 become 0.03, 0.06, 0.06 and 0.02.
 */
final readonly class Holm
{
    /** Up to this chance a difference is told. */
    public const TOLD = 0.05;

    /** @var list<float> in the order in which they were given */
    public array $corrected;

    /** @param list<float> $chances each 0 to 1 */
    public function __construct(array $chances)
    {
        $order = array_keys($chances);
        usort($order, static fn(int $a, int $b): int => $chances[$a] <=> $chances[$b]);
        $corrected = $chances;
        $before = 0.0;
        foreach ($order as $rank => $i) {
            $corrected[$i] = $before = max($before, min(1.0, (count($chances) - $rank) * $chances[$i]));
        }
        $this->corrected = array_values($corrected);
    }
}
