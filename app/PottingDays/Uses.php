<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\Plant;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\Shelf\Models\Lot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What was taken of a delivery, followed to where it went: batches, loads, the bins of what was left of those, and plants. Schemas LotUses and PlantDelivery of the API. */
final class Uses
{
    private const TAKEN_OF = "exists (select 1 from json_each(%s) where json_extract(value, '$.lot_id') = ?)";

    /** @return array<string, list<array<string, mixed>>> newest first */
    public static function of(Lot $lot): array
    {
        $query = DB::table('day_loads')->whereRaw(sprintf(self::TAKEN_OF, 'day_loads.taken'), [$lot->id]);
        $query->join('potting_days', 'potting_days.id', '=', 'day_loads.potting_day_id')->join('recipes', 'recipes.id', '=', 'day_loads.recipe_id');
        $query->orderByDesc('mixed_at')->orderByDesc('day_loads.id');
        $loads = $query->get(['day_loads.potting_day_id', 'day_loads.recipe_id', 'day_loads.number', 'day_loads.mixed_at', 'day_loads.taken', 'potting_days.name as day', 'recipes.name as recipe']);
        $mixes = array_values(array_unique($loads->map(static fn(object $load): string => $load->potting_day_id.'/'.$load->recipe_id)->all()));

        return [
            'batches' => self::batches($lot),
            'loads' => array_values($loads->map(static fn(object $load): array => [
                'day_id' => $load->potting_day_id, 'day' => $load->day, 'recipe' => $load->recipe, 'number' => $load->number, 'mixed_at' => Carbon::parse($load->mixed_at)->toIso8601String(),
                'litres' => self::litresOf(json_decode($load->taken, true), $lot->id),
            ])->all()),
            'bins' => self::bins($mixes),
            'plants' => self::plants($lot, $mixes),
        ];
    }

    /**
     * What a plant stands in since it was last potted on a day, by delivery; those that came with none have no name.
     *
     * @return list<array{component_id: int, component: string, lot_id: int|null, lot: string|null, held: bool}>
     */
    public static function in(Plant $plant): array
    {
        $query = DayPlant::query();
        $query->where('plant_id', $plant->id);
        $query->whereIn('state', ['done', 'changed']);
        $query->orderByDesc('done_at');
        $query->orderByDesc('id');
        $entry = $query->first();
        if ($entry === null) {
            return [];
        }
        $lists = DayLoad::query()->where(['potting_day_id' => $entry->potting_day_id, 'recipe_id' => $entry->recipe_id])->get()->map(static fn(DayLoad $load): array => $load->taken)->all();
        $found = [];
        foreach ([...$lists, $entry->actual->taken] as $taken) {
            foreach ($taken as $part) {
                $found[$part['component_id'].'/'.($part['lot_id'] ?? '')] = $part;
            }
        }
        $names = DB::table('components')->whereIn('id', array_column($found, 'component_id'))->pluck('name', 'id');
        $lots = Lot::query()->findMany(array_filter(array_column($found, 'lot_id')))->keyBy('id');

        return array_values(array_map(static fn(array $part): array => [
            'component_id' => $part['component_id'], 'component' => (string) ($names[$part['component_id']] ?? ''), 'lot_id' => $part['lot_id'],
            'lot' => $part['lot_id'] === null ? null : $lots[$part['lot_id']]->name ?? null, 'held' => $part['lot_id'] !== null && ($lots[$part['lot_id']] ?? null)?->held_at !== null,
        ], $found));
    }

    /** @return list<array{id: int, name: string, litres: float}> */
    private static function batches(Lot $lot): array
    {
        $rows = DB::table('batches')->whereNotNull('taken')->whereRaw(sprintf(self::TAKEN_OF, 'batches.taken'), [$lot->id])->orderByDesc('mixed_at')->get(['id', 'name', 'taken']);

        return array_values($rows->map(static fn(object $row): array => ['id' => $row->id, 'name' => $row->name, 'litres' => self::litresOf(json_decode($row->taken, true), $lot->id)])->all());
    }

    /**
     * @param list<string> $mixes `day/recipe`
     *
     * @return list<array{id: int, name: string, stock_l: float}>
     */
    private static function bins(array $mixes): array
    {
        $rows = DB::table('day_leftovers')->join('components', 'components.id', '=', 'day_leftovers.component_id')
            ->whereIn(DB::raw("day_leftovers.potting_day_id || '/' || day_leftovers.recipe_id"), $mixes)->orderByDesc('closed_at')->get(['components.id', 'components.name', 'components.stock_l']);

        return array_values($rows->map(static fn(object $row): array => ['id' => $row->id, 'name' => $row->name, 'stock_l' => (float) $row->stock_l])->all());
    }

    /**
     * @param list<string> $mixes `day/recipe`
     *
     * @return list<array{id: int, number: string, name: string, potted_on: string|null}>
     */
    private static function plants(Lot $lot, array $mixes): array
    {
        $rows = DB::table('day_plants')->join('plants', 'plants.id', '=', 'day_plants.plant_id')->whereIn('state', ['done', 'changed'])
            ->where(static fn($either) => $either->whereIn(DB::raw("day_plants.potting_day_id || '/' || day_plants.recipe_id"), $mixes)
                ->orWhereRaw(sprintf(self::TAKEN_OF, "coalesce(json_extract(day_plants.actual, '$.taken'), '[]')"), [$lot->id]))
            ->orderBy('plants.number')->distinct()->get(['plants.id', 'plants.number', 'plants.name', 'plants.potted_on']);

        return array_values($rows->map(static fn(object $row): array => ['id' => $row->id, 'number' => $row->number, 'name' => $row->name, 'potted_on' => $row->potted_on === null ? null : substr($row->potted_on, 0, 10)])->all());
    }

    /** @param list<array{component_id: int, lot_id: int|null, litres: float}> $taken */
    private static function litresOf(array $taken, int $lotId): float
    {
        return array_sum(array_map(static fn(array $part): float => $part['lot_id'] === $lotId ? $part['litres'] : 0.0, $taken));
    }
}
