<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Packing;

use Zolbek\Core\Basis\Input\Refused;

/**
 * Residual packing beta of a component: the one value, equal in all its size classes, for which the compressible packing
 * model returns the component's own loose packing rb/re at K = 4.1.
 *
 * 0.01 < beta < 1. Source: de Larrard (1999), section 1.2. Check: lava 3-6 mm 0.5900001559, peat 0.3835401888.
 */
final class ResidualPacking
{
    private const LEAST = 0.01;
    private const MOST = 1.0;

    /**
     * @param list<float> $classShares     22 class shares, summing to 1
     * @param float       $bulkDensity     rb, loose and dry, kg/L
     * @param float       $particleDensity re, kg/L
     *
     * @throws Refused field "bulk_density" with the limits that this grading can pack to
     */
    public static function of(array $classShares, float $bulkDensity, float $particleDensity): float
    {
        $wanted = $bulkDensity / $particleDensity;
        $loosest = CompressiblePacking::uniform(self::LEAST, $classShares, CompressiblePacking::POURED);
        $densest = CompressiblePacking::uniform(self::MOST, $classShares, CompressiblePacking::POURED);
        if (! ($wanted > $loosest && $wanted < $densest)) {
            throw Refused::because('bulk_density', 'bulk_density_packing', $bulkDensity, [
                'min' => $loosest * $particleDensity,
                'max' => $densest * $particleDensity,
            ]);
        }

        return self::solve($classShares, $wanted, self::LEAST, self::MOST);
    }

    /**
     * Secant steps on phi(beta), kept between bounds that close in: phi rises with beta.
     *
     * @param list<float> $classShares
     */
    private static function solve(array $classShares, float $wanted, float $low, float $high): float
    {
        $beta = min(0.98, $wanted * 1.12);
        $before = $low;
        $offBefore = CompressiblePacking::uniform($low, $classShares, CompressiblePacking::POURED) - $wanted;
        for ($step = 0; $step < 100; ++$step) {
            $off = CompressiblePacking::uniform($beta, $classShares, CompressiblePacking::POURED) - $wanted;
            if (abs($off) < 1e-15 || $high - $low < 1e-15) {
                return $beta;
            }
            if ($off > 0.0) {
                $high = $beta;
            } else {
                $low = $beta;
            }
            $next = $off === $offBefore ? NAN : $beta - $off * ($beta - $before) / ($off - $offBefore);
            [$before, $offBefore] = [$beta, $off];
            $beta = $next > $low && $next < $high ? $next : ($low + $high) / 2.0;
            if (abs($beta - $before) < 1e-16) {
                return $beta;
            }
        }

        return $beta;
    }
}
