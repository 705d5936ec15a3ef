<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Course\Reaction\Correction;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/** The reaction of a mix now and later, and what a test dose would be: schema Reaction of the API. */
final class ReactionDocument
{
    private const STEP_YEARS = 0.5;

    /** @return array<string, mixed>|null null where nothing buffers and no site is named */
    public static function of(Assessment $assessment, Situation $situation): ?array
    {
        $setup = $assessment->setup;
        $blend = $setup->substrate->blend;
        $ph = Reaction::ph($blend);
        if ($ph === null && $assessment->reaction === null) {
            return null;
        }
        $fresh = Reaction::fresh($blend);
        $exchange = new CationExchange($setup->substrate);
        $band = $assessment->verdict(Criterion::Ph)->band;
        $wanted = max($band->low, min($band->high, $fresh));
        $dose = new Correction($exchange->bufferMmolL, $fresh, $wanted);
        $water = $assessment->water;
        $course = [];
        for ($years = 0.0; $assessment->reaction !== null && $years <= $situation->targets->plannedYears + 1e-9; $years += self::STEP_YEARS) {
            $course[] = ['years' => $years, 'ph' => $assessment->reaction->phAfter($fresh, $years)];
        }

        return [
            'ph' => $fresh,
            'buffered' => $ph !== null,
            'buffer_mmol_l' => $exchange->bufferMmolL,
            'cec_cmol_l' => $exchange->cecCmolL,
            'alkalinity_mg_l' => $situation->alkalinityMgL,
            'rain_share' => $situation->rainShare,
            'feed_acidity_mg_l' => $situation->feedAcidityMgL,
            'feed_acidity_mmol_l_year' => $situation->feedAcidityMmolLYear,
            'given_l_per_l' => $water === null ? null : $water->demand->givenLYear / $setup->zone->volumeL,
            'drained_l_per_l' => $water === null ? null : $water->demand->drainedLYear / $setup->zone->volumeL,
            'first_month_ph' => $assessment->verdict(Criterion::Ph)->value,
            'later_ph' => $assessment->find(Criterion::LaterPh)?->value,
            'course' => $course,
            'dose' => $dose->agent === null ? null : ['agent' => $dose->agent, 'grams_per_l' => $dose->gramsPerL, 'to_ph' => $wanted],
        ];
    }
}
