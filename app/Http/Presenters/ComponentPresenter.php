<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Models\Component;

/** A component as the API shows it: schema Component. */
final class ComponentPresenter
{
    /** @return array<string, mixed> */
    public static function present(Component $component): array
    {
        return [
            'id' => $component->id,
            ...$component->only([
                'key', 'name', 'kind', 'is_reference', 'basis', 'bulk_density', 'particle_density', 'solid_density', 'internal_water',
                'unavailable_water', 'internal_median_cm', 'internal_spread', 'sphericity', 'finest_mm', 'hydraulic_size_mm', 'ph', 'buffer',
                'cec', 'crumble_rate', 'decay_rate', 'hazards', 'colour', 'stock_l', 'pack_l', 'pack_price', 'note',
            ]),
            'sieve' => (object) $component->sieve,
            'archived' => $component->isArchived(),
        ];
    }
}
