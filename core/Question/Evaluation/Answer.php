<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Evaluation;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/** The model's answer to a Request, as the open exchange format names its figures. */
final class Answer
{
    /** @return array<string, mixed> */
    public static function to(Request $request): array
    {
        $answer = self::substrate($request->substrate);
        if ($request->zone !== null) {
            $water = new PotWater($request->zone, $request->substrate, $request->suctionCm);
            $answer['pot'] = self::pot($water);
            if ($request->holes !== null) {
                $answer['pot']['run_through_s'] = (new RunThrough($request->zone, $request->substrate, $request->holes))->seconds;
            }
        }

        if ($request->setup !== null) {
            $answer['assessment'] = self::assessment(new Assessment($request->setup, weighsLayer: false));
        }

        return $answer;
    }

    /** @return array<string, mixed> */
    public static function assessment(Assessment $assessment): array
    {
        $criteria = [];
        foreach (Criterion::cases() as $criterion) {
            $verdict = $assessment->find($criterion);
            if ($verdict !== null) {
                $criteria[$criterion->value] = ['value' => $verdict->value, 'level' => $verdict->level->value, 'outside' => $verdict->marginsOutside];
            }
        }
        $years = $assessment->find(Criterion::Years)?->value;

        return [
            'rating' => $assessment->rating->value,
            'fit' => $assessment->fit,
            'interval_h' => $assessment->water?->drought->intervalH,
            'drought' => $assessment->water?->drought->degree,
            'years' => $years === null || $years >= Forecast::HORIZON ? null : $years,
            'criteria' => $criteria,
        ];
    }

    /** @return array<string, float|null> */
    public static function substrate(Substrate $substrate): array
    {
        $grading = $substrate->blend->grading();
        $retention = $substrate->retention;

        return [
            'packing_density' => $substrate->packingDensity,
            'inter_porosity' => $substrate->interPorosity,
            'total_porosity' => $substrate->totalPorosity,
            'saturated_water' => $retention->saturated,
            'bulk_density' => $substrate->bulkDensity,
            'yield_share' => $substrate->yield,
            'sauter_mm' => $substrate->sauterMm,
            'median_head_cm' => $retention->medianHeadCm,
            'head_spread' => $retention->headSpread,
            'theta_10' => $retention->theta(10.0),
            'theta_50' => $retention->theta(50.0),
            'theta_100' => $retention->theta(100.0),
            'flux_cm_s' => $substrate->flow->fluxCmS(),
            'd10_mm' => $grading->quantileMm(0.1),
            'd50_mm' => $grading->quantileMm(0.5),
            'd60_mm' => $grading->quantileMm(0.6),
            'd90_mm' => $grading->quantileMm(0.9),
            'ph' => Reaction::ph($substrate->blend),
        ];
    }

    /** @return array<string, float|null> */
    public static function pot(PotWater $water): array
    {
        return [
            'volume_l' => $water->volumeL,
            'water_l' => $water->waterL,
            'theta' => $water->theta,
            'air' => $water->air,
            'easy_l' => $water->easyL,
            'buffer_l' => $water->bufferL,
            'slow_l' => $water->slowL,
            'locked_l' => $water->lockedL,
        ];
    }
}
