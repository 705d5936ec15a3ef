<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Statistics\Slope;

/** How a plant grew: what was measured, and mm of trunk a year. Schema Growth of the API. */
final class Growth
{
    private const SECONDS_A_YEAR = 365.25 * 86_400;

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
                $points[] = ['years' => $measure->measured_on->getTimestamp() / self::SECONDS_A_YEAR, 'value' => $measure->trunk_mm];
            }
        }

        return Slope::through($points);
    }
}
