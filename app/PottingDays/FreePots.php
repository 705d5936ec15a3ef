<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;

/** Pots of the yard into which a plant could go: owned, less those in use and planned; the one that it stands in becomes free. */
final class FreePots
{
    /** Among how many is sought, nearest in depth first. */
    private const MOST_LOOKED_AT = 200;

    /**
     * @return list<array{Pot, int}> pots, and how many of each are free for it, nearest in litres first
     */
    public static function near(DayPlant $entry, float $litres): array
    {
        $query = Pot::query();
        $query->whereNull('archived_at')->where('owned', '>', 0);
        $query->orderByRaw('abs(depth - ?)', [$entry->pot->depth])->limit(self::MOST_LOOKED_AT);
        Pot::withUse($query);
        $found = [];
        foreach ($query->get() as $pot) {
            $own = ($pot->id === $entry->plant->pot_id ? $entry->count : 0) + ($entry->exists && $entry->state === 'planned' && $pot->id === $entry->pot_id && $pot->id !== $entry->plant->pot_id ? $entry->count : 0);
            $found[] = [abs(log(max(1e-6, $pot->toCore()->volumeL(0.0, $pot->depth)) / $litres)), [$pot, $pot->owned - $pot->inUse() - $pot->plannedUse() + $own]];
        }
        usort($found, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($found, 1);
    }
}
