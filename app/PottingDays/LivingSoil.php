<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\Words;
use App\PottingDays\Models\DayPlant;
use App\Shelf\Models\Component;
use Zolbek\Core\Place\Plant\PlantGroup;

/** Bins of living soil that there is something of, for plants that live with fungi at their roots. */
final class LivingSoil
{
    private const WANT_FUNGI = [PlantGroup::AiryConifers, PlantGroup::ThirstyConifers, PlantGroup::BroadleafDeciduous, PlantGroup::AcidLovers];
    private const MOST = 5;

    /** @return list<array{component_id: int, name: string, stock_l: float, note: string}> */
    public static function of(DayPlant $entry): array
    {
        if (! in_array(PlantGroup::from($entry->plant->plant_group), self::WANT_FUNGI, true)) {
            return [];
        }
        $query = Component::query();
        $query->where('source', 'reclaimed');
        $query->whereNull('archived_at');
        $query->where('stock_l', '>', 0);
        $query->where('name', 'like', explode(':', Words::of('records.living_soil'))[0].'%');
        $query->orderBy('name');
        $query->limit(self::MOST);

        return array_values($query->get()->map(static fn(Component $bin): array => ['component_id' => $bin->id, 'name' => $bin->name, 'stock_l' => $bin->stock_l, 'note' => $bin->note])->all());
    }
}
