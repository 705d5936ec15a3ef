<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;

/** Takes a plant off a day, unless it was potted on it. */
final class RemoveEntry
{
    /** @throws \Throwable Refused, field "state", where it is potted or the day is finished */
    public function __invoke(PottingDay $day, DayPlant $entry): void
    {
        DB::transaction(static function () use ($day, $entry): void {
            $day->refresh()->mustBeOpen('state');
            if ($entry->refresh()->isPotted()) {
                throw Refused::because('state', 'entry_done', $entry->state);
            }
            $entry->delete();
        });
    }
}
