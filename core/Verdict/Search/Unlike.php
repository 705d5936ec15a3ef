<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/**
 * How unlike two recipes are: in what is scooped, and in what comes of it.
 *
 *     parts      half the sum of |share - other share|, the litres of ten that are something else, 0..1
 *     behaviour  largest of |air| / 0.06, |ln water| / 0.2, |ln weight| / 0.15, |ln cost| / 0.25
 *
 * Really different are two of which a fifth is something else, and of which a grower would tell one figure apart. Source: the margin of air; the rest are starting
 * figures. Check: 5:5 and 6:4 of two stones are neighbours, of equal figures they are alike however far their parts are.
 */
final class Unlike
{
    private const PARTS = 0.2;
    private const BEHAVIOUR = 0.5;
    private const AIR = 0.06;
    private const WATER = 0.2;
    private const WEIGHT = 0.15;
    private const COST = 0.25;

    public static function isNear(Candidate $a, Candidate $b): bool
    {
        return self::inParts($a, $b) < self::PARTS - 1e-9 || self::inBehaviour($a, $b) < self::BEHAVIOUR;
    }

    /** Larger for less alike. */
    public static function distance(Candidate $a, Candidate $b): float
    {
        return self::inParts($a, $b) / self::PARTS + self::inBehaviour($a, $b) / self::BEHAVIOUR;
    }

    /** 0..1. */
    public static function inParts(Candidate $a, Candidate $b): float
    {
        return Ratio::apart($a->shares(), $b->shares());
    }

    public static function inBehaviour(Candidate $a, Candidate $b): float
    {
        return max(
            abs($a->glimpse->air - $b->glimpse->air) / self::AIR,
            self::ratio($a->glimpse->reachL, $b->glimpse->reachL) / self::WATER,
            self::ratio($a->glimpse->wetKg, $b->glimpse->wetKg) / self::WEIGHT,
            $a->cost === null || $b->cost === null ? 0.0 : self::ratio($a->cost, $b->cost) / self::COST,
        );
    }

    private static function ratio(float $a, float $b): float
    {
        return abs(log(max(1e-6, $a) / max(1e-6, $b)));
    }
}
