<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Pots\Models\Pot;
use App\Pots\PotsNear;
use App\PottingDays\Models\DayPlant;

/** Pots of the yard into which a plant could go: owned, less those in use and planned; the one that it stands in becomes free. */
final class FreePots
{
    /** @return list<array{Pot, int}> pots, and how many of each are free for it, nearest in litres first */
    public static function near(DayPlant $entry, float $litres): array
    {
        return array_map(static function (array $near) use ($entry): array {
            [$pot, $free] = $near;
            $isOwn = $pot->id === $entry->plant->pot_id;
            $isPlanned = $entry->exists && $entry->state === 'planned' && $pot->id === $entry->pot_id && ! $isOwn;

            return [$pot, $free + ($isOwn || $isPlanned ? $entry->count : 0)];
        }, PotsNear::of($entry->pot->depth, $litres));
    }
}
