<?php

declare(strict_types=1);

namespace App\Blend;

use App\Calibration\InUse;
use Zolbek\Core\Mix\Chemistry\Salts;
use Zolbek\Core\Mix\Preparation\PanTail;

/** What makes the figures of a mix more or less sure: schema Note of the API. */
final class ConfidenceNotes
{
    /** Components whose largest and smallest D50 differ by more than this part on shaking. */
    private const SEGREGATES_FROM = 4.0;
    /** Share finer than 0.5 mm that keeps sizes from parting. */
    private const HELD_TOGETHER_FROM = 0.15;
    /** Share of compressible components from which figures are of lower confidence. */
    private const LOW_CONFIDENCE_FROM = 0.15;

    /** @return list<array{code: string, component_name: string|null, share: float}> */
    public static function of(BlendForm $form): array
    {
        $notes = [];
        $blend = $form->setup->substrate->blend;
        $compressible = 0.0;
        $middles = [];
        foreach ($blend->components as $i => $component) {
            $compressible += $component->kind?->isCompressible() === true ? $blend->shares[$i] : 0.0;
            $middles[] = $component->grading->quantileMm(0.5);
            $tail = PanTail::of($component);
            if ($tail?->finerSieveWorthIt === true) {
                $notes[] = ['code' => 'pan', 'component_name' => $component->name, 'share' => $tail->share];
            }
        }
        foreach ($form->components as $component) {
            $measured = count([...($component->measured['properties'] ?? []), ...(($form->parts->lots[$component->id] ?? null)->measured['properties'] ?? [])]);
            if ($measured > 0) {
                $notes[] = ['code' => 'measured', 'component_name' => $component->name, 'share' => (float) $measured];
            }
        }
        if ($compressible > self::LOW_CONFIDENCE_FROM) {
            array_unshift($notes, ['code' => 'compressible', 'component_name' => null, 'share' => $compressible]);
        }
        if (max($middles) / min($middles) > self::SEGREGATES_FROM) {
            $notes[] = ['code' => 'segregation', 'component_name' => null, 'share' => max($middles) / min($middles)];
            if ($blend->grading()->passingAt(0.5) < self::HELD_TOGETHER_FROM) {
                $notes[] = ['code' => 'segregates_dry', 'component_name' => null, 'share' => $blend->grading()->passingAt(0.5)];
            }
        }
        foreach ($form->components as $component) {
            $found = ($form->parts->lots[$component->id]->measured ?? $component->measured)['findings']['salts'] ?? null;
            if (is_string($found) && Salts::tryFrom($found)?->asksForAction() === true) {
                $notes[] = ['code' => 'salts_'.$found, 'component_name' => $component->name, 'share' => 0.0];
            }
        }
        if (InUse::now()->isOn()) {
            $notes[] = ['code' => 'fitted', 'component_name' => null, 'share' => 0.0];
        }
        $ec = $form->situation?->site?->water_ec_ms_cm;
        if ($ec !== null && Salts::inWater($ec)->asksForAction()) {
            $notes[] = ['code' => 'water_salts_'.Salts::inWater($ec)->value, 'component_name' => null, 'share' => $ec];
        }

        return $notes;
    }
}
