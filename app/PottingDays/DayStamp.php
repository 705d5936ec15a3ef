<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Facades\DB;

/** A word that is another one as soon as anything of a day is: read in a few queries, without working the day out. */
final class DayStamp
{
    /** Tables of the day itself, row by row; whatever stands in them is its own. */
    private const OWN = ['day_plants', 'day_loads', 'day_purchases', 'day_leftovers'];

    /** What a day is reckoned from, by its newest change and by the stock that is there. */
    private const FROM = [
        'components' => 'count(*), max(updated_at), sum(stock_l)', 'lots' => 'count(*), max(updated_at), sum(stock_l)', 'recipes' => 'count(*), max(updated_at), sum(version)',
        'pots' => 'count(*), max(updated_at)', 'plants' => 'count(*), max(updated_at)', 'sites' => 'count(*), max(updated_at)', 'species' => 'count(*), max(updated_at)',
        'fertilisers' => 'count(*), max(updated_at)', 'vessels' => 'count(*), max(updated_at)', 'plant_events' => 'count(*), max(id)', 'moisture_checks' => 'count(*), max(id)',
    ];

    public static function of(PottingDay $day): string
    {
        $hash = hash_init('xxh128');
        // what is reckoned from today's date is another thing tomorrow
        hash_update($hash, json_encode([$day->getRawOriginal(), date('Y-m-d')], JSON_THROW_ON_ERROR));
        foreach (self::OWN as $table) {
            hash_update($hash, json_encode(DB::table($table)->where('potting_day_id', $day->id)->orderBy('id')->get(), JSON_THROW_ON_ERROR));
        }
        foreach (self::FROM as $table => $columns) {
            hash_update($hash, json_encode(DB::table($table)->selectRaw($columns)->first(), JSON_THROW_ON_ERROR));
        }

        return hash_final($hash);
    }
}
