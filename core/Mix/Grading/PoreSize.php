<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Grading;

/**
 * The grain size that the pores of one graded material behave like, mm: a power mean of its size classes that counts fines by how they lie.
 *
 *     d = (sum y_k d_k^(-2c))^(-1/(2c)), for |c| < 1e-9 exp(sum y_k ln d_k)
 *
 * y_k share of class k, d_k its size in mm, c the fines weight: 0.5 (the Sauter mean) where fines lie free and hold water by their surface, less where
 * they stick in crumbs and between flakes; about exp(mean ln d - c Var ln d) for lognormal gradings. Source: model revision (a), set to graded bark
 * (F. A. Pokorny, Proceedings of the International Plant Propagators' Society 29 (1979) 484-495). Check: fine composted bark, c 0: 3.062908436 mm; garden
 * compost, c -0.25: 1.524602802 mm.
 */
final class PoreSize
{
    private const NOTHING = 1e-9;

    /** @param non-empty-list<float> $classShares summing to 1 */
    public static function mm(array $classShares, float $finesWeight): float
    {
        if ($finesWeight === 0.5) {
            return self::sauterMm($classShares);
        }
        $sum = 0.0;
        if (abs($finesWeight) < self::NOTHING) {
            foreach ($classShares as $k => $share) {
                $sum += $share * SizeClasses::LN_SIZES[$k];
            }

            return exp($sum);
        }
        foreach ($classShares as $k => $share) {
            $sum += $share > 0.0 ? $share * exp(-2.0 * $finesWeight * SizeClasses::LN_SIZES[$k]) : 0.0;
        }

        return $sum ** (-0.5 / $finesWeight);
    }

    /** @param non-empty-list<float> $classShares summing to 1 */
    public static function sauterMm(array $classShares): float
    {
        $inverse = 0.0;
        foreach ($classShares as $k => $share) {
            $inverse += $share / SizeClasses::SIZES_MM[$k];
        }

        return 1.0 / $inverse;
    }
}
