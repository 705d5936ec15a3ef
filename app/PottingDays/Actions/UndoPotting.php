<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\CareTask;
use App\Plants\Models\PlantEvent;
use App\PottingDays\Actual;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\TakeFromShelf;
use Zolbek\Core\Basis\Input\Refused;

/** Takes back what was just done: the plant stands in what it stood in before. */
final readonly class UndoPotting
{
    public function __construct(private TakeFromShelf $take, private ReclaimOldMix $reclaim) {}

    /** @throws Refused field "state" where its mix is closed or it was potted since */
    public function __invoke(PottingDay $day, DayPlant $entry): void
    {
        if ($entry->isPotted()) {
            $day->mixMustBeOpen($entry->recipe_id, 'state');
            $events = PlantEvent::query()->findMany($entry->actual->eventIds);
            $potted = $events->firstWhere('kind', 'potted');
            if (PlantEvent::query()->where('plant_id', $entry->plant_id)->where('kind', 'potted')->where('id', '>', $potted->id ?? 0)->exists()) {
                throw Refused::because('state', 'potted_since', $entry->plant->number);
            }
            $potted?->data->before()->backTo($entry->plant);
            PlantEvent::query()->whereKey($events->modelKeys())->delete();
            CareTask::query()->where('day_plant_id', $entry->id)->delete();
            CareTask::query()->whereKey($potted?->data->endedTasks() ?? [])->update(['state' => 'open', 'closed_on' => null, 'reason' => '']);
            $this->take->putBack($entry->actual->taken, $day->name);
            $saved = $entry->actual->saved;
            if ($saved !== null && ($saved['component_id'] ?? null) !== null) {
                $this->reclaim->undo($saved['component_id'], $saved['litres'] ?? 0.0, $entry->plant->number);
            }
            $old = $entry->actual->oldMix;
            if ($old !== null && $old['component_id'] !== null) {
                $this->reclaim->undo($old['component_id'], $old['litres'], $entry->plant->number);
            }
        }
        $entry->fill(['state' => 'planned', 'actual' => new Actual(), 'done_at' => null]);
    }
}
