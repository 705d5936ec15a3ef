<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** The gusts that a plant of a day will stand in its pot; none where nobody wrote down how high and broad it is. */
final class EntryWind
{
    /** @param float|null $collarCm over the floor of the pot, where that is known already */
    public static function of(DayPlant $entry, DayPotNeeds $needs, ?float $collarCm = null, ?float $wetKg = null): ?Windthrow
    {
        $plant = $entry->plant;
        if (($plant->height_cm ?? 0.0) <= 0.0 || ($plant->canopy_cm ?? 0.0) <= 0.0) {
            return null;
        }
        $setup = $needs->share->setup;
        $collarCm ??= (float) (EntryFit::of($entry, $needs)?->document()['collar_cm'] ?? $setup->zone->topCm);

        return new Windthrow($setup, (float) $plant->height_cm, (float) $plant->canopy_cm, $entry->pot->feet_cm + $collarCm, $wetKg ?? $needs->weights()->wetKg);
    }
}
