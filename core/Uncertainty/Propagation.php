<?php

declare(strict_types=1);

namespace Zolbek\Core\Uncertainty;

use Zolbek\Core\Chemistry\Reaction;
use Zolbek\Core\Component\Component;
use Zolbek\Core\Fit\Setup;
use Zolbek\Core\Fit\WaterCourse;
use Zolbek\Core\Flow\RunThrough;
use Zolbek\Core\Grading\PanTail;
use Zolbek\Core\Input\Refused;

/**
 * Standard uncertainty of what is computed, from that of the properties: first order, by central differences.
 *
 *     u(y)^2 = sum over properties of ((y(x + u_x) - y(x - u_x)) / 2)^2
 *
 * The pan under a coarse sieve counts as a property: its fines may all lie near 0.1 mm, or near the sieve. A step that a component cannot make is
 * taken on the other side alone. Source: Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), section 5.1.
 * Check: a figure that hangs on one property by y = x is as uncertain as it.
 */
final readonly class Propagation
{
    public const FIGURES = ['air', 'water_l', 'easy_l', 'run_through_s', 'ph', 'wet_kg', 'yield_share', 'interval_h'];

    /** @var array<string, float> standard uncertainty by figure */
    public array $of;

    /** @var array<string, array{component: string, property: string, share: float}> what contributes most to each, and its share of the variance */
    public array $most;

    /** @param callable(Component): array<string, string> $bases basis (typical, supplier, measured) of each property of a component */
    public function __construct(Setup $setup, callable $bases)
    {
        $variance = [];
        $largest = [];
        foreach ($setup->substrate->blend->components as $component) {
            foreach (self::steps($component, $bases($component)) as $property => [$up, $down]) {
                $high = self::figures($setup, $component, $up);
                $low = self::figures($setup, $component, $down);
                $half = $up === null || $down === null ? 1.0 : 2.0;
                foreach (self::FIGURES as $figure) {
                    if (isset($high[$figure], $low[$figure])) {
                        $part = (($high[$figure] - $low[$figure]) / $half) ** 2;
                        $variance[$figure] = ($variance[$figure] ?? 0.0) + $part;
                        if ($part > ($largest[$figure][2] ?? 0.0)) {
                            $largest[$figure] = [$component->key, $property, $part];
                        }
                    }
                }
            }
        }
        $this->of = array_map(sqrt(...), $variance);
        $most = [];
        foreach ($largest as $figure => [$key, $property, $part]) {
            $most[$figure] = ['component' => $key, 'property' => $property, 'share' => $part / ($variance[$figure] ?? $part)];
        }
        $this->most = $most;
    }

    /**
     * @param array<string, string> $bases
     *
     * @return array<string, array{Component|null, Component|null}> the component a step up and a step down, by property
     */
    private static function steps(Component $component, array $bases): array
    {
        $u = static fn(string $property, float $value): float => StandardUncertainty::of($value, $bases[$property] ?? 'typical', $component->kind);
        $rb = $u('bulk_density', $component->bulkDensity);
        $re = $u('particle_density', $component->particleDensity);
        $ws = $u('internal_water', $component->internalWater);
        $wu = $u('unavailable_water', $component->unavailableWater);
        $hi = $u('internal_median_cm', $component->internalMedianCm);
        $psi = $u('sphericity', $component->sphericity);
        $ph = StandardUncertainty::ofPh($bases['ph'] ?? 'typical');
        $pores = 1.0 - $component->particleDensity / $component->solidDensity;
        $steps = [
            'bulk_density' => static fn(int $side): Component => $component->with(bulkDensity: $component->bulkDensity + $side * $rb, refitPacking: true),
            'particle_density' => static fn(int $side): Component => $component->with(particleDensity: min($component->solidDensity * (1.0 - $component->internalWater), $component->particleDensity + $side * $re), refitPacking: true),
            'internal_water' => static fn(int $side): Component => $component->with(internalWater: min($pores, max($component->unavailableWater, $component->internalWater + $side * $ws))),
            'unavailable_water' => static fn(int $side): Component => $component->with(unavailableWater: min($component->internalWater, max(0.0, $component->unavailableWater + $side * $wu))),
            'internal_median_cm' => static fn(int $side): Component => $component->with(internalMedianCm: $component->internalMedianCm + $side * $hi),
            'sphericity' => static fn(int $side): Component => $component->with(sphericity: min(1.0, $component->sphericity + $side * $psi)),
            ...($component->hydraulicSizeMm === null ? [] : ['hydraulic_size_mm' => static fn(int $side): Component => $component->with(hydraulicSizeMm: $component->hydraulicSizeMm + $side * $u('hydraulic_size_mm', $component->hydraulicSizeMm))]),
            ...($component->ph === null ? [] : ['ph' => static fn(int $side): Component => $component->with(ph: $component->ph + $side * $ph)]),
            ...(PanTail::of($component) === null ? [] : ['sieve' => static fn(int $side): Component => $component->with(grading: $component->grading->panAt($side > 0 ? $component->grading->sizesMm[1] / 1.5 : 0.1))]),
        ];

        return array_map(static fn(callable $step): array => [self::tried($step, 1), self::tried($step, -1)], $steps);
    }

    /** @param callable(int): Component $step */
    private static function tried(callable $step, int $side): ?Component
    {
        try {
            return $step($side);
        } catch (Refused) {
            return null;
        }
    }

    /** @return array<string, float|null> */
    private static function figures(Setup $setup, Component $replaced, ?Component $by): array
    {
        $then = $setup;
        if ($by !== null) {
            $then = $setup->withPortions(array_map(static fn(array $portion): array => [
                $portion[0]->replaced($replaced->key, $by),
                $portion[1],
            ], $setup->portions));
        }
        $retention = $then->substrate->retention;
        $water = $then->zone->waterL($retention);
        $situation = $then->situation;
        $course = $situation?->climate === null ? null : new WaterCourse($then, $situation, $situation->climate);

        return [
            'air' => $retention->saturated - $water / $then->zone->volumeL,
            'water_l' => $water,
            'easy_l' => $water - $then->zone->waterL($retention, 50.0),
            'run_through_s' => (new RunThrough($then->zone, $then->substrate, $then->holes, $then->holeCover))->seconds,
            'ph' => Reaction::ph($then->substrate->blend),
            'wet_kg' => $then->zone->volumeL * $then->substrate->bulkDensity + 0.998 * $water,
            'yield_share' => $then->substrate->yield,
            'interval_h' => $course?->hottestIntervalH,
        ];
    }
}
