<?php

declare(strict_types=1);

namespace Zolbek\Core\BenchTest;

use Zolbek\Core\Component\Component;
use Zolbek\Core\Input\Refusals;

/** A test at the bench: how it goes, what its readings come to, and which properties of a component they replace. */
interface BenchTest
{
    public static function plan(): TestPlan;

    /** What complete readings come to. A reading that cannot be is refused at its path. */
    public static function reckon(Readings $readings, Refusals $refusals): Outcome;

    /**
     * The properties that the outcome replaces.
     *
     * @return list<MeasuredProperty>
     *
     * @throws \Zolbek\Core\Input\Refused where the outcome contradicts what else is known of the component
     */
    public static function properties(Outcome $outcome, Readings $readings, Component $component): array;
}
