<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\Words;
use App\PottingDays\Models\DayPlant;
use App\Shelf\Models\Component;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Surface;

/** Bins of what is kept alive that there is something of: soil for plants that live with fungi at their roots, moss for a surface or a wall of it. */
final class LivingSoil
{
    private const WANT_FUNGI = [PlantGroup::AiryConifers, PlantGroup::ThirstyConifers, PlantGroup::BroadleafDeciduous, PlantGroup::AcidLovers];
    private const MOST = 5;

    /** @return list<array{component_id: int, what: string, name: string, stock_l: float, note: string}> */
    public static function of(DayPlant $entry): array
    {
        // bins keep the name that they were given, in whatever language that was
        $moss = Words::inAll('records.living_moss');
        $names = [
            ...in_array(PlantGroup::from($entry->plant->plant_group), self::WANT_FUNGI, true) ? array_map(static fn(string $name): string => explode(':', $name)[0], Words::inAll('records.living_soil')) : [],
            ...$entry->plan->surface === Surface::Moss || ($entry->plan->wall['kind'] ?? null) === 'moss' ? $moss : [],
        ];
        if ($names === []) {
            return [];
        }
        $query = Component::query();
        $query->where('source', 'reclaimed');
        $query->whereNull('archived_at');
        $query->where('stock_l', '>', 0);
        $query->where(static function (Builder $any) use ($names): void {
            foreach ($names as $name) {
                $any->orWhere('name', 'like', $name.'%');
            }
        });
        $query->orderBy('name');
        $query->limit(self::MOST);

        return array_values($query->get()->map(static fn(Component $bin): array => ['component_id' => $bin->id, 'what' => Str::startsWith($bin->name, $moss) ? 'moss' : 'soil', 'name' => $bin->name, 'stock_l' => $bin->stock_l, 'note' => $bin->note])->all());
    }
}
