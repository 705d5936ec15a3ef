<?php

declare(strict_types=1);

namespace App\Outcomes;

use App\Plants\Growth;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\StandsIn;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Zolbek\Core\Work\Outcome\Survival;

/**
 * Who stands or stood in a recipe, out of what is kept of each potting: the mix it was potted into, the mix it stood in before, and what plants stand in now. Nothing is written
 * twice for it; each is found by an index.
 */
final class Stays
{
    /** Of more than these the newest are taken. */
    public const MOST = 3000;
    private const AT_ONCE = 500;
    private const KINDS = ['potted', 'outcome', 'died', 'given_away', 'inspected', 'complaint'];

    /** @return list<Stay> the newest first */
    public static function of(int $recipeId): array
    {
        $ids = self::plants($recipeId);
        $stays = [];
        foreach (array_chunk($ids, self::AT_ONCE) as $some) {
            $plants = Plant::query()->with(['species', 'site'])->whereKey($some)->get();
            $query = PlantEvent::query();
            $query->whereIn('plant_id', $some);
            $query->whereIn('kind', self::KINDS);
            $query->orderBy('happened_on');
            $query->orderBy('id');
            $events = $query->get()->groupBy('plant_id');
            $grown = GrowthMeasure::query();
            $grown->whereIn('plant_id', $some);
            $grown->whereNotNull('trunk_mm');
            $measures = $grown->get()->groupBy('plant_id');
            foreach ($plants as $plant) {
                foreach (self::ofPlant($plant, $events->get($plant->id) ?? new Collection(), $measures->get($plant->id) ?? new Collection()) as $stay) {
                    if ($stay->in->recipeId === $recipeId) {
                        $stays[] = $stay;
                    }
                }
            }
        }
        usort($stays, static fn(Stay $one, Stay $other): int => [$other->from, $other->plant->id] <=> [$one->from, $one->plant->id]);

        return array_slice($stays, 0, self::MOST);
    }

    /**
     * @param list<int> $recipeIds
     *
     * @return array<int, array{now: int, pottings: int}> by recipe: plants that stand in it, and how often one was potted into it
     */
    public static function counts(array $recipeIds): array
    {
        $standing = $pottings = [];
        $now = Plant::query();
        $now->whereIn('recipe_id', $recipeIds);
        $now->where('status', 'kept');
        foreach ($now->toBase()->selectRaw('recipe_id, count(*) as n')->groupBy('recipe_id')->get() as $row) {
            $standing[(int) $row->recipe_id] = (int) $row->n;
        }
        $list = implode(',', array_map(intval(...), $recipeIds));
        $potted = PlantEvent::query();
        $potted->where('kind', 'potted');
        $potted->whereRaw("json_extract(data, '$.standing.recipe_id') in ($list)");
        foreach ($recipeIds === [] ? [] : $potted->toBase()->selectRaw("json_extract(data, '$.standing.recipe_id') as recipe_id, count(*) as n")->groupByRaw('1')->get() as $row) {
            $pottings[(int) $row->recipe_id] = (int) $row->n;
        }

        return array_combine($recipeIds, array_map(static fn(int $id): array => ['now' => $standing[$id] ?? 0, 'pottings' => $pottings[$id] ?? 0], $recipeIds));
    }

    /** @return list<int> plants that stand or stood in it */
    private static function plants(int $recipeId): array
    {
        $now = Plant::query();
        $now->where('recipe_id', $recipeId);
        $now->whereNotNull('standing');
        $now->orderByDesc('potted_on');
        $ids = $now->limit(self::MOST)->pluck('id')->all();
        foreach (["json_extract(data, '$.standing.recipe_id') = ?", "json_extract(data, '$.before.recipe_id') = ?"] as $is) {
            $potted = PlantEvent::query();
            $potted->where('kind', 'potted');
            $potted->whereRaw($is, [$recipeId]);
            $potted->orderByDesc('id');
            array_push($ids, ...$potted->limit(self::MOST)->pluck('plant_id')->all());
        }

        return array_values(array_unique($ids));
    }

    /**
     * Every mix that a plant stood in, as far as it is kept, the first one first.
     *
     * @param Collection<int, PlantEvent>    $events   in their order
     * @param Collection<int, GrowthMeasure> $measures
     *
     * @return list<Stay>
     */
    public static function ofPlant(Plant $plant, Collection $events, Collection $measures): array
    {
        $rows = [];
        foreach ($events->where('kind', 'potted') as $event) {
            $stood = $event->data->before()->stoodIn();
            if ($stood !== null) {
                $rows[$stood[1]->toDateString()] ??= [$stood[0], null];
            }
            $standing = $event->data->standing();
            if ($standing !== null) {
                $rows[$event->happened_on->toDateString()] = [$standing, $event];
            }
        }
        if ($plant->standing !== null && $plant->potted_on !== null) {
            $on = $plant->potted_on->toDateString();
            $rows[$on] ??= [$plant->standing, $events->first(static fn(PlantEvent $event): bool => $event->kind === 'potted' && $event->happened_on->toDateString() === $on)];
        }
        ksort($rows);
        $days = array_keys($rows);
        $left = $plant->status === 'kept' ? null : ($plant->left_on ?? $events->whereIn('kind', ['died', 'given_away'])->last()?->happened_on);
        $stays = [];
        foreach (array_values($rows) as $i => [$in, $event]) {
            $from = Carbon::parse((string) $days[$i]);
            $next = isset($days[$i + 1]) ? Carbon::parse((string) $days[$i + 1]) : null;
            $stays[] = self::stay($plant, $in, $event, $from, $next ?? $left, $next !== null ? 'repotted' : ($left === null ? null : $plant->status), $events, $measures);
        }

        return $stays;
    }

    /**
     * @param Collection<int, PlantEvent>    $events
     * @param Collection<int, GrowthMeasure> $measures
     */
    private static function stay(Plant $plant, StandsIn $in, ?PlantEvent $potted, Carbon $from, ?Carbon $until, ?string $endedBy, Collection $events, Collection $measures): Stay
    {
        $within = $events->filter(static fn(PlantEvent $event): bool => $event->happened_on->gte($from) && ($until === null || $event->happened_on->lte($until)));
        $day = static fn(Carbon $on): int => (int) round($from->diffInDays($on));
        $told = array_values($within->where('kind', 'outcome')->map(static fn(PlantEvent $event): array => ['day' => $day($event->happened_on), 'word' => $event->data->outcome()])->all());
        $looked = $within->first(static fn(PlantEvent $event): bool => $event->kind === 'inspected' && $event->happened_on->gt($from));
        // at the next potting its roots were seen, too
        $next = $endedBy === 'repotted' && $until !== null ? $events->first(static fn(PlantEvent $event): bool => $event->kind === 'potted' && $event->happened_on->isSameDay($until)) : null;

        return new Stay(
            $plant,
            $in,
            $from,
            $until,
            $endedBy,
            $potted?->data->place() ?? $plant->place,
            $potted->person ?? '',
            new Survival($told, $endedBy === 'died' && $until !== null ? $day($until) : null, $day($until ?? Carbon::today())),
            $looked?->data->inspected() ?? $next?->data->seenAtPotting(),
            $potted?->data->runThroughS(),
            array_values($within->where('kind', 'complaint')->map(static fn(PlantEvent $event): array => ['on' => $event->happened_on->toDateString(), 'text' => $event->text])->all()),
            Growth::rate($measures, $from, $until),
        );
    }
}
