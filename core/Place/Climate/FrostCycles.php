<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

use Zolbek\Core\Place\Container\Container;

/**
 * How often in a year a pot freezes through and thaws again.
 *
 *     F = sum over months  days of frost and thaw * min(1, DH / DH0),  DH frost of a freezing night, K h: see Climate
 *     DH0 = 334000 W / (36000 A)      K h that freeze W kg of water through A m2 of outer surface at 10 W/m2/K, latent heat 334 kJ/kg
 *
 * A = open soil + floor (of a bowl at 1 cm) + wall, m2. Source: model revision (b); heat balance.
 * Check: a hill site of 56 cycles for 1.407091048 kg of water behind 0.1681440064 m2: 55.76028133.
 */
final class FrostCycles
{
    private const LATENT_J_KG = 334_000.0;
    /** 10 W/m2/K over an hour. */
    private const J_M2_K_H = 36_000.0;

    public static function aYear(Climate $climate, float $waterKg, float $surfaceM2): float
    {
        $through = self::LATENT_J_KG * $waterKg / (self::J_M2_K_H * $surfaceM2);
        $cycles = 0.0;
        foreach ($climate->frosts as [$days, $kelvinHours]) {
            $cycles += $days * ($through > 0.0 ? min(1.0, $kelvinHours / $through) : 1.0);
        }

        return $cycles;
    }

    /**
     * Surface of a pot that cold comes through, filled to a level in cm; m2.
     *
     * Check: oval tray 34 x 26 over 30 x 22 cm, filled to 5.7 cm: 0.1681440064.
     */
    public static function surfaceM2(Container $pot, float $levelCm): float
    {
        return ($pot->areaCm2($levelCm) + $pot->floorCm2() + $pot->wallCm2($levelCm)) / 1e4;
    }
}
