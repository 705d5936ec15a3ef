<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Verdict\Uncertainty\ModelError;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\BenchTest\TestKind;

/** How sure the figures are, and which bench test would make each surer: schema UncertaintyView of the API. */
final class UncertaintyDocument
{
    /** The test that settles a property. */
    private const TESTS = [
        'bulk_density' => TestKind::LooseDensity, 'particle_density' => TestKind::EnvelopeDensity, 'internal_water' => TestKind::EnvelopeDensity, 'unavailable_water' => TestKind::DrainedPot,
        'internal_median_cm' => TestKind::DrainedPot, 'sphericity' => TestKind::RunThrough, 'hydraulic_size_mm' => TestKind::DrainedPot, 'fines_weight' => TestKind::DrainedPot, 'ph' => TestKind::SlurryReaction, 'sieve' => TestKind::SieveAnalysis,
        ModelError::HEAD => TestKind::DrainedPot, ModelError::RUN_THROUGH => TestKind::RunThrough, ModelError::COMPACTION => TestKind::MixShrink,
    ];

    public static function propagation(BlendForm $form): Propagation
    {
        return new Propagation($form->setup, $form->parts->bases(...));
    }

    /** @return array<string, mixed> */
    public static function of(BlendForm $form, Propagation $propagation): array
    {
        $figures = [];
        foreach ($propagation->of as $name => $uncertainty) {
            $most = $propagation->most[$name] ?? null;
            $record = ($most['component'] ?? null) === null ? null : $form->parts->shelf->record($most['component']);
            $figures[] = [
                'name' => $name,
                'uncertainty' => $uncertainty,
                'component_id' => $record?->id,
                'component_name' => $record?->name,
                'property' => $most['property'] ?? null,
                'share' => $most['share'] ?? 0.0,
                'test' => $most === null ? null : (self::TESTS[$most['property']] ?? null)?->value,
            ];
        }

        return ['figures' => $figures];
    }
}
