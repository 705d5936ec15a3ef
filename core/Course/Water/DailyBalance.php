<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * The water in a pot from day to day: rain and irrigation enter, what is over W(0) drains, and use slows below the limit at which the plant begins to suffer.
 *
 *     use(W) = full use                                             for W >= W(limit)
 *     use(W) = full use (W - W(15000)) / (W(limit) - W(15000))      below
 *
 * Litres and L/day; a day is taken in hours. Source: FAO Irrigation and Drainage Paper 56 (1998), equation 84 (stress coefficient).
 * Check: without rain or watering the water never falls below W(15000), and what enters equals what is used, drained and left.
 */
final class DailyBalance
{
    public float $usedL = 0.0;
    public float $drainedL = 0.0;
    public float $enteredL = 0.0;

    /** Days, in part, on which the plant wanted more than it got. */
    public float $shortDays = 0.0;

    public function __construct(public float $waterL, private readonly float $fullL, private readonly float $limitL, private readonly float $lockedL) {}

    /** One hour with so much water entering it and so much wanted. */
    public function hour(float $enteringL, float $wantedL): void
    {
        $this->enteredL += $enteringL;
        $this->waterL += $enteringL;
        $over = max(0.0, $this->waterL - $this->fullL);
        $this->drainedL += $over;
        $this->waterL -= $over;
        $room = max(1e-12, $this->limitL - $this->lockedL);
        $eased = $this->waterL >= $this->limitL ? 1.0 : max(0.0, ($this->waterL - $this->lockedL) / $room);
        if ($eased < 1.0) {
            $this->shortDays += 1.0 / 24.0;
        }
        $used = min($wantedL * $eased, max(0.0, $this->waterL - $this->lockedL));
        $this->usedL += $used;
        $this->waterL -= $used;
    }

    /**
     * So many days of the same weather and habit.
     *
     * @param float $everyH hours between waterings
     * @param float $refill share of what is missing that a watering restores
     */
    public function run(int $days, float $useLDay, float $everyH, float $rainLDay = 0.0, float $refill = ModelConstants::REFILL): void
    {
        $since = 0.0;
        for ($hour = 0; $hour < 24 * $days; ++$hour) {
            $watered = 0.0;
            if ($since >= $everyH) {
                $watered = $refill * max(0.0, $this->fullL - $this->waterL);
                $since = 0.0;
            }
            $this->hour($watered + $rainLDay / 24.0, $useLDay / 24.0);
            ++$since;
        }
    }
}
