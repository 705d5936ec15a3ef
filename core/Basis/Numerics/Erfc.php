<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * The complementary error function, erfc x = 2/sqrt(pi) * integral from x to infinity of exp(-t^2) dt, and its inverse.
 *
 * Source: rational Chebyshev approximations of W. J. Cody, Mathematics of Computation 23 (1969) 631-637; relative error below 1e-15.
 * Check: erfc(0.7) = 0.322198806, erfc(3.2) = 6.02576115e-6, erfc(-0.3) = 1.328626759.
 */
final class Erfc
{
    private const ONE_OVER_ROOT_PI = 0.56418958354775628695;

    public static function of(float $x): float
    {
        $y = $x < 0.0 ? -$x : $x;
        if ($y <= 0.46875) {
            return 1.0 - self::erfNearZero($x);
        }
        $tail = $y <= 4.0 ? self::middle($y) : ($y < 26.6 ? self::far($y) : 0.0);

        return $x < 0.0 ? 2.0 - $tail : $tail;
    }

    /**
     * The x with erfc x = $value. Winitzki's closed form, made exact by Halley steps.
     *
     * @param float $value above 0 and below 2
     */
    public static function inverse(float $value): float
    {
        if ($value > 1.0) {
            return -self::inverse(2.0 - $value);
        }
        $log = log($value * (2.0 - $value));
        $half = 2.0 / (M_PI * 0.147) + $log / 2.0;
        $x = sqrt(max(0.0, sqrt($half * $half - $log / 0.147) - $half));
        for ($step = 0; $step < 4; ++$step) {
            $off = (self::of($x) - $value) / (2.0 * self::ONE_OVER_ROOT_PI * exp(-$x * $x));
            $x += $off / (1.0 - $x * $off);
        }

        return $x;
    }

    private static function erfNearZero(float $x): float
    {
        $s = $x * $x;
        $over = (((1.85777706184603153e-1 * $s + 3.16112374387056560e00) * $s + 1.13864154151050156e02) * $s + 3.77485237685302021e02) * $s + 3.20937758913846947e03;
        $under = ((($s + 2.36012909523441209e01) * $s + 2.44024637934444173e02) * $s + 1.28261652607737228e03) * $s + 2.84423683343917062e03;

        return $x * $over / $under;
    }

    private static function middle(float $y): float
    {
        $over = (((((((2.15311535474403846e-8 * $y + 5.64188496988670089e-1) * $y + 8.88314979438837594e00) * $y + 6.61191906371416295e01) * $y + 2.98635138197400131e02) * $y + 8.81952221241769090e02) * $y + 1.71204761263407058e03) * $y + 2.05107837782607147e03) * $y + 1.23033935479799725e03;
        $under = ((((((($y + 1.57449261107098347e01) * $y + 1.17693950891312499e02) * $y + 5.37181101862009858e02) * $y + 1.62138957456669019e03) * $y + 3.29079923573345963e03) * $y + 4.36261909014324716e03) * $y + 3.43936767414372164e03) * $y + 1.23033935480374942e03;

        return exp(-$y * $y) * $over / $under;
    }

    private static function far(float $y): float
    {
        $s = 1.0 / ($y * $y);
        $over = ((((1.63153871373020978e-2 * $s + 3.05326634961232344e-1) * $s + 3.60344899949804439e-1) * $s + 1.25781726111229246e-1) * $s + 1.60837851487422766e-2) * $s + 6.58749161529837803e-4;
        $under = (((($s + 2.56852019228982242e00) * $s + 1.87295284992346725e00) * $s + 5.27905102951428412e-1) * $s + 6.05183413124413191e-2) * $s + 2.33520497626869185e-3;

        return exp(-$y * $y) * (self::ONE_OVER_ROOT_PI - $s * $over / $under) / $y;
    }
}
