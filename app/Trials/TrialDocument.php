<?php

declare(strict_types=1);

namespace App\Trials;

use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use App\Trials\Models\TrialValue;

/** A trial: schemas TrialSummary and Trial of the API. What is hidden is told nowhere in them. */
final class TrialDocument
{
    private const UNITS = ['trunk_mm' => 'mm', 'height_cm' => 'cm', 'canopy_cm' => 'cm', 'score' => '', 'run_through_s' => 's', 'days_dry' => 'd'];

    /** @return array<string, mixed> */
    public static function row(Trial $trial): array
    {
        return [
            'id' => $trial->id, ...$trial->only(['name', 'question', 'varies', 'measure', 'from_start', 'days', 'blocking', 'blinded', 'state', 'opened_by', 'conclusion', 'revision']),
            'unit' => self::UNITS[$trial->measure] ?? $trial->unit,
            'hidden' => $trial->isHidden(),
            'begun_on' => $trial->begun_on?->toDateString(), 'ended_on' => $trial->ended_on?->toDateString(), 'opened_on' => $trial->opened_on?->toDateString(),
            'plants_count' => $trial->plants_count ?? $trial->plants->count(),
            'archived' => $trial->isArchived(),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Trial $trial): array
    {
        $trial->loadMissing(['plants.plant', 'plants.values']);
        $hidden = $trial->isHidden();
        $arms = array_map(static fn(array $arm): array => ['code' => $arm['code'], 'label' => $hidden ? null : $arm['label'], 'recipe_id' => $hidden ? null : $arm['recipe_id'], 'pot_id' => $hidden ? null : $arm['pot_id']], $trial->arms);
        // in an order that says nothing
        $hidden && usort($arms, static fn(array $one, array $other): int => strcmp($one['code'], $other['code']));

        return [
            ...self::row($trial),
            'arms' => $arms,
            'plants' => array_values($trial->plants->map(static fn(TrialPlant $row): array => [
                'plant_id' => $row->plant_id, 'number' => $row->plant->number, 'name' => $row->plant->name, 'place' => $row->plant->place, 'status' => $row->plant->status, 'block' => $row->block,
                'code' => $row->arm === null ? null : $trial->arms[$row->arm]['code'], 'lost_on' => $row->lost_on?->toDateString(), 'lost_why' => $row->lost_why,
                'values' => array_values($row->values->map(static fn(TrialValue $value): array => ['on' => $value->measured_on->toDateString(), 'value' => $value->value, 'person' => $value->person])->all()),
            ])->all()),
            'result' => $trial->result ?? ($trial->state === Trial::RUNNING && ! $hidden ? TrialResult::of($trial) : null),
        ];
    }

    /** @return array<string, mixed> what its form shows, for a form that was opened some time ago */
    public static function asForm(Trial $trial): array
    {
        return [
            ...$trial->only(['name', 'question', 'varies', 'measure', 'unit', 'from_start', 'days', 'blocking', 'blinded', 'conclusion']),
            'arms' => array_map(static fn(array $arm): array => array_diff_key($arm, ['code' => '']), $trial->arms), 'plants' => array_values($trial->plants()->pluck('plant_id')->all()),
        ];
    }
}
