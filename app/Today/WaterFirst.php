<?php

declare(strict_types=1);

namespace App\Today;

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Water\LearnedInterval;
use Zolbek\Core\Place\Climate\WaterSeason;

/**
 * Which pots to look at for water first. Those that are dry soonest in the heat are asked how long they last now: by the month, what was seen of the plant, what its
 * own taps taught, and when it was watered where somebody said so.
 */
final readonly class WaterFirst
{
    private const ASKED = 60;
    private const SHOWN = 6;

    public function __construct(private Outlook $outlook, private PlantSituation $situations) {}

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
        $taps = MoistureCheck::sincePotted($plants);
        $pots = [];
        foreach ($plants as $plant) {
            $course = $this->outlook->water($plant);
            if ($course === null) {
                continue;
            }
            $own = $taps[$plant->id] ?? [];
            $lasts = (new LearnedInterval($course->intervalNowH($now->month - 1, $plant->seenStage($now)), MoistureCheck::lessons($own)))->hours;
            $since = self::hoursSince($own, $now, $lasts);
            $pots[] = [
                'id' => $plant->id, ...$plant->only(['number', 'name', 'place', 'exposure']), 'pot' => $plant->pot?->name, 'lasts_h' => $lasts, 'watered_h' => $since,
                'left_h' => $since === null ? null : $lasts - $since,
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

    /**
     * Hours since somebody watered it; null where nobody said so, or so long ago that it was watered since without a word.
     *
     * @param list<MoistureCheck> $taps oldest first
     */
    private static function hoursSince(array $taps, Carbon $now, float $lastsH): ?float
    {
        foreach (array_reverse($taps) as $tap) {
            if ($tap->verdict === 'water') {
                $hours = $tap->checked_at->diffInMinutes($now) / 60.0;

                return $hours > 2.0 * $lastsH ? null : $hours;
            }
        }

        return null;
    }
}
