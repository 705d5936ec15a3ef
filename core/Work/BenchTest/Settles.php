<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Verdict\Uncertainty\ModelError;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/**
 * Which bench test settles which property, and how sure a figure is once it is done.
 *
 *     u'^2 = u^2 - sum over the properties that the test settles of part (1 - (u_measured / u_now)^2)
 *
 * The dust under a coarse sieve is known once it is sieved on: nothing is left of its part. What the model itself is wrong by stays. Source: Guide to the Expression of
 * Uncertainty in Measurement (JCGM 100:2008), section 5.1. Check: a figure that hangs on one typical density alone is a fifth as uncertain once that is measured.
 */
final class Settles
{
    private const TESTS = [
        'bulk_density' => TestKind::LooseDensity, 'particle_density' => TestKind::EnvelopeDensity, 'internal_water' => TestKind::EnvelopeDensity, 'unavailable_water' => TestKind::DrainedPot,
        'internal_median_cm' => TestKind::DrainedPot, 'sphericity' => TestKind::RunThrough, 'hydraulic_size_mm' => TestKind::DrainedPot, 'fines_weight' => TestKind::DrainedPot, 'ph' => TestKind::SlurryReaction, 'sieve' => TestKind::SieveAnalysis,
        ModelError::HEAD => TestKind::DrainedPot, ModelError::RUN_THROUGH => TestKind::RunThrough, ModelError::COMPACTION => TestKind::MixShrink,
    ];

    /** The test that settles a property or an error of the model for a mix; null where none does. */
    public static function test(string $property): ?TestKind
    {
        return self::TESTS[$property] ?? null;
    }

    /**
     * Standard uncertainty of a figure once a component was tested so.
     *
     * @param array<string, string> $bases basis of each property of the component now
     */
    public static function after(Propagation $sure, string $figure, Material $component, TestKind $test, array $bases): float
    {
        $variance = ($sure->of[$figure] ?? 0.0) ** 2;
        foreach ($sure->parts[$figure] ?? [] as ['component' => $key, 'property' => $property, 'part' => $part]) {
            if ($key === $component->key && self::test($property) === $test) {
                $variance -= $part * (1.0 - self::left($property, $bases[$property] ?? 'typical', $component) ** 2);
            }
        }

        return sqrt(max(0.0, $variance));
    }

    /** The same once the mix itself was tested: how far it settles is its own then. */
    public static function afterMix(Propagation $sure, string $figure, TestKind $test): float
    {
        $variance = ($sure->of[$figure] ?? 0.0) ** 2;
        foreach ($sure->parts[$figure] ?? [] as ['component' => $key, 'property' => $property, 'part' => $part]) {
            $variance -= $key === null && $test === TestKind::MixShrink && self::test($property) === $test ? $part : 0.0;
        }

        return sqrt(max(0.0, $variance));
    }

    /** u_measured / u_now. */
    private static function left(string $property, string $basis, Material $component): float
    {
        return match ($property) {
            'sieve' => 0.0,
            'ph' => StandardUncertainty::ofPh('measured') / StandardUncertainty::ofPh($basis),
            default => StandardUncertainty::of(1.0, 'measured', $component->kind) / StandardUncertainty::of(1.0, $basis, $component->kind),
        };
    }
}
