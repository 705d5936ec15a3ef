<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Shelf\Models\Component;

/** A row of a mix that was written down: schema WrittenRow. */
final class WrittenRow
{
    /** @return array<string, mixed> */
    public static function of(Component $component, float $amount): array
    {
        return ['component_id' => $component->id, 'name' => $component->name, 'kind' => $component->kind, 'colour' => $component->colour, 'source' => $component->source, 'amount' => $amount];
    }
}
