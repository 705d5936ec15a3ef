<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use App\Shelf\Models\Lot;

/** A component as the API shows it: schema Component. */
final class ComponentPresenter
{
    /** @return array<string, mixed> as a form holds it: what is not known of it is left out */
    public static function form(Component $component): array
    {
        $shown = self::present($component);
        $parts = array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts'], 'spread' => $part['spread']], $shown['mix_parts']);

        return array_filter([...$shown, 'sieve' => $component->sieve, 'mix_parts' => $parts], static fn(mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> in a list, with its deliveries */
    public static function row(Component $component): array
    {
        $left = $component->lots->filter(static fn(Lot $lot): bool => $lot->stock_l > 0.0);

        return [...self::present($component), 'deliveries' => [
            'left' => $left->count(), 'held' => $left->filter(static fn(Lot $lot): bool => $lot->held_at !== null)->count(), 'last_on' => $component->lots->max('delivered_on')?->toDateString(),
        ]];
    }

    /** @return array<string, mixed> */
    public static function present(Component $component): array
    {
        if ($component->isMix()) {
            $component->loadMissing('mixParts.component');
        }

        return [
            'id' => $component->id,
            ...$component->only([
                'key', 'name', 'kind', 'is_reference', 'basis', 'bulk_density', 'particle_density', 'solid_density', 'internal_water',
                'unavailable_water', 'internal_median_cm', 'internal_spread', 'sphericity', 'finest_mm', 'hydraulic_size_mm', 'hydraulic_spread', 'fines_weight', 'settled_index', 'structure_loss', 'ph', 'buffer',
                'cec', 'crumble_rate', 'decay_rate', 'hazards', 'colour', 'stock_l', 'pack_l', 'pack_price', 'low_l', 'note', 'other_names', 'source', 'reclaimed_years',
                'sieved_mm', 'price_per_l', 'revision',
            ]),
            'known_as' => OtherNames::shipped($component),
            'sieve' => (object) $component->sieve,
            'runs_low' => $component->low_l !== null && $component->stock_l < $component->low_l,
            'measured' => self::measured($component->measured),
            'mix_parts' => $component->isMix() ? $component->mixParts->map(static fn(ComponentPart $part): array => [
                'component_id' => $part->component_id, 'component_name' => $part->component->name, 'parts' => $part->parts, 'spread' => $part->spread,
            ])->all() : [],
            'archived' => $component->isArchived(),
        ];
    }

    /**
     * @param array<string, mixed> $measured
     *
     * @return array<string, mixed> schema Measured
     */
    public static function measured(array $measured): array
    {
        return [
            'properties' => (object) array_map(static fn(array $found): array => [...$found, 'sieve' => isset($found['sieve']) ? (object) $found['sieve'] : null], $measured['properties'] ?? []),
            'findings' => (object) ($measured['findings'] ?? []),
        ];
    }
}
