<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Packing;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\SizeClasses;

/**
 * Compressible packing model: how densely grains of mixed sizes lie.
 *
 * For size classes with shares y_i of the grains' envelope volume and residual packings beta_i:
 *
 *     a(i,j) = sqrt(1 - (1 - d_j/d_i)^1.02)      finer j loosens i
 *     b(i,j) = 1 - (1 - d_i/d_j)^1.50            coarser j is a wall to i
 *     gamma_i = beta_i / (1 - sum_{j coarser} (1 - beta_i + b beta_i (1 - 1/beta_j)) y_j - sum_{j finer} (1 - a beta_i/beta_j) y_j)
 *     phi solves  sum_i (y_i/beta_i) / (1/phi - 1/gamma_i) = K,  0 < phi < min gamma_i
 *
 * phi is the packing density, 0..1; K the compaction index, 4.1 (poured) to 9 (pressed).
 * Source: F. de Larrard, Concrete Mixture Proportioning (1999); T. Stovall, F. de Larrard, M. Buil, Powder Technology 48 (1986) 1-12.
 * Check: pumice 3-6 mm has beta = 0.6076253463 and phi(4.1) = 0.5411764706.
 */
final class CompressiblePacking
{
    public const POURED = 4.1;
    public const WORKED_IN = 4.5;
    public const TAPPED = 4.75;
    public const PRESSED = 9.0;

    /** @var array{list<float>, list<float>} loosening a and wall effect b by the number of classes between two sizes */
    private static array $effects;

    /** @throws Refused field "compaction_index" outside 4.1 to 9 */
    public static function checkIndex(float $compactionIndex): void
    {
        if (! ($compactionIndex >= self::POURED && $compactionIndex <= self::PRESSED)) {
            throw Refused::because('compaction_index', 'between', $compactionIndex, ['min' => self::POURED, 'max' => self::PRESSED]);
        }
    }

    /**
     * Packing density of classes that share one residual packing.
     *
     * @param list<float> $shares 22 class shares, summing to 1
     */
    public static function uniform(float $residualPacking, array $shares, float $compactionIndex): float
    {
        $inverse = 1.0 / $residualPacking;

        return self::density($shares, array_map(static fn(float $y): float => $y * $inverse, $shares), $compactionIndex);
    }

    /**
     * Packing density phi, 0..1.
     *
     * @param list<float> $shares         y_k, 22 shares of the envelope volume, summing to 1
     * @param list<float> $sharesOverBeta y_k / beta_k
     */
    public static function density(array $shares, array $sharesOverBeta, float $compactionIndex): float
    {
        [$loosening, $wall] = self::$effects ??= self::effects();
        $classes = $y = $r = $walled = [];
        $coarser = 0.0;
        foreach ($shares as $k => $share) {
            if ($share > 0.0) {
                $classes[] = $k;
                $y[] = $share;
                $r[] = $sharesOverBeta[$k];
                $walled[] = $share - $sharesOverBeta[$k];
                $coarser += $share;
            }
        }
        $count = count($classes);

        // 1/gamma_i, and the 1/phi at which one class alone would already give K: the root lies beyond it
        $inverseGamma = [];
        $x = $finer = 0.0;
        for ($i = 0; $i < $count; ++$i) {
            $k = $classes[$i];
            $beta = $y[$i] / $r[$i];
            $coarser -= $y[$i];
            $loosened = 0.0;
            for ($j = 0; $j < $i; ++$j) {
                $loosened += $loosening[$k - $classes[$j]] * $r[$j];
            }
            for ($j = $i + 1; $j < $count; ++$j) {
                $loosened -= $wall[$classes[$j] - $k] * $walled[$j];
            }
            $gamma = (1.0 - $finer - (1.0 - $beta) * $coarser) / $beta + $loosened;
            $inverseGamma[] = $gamma;
            $finer += $y[$i];
            $least = $gamma + $r[$i] / $compactionIndex;
            $x = $least > $x ? $least : $x;
        }

        // Newton on 1/f(x) - 1/K with x = 1/phi: 1/f rises and is concave, so that every step stays left of the root
        for ($step = 0; $step < 60; ++$step) {
            $f = $slope = 0.0;
            for ($i = 0; $i < $count; ++$i) {
                $gap = $x - $inverseGamma[$i];
                $term = $r[$i] / $gap;
                $f += $term;
                $slope += $term / $gap;
            }
            $move = ($f / $compactionIndex - 1.0) * $f / $slope;
            $x += $move;
            // each step squares what is missing
            if ($move < 1e-8 * $x) {
                break;
            }
        }

        return 1.0 / $x;
    }

    /** @return array{list<float>, list<float>} */
    private static function effects(): array
    {
        $loosening = $wall = [];
        for ($n = 0; $n < SizeClasses::COUNT; ++$n) {
            $ratio = 2.0 ** (-$n / 2.0);
            $loosening[] = sqrt(1.0 - (1.0 - $ratio) ** 1.02);
            $wall[] = 1.0 - (1.0 - $ratio) ** 1.5;
        }

        return [$loosening, $wall];
    }
}
