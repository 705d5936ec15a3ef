<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Watering;

/** How water comes to a pot. */
enum WateringMethod: string
{
    case Can = 'can';
    case Hose = 'hose';
    case Drip = 'drip';
    case Dunk = 'dunk';

    /**
     * Share of floating grains at the surface that it carries over the rim: a drip moves none, a rose some, a jet most, and a dunked pot
     * lets go of all. Starting figures of practice.
     */
    public function carriesOff(): float
    {
        return match ($this) {
            self::Drip => 0.05,
            self::Can => 0.35,
            self::Hose => 0.8,
            self::Dunk => 1.0,
        };
    }
}
