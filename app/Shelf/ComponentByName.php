<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Basis\Input\Refused;

/** The component, or the delivery of it, that a row names. */
final class ComponentByName
{
    public static function find(string $name): Component
    {
        return Component::query()->where('name', $name)->first() ?? throw Refused::because('component', 'component_unnamed', $name);
    }

    public static function lot(Component $component, string $name): Lot
    {
        return Lot::query()->where('component_id', $component->id)->where('name', $name)->first() ?? throw Refused::because('delivery', 'lot_unnamed', $name);
    }
}
