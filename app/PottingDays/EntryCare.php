<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\Fertiliser;
use App\Plants\PlantSituation;
use App\PottingDays\Models\DayPlant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Climate\StormGust;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\PottingDay\FirstWater;

/** What is to be looked after once a plant of a day is potted: what follows from its plan and from what was found, less what somebody took off. */
final readonly class EntryCare
{
    private const IN_LEAF = [GrowthStage::LeafBreak, GrowthStage::Growing, GrowthStage::AfterFlower, GrowthStage::Hardened];

    public function __construct(private PlantSituation $situations) {}

    /**
     * @param float|null $intervalH between two waterings
     *
     * @return list<Task>
     */
    public function of(DayPlant $entry, Actual $actual, Carbon $on, ?Windthrow $stands, ?float $intervalH): array
    {
        $plant = $entry->plant;
        $plan = $entry->plan;
        $group = PlantGroup::from($plant->plant_group);
        $fertiliser = $plan->fertiliser === null ? null : Fertiliser::query()->whereKey($plan->fertiliser['id'])->first();

        return (new CarePlan(new Done(
            $on->toDateTimeImmutable()->setTime(0, 0),
            $group,
            $actual->rootsCutShare,
            $plan->treatment,
            in_array($plant->seenStage($on), self::IN_LEAF, true) || ($plant->species->evergreen ?? false),
            $plant->condition(),
            $plan->fixing,
            $plan->stonesDays,
            (new FirstWater($group, $actual->rootsCutShare, $plan->firstWaterDays))->afterDays,
            $fertiliser?->form === 'slow_release' ? $fertiliser->longevity_days : null,
            $plan->feeding,
            $actual->findings,
            $plant->shelter,
            Exposure::from($plant->exposure),
            Purpose::from($plant->purpose),
            $plan->surface === Surface::Moss,
            match ($plan->fixing) {
                'wire' => $stands?->dryMs,
                'stones' => $stands?->stonesMs,
                default => $stands?->looseMs,
            },
            $intervalH,
            $plan->lower['cm'] ?? 0.0,
            $plan->lower['months'] ?? 0,
            $stands->stormMs ?? StormGust::GALE_MS,
        ), $this->situations->daily($plant)))->tasks;
    }

    /** @return array<string, mixed> schema PlannedCare of the API */
    public static function document(Task $task, Plan $plan): array
    {
        return [
            'kind' => $task->kind->value, 'starts_on' => $task->startsOn->format('Y-m-d'), 'due_on' => $task->dueOn->format('Y-m-d'), 'ends_by' => $task->endsBy->value, 'every_days' => $task->everyDays,
            'until_on' => $task->untilOn?->format('Y-m-d'), 'figures' => (object) $task->figures, 'taken_off' => $plan->whyOff($task->kind->value),
        ];
    }
}
