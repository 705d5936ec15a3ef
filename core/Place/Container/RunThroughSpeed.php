<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * How growers call the time in which 2 cm of water run through: to 15 s fast, to 45 s free, to 120 s slow, more stagnant.
 *
 * Source: model section 6. Check: 11.9 s is fast, 45 s free.
 */
enum RunThroughSpeed: string
{
    case Fast = 'fast';
    case Free = 'free';
    case Slow = 'slow';
    case Stagnant = 'stagnant';

    public const FAST_S = 15.0;
    public const FREE_S = 45.0;
    public const SLOW_S = 120.0;

    public static function of(float $seconds): self
    {
        return match (true) {
            $seconds <= self::FAST_S => self::Fast,
            $seconds <= self::FREE_S => self::Free,
            $seconds <= self::SLOW_S => self::Slow,
            default => self::Stagnant,
        };
    }
}
