<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\CareTask;
use App\Sheets\Column;
use App\Sheets\Listing;

/** What was and is to be looked after: one row for each task. */
final readonly class TaskListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('plant', 'plant'),
            new Column('name', 'name'),
            new Column('kind', 'kind'),
            new Column('starts_on', 'starts_on', unit: 'YYYY-MM-DD'),
            new Column('due_on', 'due_on', unit: 'YYYY-MM-DD'),
            new Column('every', 'every', Column::NUMBER, 'd'),
            new Column('until_on', 'until_on', unit: 'YYYY-MM-DD'),
            new Column('state', 'state'),
            new Column('closed_on', 'closed_on', unit: 'YYYY-MM-DD'),
            new Column('reason', 'reason'),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        $query = CareTask::query();
        foreach ($query->with('plant')->lazyById(500) as $task) {
            yield [
                'plant' => $task->plant->number, 'name' => $task->plant->name, 'kind' => $task->kind, 'starts_on' => $task->starts_on->toDateString(), 'due_on' => $task->due_on->toDateString(), 'every' => $task->every_days,
                'until_on' => $task->until_on?->toDateString(), 'state' => $task->state, 'closed_on' => $task->closed_on?->toDateString(), 'reason' => $task->reason, 'note' => $task->note,
            ];
        }
    }
}
