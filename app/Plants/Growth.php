<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Zolbek\Core\Basis\Statistics\Slope;

/** How a plant grew: what was measured, and mm of trunk a year in each mix and pot that it stood in. Schema Growth of the API. */
final class Growth
{
    private const DAYS_A_YEAR = 365.25;

    /** @return array<string, mixed> */
    public static function of(Plant $plant): array
    {
        $query = GrowthMeasure::query();
        $query->where('plant_id', $plant->id);
        $query->orderBy('measured_on');
        $query->orderBy('id');
        $measures = $query->get();
        $photos = Photo::query()->whereKey($measures->pluck('photo_id')->filter()->all())->get()->keyBy('id');

        return [
            'measures' => array_values($measures->map(static fn(GrowthMeasure $measure): array => self::row($measure, $measure->photo_id === null ? null : $photos->get($measure->photo_id)))->all()),
            'stood' => self::stood($plant, $measures),
            'trunk_mm_year' => self::rate($measures)?->perYear,
        ];
    }

    /** @return array<string, mixed> */
    public static function row(GrowthMeasure $measure, ?Photo $photo = null): array
    {
        return [
            'id' => $measure->id, 'on' => $measure->measured_on->toDateString(), ...$measure->only(['height_cm', 'trunk_mm', 'canopy_cm', 'health', 'person', 'note']),
            'photo' => $photo === null ? null : PlantPresenter::photo($photo),
        ];
    }

    /**
     * Trunk a year between two days, of all that was measured in between.
     *
     * @param iterable<GrowthMeasure> $measures
     */
    public static function rate(iterable $measures, ?Carbon $from = null, ?Carbon $until = null): ?Slope
    {
        $points = [];
        foreach ($measures as $measure) {
            if ($measure->trunk_mm !== null && ($from === null || $measure->measured_on->gte($from)) && ($until === null || $measure->measured_on->lte($until))) {
                $points[] = ['years' => $measure->measured_on->diffInDays(Carbon::create(2000), false) / -self::DAYS_A_YEAR, 'value' => $measure->trunk_mm];
            }
        }

        return Slope::through($points);
    }

    /**
     * @param Collection<int, GrowthMeasure> $measures
     *
     * @return list<array<string, mixed>>
     */
    private static function stood(Plant $plant, Collection $measures): array
    {
        $query = PlantEvent::query();
        $query->where('plant_id', $plant->id);
        $query->where('kind', 'potted');
        $query->orderBy('happened_on');
        $query->orderBy('id');
        $events = $query->get();
        $stood = [];
        foreach ($events as $i => $event) {
            $until = $events[$i + 1]->happened_on ?? $plant->left_on;
            $stood[] = ['from' => $event->happened_on, 'until' => $until, 'recipe' => (string) ($event->data['recipe'] ?? ''), 'pot' => (string) ($event->data['pot'] ?? '')];
        }
        if ($stood === [] && $plant->standing !== null && $plant->potted_on !== null) {
            $stood[] = ['from' => $plant->potted_on, 'until' => $plant->left_on, 'recipe' => $plant->standing->recipeName, 'pot' => $plant->standing->pot['name']];
        }

        return array_map(static function (array $row) use ($measures): array {
            $rate = self::rate($measures, $row['from'], $row['until']);

            return [
                'from' => $row['from']->toDateString(), 'until' => $row['until']?->toDateString(), 'recipe' => $row['recipe'], 'pot' => $row['pot'],
                'trunk_mm_year' => $rate?->perYear, 'error' => $rate?->error,
            ];
        }, $stood);
    }
}
