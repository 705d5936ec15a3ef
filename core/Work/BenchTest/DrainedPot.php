<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\DrainedColumn;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * Water and air of a pot after free drainage: saturated water = added / V, air = drained / V, water = (added - drained) / V, at the height of
 * that pot. Volumes of water in mL, or its mass in g, which differs by 0.2 %; V of dry material in L, filled to a height in cm into straight walls.
 *
 * From it follow, for a component, ws = (saturated - eps) / phi, and the grain size that its pores behave like: the one for which the
 * model gives the measured air in that column. Source: porometer method for container media (W. C. Fonteno, in Water, Media and
 * Nutrition for Greenhouse Crops, 1996). Check: 2 L of dry mix take 1300 mL and give back 420 mL: saturated 0.65, air 0.21, water 0.44.
 */
final class DrainedPot implements TestMethod
{
    private const SIZES_MM = [0.02, 40.0];

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['flower_pot', 'measuring_cylinder', 'tray', 'tape'],
            20,
            60,
            2,
            [
                Reading::number('filled_l', 'L', 0.1, 200),
                Reading::number('height_cm', 'cm', 1, 100),
                Reading::choice('packing', ['settled', 'worked_in', 'poured']),
            ],
            [Reading::number('added_ml', 'mL', 1, 200_000, InstrumentKind::Scale), Reading::number('drained_ml', 'mL', 0, 200_000, InstrumentKind::Scale)],
            [
                new Step('stop'),
                new Step('fill', ['filled_l', 'height_cm', 'packing']),
                new Step('flood', [], ['added_ml'], 30 * 60),
                new Step('drain', [], ['drained_ml'], 30 * 60),
            ],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $volume = $readings->number('filled_l') * 1000.0;

        return Outcome::of(
            $readings->figure('air', static fn(Round $round): float => self::drained($round, $volume) / $volume, $refusals, 0.01),
            $readings->figure('water', static fn(Round $round): float => ($round->number('added_ml') - $round->number('drained_ml')) / $volume, $refusals, 0.01),
            $readings->figure('saturated_water', static fn(Round $round): float => $round->number('added_ml') / $volume, $refusals, 0.01),
        );
    }

    /** @throws Refused where more runs out than was poured in, or more went in than there is room */
    private static function drained(Round $round, float $volumeMl): float
    {
        [$added, $drained] = [$round->number('added_ml'), $round->number('drained_ml')];
        if ($drained > $added) {
            throw Refused::because('drained_ml', 'drained_above_added', $drained, ['max' => $added]);
        }
        if ($added >= $volumeMl) {
            throw Refused::because('added_ml', 'porosity_over_one', $added, ['max' => $volumeMl]);
        }

        return $drained;
    }

    /** K of how it was filled; null where it was watered in and lies as it settles. */
    public static function compactionIndex(Readings $readings): ?float
    {
        return match ($readings->choice('packing')) {
            'poured' => CompressiblePacking::POURED,
            'worked_in' => CompressiblePacking::WORKED_IN,
            default => null,
        };
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        [$air, , $saturated] = $outcome->figures;
        $index = self::compactionIndex($readings);
        $height = $readings->number('height_cm');
        $soaked = MeasuredProperty::following('internal_water', $saturated, static fn(float $share): float => self::soaked($component, $index, $share));
        $wet = $component->with(internalWater: $soaked->value, unavailableWater: min($component->unavailableWater, $soaked->value));

        return [
            $soaked,
            MeasuredProperty::following('hydraulic_size_mm', $air, static fn(float $share): float => self::sizeFor($wet, $index, $height, $share)),
        ];
    }

    /** ws that the saturated water asks for, within what the pores of the grains can hold. */
    private static function soaked(Material $component, ?float $index, float $saturated): float
    {
        $packing = (new Substrate(new Blend([[$component, 1.0]]), $index))->packingDensity;
        $pores = 1.0 - $component->particleDensity / $component->solidDensity;

        return max(0.0, min($pores, ($saturated - (1.0 - $packing)) / $packing));
    }

    /** The size, by bisection on its logarithm, for which the model gives an air share: air grows with it. */
    private static function sizeFor(Material $component, ?float $index, float $heightCm, float $air): float
    {
        $airAt = static fn(float $sizeMm): float => (new DrainedColumn(new Substrate(new Blend([[$component->with(hydraulicSizeMm: $sizeMm), 1.0]]), $index), $heightCm))->air;
        [$low, $high] = self::SIZES_MM;
        [$least, $most] = [$airAt($low), $airAt($high)];
        if ($air < $least || $air > $most) {
            throw Refused::because('rounds', 'air_out_of_reach', $air, ['min' => $least, 'max' => $most]);
        }
        for ($step = 0; $step < 60; ++$step) {
            $middle = sqrt($low * $high);
            if ($airAt($middle) < $air) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return sqrt($low * $high);
    }
}
