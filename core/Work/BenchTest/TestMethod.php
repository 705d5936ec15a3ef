<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;

/** A test at the bench: how it goes, what its readings come to, and which properties of a component they replace. */
interface TestMethod
{
    public static function plan(): TestPlan;

    /** What complete readings come to. A reading that cannot be is refused at its path. */
    public static function reckon(Readings $readings, Refusals $refusals): Outcome;

    /**
     * The properties that the outcome replaces.
     *
     * @return list<MeasuredProperty>
     *
     * @throws Refused where the outcome contradicts what else is known of the component
     */
    public static function properties(Outcome $outcome, Readings $readings, Material $component): array;
}
