<?php

declare(strict_types=1);

namespace App\Blend;

use App\Situations\SituationForm;
use Illuminate\Support\Carbon;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Rounds;

/** How long the water lasts, month by month, against how often somebody comes by: schema WaterCourse of the API. */
final class WaterDocument
{
    /** @return array<string, mixed>|null null without a site */
    public static function of(Assessment $assessment, SituationForm $form): ?array
    {
        $course = $assessment->water;
        $situation = $assessment->setup->situation;
        if ($course === null || $situation === null) {
            return null;
        }
        $now = Carbon::now()->month - 1;
        $months = [];
        foreach ($course->demand->useLDay as $month => $use) {
            $months[] = [
                'et0_mm_day' => $course->climate->et0MmDay[$month] ?? 0.0,
                'use_l_day' => $use,
                'interval_h' => $course->intervalH($month),
                'habit_h' => $situation->habit->hoursIn($course->climate->season($month)),
                'frost_nights' => $course->climate->frostNights($month),
            ];
        }

        return [
            'within_reach_l' => $course->withinReachL,
            'hottest_month' => $course->climate->hottestMonth,
            'interval_h' => $course->hottestIntervalH(),
            'habit_h' => $course->demand->habitH,
            'short_days' => $course->shortDays(withRain: false),
            'short_days_with_rain' => $course->shortDays(withRain: true),
            'drought' => $course->drought->degree,
            'still_open' => $course->drought->stillOpen,
            'rounds' => self::rounds($assessment),
            'hot_use_l_day' => $course->demand->hotUseLDay,
            'canopy_m2' => $course->demand->canopyM2,
            'canopy_cm' => 200.0 * sqrt($course->demand->canopyM2 / M_PI),
            'canopy_given' => $situation->plant->canopyM2 !== null,
            'given_l_year' => $course->demand->givenLYear,
            'drained_l_year' => $course->demand->drainedLYear,
            'recovery' => $situation->plant->recovery(),
            'now_month' => $now,
            'now_stage' => $form->stage?->value,
            'now_interval_h' => $course->intervalNowH($now, $form->stage),
            'frost_cycles' => $assessment->setup->ageing->frostCycles ?? 0.0,
            'months' => $months,
        ];
    }

    /** @return array{summer: int, heat: int|null} how many times as often one would have to come by */
    private static function rounds(Assessment $assessment): array
    {
        $rounds = Rounds::of($assessment);

        return ['summer' => $rounds->summer ?? 1, 'heat' => $rounds->heat ?? null];
    }
}
