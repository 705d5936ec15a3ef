<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Calibration;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\DrainedColumn;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * What the model says of a drained pot and of a mix that settles, under factors.
 *
 *     air and water of a drained column, see DrainedColumn;  yield as it settles
 *     inner water times its factor, at least what roots cannot take and at most what the pores of the grains can hold
 *
 * Source: porometer method for container media (W. C. Fonteno, 1996). Check: with factors of 1 it is what the bench test of a drained pot is compared with.
 */
final class PotModel
{
    public const FIGURES = ['air', 'water', 'saturated_water', 'yield_share'];

    /**
     * @param value-of<self::FIGURES> $figure
     * @param float                   $heightCm        of the column, of a drained pot
     * @param float|null              $compactionIndex of how it was filled; null where it settled by itself
     */
    public static function figure(Blend $blend, Factors $factors, string $figure, float $heightCm = 10.0, ?float $compactionIndex = null): float
    {
        $moved = new Blend(array_map(static fn(Material $component, float $parts): array => [self::material($component, $factors), $parts], $blend->components, $blend->parts));
        $constants = $factors->constants();
        $index = $compactionIndex === null && $constants->compaction === 0.0 ? null
            : min(CompressiblePacking::PRESSED, max(CompressiblePacking::POURED, ($compactionIndex ?? $moved->settledIndex()) + $constants->compaction));
        $substrate = new Substrate($moved, $index, headFactor: $constants->head);
        $column = new DrainedColumn($substrate, $heightCm);

        return match ($figure) {
            'yield_share' => $substrate->yield,
            'saturated_water' => $column->saturated,
            'water' => $column->water,
            default => max(1e-4, $column->air),
        };
    }

    public static function material(Material $material, Factors $factors): Material
    {
        $factor = $material->kind === null ? 1.0 : $factors->innerWater($material->kind);

        return $factor === 1.0 ? $material
            : $material->with(internalWater: min(1.0 - $material->particleDensity / $material->solidDensity, max($material->unavailableWater, $factor * $material->internalWater)));
    }
}
