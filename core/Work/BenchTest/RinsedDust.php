<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Material\Material;

/**
 * Dust by rinsing on a sieve: dust = 1 - m_after / m_before, dry masses in g.
 *
 * It replaces the grading at that sieve: P(s) = dust, P(d) = dust + (1 - dust) (P0(d) - P0(s)) / (1 - P0(s)) above it. Source: EN 933-1, washing.
 * Check: 200 g that come back as 190 g: 0.05.
 */
final class RinsedDust implements TestMethod
{
    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['sieves', 'kitchen_scale', 'hose'],
            15,
            24 * 60,
            2,
            [Reading::number('sieve_mm', 'mm', 0.05, 4)],
            [Reading::mass('before_g', 1), Reading::mass('after_g', 0)],
            [new Step('weigh', ['sieve_mm'], ['before_g']), new Step('rinse'), new Step('dry', waitS: 24 * 3600), new Step('weigh_again', [], ['after_g'])],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of($readings->figure('dust_share', static fn(Round $round): float => 1.0 - $round->share('after_g', 'before_g'), $refusals, 0.003));
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        $figure = $outcome->figures[0];
        $sieve = $component->grading->withPassing($readings->number('sieve_mm'), $figure->mean);

        return [new MeasuredProperty('sieve', $figure->mean, $figure->uncertainty, $figure->n, $sieve)];
    }
}
