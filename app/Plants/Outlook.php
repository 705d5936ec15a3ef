<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Timing\Due;
use Zolbek\Core\Work\Timing\PottingSeason;

/** Whether a plant is due, and whether the season is right. */
final class Outlook
{
    private const DAYS_A_YEAR = 365.25;

    /** @var array<string, PottingSeason> the same for plants of one group at one place and stage */
    private array $seasons = [];

    public function __construct(private readonly PlantSituation $situations, private readonly Standing $standings) {}

    /** What it stands in as the core computes it; null where nobody wrote it down. */
    public function setup(Plant $plant): ?Setup
    {
        return $plant->standing === null ? null : $this->setupIn($plant, $plant->standing);
    }

    /** As it would be in what it stands in, or stood in once, at the place where it is. */
    public function setupIn(Plant $plant, StandsIn $in): Setup
    {
        return $this->standings->setup($in, PlantGroup::from($plant->plant_group), $this->situations->of($plant));
    }

    public static function years(Plant $plant, ?Carbon $now = null): ?float
    {
        return $plant->potted_on === null ? null : self::yearsFrom($plant->potted_on, $now ?? Carbon::now());
    }

    public static function yearsFrom(Carbon $since, Carbon $on): float
    {
        return max(0.0, $since->diffInDays($on) / self::DAYS_A_YEAR);
    }

    public function due(Plant $plant): Due
    {
        $setup = $this->setup($plant);

        return new Due(self::years($plant), $this->situations->targets($plant)->plannedYears, $setup === null ? null : Forecast::failure($setup), $this->findings($plant), $plant->condition());
    }

    public function season(Plant $plant, ?Carbon $on = null): PottingSeason
    {
        $on ??= Carbon::now();
        $stage = $plant->seenStage($on);
        $day = min(365, $on->dayOfYear);
        $key = implode('|', [$plant->plant_group, $stage->value ?? '', $plant->site->id ?? 0, $day, $plant->exposure, (int) $plant->shelter]);

        return $this->seasons[$key] ??= new PottingSeason(
            PlantGroup::from($plant->plant_group),
            $stage,
            $this->situations->daily($plant),
            $day,
            Exposure::from($plant->exposure),
            $plant->shelter,
        );
    }

    /** The day on which it falls due: somebody's own, or by its mix and the usual years; kept with the plant, so that lists can be sorted by it. */
    private function dueOn(Plant $plant): ?Carbon
    {
        if ($plant->due_set_on !== null) {
            return $plant->due_set_on->copy();
        }
        $due = $this->due($plant);

        return match (true) {
            array_filter($due->reasons, static fn($reason): bool => $reason->code === 'seen') !== [] => Carbon::today(),
            $plant->potted_on === null || $due->afterYears === null => null,
            // not in the month after
            default => $plant->potted_on->copy()->addDays(max((int) ceil(Due::JUST * self::DAYS_A_YEAR), (int) round($due->afterYears * self::DAYS_A_YEAR))),
        };
    }

    /** Writes down what lists of plants are sorted by: the day on which it falls due, and how soon its pot is dry. */
    public function foretell(Plant $plant): void
    {
        $plant->due_on = $this->dueOn($plant);
        $plant->dries_h = $this->water($plant)?->hottestIntervalH();
        $plant->save();
    }

    /** How long its water lasts; null where nobody wrote down what it stands in, or where. */
    public function water(Plant $plant): ?WaterCourse
    {
        $setup = $this->setup($plant);

        return $setup?->situation?->climate === null ? null : new WaterCourse($setup, $setup->situation, $setup->situation->climate);
    }

    /** @return list<Finding> of the last inspection since it was potted */
    public function findings(Plant $plant): array
    {
        if (! $plant->exists) {
            return [];
        }

        return array_values(array_filter(array_map(Finding::tryFrom(...), self::lastLook($plant)?->inspected() ?? [])));
    }

    /**
     * What was proposed for its roots when somebody looked last since it was potted, as fields of a plan.
     *
     * @return array{treatment?: string, roots_cut_share?: float}
     */
    public static function workSeen(Plant $plant): array
    {
        return self::lastLook($plant)?->work() ?? [];
    }

    /** Of the last inspection since it was potted; null where nobody looked. */
    private static function lastLook(Plant $plant): ?Carried
    {
        $query = PlantEvent::query()->where('plant_id', $plant->id)->where('kind', 'inspected');
        if ($plant->potted_on !== null) {
            $query->where('happened_on', '>', $plant->potted_on);
        }
        $query->orderByDesc('happened_on');
        $query->orderByDesc('id');

        return $query->first()?->data;
    }
}
