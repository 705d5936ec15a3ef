<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;

/**
 * Sieve analysis: shares of the mass on each sieve and in the pan. Loss = (before - sum of all) / before.
 *
 * A loss or gain above 2 % is refused unless a reason is given. Sieves in mm, masses in g. Source: EN 933-1; limits of model section 12.
 * Check: 200 g that come back as 198 g have lost 1 %.
 */
final class SieveAnalysis implements TestMethod
{
    public const MOST_LOSS = 0.02;
    /** Above this the readings cannot belong together, whatever the reason. */
    private const NEVER_LOSS = 0.5;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['sieves', 'kitchen_scale', 'brush'],
            25,
            0,
            2,
            [Reading::apertures()],
            [Reading::mass('before_g', 1), Reading::retained()],
            [new Step('dry', ['apertures']), new Step('weigh', [], ['before_g']), new Step('shake', waitS: 5 * 60), new Step('weigh_each', [], ['retained'])],
            ['dust'],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $doubts = [];
        foreach ($readings->complete() as $i => $round) {
            $loss = self::loss($round);
            if (abs($loss) > self::MOST_LOSS) {
                $doubts[] = new Refusal("rounds.$i.retained", $loss > 0.0 ? 'sieve_loss' : 'sieve_gain', round(100.0 * abs($loss), 2), ['max' => 100.0 * self::MOST_LOSS]);
            }
        }
        $outcome = Outcome::of(
            $readings->figure('d50_mm', static fn(Round $round): float => self::grading($round)->quantileMm(0.5), $refusals),
            $readings->figure('finer_than_1_mm', static fn(Round $round): float => self::grading($round)->passingAt(1.0), $refusals, 0.005),
        );

        return new Outcome($outcome->figures, $doubts);
    }

    /** Share of the mass that did not come back; below 0 where more came back than went in. */
    private static function loss(Round $round): float
    {
        return 1.0 - array_sum($round->retained) / $round->number('before_g');
    }

    /** @throws Refused where the masses cannot belong together */
    private static function grading(Round $round): Grading
    {
        if (abs(self::loss($round)) > self::NEVER_LOSS) {
            throw Refused::because('retained', 'sieve_masses', array_sum($round->retained), ['max' => $round->number('before_g')]);
        }
        try {
            return Grading::fromSieve($round->retained);
        } catch (Refused $refused) {
            throw Refused::because('retained', $refused->refusals[0]->rule, null, $refused->refusals[0]->limits);
        }
    }

    /**
     * Mean shares of the mass over the rounds that count.
     *
     * @return array<array-key, float> by aperture, and "pan"
     */
    public static function shares(Readings $readings): array
    {
        $shares = [];
        $rounds = array_filter($readings->complete(), static fn(Round $round): bool => ! $round->setAside);
        foreach ($rounds as $round) {
            $total = array_sum($round->retained);
            foreach ($round->retained as $aperture => $mass) {
                $shares[$aperture] = ($shares[$aperture] ?? 0.0) + $mass / $total / count($rounds);
            }
        }

        return $shares;
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        $median = $outcome->figures[0];

        return [new MeasuredProperty('sieve', $median->mean, $median->uncertainty, $median->n, self::shares($readings))];
    }
}
