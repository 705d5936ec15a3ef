<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

use Zolbek\Core\Mix\Grading\Grading;

/** A component as it was at a moment, figure by figure, so that what was made of it can be computed again after it has changed. */
final class KeptMaterial
{
    /** @return array<string, mixed> plain values */
    public static function keep(Material $component): array
    {
        return [
            'key' => $component->key, 'name' => $component->name, 'kind' => $component->kind?->value,
            'bulk_density' => $component->bulkDensity, 'particle_density' => $component->particleDensity, 'solid_density' => $component->solidDensity,
            'internal_water' => $component->internalWater, 'unavailable_water' => $component->unavailableWater,
            'internal_median_cm' => $component->internalMedianCm, 'internal_spread' => $component->internalSpread, 'sphericity' => $component->sphericity,
            'sizes_mm' => $component->grading->sizesMm, 'passing' => $component->grading->passing,
            'hydraulic_size_mm' => $component->hydraulicSizeMm, 'ph' => $component->ph, 'buffer' => $component->buffer, 'cec' => $component->cec,
            'crumble_rate' => $component->crumbleRate, 'decay_rate' => $component->decayRate, 'dust_hazard' => $component->dustHazard,
            'residual_packing' => $component->residualPacking,
            'fines_weight' => $component->finesWeight, 'settled_index' => $component->settledIndex, 'structure_loss' => $component->structureLoss,
            'hydraulic_spread' => $component->hydraulicSpread,
        ];
    }

    /** @param array<string, mixed> $kept as keep() made it */
    public static function read(array $kept): Material
    {
        $number = static fn(string $name): float => is_int($kept[$name] ?? null) || is_float($kept[$name] ?? null) ? (float) $kept[$name] : 0.0;
        $optional = static fn(string $name): ?float => isset($kept[$name]) ? $number($name) : null;
        $text = static fn(string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';

        return new Material(
            $text('key'),
            $text('name'),
            MaterialKind::tryFrom($text('kind')),
            $number('bulk_density'),
            $number('particle_density'),
            $number('solid_density'),
            $number('internal_water'),
            $number('unavailable_water'),
            $number('internal_median_cm'),
            $number('internal_spread'),
            $number('sphericity'),
            Grading::fromCurve(self::floats($kept['sizes_mm'] ?? null), self::floats($kept['passing'] ?? null)),
            $optional('hydraulic_size_mm'),
            $optional('ph'),
            $number('buffer'),
            $number('cec'),
            $number('crumble_rate'),
            $number('decay_rate'),
            ($kept['dust_hazard'] ?? false) === true,
            $number('residual_packing'),
            $optional('fines_weight'),
            $optional('settled_index'),
            $optional('structure_loss'),
            $number('hydraulic_spread'),
        );
    }

    /** @return list<float> */
    private static function floats(mixed $values): array
    {
        return is_array($values) ? array_values(array_map(static fn(mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0, $values)) : [];
    }
}
