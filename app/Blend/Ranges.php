<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Basis\Numerics\EvenPoints;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Setup\Supply;
use Zolbek\Core\Verdict\Uncertainty\Draws;

/** From where to where figures lie in two of three cases, with all that is not known moved at once: schema RangesView of the API. Litres to scoop and cost follow from how far the mix settles. */
final class Ranges
{
    private const DRAWS = 400;
    private const FIGURES = ['years', 'interval_h', 'drought', 'run_through_s', 'yield_share', 'later_ph', 'float_share', 'air', 'water_l', 'use_l_day', 'given_l_year', 'level_drop_cm'];

    /** @return array{figures: list<array{name: string, low: float, high: float|null}>, draws: int} */
    public static function of(BlendForm $form): array
    {
        $setup = $form->setup;
        $draws = new Draws($setup, $form->parts->bases(...), self::DRAWS, EvenPoints::at(...), $setup->situation !== null);
        $figures = [];
        foreach (self::FIGURES as $name) {
            $range = $draws->range($name);
            if ($range !== null) {
                $figures[] = ['name' => $name, 'low' => $range[0], 'high' => $name === 'years' && $range[1] >= Forecast::HORIZON ? null : $range[1]];
            }
        }
        $yield = $draws->range('yield_share');
        if ($yield !== null) {
            $scooped = $setup->newMixL() / $setup->loosePerScooped;
            $figures[] = ['name' => 'scooped_l', 'low' => $scooped / $yield[1], 'high' => $scooped / $yield[0]];
            $cost = $setup->situation === null ? null : (new Supply($setup, $setup->situation))->costPerPot();
            if ($cost !== null) {
                $figures[] = ['name' => 'cost', 'low' => $cost * $setup->substrate->yield / $yield[1], 'high' => $cost * $setup->substrate->yield / $yield[0]];
            }
        }

        return ['figures' => $figures, 'draws' => count($draws->of['air'] ?? [])];
    }
}
