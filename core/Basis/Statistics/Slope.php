<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

/**
 * How much a value grows in a year, by the straight line nearest to what was measured.
 *
 *     b = sum (t - t')(y - y') / sum (t - t')^2;   standard error sqrt(sum r^2/(n - 2)/sum (t - t')^2), null for two points
 *
 * Source: least squares, any textbook; NIST, Norris data set. Check: 0, 1, 2, 3 years and 10, 12, 13, 15 mm: 1.6 mm a year, standard error 0.1414.
 */
final readonly class Slope
{
    public float $perYear;
    public ?float $error;

    private function __construct(float $perYear, ?float $error)
    {
        $this->perYear = $perYear;
        $this->error = $error;
    }

    /**
     * @param list<array{years: float, value: float}> $points
     *
     * @return self|null null where there are not two moments
     */
    public static function through(array $points): ?self
    {
        $n = count($points);
        if ($n < 2) {
            return null;
        }
        $t = array_sum(array_column($points, 'years')) / $n;
        $y = array_sum(array_column($points, 'value')) / $n;
        $along = array_sum(array_map(static fn(array $point): float => ($point['years'] - $t) ** 2, $points));
        if ($along <= 0.0) {
            return null;
        }
        $b = array_sum(array_map(static fn(array $point): float => ($point['years'] - $t) * ($point['value'] - $y), $points)) / $along;
        $left = array_sum(array_map(static fn(array $point): float => ($point['value'] - $y - $b * ($point['years'] - $t)) ** 2, $points));

        return new self($b, $n < 3 ? null : sqrt($left / ($n - 2) / $along));
    }
}
