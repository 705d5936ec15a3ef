<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Preparation\Screening;

/**
 * How fast grains crumble: fines gained per cycle of freezing and thawing, or of shaking, from grains screened on a sieve.
 *
 *     fines = fines_g / start_g;  crumble_rate is the one for which the population balance gains those fines in cycles / 20 years
 *
 * Source: twenty frost cycles do what a year does (model section 8); a shaking of ten minutes counts as one cycle, which is rougher.
 * Check: clay granule 2-6 mm with crumble_rate 0.1: the fines that it gains below 1 mm in 20 cycles give back 0.1.
 */
final class Crumble implements TestMethod
{
    private const CYCLES_A_YEAR = 20.0;
    private const FASTEST = 100.0;
    /** Least uncertainty of the fines gained. */
    private const BY_SHAKING = 0.01;
    private const BY_FROST = 0.003;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['sieves', 'kitchen_scale', 'freezer_or_jar'],
            30,
            10 * 24 * 60,
            2,
            [Reading::choice('method', ['freeze', 'shake']), Reading::number('cycles', 'cycles', 2, 200), Reading::number('sieve_mm', 'mm', 0.1, 20)],
            [Reading::mass('start_g', 1), Reading::mass('fines_g', 0)],
            [
                new Step('screen', ['sieve_mm'], ['start_g']),
                new Step('cycles', ['method', 'cycles'], waitS: 24 * 3600),
                new Step('screen_again', [], ['fines_g']),
            ],
            ['dust'],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of($readings->figure(
            'fines_gained',
            static fn(Round $round): float => $round->share('fines_g', 'start_g'),
            $refusals,
            $readings->choice('method') === 'shake' ? self::BY_SHAKING : self::BY_FROST,
        ));
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        $sieve = $readings->number('sieve_mm');
        $grains = Screening::between($component, $sieve)->component;
        $years = max(1.0, round(12.0 * $readings->number('cycles') / self::CYCLES_A_YEAR)) / 12.0;

        return [MeasuredProperty::following('crumble_rate', $outcome->figures[0], static fn(float $fines): float => self::rateFor($grains, $years, $sieve, $fines))];
    }

    /** Share of the mass finer than the sieve after some years at a rate; in a jar nothing is washed out. */
    public static function finesAfter(Material $grains, float $rate, float $years, float $sieveMm): float
    {
        return Grading::fromClassShares(Attrition::of($grains->with(crumbleRate: $rate), $years, new WashOut(1.0), new AgeingClimate(washOutPace: 0.0))->shares)->passingAt($sieveMm);
    }

    private static function rateFor(Material $grains, float $years, float $sieveMm, float $fines): float
    {
        if ($fines <= self::finesAfter($grains, 0.0, $years, $sieveMm)) {
            return 0.0;
        }
        [$low, $high] = [0.0, self::FASTEST];
        $most = self::finesAfter($grains, $high, $years, $sieveMm);
        if ($fines > $most) {
            throw Refused::because('rounds', 'fines_out_of_reach', $fines, ['max' => $most]);
        }
        for ($step = 0; $step < 60; ++$step) {
            $middle = ($low + $high) / 2.0;
            if (self::finesAfter($grains, $middle, $years, $sieveMm) < $fines) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }
}
