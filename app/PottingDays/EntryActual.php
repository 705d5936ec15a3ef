<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\InspectionForm;
use App\Plants\Models\Plant;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\Inspection\Finding;

/** What was really done with one plant, as somebody at the bench enters it. */
final class EntryActual
{
    public const FIELDS = ['used_l', 'minutes', 'run_through_s', 'roots_cut_share', 'crown_cut_share', 'findings', 'saved', 'buried_note', 'note'];
    public const SAVED = ['moss', 'soil'];

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed> with what was left out filled in from the plan
     */
    public static function read(mixed $input, Refusals $refusals, float $plannedL, array $plan, Plant $plant): array
    {
        $fields = Fields::of($input ?? ['note' => ''], self::FIELDS, $refusals, 'actual');
        $optional = static fn(string $name, float $max): ?float => $fields->has($name) ? $fields->number($name, 0, $max) : null;
        $findings = InspectionForm::findings($fields->raw('findings') ?? [], $refusals, 'actual.findings');
        $actual = [
            'used_l' => $fields->number('used_l', 0, 10_000, $plannedL),
            'minutes' => $optional('minutes', 1440),
            'run_through_s' => $optional('run_through_s', 3600),
            'roots_cut_share' => $fields->number('roots_cut_share', 0, 1, (float) $plan['roots_cut_share']),
            'crown_cut_share' => $fields->number('crown_cut_share', 0, 1, (float) $plan['crown_cut_share']),
            'findings' => array_column($findings, 'value'),
            'saved' => null,
            'buried_note' => $fields->text('buried_note', 200, ''),
            'note' => $fields->text('note', 1000, ''),
        ];
        if ($fields->has('saved')) {
            $saved = Fields::of($fields->raw('saved'), ['what', 'for_plant_id'], $refusals, 'actual.saved');
            $for = $saved->has('for_plant_id') ? $saved->integer('for_plant_id', 1, PHP_INT_MAX) : null;
            if ($for !== null && $for > 0 && ! Plant::query()->whereKey($for)->exists()) {
                $refusals->add(new Refusal('actual.saved.for_plant_id', 'plant_missing', $for));
            }
            $actual['saved'] = ['what' => $saved->oneOf('what', self::SAVED), 'for_plant_id' => $for];
            if ($plant->health === 'sick' || array_intersect([Finding::BlackSoft->value, Finding::Grubs->value], $actual['findings']) !== []) {
                $refusals->add(new Refusal('actual.saved', 'sick_soil', $plant->number));
            }
        }

        return $actual;
    }
}
