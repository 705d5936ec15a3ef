<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Component;
use App\Models\Pot;

/** Short ways to things that most tests need. */
final class Yard
{
    public static function component(string $key): Component
    {
        return Component::query()->where('key', $key)->firstOrFail();
    }

    public static function pot(string $name = 'Tray', float $depth = 6.5): Pot
    {
        return Pot::query()->create([
            'name' => $name, 'shape' => 'oval', 'depth' => $depth, 'measures' => ['top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22],
            'hole_count' => 2, 'hole_diameter_cm' => 2.2, 'hole_open_share' => 0.6, 'weight_kg' => 2.5,
        ]);
    }

    /**
     * @param array<string, float|int> $parts by component key
     *
     * @return list<array{component_id: int, parts: float|int}>
     */
    public static function parts(array $parts): array
    {
        return array_map(static fn(string $key): array => ['component_id' => self::component($key)->id, 'parts' => $parts[$key]], array_keys($parts));
    }

    /**
     * @param array<string, mixed> $changed
     *
     * @return array<string, mixed>
     */
    public static function question(array $changed = []): array
    {
        return [
            'parts' => self::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'akadama-type-clay-granule-2-6-mm' => 1]),
            'pot_id' => (Pot::query()->first() ?? self::pot())->id,
            'plant_group' => 'airy_conifers',
            'headspace_cm' => 0.8,
            ...$changed,
        ];
    }

    /** @return array<string, mixed> a component of one's own that is well */
    public static function ownComponent(): array
    {
        return [
            'name' => 'Pit gravel 2-8', 'kind' => 'solid stone', 'basis' => 'measured', 'colour' => '#99897a', 'hazards' => ['dust'],
            'bulk_density' => 1.46, 'particle_density' => 2.6, 'solid_density' => 2.65, 'internal_water' => 0.01, 'unavailable_water' => 0.0,
            'internal_median_cm' => 50, 'internal_spread' => 1.5, 'sphericity' => 0.75, 'sieve' => ['8' => 2, '4' => 40, '2' => 52, 'pan' => 6],
            'ph' => 7.2, 'buffer' => 2, 'cec' => 1, 'crumble_rate' => 0, 'decay_rate' => 0, 'stock_l' => 40, 'pack_l' => 25, 'pack_price' => 7.5, 'note' => 'From the pit',
        ];
    }
}
