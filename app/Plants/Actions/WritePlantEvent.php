<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Plants\Carried;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;

/** Adds a line to a plant's history. */
final readonly class WritePlantEvent
{
    public function __invoke(Plant $plant, string $kind, ?Carbon $on = null, string $text = '', Carried $carried = new Carried(), string $person = ''): PlantEvent
    {
        return PlantEvent::query()->create([
            'plant_id' => $plant->id, 'kind' => $kind, 'happened_on' => $on ?? Carbon::today(), 'text' => $text, 'data' => $carried, 'person' => $person,
        ]);
    }
}
