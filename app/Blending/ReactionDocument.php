<?php

declare(strict_types=1);

namespace App\Blending;

use Zolbek\Core\Chemistry\Correction;
use Zolbek\Core\Chemistry\Exchange;
use Zolbek\Core\Chemistry\Reaction;
use Zolbek\Core\Chemistry\WaterDrift;
use Zolbek\Core\Fit\Assessment;
use Zolbek\Core\Fit\Situation;

/** The reaction of a mix now and later, and what a test dose would be: schema Reaction of the API. */
final class ReactionDocument
{
    /** @return array<string, mixed>|null null where nothing buffers */
    public static function of(Assessment $assessment, Situation $situation): ?array
    {
        $setup = $assessment->setup;
        $ph = Reaction::ph($setup->substrate->blend);
        if ($ph === null) {
            return null;
        }
        $exchange = new Exchange($setup->substrate);
        $band = $situation->targets->ph;
        $wanted = max($band->low, min($band->high, $ph));
        $dose = new Correction($exchange->bufferMmolL, $ph, $wanted);
        $drift = $assessment->water === null ? null : new WaterDrift($situation->alkalinityMgL, $assessment->water->wateringLYear() / $setup->zone->volumeL, $exchange->bufferMmolL);

        return [
            'ph' => $ph,
            'buffer_mmol_l' => $exchange->bufferMmolL,
            'cec_cmol_l' => $exchange->cecCmolL,
            'alkalinity_mg_l' => $situation->alkalinityMgL,
            'rise_per_year' => $drift === null || is_infinite($drift->risePerYear) ? null : $drift->risePerYear,
            'later_ph' => $drift?->phAfter($ph, $situation->targets->plannedYears),
            'dose' => $dose->agent === null ? null : ['agent' => $dose->agent, 'grams_per_l' => $dose->gramsPerL, 'to_ph' => $wanted],
        ];
    }
}
