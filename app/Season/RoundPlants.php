<?php

declare(strict_types=1);

namespace App\Season;

use App\Plants\Models\Plant;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The plants that are walked by: of one place or of all, as many as somebody sees to in a day. */
final class RoundPlants
{
    public const MOST = 400;

    /** @return Builder<Plant> */
    public static function of(?string $place = null): Builder
    {
        $query = Plant::query();
        $query->where('archived_at', null);
        $query->where('status', 'kept');
        if ($place !== null) {
            $query->where('place', $place);
        }

        return $query;
    }

    /**
     * Those that are dry soonest in the heat, with what is asked of each.
     *
     * @return array{int, Collection<int, Plant>} how many there are, and the first of them
     */
    public static function driest(?string $place): array
    {
        $plants = self::of($place);
        $total = $plants->count();
        $plants->with(['species', 'site', 'pot']);
        $plants->orderByRaw('dries_h is null');
        $plants->orderBy('dries_h');
        $plants->orderBy('id');
        $plants->limit(self::MOST);

        return [$total, $plants->get()];
    }
}
