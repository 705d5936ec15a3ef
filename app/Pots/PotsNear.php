<?php

declare(strict_types=1);

namespace App\Pots;

use App\Pots\Models\Pot;

/** Pots of the yard by how near they come to a size. */
final class PotsNear
{
    /** Among how many is sought, nearest in depth first. */
    private const MOST_LOOKED_AT = 200;

    /** @return list<array{Pot, int}> pots, and how many of each are neither in use nor planned, nearest in litres first */
    public static function of(float $depthCm, float $litres): array
    {
        $query = Pot::query();
        $query->whereNull('archived_at')->where('owned', '>', 0);
        $query->orderByRaw('abs(depth - ?)', [$depthCm])->limit(self::MOST_LOOKED_AT);
        Pot::withUse($query);
        $found = [];
        foreach ($query->get() as $pot) {
            $found[] = [abs(log(max(1e-6, $pot->toCore()->volumeL(0.0, $pot->depth)) / $litres)), [$pot, $pot->owned - $pot->inUse() - $pot->plannedUse()]];
        }
        usort($found, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($found, 1);
    }
}
