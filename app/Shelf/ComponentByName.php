<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Common\SaidHere;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Basis\Input\Refused;

/** The component, or the delivery of it, that a row names: by its name, or by another name that only one bears. */
final class ComponentByName
{
    public static function find(string $name): Component
    {
        $query = Component::query();
        $own = $query->where('name', SaidHere::kept($name))->first();
        if ($own !== null) {
            return $own;
        }
        $query = Component::query();
        $query->whereNull('archived_at');
        OtherNames::search($query, $name);
        $called = $query->get()->filter(static fn(Component $component): bool => in_array(mb_strtolower($name), array_map(mb_strtolower(...), OtherNames::of($component)), true));
        if ($called->count() > 1) {
            throw Refused::because('component', 'component_several', $name, ['names' => $called->pluck('name')->implode(', ')]);
        }

        return $called->first() ?? throw Refused::because('component', 'component_unnamed', $name);
    }

    public static function lot(Component $component, string $name): Lot
    {
        return Lot::query()->where('component_id', $component->id)->where('name', $name)->first() ?? throw Refused::because('delivery', 'lot_unnamed', $name);
    }
}
