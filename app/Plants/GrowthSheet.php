<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Day;
use App\Plants\Actions\MeasureGrowth;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Plant;
use App\Sheets\Column;
use App\Sheets\Sheet;
use Zolbek\Core\Basis\Input\Refused;

/** How plants were measured as CSV: a line for a plant on a day. A day that is there already is left as it is. */
final class GrowthSheet implements Sheet
{
    private const FIGURES = ['trunk_mm' => 'mm', 'height_cm' => 'cm', 'canopy_cm' => 'cm'];

    public function __construct(private readonly MeasureGrowth $measure) {}

    public function columns(): array
    {
        return [
            new Column('plant', 'plant', required: true),
            new Column('on', 'on', unit: 'YYYY-MM-DD', required: true),
            ...array_map(static fn(string $name, string $unit): Column => new Column($name, $name, Column::NUMBER, $unit), array_keys(self::FIGURES), self::FIGURES),
            new Column('health', 'health'),
            new Column('person', 'person'),
            new Column('note', 'note'),
        ];
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        return mb_strtolower($values['plant'].'|'.$values['on']);
    }

    public function take(array $values): array
    {
        $plant = Plant::query()->where('number', $values['plant'])->first() ?? throw Refused::because('plant', 'name_unknown', $values['plant']);
        $on = Day::parse((string) $values['on'], 'on');
        $query = GrowthMeasure::query();
        $query->where('plant_id', $plant->id);
        $query->whereDate('measured_on', $on);
        if ($query->exists()) {
            return ['same', $plant->number.' '.$values['on']];
        }
        $input = array_filter(array_intersect_key($values, self::FIGURES + ['health' => 0, 'person' => 0, 'note' => 0]), static fn(mixed $value): bool => $value !== null && $value !== '');
        ($this->measure)($plant, [...$input, 'on' => $on->toDateString()]);

        return ['added', $plant->number.' '.$values['on']];
    }

    public function all(): iterable
    {
        $query = GrowthMeasure::query();
        $query->join('plants', 'plants.id', '=', 'growth_measures.plant_id');
        $query->select(['growth_measures.*', 'plants.number as plant_number']);
        foreach ($query->lazyById(500, 'growth_measures.id', 'id') as $measure) {
            yield ['plant' => $measure->getAttribute('plant_number'), 'on' => $measure->measured_on->toDateString(), ...$measure->only(['trunk_mm', 'height_cm', 'canopy_cm', 'health', 'person', 'note'])];
        }
    }
}
