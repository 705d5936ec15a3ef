<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * The parts of a recipe as the smallest whole numbers that keep its ratio.
 *
 *     p_i = n_i / d_i, read from its decimals by continued fractions;   whole_i = p_i lcm(d) / gcd
 *
 * A part is taken for a fraction where it agrees with it to 2e-6 of itself, so that a third typed with six digits is a third. Parts of which no denominator
 * up to 1000 comes so near have no smallest whole numbers. Source: continued fractions give the best approximations (Khinchin 1964, section 6).
 * Check: 12.5 % and 87.5 % are 1 and 7; a third, a half and a sixth are 2, 3 and 1.
 */
final class WholeParts
{
    private const DENOMINATOR = 1000;
    private const LARGEST = 1_000_000;
    private const AGREES = 2e-6;

    /**
     * @param non-empty-array<string, float> $parts all above 0
     *
     * @return non-empty-array<string, int>|null by the same keys; null where there are none
     */
    public static function of(array $parts): ?array
    {
        $fractions = [];
        $common = 1;
        foreach ($parts as $key => $part) {
            $fraction = self::fraction($part);
            if ($fraction === null) {
                return null;
            }
            $fractions[$key] = $fraction;
            $common *= intdiv($fraction[1], self::divisor($common, $fraction[1]));
            if ($common > self::LARGEST) {
                return null;
            }
        }
        $whole = array_map(static fn(array $fraction): int => $fraction[0] * intdiv($common, $fraction[1]), $fractions);
        $divisor = array_reduce($whole, self::divisor(...), 0);

        return array_map(static fn(int $part): int => intdiv($part, $divisor), $whole);
    }

    /** @return array{int, int}|null numerator and denominator */
    private static function fraction(float $part): ?array
    {
        [$n, $d, $beforeN, $beforeD] = [(int) floor($part), 1, 1, 0];
        $rest = $part - floor($part);
        while (abs($n / $d - $part) > self::AGREES * $part) {
            $whole = (int) floor(1.0 / $rest);
            $rest = 1.0 / $rest - $whole;
            [$n, $beforeN] = [$whole * $n + $beforeN, $n];
            [$d, $beforeD] = [$whole * $d + $beforeD, $d];
            if ($d > self::DENOMINATOR) {
                return null;
            }
        }

        return [$n, $d];
    }

    private static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }
}
