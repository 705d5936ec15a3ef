<?php

declare(strict_types=1);

namespace App\Today;

use App\Plants\Models\Plant;
use App\Plants\PlantSituation;
use App\Plants\WaterStates;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Climate\WaterSeason;

/**
 * Which pots to look at for water first: those that are dry soonest in the heat are asked what is thought to be in them now, see WaterStates.
 */
final readonly class WaterFirst
{
    private const ASKED = 60;
    private const SHOWN = 6;

    /** As far as is looked. */
    private const LONG_H = 24.0 * WaterStates::AHEAD_DAYS;

    public function __construct(private WaterStates $states, private PlantSituation $situations) {}

    /** @return array{season: string|null, unknown: int, pots: list<array<string, mixed>>} schema WaterFirst of the API */
    public function of(Carbon $now): array
    {
        $query = Plant::query();
        $query->whereNull('archived_at');
        $unknown = (clone $query)->whereNull('dries_h')->count();
        $query->whereNotNull('dries_h');
        $query->with(['species', 'site', 'pot']);
        $query->orderBy('dries_h');
        $query->orderBy('id');
        $query->limit(self::ASKED);
        $plants = $query->get();
        $states = $this->states->of($plants, $now);
        $pots = [];
        foreach ($plants as $plant) {
            $water = $states[$plant->id] ?? null;
            if ($water === null) {
                continue;
            }
            $pots[] = [
                'id' => $plant->id, ...$plant->only(['number', 'name', 'place', 'exposure']), 'pot' => $plant->pot?->name, 'lasts_h' => $water->lastsH ?? self::LONG_H,
                'watered_h' => $water->state === null ? null : $water->wateredAt?->diffInMinutes($now) / 60.0, 'left_h' => $water->state === null ? null : $water->leftH ?? self::LONG_H,
            ];
        }
        usort($pots, static fn(array $a, array $b): int => [$a['left_h'] ?? $a['lasts_h'], $a['number']] <=> [$b['left_h'] ?? $b['lasts_h'], $b['number']]);

        return ['season' => $this->season($plants->all(), $now)?->value, 'unknown' => $unknown, 'pots' => array_slice($pots, 0, self::SHOWN)];
    }

    /**
     * Of the place at which most of them stand.
     *
     * @param array<Plant> $plants
     */
    private function season(array $plants, Carbon $now): ?WaterSeason
    {
        $sites = array_count_values(array_filter(array_map(static fn(Plant $plant): ?int => $plant->site_id, $plants)));
        arsort($sites);
        foreach ($plants as $plant) {
            if ($plant->site_id === array_key_first($sites)) {
                $daily = $this->situations->daily($plant);

                return $daily === null ? null : WaterSeason::on($daily, min(365, $now->dayOfYear));
            }
        }

        return null;
    }
}
