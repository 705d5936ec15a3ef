<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;

/** In which order to work: mix by mix, the mix that most litres go of first; in each the largest pots first; sick plants last of all, so that tools stay clean. */
final class WorkOrder
{
    /** @return list<int> ids of the entries */
    public static function of(Assembly $assembly): array
    {
        $keyed = [];
        foreach ($assembly->day->entries as $entry) {
            $needs = $assembly->sums->pots[$entry->id] ?? null;
            if ($needs !== null) {
                $keyed[] = [self::key($entry, $assembly, $needs->pot->setup->zone->volumeL), $entry->id];
            }
        }
        sort($keyed);

        return array_column($keyed, 1);
    }

    /** @return list<float|int> */
    private static function key(DayPlant $entry, Assembly $assembly, float $litres): array
    {
        return [$entry->plant->health === 'sick' ? 1 : 0, -($assembly->sums->mixes[$entry->recipe_id]->looseL ?? 0.0), $entry->recipe_id, -$litres, $entry->position];
    }
}
