<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Chemistry;

/**
 * What an electrical conductivity says of salts: of a slurry of one part of mix in two of soft water, and of the water given, mS/cm at 25 degC.
 *
 *     slurry 1:2   to 0.75 low, to 1.75 usual, to 2.25 high, above harmful       water   to 0.7 low, to 3.0 high, above harmful
 *
 * A note, never a verdict: leach, feed less, repot. Source: usual interpretation of 1:2 extracts in greenhouse practice; R. S. Ayers and D. W. Westcot, FAO Irrigation and
 * Drainage Paper 29 (1985), table 1. Check: a slurry of 1.0 is usual, water of 1.0 high.
 */
enum Salts: string
{
    case Low = 'low';
    case Usual = 'usual';
    case High = 'high';
    case Harmful = 'harmful';

    public static function inSlurry(float $ecMsCm): self
    {
        return match (true) {
            $ecMsCm <= 0.75 => self::Low,
            $ecMsCm <= 1.75 => self::Usual,
            $ecMsCm <= 2.25 => self::High,
            default => self::Harmful,
        };
    }

    public static function inWater(float $ecMsCm): self
    {
        return match (true) {
            $ecMsCm <= 0.7 => self::Low,
            $ecMsCm <= 3.0 => self::High,
            default => self::Harmful,
        };
    }

    public function asksForAction(): bool
    {
        return $this === self::High || $this === self::Harmful;
    }
}
