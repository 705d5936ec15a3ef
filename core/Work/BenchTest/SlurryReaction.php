<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Chemistry\Salts;
use Zolbek\Core\Mix\Material\Material;

/**
 * pH and electrical conductivity of a slurry, one volume of substrate to two of rain or distilled water; the mean of three.
 *
 * pH by pen is uncertain by at least 0.1, by colour strip by 0.3; EC in mS/cm. Source: 1:2 volume extract, as in D. Warncke and D. Krauskopf, Greenhouse Growth Media
 * (1983). Check: 5.9, 6.0 and 6.1: 6.0, u 0.1.
 */
final class SlurryReaction implements TestMethod
{
    private const BY_STRIP = 0.3;
    private const BY_PEN = 0.1;

    public static function plan(): TestPlan
    {
        return new TestPlan(
            ['jug', 'soft_water', 'pen_or_strip'],
            15,
            30,
            3,
            [Reading::choice('method', ['pen', 'strip']), Reading::number('temperature_c', '°C', 0, 60, InstrumentKind::TemperatureProbe, true)],
            [Reading::number('ph', 'pH', 0, 14, InstrumentKind::ReactionPen), Reading::number('ec_ms_cm', 'mS/cm', 0, 200, InstrumentKind::ReactionPen, true)],
            [new Step('mix', ['method'], waitS: 30 * 60), new Step('warmth', ['temperature_c']), new Step('dip', [], ['ph', 'ec_ms_cm'])],
        );
    }

    public static function reckon(Readings $readings, Refusals $refusals): Outcome
    {
        $ec = $readings->figure('ec_ms_cm', static fn(Round $round): ?float => $round->has('ec_ms_cm') ? $round->number('ec_ms_cm') : null, $refusals);
        $figures = Outcome::of(
            $readings->figure('ph', static fn(Round $round): float => $round->number('ph'), $refusals, $readings->choice('method') === 'strip' ? self::BY_STRIP : self::BY_PEN),
            $ec,
        )->figures;

        return new Outcome($figures, [], $ec === null ? [] : ['salts' => Salts::inSlurry($ec->mean)->value]);
    }

    public static function properties(Outcome $outcome, Readings $readings, Material $component): array
    {
        return [MeasuredProperty::of('ph', $outcome->figures[0])];
    }
}
