<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

/**
 * Mean and standard deviation of some values.
 *
 *     mean = sum v/n;   deviation = sqrt(sum (v - mean)^2/(n - 1)), null for one value
 *     of several samples together: sqrt(sum (n - 1) deviation^2/sum (n - 1))
 *
 * Source: any textbook. Check: 2, 4, 4, 4, 5, 5, 7, 9: 5 and 2.1381; 1, 3 and 2, 4, 6 together 1.8257.
 */
final readonly class Sample
{
    public int $n;
    public float $mean;
    public ?float $deviation;

    /** @param non-empty-array<float> $values */
    public function __construct(array $values)
    {
        $this->n = count($values);
        $this->mean = $mean = array_sum($values) / $this->n;
        $this->deviation = $this->n < 2 ? null : sqrt(array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values)) / ($this->n - 1));
    }

    /**
     * Null where there is no value.
     *
     * @param array<float> $values
     */
    public static function of(array $values): ?self
    {
        return $values === [] ? null : new self($values);
    }

    /**
     * The deviation within several samples; null where none has two values.
     *
     * @param array<self> $samples
     */
    public static function pooled(array $samples): ?float
    {
        $left = $squares = 0;
        foreach ($samples as $sample) {
            $left += $sample->n - 1;
            $squares += ($sample->n - 1) * ($sample->deviation ?? 0.0) ** 2;
        }

        return $left === 0 ? null : sqrt($squares / $left);
    }

    /** Standard error of the mean; null for one value. */
    public function error(): ?float
    {
        return $this->deviation === null ? null : $this->deviation / sqrt($this->n);
    }
}
