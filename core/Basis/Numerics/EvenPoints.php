<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * Points that fill the unit cube evenly and are the same every time: fractional parts of n sqrt(p_k), p_k the primes.
 *
 * Source: H. Weyl, Mathematische Annalen 77 (1916) 313-352. Check: the first point begins 0.4142135624, 0.7320508076.
 */
final class EvenPoints
{
    private const MOST = 200;

    /** @var list<float> */
    private static array $roots = [];

    /** Number from 0 to 1 of a point, from 1 on, along an axis, from 0 on; after 200 axes they come again. */
    public static function at(int $point, int $axis): float
    {
        self::$roots = self::$roots === [] ? self::roots() : self::$roots;

        return fmod($point * self::$roots[$axis % self::MOST], 1.0);
    }

    /** @return list<float> square roots of the primes */
    private static function roots(): array
    {
        $roots = [];
        for ($p = 2; count($roots) < self::MOST; ++$p) {
            for ($d = 2; $d * $d <= $p; ++$d) {
                if ($p % $d === 0) {
                    continue 2;
                }
            }
            $roots[] = sqrt($p);
        }

        return $roots;
    }
}
