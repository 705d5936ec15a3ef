<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;

/** Ends a potting day once every plant is potted or put off and every mix that was mixed or potted is closed. And opens it again. */
final readonly class FinishDay
{
    /** @throws \Throwable Refused, field "status", saying what is still open */
    public function __invoke(PottingDay $day): PottingDay
    {
        return DB::transaction(static function () use ($day): PottingDay {
            $day->refresh()->mustBeOpen('status');
            $open = $day->entries->where('state', 'planned')->count();
            if ($open > 0) {
                throw Refused::because('status', 'day_open_plants', $open);
            }
            $closed = $day->leftovers()->pluck('recipe_id')->all();
            $mixed = array_unique($day->loads()->pluck('recipe_id')->all());
            if (array_diff($mixed, $closed) !== []) {
                throw Refused::because('status', 'day_open_mixes', count(array_diff($mixed, $closed)));
            }
            $unmixed = $day->entries->filter(static fn(DayPlant $entry): bool => $entry->isPotted() && ($entry->actual->usedL ?? 0.0) > 0.0 && ! in_array($entry->recipe_id, $closed, true))->count();
            if ($unmixed > 0) {
                throw Refused::because('status', 'day_potted_unmixed', $unmixed);
            }
            $day->fill(['status' => 'finished', 'finished_at' => Carbon::now()])->save();

            return $day->refresh();
        });
    }

    /** @throws \Throwable Refused, field "status", where it is not finished */
    public function undo(PottingDay $day): PottingDay
    {
        return DB::transaction(static function () use ($day): PottingDay {
            if (! $day->refresh()->isFinished()) {
                throw Refused::because('status', 'day_not_finished', $day->name);
            }
            $day->fill(['status' => 'under_way', 'finished_at' => null])->save();

            return $day->refresh();
        });
    }
}
