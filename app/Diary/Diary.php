<?php

declare(strict_types=1);

namespace App\Diary;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What was done in the yard, newest first, out of the records that each subject keeps of it: batches worked out and mixed, loads of potting days, deliveries and counts, bench
 * tests, what happened to plants, and how they were measured. Nothing is written twice for it. A page asks each kind only for as many of its newest as the page could hold, by its index.
 */
final readonly class Diary
{
    /** Movements of stock that somebody made; what batches and loads draw is told with those. */
    private const MOVEMENTS = ['delivery', 'count', 'lost'];

    /** Kinds of lines, and the records that they are. */
    public const KINDS = ['batch', 'mixed', 'load', 'stock', 'test', 'plant', 'check', 'growth'];

    public function __construct(private DiaryQuestion $asked) {}

    public function total(): int
    {
        return array_sum(array_map(static fn(Builder $source): int => $source->count(), $this->sources()));
    }

    /** @return list<array<string, mixed>> schema DiaryLine */
    public function lines(): array
    {
        $last = $this->asked->page * $this->asked->perPage;
        $union = null;
        foreach ($this->sources() as $source) {
            $newest = DB::query()->fromSub($source->orderByDesc('at')->limit($last), 'newest');
            $union = $union === null ? $newest : $union->unionAll($newest);
        }
        if ($union === null) {
            return [];
        }
        $rows = DB::query()->fromSub($union, 'lines')->orderByDesc('at')->orderByDesc('kind')->orderByDesc('id')->forPage($this->asked->page, $this->asked->perPage)->get();

        return array_values($rows->map(static fn(object $row): array => DiaryLine::of((array) $row))->all());
    }

    /** @return list<Builder> a query of each kind that is asked for, all with the same columns */
    private function sources(): array
    {
        $kinds = $this->asked->kind === null ? self::KINDS : [$this->asked->kind];

        return array_map(fn(string $kind): Builder => $this->asked->narrow(match ($kind) {
            'batch' => self::source('batch', DB::table('batches'), at: 'batches.made_at', name: 'batches.name', note: 'batches.note', link: 'batches.id', recipe: 'batches.recipe_id'),
            'mixed' => self::source('mixed', DB::table('batches')->whereNotNull('batches.mixed_at'), at: 'batches.mixed_at', name: 'batches.name', person: 'batches.mixed_by', litres: 'batches.loose_l', link: 'batches.id', recipe: 'batches.recipe_id'),
            'load' => self::source('load', DB::table('day_loads')->join('potting_days', 'potting_days.id', '=', 'day_loads.potting_day_id')->join('recipes', 'recipes.id', '=', 'day_loads.recipe_id'), at: 'day_loads.mixed_at', name: 'recipes.name', of: 'potting_days.name', person: 'day_loads.person', litres: 'day_loads.litres', link: 'day_loads.potting_day_id', id: 'day_loads.id', recipe: 'day_loads.recipe_id'),
            'stock' => self::source('stock', DB::table('stock_movements')->whereIn('stock_movements.kind', self::MOVEMENTS)->join('components', 'components.id', '=', 'stock_movements.component_id'), at: 'stock_movements.moved_at', name: 'components.name', sub: 'stock_movements.kind', litres: 'stock_movements.litres', note: 'stock_movements.note', link: 'stock_movements.component_id', id: 'stock_movements.id'),
            'test' => self::source('test', DB::table('bench_tests')->whereNotNull('bench_tests.finished_at'), at: 'bench_tests.finished_at', name: 'bench_tests.name', sub: 'bench_tests.kind', person: 'bench_tests.person', note: 'bench_tests.note', link: 'bench_tests.id', recipe: 'bench_tests.recipe_id'),
            'check' => self::source('check', DB::table('moisture_checks')->join('plants', 'plants.id', '=', 'moisture_checks.plant_id'), at: 'moisture_checks.checked_at', name: 'plants.name', of: 'plants.number', sub: 'moisture_checks.verdict', person: 'moisture_checks.person', link: 'plants.id', id: 'moisture_checks.id', place: 'plants.place', plant: 'plants.id'),
            'growth' => self::source('growth', DB::table('growth_measures')->join('plants', 'plants.id', '=', 'growth_measures.plant_id'), at: 'growth_measures.measured_on', name: 'plants.name', of: 'plants.number', person: 'growth_measures.person', note: 'growth_measures.note', link: 'plants.id', id: 'growth_measures.id', place: 'plants.place', plant: 'plants.id'),
            default => self::source('plant', DB::table('plant_events')->join('plants', 'plants.id', '=', 'plant_events.plant_id'), at: 'plant_events.happened_on', name: 'plants.name', of: 'plants.number', sub: 'plant_events.kind', person: 'plant_events.person', note: 'plant_events.text', link: 'plants.id', id: 'plant_events.id', place: 'plants.place', plant: 'plants.id', recipe: "json_extract(plant_events.data, '$.standing.recipe_id')"),
        }), $kinds);
    }

    private static function source(string $kind, Builder $from, string $at, string $name, string $link, ?string $id = null, ?string $of = null, ?string $sub = null, ?string $person = null, ?string $litres = null, ?string $note = null, ?string $place = null, ?string $plant = null, ?string $recipe = null): Builder
    {
        $column = static fn(?string $column, string $as): string => ($column ?? 'null').' as '.$as;

        return DB::query()->fromSub($from->selectRaw(implode(', ', [
            "'".$kind."' as kind", $column($id ?? $link, 'id'), $column($at, 'at'), $column($name, 'name'), $column($of, 'of'), $column($sub, 'sub'), $column($person, 'person'), $column($litres, 'litres'), $column($note, 'note'),
            $column($link, 'link'), $column($place, 'place'), $column($plant, 'plant_id'), $column($recipe, 'recipe_id'),
        ])), $kind);
    }
}
