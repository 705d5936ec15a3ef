<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * How much a plant goes short in a hot spell, watered every so often by somebody who never fills it quite up.
 *
 *     while W > W(limit)   it uses what it wants: W falls by use t
 *     below                use (W - Wx) / (W(limit) - Wx), so W = Wx + (W - Wx) exp(-use t / (W(limit) - Wx)), Wx = W(15000)
 *     a watering           W = W_end + 0.85 (W(0) - W_end), over and over until nothing changes
 *     drought = max(0, 1 - (W_start - W_end) / (use T))        share of what it wants that it does not get
 *     Ks = (W_end - Wx) / (W(limit) - Wx), at most 1           how far it has shut when water comes
 *     interval = 0.85 (W(0) - W(limit)) / use, 0 to 8760 h
 *
 * Litres, L/day, days T. Source: FAO Irrigation and Drainage Paper 56 (1998), equation 84; model revision (e).
 * Check: W(0) 1.38, W(limit) 0.62, Wx 0.3, 0.97 L/day, daily: drought 0.1457230758, Ks 0.3284977337; interval 15.98350515 h.
 */
final readonly class Drought
{
    public const LONGEST_H = 8760.0;
    private const SETTLED = 1e-12;
    private const MOST_ROUNDS = 2000;

    /** 0..1. */
    public float $degree;

    /** Ks, 0..1. */
    public float $stillOpen;

    public float $intervalH;

    public function __construct(float $fullL, float $limitL, float $lockedL, float $useLDay, float $days, float $refill = ModelConstants::REFILL)
    {
        if ($useLDay <= 0.0) {
            [$this->degree, $this->stillOpen, $this->intervalH] = [0.0, 1.0, self::LONGEST_H];

            return;
        }
        $this->intervalH = min(self::LONGEST_H, max(0.0, 24.0 * $refill * ($fullL - $limitL) / $useLDay));
        $span = max(1e-12, $limitL - $lockedL);
        $end = $fullL;
        $start = $fullL;
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $start = $end + $refill * ($fullL - $end);
            $free = max(0.0, $start - $limitL);
            $after = $days - $free / $useLDay;
            $then = $after <= 0.0 ? $start - $useLDay * $days : $lockedL + (min($start, $limitL) - $lockedL) * exp(-$useLDay * $after / $span);
            $moved = abs($then - $end);
            $end = $then;
            if ($moved < self::SETTLED) {
                break;
            }
        }
        $start = $end + $refill * ($fullL - $end);
        $this->degree = max(0.0, 1.0 - ($start - $end) / ($useLDay * $days));
        $this->stillOpen = max(0.0, min(1.0, ($end - $lockedL) / $span));
    }
}
