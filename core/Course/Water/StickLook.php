<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

/** What a stick that was pushed in looks and feels like, by the suction at that depth. */
enum StickLook: string
{
    case Wet = 'wet';
    case Dark = 'dark';
    case Damp = 'damp';
    case Pale = 'pale';
    case Dry = 'dry';

    /** By the suction at that depth, cm. */
    public static function at(float $suctionCm, float $limitCm): self
    {
        foreach (self::cases() as $look) {
            if ($suctionCm < $look->between($limitCm)[1]) {
                return $look;
            }
        }

        return self::Dry;
    }

    /** @return array{float, float} suctions in cm from which on, and up to which, it looks so: starting figures, the last one the plant's own limit; INF for as dry as can be */
    public function between(float $limitCm): array
    {
        $pale = max(31.0, 0.6 * $limitCm);

        return match ($this) {
            self::Wet => [0.0, min(8.0, $limitCm)],
            self::Dark => [min(8.0, $limitCm), min(30.0, $limitCm)],
            self::Damp => [min(30.0, $limitCm), min($pale, $limitCm)],
            self::Pale => [min($pale, $limitCm), $limitCm],
            self::Dry => [$limitCm, INF],
        };
    }
}
