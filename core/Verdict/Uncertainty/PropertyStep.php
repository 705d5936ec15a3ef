<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Uncertainty;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Mix\Preparation\PanTail;

/**
 * Each property of a component moved by so many of its standard uncertainties, held where it can be.
 *
 * The pan under a coarse sieve counts as a property: its fines lie near 0.1 mm, or near the sieve. Source: Guide to the Expression of Uncertainty in Measurement
 * (JCGM 100:2008), section 5.1; model revision (g). Check: a typical pumice of 0.46 kg/L one step up is 0.529.
 */
final class PropertyStep
{
    private const HALVED = 4;

    /**
     * @param array<string, string> $bases typical, supplier or measured, by property
     *
     * @return array<string, callable(Material, float): Material> by property; refuses where it cannot be
     */
    public static function of(Material $component, array $bases): array
    {
        $u = static fn(string $property, float $value): float => StandardUncertainty::of($value, $bases[$property] ?? 'typical', $component->kind);
        $rb = $u('bulk_density', $component->bulkDensity);
        $re = $u('particle_density', $component->particleDensity);
        $ws = $u('internal_water', $component->internalWater);
        $wu = $u('unavailable_water', $component->unavailableWater);
        $hi = $u('internal_median_cm', $component->internalMedianCm);
        $psi = $u('sphericity', $component->sphericity);
        $size = $component->hydraulicSizeMm === null ? 0.0 : $u('hydraulic_size_mm', $component->hydraulicSizeMm);
        $ph = StandardUncertainty::ofPh($bases['ph'] ?? 'typical');

        return [
            'bulk_density' => static fn(Material $of, float $z): Material => $of->with(bulkDensity: $of->bulkDensity + $z * $rb, refitPacking: true),
            'particle_density' => static fn(Material $of, float $z): Material => $of->with(particleDensity: min($of->solidDensity * (1.0 - $of->internalWater), $of->particleDensity + $z * $re), refitPacking: true),
            'internal_water' => static fn(Material $of, float $z): Material => $of->with(internalWater: min(1.0 - $of->particleDensity / $of->solidDensity, max($of->unavailableWater, $of->internalWater + $z * $ws))),
            'unavailable_water' => static fn(Material $of, float $z): Material => $of->with(unavailableWater: min($of->internalWater, max(0.0, $of->unavailableWater + $z * $wu))),
            'internal_median_cm' => static fn(Material $of, float $z): Material => $of->with(internalMedianCm: $of->internalMedianCm + $z * $hi),
            'sphericity' => static fn(Material $of, float $z): Material => $of->with(sphericity: min(1.0, $of->sphericity + $z * $psi)),
            ...($component->hydraulicSizeMm === null ? [] : ['hydraulic_size_mm' => static fn(Material $of, float $z): Material => $of->with(hydraulicSizeMm: $of->hydraulicSizeMm + $z * $size)]),
            ...($component->kind !== MaterialKind::Bark || $component->hydraulicSizeMm !== null ? [] : ['fines_weight' => static fn(Material $of, float $z): Material => $of->with(finesWeight: $of->finesWeight + $z * ModelError::FINES_WEIGHT)]),
            ...($component->ph === null ? [] : ['ph' => static fn(Material $of, float $z): Material => $of->with(ph: $of->ph + $z * $ph)]),
            ...(PanTail::of($component) === null ? [] : ['sieve' => static fn(Material $of, float $z): Material => $of->with(grading: $of->grading->panAt($z > 0.0 ? $of->grading->sizesMm[1] / 1.5 : 0.1))]),
        ];
    }

    /**
     * As far as it can be moved: half as far, and again, where the whole step cannot be.
     *
     * @param callable(Material, float): Material $step
     */
    public static function held(callable $step, Material $component, float $z): Material
    {
        for ($try = 0; $try < self::HALVED; ++$try) {
            try {
                return $step($component, $z / 2 ** $try);
            } catch (Refused) {
                continue;
            }
        }

        return $component;
    }
}
