<?php

declare(strict_types=1);

namespace App\Season;

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\SeasonPots;
use App\Plants\WaterNow;
use App\Plants\WaterStates;
use App\Situations\Models\Site;
use App\Weather\SiteWeather;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Zolbek\Core\Course\Water\LearnedInterval;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Weather\Date;

/**
 * Today's round: the plants of one place or of all, what is thought to be in their pots, and how much water it takes. Those that are dry soonest in the heat are asked,
 * as many as somebody walks by: schema Round of the API.
 */
final readonly class RoundDocument
{
    /** Where nobody ever said how long a pot lasts that is not known. */
    private const USUAL_H = 48.0;

    public function __construct(private WaterStates $states, private SiteWeather $weather, private WalkingOrder $order) {}

    /** @return array<string, mixed> */
    public function of(?string $place, Carbon $now): array
    {
        [$total, $found] = RoundPlants::driest($place);
        $states = $this->states->of($found, $now);
        $taps = MoistureCheck::sincePotted($found->filter(static fn(Plant $plant): bool => ! isset($states[$plant->id])));
        $rows = array_values($found->map(fn(Plant $plant): array => isset($states[$plant->id]) ? self::row($plant, $states[$plant->id], $now) : self::unknown($plant, $taps[$plant->id] ?? [], $now))->all());
        usort($rows, static fn(array $a, array $b): int => [! $a['doubtful'], $a['left_h'] ?? $a['lasts_h'] ?? INF, $a['number']] <=> [! $b['doubtful'], $b['left_h'] ?? $b['lasts_h'] ?? INF, $b['number']]);

        return [
            'at' => $now->toIso8601String(),
            'can_l' => $this->order->canL(),
            'total' => $total,
            'plants' => $rows,
            'places' => $this->order->places(RoundPlants::of()),
            'weather' => $this->weatherOf($found->pluck('site')->whereInstanceOf(Site::class)->unique('id')),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(Plant $plant, WaterNow $water, Carbon $now): array
    {
        $state = $water->state;

        return [
            ...self::head($plant, $now),
            'known' => true,
            'left_h' => $water->leftH,
            'lasts_h' => $water->lastsH,
            'watered_at' => $water->wateredAt?->toIso8601String(),
            'water_l' => $state?->waterL,
            'sd_l' => $state?->spreadL(),
            'full_l' => $water->litres->fullL,
            'limit_l' => $water->litres->limitL,
            'easy_share' => $state === null ? null : max(0.0, min(1.0, $water->litres->easyShare($state->waterL))),
            'round_l' => $plant->many() * $water->roundL(),
            'doubtful' => $water->isDoubtful(),
            'look_again' => $state->lookAgain ?? false,
            'stored' => $water->pot->quarters?->holds(Date::inYear(Date::number($now->toDateString()))[0]) === true,
            'readings' => $water->readings,
        ];
    }

    /**
     * Of which nobody knows what it stands in, or where: by what its taps taught.
     *
     * @param list<MoistureCheck> $taps
     *
     * @return array<string, mixed>
     */
    private static function unknown(Plant $plant, array $taps, Carbon $now): array
    {
        $lessons = MoistureCheck::lessons($taps);
        $lasts = (new LearnedInterval($lessons[0]['hours'] ?? self::USUAL_H, $lessons))->hours;
        $watered = array_values(array_filter($taps, static fn(MoistureCheck $tap): bool => $tap->verdict === 'water'));
        $last = $watered === [] ? null : $watered[count($watered) - 1]->checked_at;

        return [
            ...self::head($plant, $now), 'known' => false, 'left_h' => $last === null ? null : max(0.0, $lasts - $last->diffInMinutes($now) / 60.0), 'lasts_h' => $lessons === [] ? null : $lasts,
            'watered_at' => $last?->toIso8601String(), 'water_l' => null, 'sd_l' => null, 'full_l' => null, 'limit_l' => null, 'easy_share' => null, 'round_l' => null, 'doubtful' => $last === null, 'look_again' => false,
            'stored' => false, 'readings' => count($lessons),
        ];
    }

    /** @return array<string, mixed> */
    private static function head(Plant $plant, Carbon $now): array
    {
        $days = $plant->potted_on?->diffInDays($now);

        return [
            'id' => $plant->id, ...$plant->only(['number', 'name', 'place', 'count']), 'pot' => $plant->pot?->name, 'roofed' => $plant->roofed || in_array($plant->exposure, ['glass', 'indoors'], true),
            'newly_potted' => $days !== null && $days < 7.0 * Crown::WEEKS_TO_RECOVER,
            'ball_unseen' => $plant->standing?->contents !== null && $days !== null && $days < SeasonPots::BALL_UNSEEN_DAYS,
        ];
    }

    /**
     * @param Collection<int, Site> $sites
     *
     * @return list<array<string, mixed>>
     */
    private function weatherOf(Collection $sites): array
    {
        $keptTo = $this->weather->keptTo(array_values($sites->map(static fn(Site $site): int => $site->id)->all()));

        return array_values($sites->map(function (Site $site) use ($keptTo): array {
            $latest = $keptTo[$site->id] ?? null;
            $forecast = $this->weather->forecast($site->climate());

            return [
                'site_id' => $site->id, 'site' => $site->name, 'kept_to' => $latest, 'missing' => $latest === null ? null : max(0, SiteWeather::today() - 1 - Date::number($latest)), 'silent' => $forecast === null,
                'today' => $forecast[0] ?? null,
            ];
        })->all());
    }
}
