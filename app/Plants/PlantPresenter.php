<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\CareTask;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;

/** A plant of the collection, its history and its tasks as the API shows them: schemas Plant, PlantEvent, CareTask, MoistureCheck, Photo. */
final class PlantPresenter
{
    /** @return array<string, mixed> */
    public static function row(Plant $plant): array
    {
        return [
            'id' => $plant->id,
            ...$plant->only([...PlantFields::names(), 'status', 'parent_id', 'left_to', 'snooze_note', 'revision']),
            'air_layer' => $plant->air_layer === null ? null : array_diff_key($plant->air_layer, ['task' => 0]),
            'species' => $plant->species?->name,
            'pot' => $plant->pot?->name,
            'mix' => $plant->standing?->recipeName,
            'mix_version' => $plant->standing?->recipeVersion,
            'stage_seen_on' => self::day($plant->stage_seen_on),
            'potted_on' => self::day($plant->potted_on),
            'due_on' => self::day($plant->due_on),
            'due_set_on' => self::day($plant->due_set_on),
            'left_on' => self::day($plant->left_on),
            'snoozed_until' => self::day($plant->snoozed_until),
            'is_due' => $plant->isDue(),
            'archived' => $plant->isArchived(),
        ];
    }

    /** @return array<string, mixed> */
    public static function event(PlantEvent $event): array
    {
        return ['id' => $event->id, ...$event->only(['kind', 'person', 'text']), 'happened_on' => $event->happened_on->toDateString(), 'data' => $event->data->told()];
    }

    /** @return array<string, mixed> */
    public static function task(CareTask $task): array
    {
        $plant = $task->plant;

        return [
            'id' => $task->id,
            ...$task->only(['plant_id', 'kind', 'ends_by', 'every_days', 'note', 'state', 'reason', 'round']),
            'figures' => (object) $task->figures,
            'starts_on' => $task->starts_on->toDateString(),
            'due_on' => $task->due_on->toDateString(),
            'until_on' => self::day($task->until_on),
            'closed_on' => self::day($task->closed_on),
            'overdue' => $task->state === 'open' && $task->due_on->isBefore(Carbon::today()),
            'plant_number' => $plant->number,
            'plant_name' => $plant->name,
            'place' => $plant->place,
        ];
    }

    /** @return array<string, mixed> */
    public static function check(MoistureCheck $check): array
    {
        return ['id' => $check->id, ...$check->only(['method', 'reading', 'look', 'depth_cm', 'verdict', 'given_l', 'dunked', 'wet_kg', 'thought_l', 'thought_sd_l', 'said_l', 'hours_since', 'person']), 'checked_at' => $check->checked_at->toIso8601String()];
    }

    /** @return array<string, mixed> */
    public static function photo(Photo $photo): array
    {
        return ['id' => $photo->id, ...$photo->only(['plant_id', 'subject', 'caption', 'width', 'height', 'bytes']), 'taken_on' => $photo->taken_on->toDateString(), 'url' => '/api/v1/photos/'.$photo->id, 'small_url' => '/api/v1/photos/'.$photo->id.'?size=small'];
    }

    private static function day(?Carbon $day): ?string
    {
        return $day?->toDateString();
    }
}
