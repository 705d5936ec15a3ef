<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/** The handful of figures by which mixes and pots are set against each other: schema TradeFigures of the API. */
final class Figures
{
    public const NAMES = ['air', 'water_l', 'easy_l', 'interval_h', 'drought', 'run_through_s', 'ph', 'later_ph', 'wet_kg', 'cost', 'years', 'fit'];

    /** @return array<string, float|string|null> with the word of the whole */
    public static function of(Setup $setup, ?float $pricePerLooseL): array
    {
        $assessment = new Assessment($setup);

        return [
            ...self::quick($assessment, $pricePerLooseL),
            'years' => $assessment->find(Criterion::Years)->value ?? Forecast::failure($setup) ?? Forecast::HORIZON,
            'rating' => $assessment->rating->value,
        ];
    }

    /** @return array<string, float|null> all but the years */
    public static function quick(Assessment $assessment, ?float $pricePerLooseL): array
    {
        $setup = $assessment->setup;
        $waterL = $setup->waterL(0.0);

        return [
            'air' => $assessment->verdict(Criterion::Air)->value,
            'water_l' => $waterL,
            'easy_l' => $waterL - $setup->waterL(50.0),
            'interval_h' => $assessment->water?->hottestIntervalH(),
            'drought' => $assessment->water?->drought->degree,
            'run_through_s' => $assessment->runThrough->seconds,
            'ph' => $assessment->verdict(Criterion::Ph)->value,
            'later_ph' => $assessment->find(Criterion::LaterPh)?->value,
            'wet_kg' => $assessment->weights->wetKg,
            'cost' => $pricePerLooseL === null ? null : $pricePerLooseL * $setup->newMixL() / $setup->substrate->yield,
            'years' => null,
            'fit' => $assessment->fit,
        ];
    }
}
