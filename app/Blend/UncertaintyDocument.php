<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\BenchTest\Settles;

/** How sure the figures are, and which bench test would make each surer: schema UncertaintyView of the API. */
final class UncertaintyDocument
{
    /** What contributes most to a figure is told so far. */
    private const TOLD = 3;

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
                'test' => $most === null ? null : Settles::test($most['property'])?->value,
                'most' => array_map(static fn(array $part): array => self::part($form, $propagation, $name, $part), array_slice($propagation->parts[$name] ?? [], 0, self::TOLD)),
            ];
        }

        return ['figures' => $figures];
    }

    /**
     * What contributes to a figure, the test that would settle it, what that takes, and how sure the figure is then.
     *
     * @param array{component: string|null, property: string, part: float} $part
     *
     * @return array<string, mixed>
     */
    private static function part(BlendForm $form, Propagation $propagation, string $figure, array $part): array
    {
        $record = $part['component'] === null ? null : $form->parts->shelf->record($part['component']);
        $test = Settles::test($part['property']);
        $material = null;
        foreach ($form->setup->substrate->blend->components as $each) {
            $material = $each->key === $part['component'] ? $each : $material;
        }
        $plan = $test?->plan();

        return [
            'component_id' => $record?->id, 'component_name' => $record?->name, 'property' => $part['property'], 'share' => $part['part'] / max(1e-300, ($propagation->of[$figure] ?? 0.0) ** 2),
            'test' => $test?->value, 'minutes' => $plan?->minutes, 'wait_minutes' => $plan?->waitMinutes, 'tools' => $plan->tools ?? [],
            'after' => $material === null || $test === null ? null : Settles::after($propagation, $figure, $material, $test, $form->parts->bases($material)),
        ];
    }
}
