<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

/**
 * The hours between two waterings of one pot, taught by taps: "water" after t hours, or "wait" after t hours.
 *
 *     water at t    interval = interval + (t - interval)/2           wait at t >= interval    interval = 1.15 t
 *
 * It starts from what is computed and stays within a quarter and four times of it. Source: practice; half and 15 % are starting figures.
 * Check: computed 48 h, watered after 24 h: 36 h; then told to wait at 40 h: 46 h.
 */
final readonly class LearnedInterval
{
    private const LONGER = 1.15;
    private const MOST_FOLD = 4.0;

    public float $hours;
    public int $taps;

    /** @param list<array{verdict: string, hours: float}> $taps oldest first; hours since the watering before */
    public function __construct(public float $computedH, array $taps)
    {
        $hours = $computedH;
        foreach ($taps as ['verdict' => $verdict, 'hours' => $since]) {
            if ($verdict === 'water') {
                $hours += ($since - $hours) / 2.0;
            } elseif ($since >= $hours) {
                $hours = self::LONGER * $since;
            }
            $hours = max($computedH / self::MOST_FOLD, min($computedH * self::MOST_FOLD, $hours));
        }
        $this->hours = $hours;
        $this->taps = count($taps);
    }
}
