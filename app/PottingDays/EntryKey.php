<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\KeptSoil;
use App\PottingDays\Models\DayPlant;

/** What tells two plants of a day apart as far as the sums and the judgement go: those with the same key are worked out once. */
final class EntryKey
{
    /** Of a plan what nothing is reckoned from. */
    private const WITHOUT = ['feeding' => 0, 'fixing' => 0, 'stones_days' => 0, 'crown_cut_share' => 0, 'first_water_days' => 0, 'note' => 0, 'fertiliser' => 0, 'care_off' => 0, 'lower' => 0];

    /** Of a plant what it is reckoned from. */
    private const OF_PLANT = ['plant_group', 'species_id', 'site_id', 'exposure', 'stand', 'winter_shelter', 'canopy_cm', 'vigour', 'purpose', 'feed', 'planned_years', 'year_started', 'weight_kg'];

    public static function of(DayPlant $entry, StoodBefore $before): string
    {
        $plan = $entry->plan;
        // what stays of it is its own
        $old = ($plan->ball === null && $plan->wall === null && $plan->oldSoilShare <= 0.0) || $plan->ballSoil !== KeptSoil::AS_STOOD ? null : $before->mark($entry);

        // how far the collar of a leaning trunk is from level goes by its thickness
        $trunk = $plan->lean === null ? null : $entry->plant->trunk_mm;

        return md5(serialize([$entry->recipe_id, $entry->pot_id, array_diff_key($plan->jsonSerialize(), self::WITHOUT), $entry->plant->only(self::OF_PLANT), $old, $trunk]));
    }
}
