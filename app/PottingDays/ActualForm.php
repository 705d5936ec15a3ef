<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\Plant;
use App\Plants\Seen;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\Inspection\Finding;

/** What was really done with one plant, as somebody at the bench enters it. */
final class ActualForm
{
    public const FIELDS = ['used_l', 'minutes', 'run_through_s', 'roots_cut_share', 'crown_cut_share', 'findings', 'details', 'saved', 'old_mix', 'buried_note', 'note'];
    public const SAVED = ['moss', 'soil'];

    /** What was left out is filled in from the plan. */
    public static function read(mixed $input, Refusals $refusals, float $plannedL, Plan $plan, Plant $plant): Actual
    {
        $fields = Fields::of($input ?? ['note' => ''], self::FIELDS, $refusals, 'actual');
        $optional = static fn(string $name, float $max): ?float => $fields->has($name) ? $fields->number($name, 0, $max) : null;
        $seen = Seen::read($fields->raw('findings') ?? [], $fields->raw('details') ?? [], $refusals, 'actual.');
        $findings = $seen->findings;
        $used = $fields->number('used_l', 0, 10_000, $plannedL);
        $shares = [$fields->number('roots_cut_share', 0, 1, $plan->rootsCutShare), $fields->number('crown_cut_share', 0, 1, $plan->crownCutShare)];
        $isSick = $plant->health === 'sick' || in_array(Finding::BlackSoft, $findings, true) || in_array(Finding::Grubs, $findings, true);
        $oldMix = $fields->has('old_mix') ? self::oldMix(Fields::of($fields->raw('old_mix'), ['to', 'litres', 'screened'], $refusals, 'actual.old_mix'), $plant, $isSick, $refusals) : null;
        $soil = null;
        if ($fields->has('saved')) {
            $saved = Fields::of($fields->raw('saved'), ['what', 'for_plant_id', 'litres'], $refusals, 'actual.saved');
            $for = $saved->has('for_plant_id') ? $saved->integer('for_plant_id', 1, PHP_INT_MAX) : null;
            if ($for !== null && $for > 0 && ! Plant::query()->whereKey($for)->exists()) {
                $refusals->add(new Refusal('actual.saved.for_plant_id', 'plant_missing', $for));
            }
            $soil = ['what' => $saved->oneOf('what', self::SAVED), 'for_plant_id' => $for, 'litres' => $saved->has('litres') ? $saved->number('litres', 0, 1000) : 0.0, 'component_id' => null];
            if ($isSick) {
                $refusals->add(new Refusal('actual.saved', 'sick_soil', $plant->number));
            }
        }

        return new Actual($used, $optional('minutes', 1440), $optional('run_through_s', 3600), ...$shares, findings: $findings, details: $seen->details, oldMix: $oldMix, saved: $soil, buriedNote: $fields->text('buried_note', 200, ''), note: $fields->text('note', 1000, ''));
    }

    /** @return array{to: string, litres: float, screened: bool, component_id: null} */
    private static function oldMix(Fields $fields, Plant $plant, bool $isSick, Refusals $refusals): array
    {
        $to = $fields->oneOf('to', ['bin', 'waste']) ?? 'waste';
        $litres = $fields->numberAbove('litres', 0, 10_000);
        if ($to === 'bin' && $isSick) {
            $refusals->add(new Refusal('actual.old_mix.to', 'sick_soil', $plant->number));
        }
        if ($to === 'bin' && $plant->standing === null) {
            $refusals->add(new Refusal('actual.old_mix.to', 'mix_not_known', $plant->number));
        }

        return ['to' => $to, 'litres' => $litres, 'screened' => $fields->flag('screened', false), 'component_id' => null];
    }
}
