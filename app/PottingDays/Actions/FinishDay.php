<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Refused;

/** Ends a potting day once every plant is potted or put off and every mix that was mixed is closed. */
final readonly class FinishDay
{
    /** @throws Refused field "status", saying what is still open */
    public function __invoke(PottingDay $day): PottingDay
    {
        $open = $day->entries()->where('state', 'planned')->count();
        if ($open > 0) {
            throw Refused::because('status', 'day_open_plants', $open);
        }
        $mixed = array_unique($day->loads()->pluck('recipe_id')->all());
        $closed = $day->leftovers()->pluck('recipe_id')->all();
        if (array_diff($mixed, $closed) !== []) {
            throw Refused::because('status', 'day_open_mixes', count(array_diff($mixed, $closed)));
        }
        $day->fill(['status' => 'finished', 'finished_at' => Carbon::now()])->save();

        return $day->refresh();
    }
}
