<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/** What a plant is potted for now, and how that shifts what its group wants. */
enum Purpose: string
{
    case GrowOn = 'grow_on';
    case Recover = 'recover';
    case NewlyCollected = 'newly_collected';
    case Layer = 'layer';
    case StopGap = 'stop_gap';
    case Refine = 'refine';
    case Display = 'display';

    /** Recover, newly collected, layer or cutting: more air; shares of bulk volume. */
    public function moreAir(): float
    {
        return match ($this) {
            self::Recover, self::NewlyCollected, self::Layer => 0.04,
            default => 0.0,
        };
    }

    /** A stop-gap may be further off: its margins count double. */
    public function marginFactor(): float
    {
        return $this === self::StopGap ? 2.0 : 1.0;
    }

    /** Share of the usual years that it is meant to stand in this mix. */
    public function yearsFactor(): float
    {
        return match ($this) {
            self::Recover, self::NewlyCollected => 0.75,
            self::Layer, self::StopGap => 0.5,
            default => 1.0,
        };
    }
}
