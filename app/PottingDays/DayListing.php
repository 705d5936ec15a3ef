<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
use App\Sheets\Column;
use App\Sheets\Listing;

/** Potting days: one row for each plant of each, as it was planned and done. */
final readonly class DayListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('day', 'day'),
            new Column('planned_on', 'planned_on', unit: 'YYYY-MM-DD'),
            new Column('plant', 'plant'),
            new Column('name', 'name'),
            new Column('count', 'count', Column::NUMBER),
            new Column('pot', 'pot'),
            new Column('mix', 'mix'),
            new Column('state', 'state'),
            new Column('done_on', 'done_on', unit: 'YYYY-MM-DD'),
            new Column('person', 'person'),
            new Column('used', 'used', Column::NUMBER, 'L'),
            new Column('minutes', 'minutes', Column::NUMBER, 'min'),
            new Column('run_through', 'run_through', Column::NUMBER, 's'),
            new Column('roots_cut', 'roots_cut', Column::NUMBER),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        $query = DayPlant::query();
        $query->join('potting_days', 'potting_days.id', '=', 'day_plants.potting_day_id')->select(['day_plants.*', 'potting_days.name as day_name', 'potting_days.planned_on as day_on']);
        foreach ($query->with(['plant', 'pot', 'recipe'])->lazyById(500, 'day_plants.id', 'id') as $entry) {
            $actual = $entry->actual;
            yield [
                'day' => $entry->getAttribute('day_name'), 'planned_on' => substr((string) $entry->getAttribute('day_on'), 0, 10), 'plant' => $entry->plant->number, 'name' => $entry->plant->name, 'count' => $entry->count, 'pot' => $entry->pot->name, 'mix' => $entry->recipe->name,
                'state' => $entry->state, 'done_on' => $entry->done_at?->toDateString(), 'person' => $entry->helper, 'used' => $actual->usedL, 'minutes' => $actual->minutes, 'run_through' => $actual->runThroughS,
                'roots_cut' => $entry->isPotted() ? $actual->rootsCutShare : null, 'note' => $actual->note,
            ];
        }
    }
}
