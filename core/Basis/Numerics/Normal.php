<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * Quantiles of the standard normal distribution: z with P(Z < z) = p.
 *
 *     q = p - 1/2;  |q| <= 0.425: r = 0.180625 - q^2, z = q A(r)/B(r);  else r = sqrt(-ln min(p, 1 - p)) - 1.6, z = sign(q) C(r)/D(r)
 *
 * Relative error 1e-15. Source: M. J. Wichura, Algorithm AS 241 (PPND16), Applied Statistics 37 (1988) 477-484, whose third branch begins beyond what is told apart
 * here. Check: 0.975 is 1.959963985; 0.5 is 0; 1e-9 is -5.997807015.
 */
final class Normal
{
    /** Nearer to 0 and 1 than this no draw is told apart. */
    private const FURTHEST = 1e-10;

    /** @param float $share 0 to 1 */
    public static function quantile(float $share): float
    {
        $q = $share - 0.5;
        if ($q >= -0.425 && $q <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * (((((((2509.0809287301226727 * $r + 33430.575583588128105) * $r + 67265.770927008700853) * $r + 45921.953931549871457) * $r + 13731.693765509461125) * $r
                + 1971.5909503065514427) * $r + 133.14166789178437745) * $r + 3.3871328727963666080)
                / (((((((5226.4952788528545610 * $r + 28729.085735721942674) * $r + 39307.895800092710610) * $r + 21213.794301586595867) * $r + 5394.1960214247511077) * $r
                + 687.18700749205790830) * $r + 42.313330701600911252) * $r + 1.0);
        }
        $r = sqrt(-log(max(self::FURTHEST, min($share, 1.0 - $share)))) - 1.6;
        $z = (((((((7.7454501427834140764e-4 * $r + 2.27238449892691845833e-2) * $r + 2.41780725177450611770e-1) * $r + 1.27045825245236838258) * $r + 3.64784832476320460504) * $r
            + 5.76949722146069140550) * $r + 4.63033784615654529590) * $r + 1.42343711074968357734)
            / (((((((1.05075007164441684324e-9 * $r + 5.47593808499534494600e-4) * $r + 1.51986665636164571966e-2) * $r + 1.48103976427480074590e-1) * $r + 6.89767334985100004550e-1) * $r
            + 1.67638483018380384940) * $r + 2.05319162663775882187) * $r + 1.0);

        return $q < 0.0 ? -$z : $z;
    }
}
