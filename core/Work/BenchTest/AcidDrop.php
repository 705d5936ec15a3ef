<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Material\Material;

/**
 * Lime by a drop of vinegar or dilute acid: none, weak or strong fizz. The strongest of the rounds stands, for one limy grain in three is lime
 * in the pot. A finding, no figure. Source: field test for carbonates (FAO Guidelines for Soil Description, 4th ed., 2006).
 * Check: none, none, weak: weak.
 */
final class AcidDrop implements TestMethod
{
    private const FIZZ = ['none', 'weak', 'strong'];

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['vinegar', 'saucer'],
            5,
            0,
            3,
            [],
            [Reading::choice('fizz', self::FIZZ)],
            [new Step('crush'), new Step('drop', [], ['fizz'])],
            ['acid'],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $strongest = 0;
        foreach ($readings->complete() as $round) {
            if (! $round->setAside) {
                $strongest = max($strongest, (int) array_search($round->choices['fizz'], self::FIZZ, true));
            }
        }

        return new Outcome([], [], ['lime' => self::FIZZ[$strongest]]);
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [];
    }
}
