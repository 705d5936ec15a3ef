<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\CareTask;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\Plant;
use App\Plants\PlantSituation;
use App\PottingDays\Actual;
use App\PottingDays\Models\DayPlant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\PottingDay\FirstWater;

/** Writes down what is to be looked after once a plant is potted. */
final readonly class WriteTasks
{
    private const IN_LEAF = [GrowthStage::LeafBreak, GrowthStage::Growing, GrowthStage::AfterFlower, GrowthStage::Hardened];

    public function __construct(private PlantSituation $situations) {}

    /** @return int how many */
    public function __invoke(DayPlant $entry, Actual $actual, Carbon $at): int
    {
        $plant = $entry->plant;
        $plan = $entry->plan;
        $group = PlantGroup::from($plant->plant_group);
        $fertiliser = $plan->fertiliser === null ? null : Fertiliser::query()->whereKey($plan->fertiliser['id'])->first();
        $care = new CarePlan(new Done(
            $at->toDateTimeImmutable()->setTime(0, 0),
            $group,
            $actual->rootsCutShare,
            $plan->treatment,
            in_array($plant->seenStage($at), self::IN_LEAF, true) || ($plant->species->evergreen ?? false),
            $plant->condition(),
            $plan->fixing,
            $plan->stonesDays,
            (new FirstWater($group, $actual->rootsCutShare, $plan->firstWaterDays))->afterDays,
            $fertiliser?->form === 'slow_release' ? $fertiliser->longevity_days : null,
            $plan->feeding,
            $actual->findings,
            $plant->shelter,
        ), $this->situations->daily($plant));
        foreach ($care->tasks as $task) {
            CareTask::query()->create(self::row($task, $plant, $entry));
        }

        return count($care->tasks);
    }

    /** @return array<string, mixed> */
    private static function row(Task $task, Plant $plant, DayPlant $entry): array
    {
        return [
            'plant_id' => $plant->id, 'day_plant_id' => $entry->id, 'kind' => $task->kind->value, 'starts_on' => $task->startsOn->format('Y-m-d'), 'due_on' => $task->dueOn->format('Y-m-d'),
            'ends_by' => $task->endsBy->value, 'every_days' => $task->everyDays, 'until_on' => $task->untilOn?->format('Y-m-d'), 'figures' => $task->figures,
        ];
    }
}
