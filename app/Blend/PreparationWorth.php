<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Fit\Assessment;

/** What preparing is worth: litres kept and lost, their price, and the pot without it; a part of schema Evaluation. */
final class PreparationWorth
{
    /** @return array<string, mixed>|null null where nothing is prepared */
    public static function of(BlendForm $form): ?array
    {
        $unprepared = $form->parts->unprepared();
        if ($unprepared === null) {
            return null;
        }
        $without = $form->setup->withPortions($unprepared);
        $price = MixPrice::perLooseL($without, $form);

        return [
            'losses' => self::losses($form),
            'without' => [
                ...Answer::pot(new PotWater($without->zone, $without->substrate)),
                'run_through_s' => (new Assessment($without, withYears: false))->runThrough->seconds,
                'wet_foot_cm' => $without->zone->wetFootCm($without->substrate->retention),
                'price_per_l' => $price === null ? null : $price / $without->substrate->yield,
                'fines_below_1_mm' => $without->substrate->blend->grading()->passingAt(1.0),
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function losses(BlendForm $form): array
    {
        $portions = $form->setup->portions;
        $scooped = array_sum(array_column($portions, 1));
        $losses = [];
        foreach ($portions as [$portion, $parts]) {
            if ($portion->keptShare < 1.0) {
                $component = $form->component($portion->key);
                $perL = $component->stock()->pricePerL();
                $lost = ($parts / $portion->keptShare - $parts) / $scooped;
                $losses[] = [
                    'component_id' => $component->id,
                    'name' => $component->name,
                    'kept_share' => $portion->keptShare,
                    'lost_share_of_mix' => $lost,
                    'loss_price_per_l' => $perL === null ? null : $perL * $lost,
                ];
            }
        }

        return $losses;
    }
}
