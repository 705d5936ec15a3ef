<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

use Zolbek\Core\Container\Pot;
use Zolbek\Core\Numerics\Erfc;
use Zolbek\Core\Watering\Climate;

/**
 * How often in a year a pot freezes through and thaws again.
 *
 *     F = sum over months  days * P(day > 0) * P(night < 0) * min(1, DH / DH0)
 *     P(night < 0) = cdf(-tmin/4.5),  P(day > 0) = 1 - cdf(-tmax/4.5)         nights and days spread by 4.5 K about the means of the month
 *     DH  = 8 h * E max(0, -T) / P(night < 0),  E max(0, -T) = 4.5 pdf(tmin/4.5) - tmin cdf(-tmin/4.5)      K h of a freezing night
 *     DH0 = 334000 W / (36000 A)      K h that freeze W kg of water through A m2 of outer surface at 10 W/m2/K, latent heat 334 kJ/kg
 *
 * A month with P(night < 0) <= 1e-9 is skipped. A = open soil + floor (of a bowl at 1 cm) + wall, m2. Source: model revision (b); heat balance.
 * Check: a hill site of 56 cycles for 1.407091048 kg of water behind 0.1681440064 m2: 55.76028133.
 */
final class FrostCycles
{
    private const SPREAD_K = 4.5;
    private const NIGHT_H = 8.0;
    private const LATENT_J_KG = 334_000.0;
    /** 10 W/m2/K over an hour. */
    private const J_M2_K_H = 36_000.0;
    private const NEVER = 1e-9;

    public static function aYear(Climate $climate, float $waterKg, float $surfaceM2): float
    {
        $through = self::LATENT_J_KG * $waterKg / (self::J_M2_K_H * $surfaceM2);
        $cycles = 0.0;
        foreach ($climate->months as $i => $month) {
            $night = Climate::below(0.0, $month->tMin);
            if ($night <= self::NEVER) {
                continue;
            }
            $z = $month->tMin / self::SPREAD_K;
            $cold = self::SPREAD_K * exp(-$z * $z / 2.0) / sqrt(2.0 * M_PI) - $month->tMin * Erfc::of($z / M_SQRT2) / 2.0;
            $hours = self::NIGHT_H * $cold / $night;
            $cycles += $climate->daysIn($i) * (1.0 - Climate::below(0.0, $month->tMax)) * $night * ($through > 0.0 ? min(1.0, $hours / $through) : 1.0);
        }

        return $cycles;
    }

    /**
     * Surface of a pot that cold comes through, filled to a level in cm; m2.
     *
     * Check: oval tray 34 x 26 over 30 x 22 cm, filled to 5.7 cm: 0.1681440064.
     */
    public static function surfaceM2(Pot $pot, float $levelCm): float
    {
        return ($pot->areaCm2($levelCm) + $pot->floorCm2() + $pot->wallCm2($levelCm)) / 1e4;
    }
}
