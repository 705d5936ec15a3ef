<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

/**
 * Days, in part, of a spell of the same weather on which a plant wants more than it gets: water stands below the limit at which it begins to suffer.
 *
 *     rain each morning, a watering after every so many hours, both restore at most eta of what is missing; between them the exact step of PotLitres
 *     short of a time T at U litres a day:  max(0, T - max(0, W - W(limit))/U)
 *
 * Litres, L/day, hours. Source: FAO Irrigation and Drainage Paper 56 (1998), equation 84; the season model, section 2.
 * Check: a full pot of 0.4 L above its limit at 0.2 L a day, never watered, is short on 8 of 10 days.
 */
final readonly class SteadySpell
{
    public float $shortDays;

    /** Litres in it at the end. */
    public float $waterL;

    public function __construct(PotLitres $pot, int $days, float $useLDay, float $everyH, float $rainLDay = 0.0)
    {
        $water = $pot->fullL;
        $short = $now = 0.0;
        $nextRain = $rainLDay > 0.0 ? 0.0 : INF;
        $nextCan = $everyH / 24.0;
        while ($now < $days) {
            if ($now >= $nextRain) {
                $water += min($rainLDay, $pot->restoresL($water));
                ++$nextRain;
            }
            if ($now >= $nextCan) {
                $water += $pot->restoresL($water);
                $nextCan += $everyH / 24.0;
            }
            $until = min((float) $days, $nextRain, $nextCan);
            $time = $until - $now;
            $short += $useLDay > 0.0 ? max(0.0, $time - max(0.0, $water - $pot->limitL) / $useLDay) : ($water < $pot->limitL ? $time : 0.0);
            $water = $pot->after($water, $useLDay * $time);
            $now = $until;
        }
        $this->shortDays = $short;
        $this->waterL = $water;
    }
}
