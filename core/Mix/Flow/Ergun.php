<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Flow;

/**
 * Loss of head in water flowing through a bed of grains: i = (Ae u + Be u^2) / (rho g), u superficial velocity in m/s.
 *
 *     Ae = 150 mu (1-eps)^2 / (eps^3 (psi d)^2)      Be = 1.75 rho (1-eps) / (eps^3 psi d)
 *
 * d Sauter mean in m, eps inter-grain porosity, psi sphericity, mu 1.0e-3 Pa s, rho 998 kg/m3, g 9.81 m/s2.
 * Here in cm/s: i = linear u + quadratic u^2.
 * Source: S. Ergun, Chemical Engineering Progress 48 (1952) 89-94. Check: pumice 3-6 mm poured has flux 3.797117678 cm/s at i = 1.
 */
final readonly class Ergun
{
    private const VISCOSITY = 1.0e-3;
    private const WATER_DENSITY = 998.0;
    private const GRAVITY = 9.81;

    /** Head gradient per cm/s. */
    public float $linear;

    /** Head gradient per (cm/s)^2. */
    public float $quadratic;

    public function __construct(float $interPorosity, float $sauterMm, float $sphericity)
    {
        $size = $sphericity * $sauterMm / 1000.0;
        $solid = 1.0 - $interPorosity;
        $cubed = $interPorosity ** 3;
        $weight = self::WATER_DENSITY * self::GRAVITY;
        $this->linear = 150.0 * self::VISCOSITY * $solid * $solid / ($cubed * $size * $size) / $weight * 1e-2;
        $this->quadratic = 1.75 * self::WATER_DENSITY * $solid / ($cubed * $size) / $weight * 1e-4;
    }

    /** Superficial velocity in cm/s at a head gradient of 1: the saturated flux. */
    public function fluxCmS(): float
    {
        return self::velocity($this->linear, $this->quadratic, 1.0);
    }

    /** The velocity u >= 0 with linear u + quadratic u^2 = head. */
    public static function velocity(float $linear, float $quadratic, float $head): float
    {
        return 2.0 * $head / ($linear + sqrt($linear * $linear + 4.0 * $quadratic * $head));
    }
}
