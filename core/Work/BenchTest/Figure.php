<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/**
 * A figure measured in one or several rounds: the mean of those not set aside, with its standard uncertainty u = s / sqrt(n), at least
 * 3 % of the mean or what the method can tell.
 *
 * Source: type A evaluation of the Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), section 4.2.
 * Check: 0.45, 0.46, 0.47 have mean 0.46, s 0.01 and s / sqrt(3) = 0.00577; u is 0.0138 (3 %).
 */
final readonly class Figure
{
    private const LEAST_SHARE = 0.03;

    public float $mean;
    public int $n;
    public ?float $spread;
    public float $uncertainty;

    /** @var array<int, float> by round, those set aside left out */
    public array $valid;

    /** Round that stands out from the rest. */
    public ?int $outlier;

    /**
     * @param array<int, float> $values          by round; at least one not set aside
     * @param list<int>         $setAside        rounds left out
     * @param float|null        $leastUncertainty in the figure's unit, where 3 % of the mean says nothing (pH)
     */
    public function __construct(public string $name, public array $values, array $setAside = [], ?float $leastUncertainty = null)
    {
        $valid = array_diff_key($values, array_flip($setAside));
        $n = count($valid);
        $this->valid = $valid;
        $this->n = $n;
        $this->mean = $n === 0 ? NAN : array_sum($valid) / $n;
        $this->spread = $n < 2 ? null : sqrt(array_sum(array_map(fn(float $value): float => ($value - $this->mean) ** 2, $valid)) / ($n - 1));
        $this->uncertainty = max($leastUncertainty ?? self::LEAST_SHARE * abs($this->mean), ($this->spread ?? 0.0) / sqrt(max(1, $n)));
        $this->outlier = Outlier::among($valid);
    }
}
