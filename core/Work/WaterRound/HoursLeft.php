<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\WaterRound;

use Zolbek\Core\Course\Water\PotLitres;

/**
 * Hours until a plant begins to suffer, without rain.
 *
 *     where W - W(limit) <= D_i: 24 (i + max(0, W - W(limit))/D_i), i from 0 (D_i = 0 then: 0);  else W -= D_i and on;  none within the horizon: null
 *
 * Litres, L/day, the first day from now. Source: the season model, section 5. Check: 0.9 L of a pot whose limit is 0.6, 0.2, 0.25 and 0.3 L a day: 33.6 h.
 */
final class HoursLeft
{
    /** @param list<float> $demands of the days to come */
    public static function of(PotLitres $pot, float $waterL, array $demands): ?float
    {
        foreach ($demands as $i => $demand) {
            $easy = $waterL - $pot->limitL;
            if ($easy <= $demand) {
                return $demand > 0.0 ? 24.0 * ($i + max(0.0, $easy) / $demand) : 24.0 * $i;
            }
            $waterL -= $demand;
        }

        return null;
    }
}
