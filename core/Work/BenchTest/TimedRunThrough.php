<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Material\Material;

/**
 * Seconds in which 2 cm of water run through a wet pot. Compared with what the model gives for that pot; it replaces no property,
 * for how much air was trapped is of the day. Source: model section 6. Check: three times 20, 22 and 24 s: 22 s, u 1.155 s.
 */
final class TimedRunThrough implements TestMethod
{
    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['flower_pot', 'jug', 'watch'],
            10,
            0,
            3,
            [],
            [Reading::number('seconds', 's', 0.2, 86_400)],
            [new Step('wet'), new Step('pour', [], ['seconds'])],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        return Outcome::of($readings->figure('run_through_s', static fn(Round $round): float => $round->number('seconds'), $refusals));
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [];
    }
}
