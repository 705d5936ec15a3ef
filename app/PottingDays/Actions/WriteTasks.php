<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\CareTask;
use App\PottingDays\Actual;
use App\PottingDays\EntryCare;
use App\PottingDays\Models\DayPlant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Work\Aftercare\Task;

/** Writes down what is to be looked after once a plant is potted, without what was taken off before. */
final readonly class WriteTasks
{
    public function __construct(private EntryCare $care) {}

    /** @return int how many */
    public function __invoke(DayPlant $entry, Actual $actual, Carbon $at, ?Windthrow $stands, ?float $intervalH): int
    {
        $tasks = array_filter($this->care->of($entry, $actual, $at, $stands, $intervalH), static fn(Task $task): bool => $entry->plan->whyOff($task->kind->value) === null);
        foreach ($tasks as $task) {
            CareTask::query()->create([
                'plant_id' => $entry->plant_id, 'day_plant_id' => $entry->id, 'kind' => $task->kind->value, 'starts_on' => $task->startsOn->format('Y-m-d'), 'due_on' => $task->dueOn->format('Y-m-d'),
                'ends_by' => $task->endsBy->value, 'every_days' => $task->everyDays, 'until_on' => $task->untilOn?->format('Y-m-d'), 'figures' => $task->figures,
            ]);
        }

        return count($tasks);
    }
}
