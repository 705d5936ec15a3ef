<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\PlantingHeight;

/** How high a plant of a day is to stand. */
final class EntryHeight
{
    /** Fields of a plan that say so. */
    public const FIELDS = ['height', 'bed_cm', 'mound_cm'];

    /**
     * Null where no height was chosen, or there is no ball.
     *
     * @throws Refused field "bed_cm", "mound_cm" or "height" where they contradict each other
     */
    public static function of(DayPlant $entry): ?PlantingHeight
    {
        $plan = $entry->plan;
        $over = $plan->overCm();

        return $plan->ball === null || $over === null ? null : new PlantingHeight(
            $entry->pot->toCore()->depthCm,
            $plan->layer['thickness_cm'] ?? 0.0,
            $plan->headspaceCm,
            $over,
            $plan->ball['height_cm'],
            $plan->collarCm,
            $plan->bedCm,
            $plan->moundCm,
            $plan->treatment === BallTreatment::Untouched ? 0.0 : PlantingHeight::LEAST_BED_CM,
        );
    }
}
