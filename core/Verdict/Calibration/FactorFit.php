<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Calibration;

use Zolbek\Core\Basis\Input\Refused;

/**
 * Factors of the model by least squares on logarithms, with what is known before as the prior.
 *
 *     minimise sum_i ((ln m_i - ln f_i(x))/s_i)^2 + sum_j (x_j/t_j)^2,   x = ln factor, t its prior deviation
 *     Gauss-Newton: (J'WJ + L) dx = J'W r - L x,  L = diag(1/t^2), J by central differences of 0.01; a step that does not lower the sum is halved
 *     covariance (J'WJ + L)^-1
 *
 * A factor that no test moves stays 1. Never from fewer tests than factors. Source: C. D. Rodgers, Inverse Methods for Atmospheric Sounding, section 5.3 (Gauss-Newton with a prior).
 * Check: one factor with prior 0.25 and one test 0.2 above it as a logarithm, spread 0.25: 0.1, posterior 0.25/sqrt 2.
 */
final readonly class FactorFit
{
    private const STEP = 0.01;
    private const MOVES = 1e-4;
    private const MOST_ROUNDS = 40;
    private const HALVINGS = 12;
    private const ENOUGH = 1e-9;

    /** A logarithm beyond which no factor goes. */
    private const FURTHEST = 1.4;

    public Factors $factors;

    /** @var array<string, float> standard deviation of the logarithm of each factor that was fitted */
    public array $spread;

    /** @var array<string, array{before: float, after: float}> ln of measured over computed, by key of the observation and its figure */
    public array $residuals;

    /**
     * @param list<Observation> $observations
     *
     * @throws Refused field "tests" where there are fewer than factors that they move
     */
    public function __construct(array $observations)
    {
        $names = self::moved($observations);
        if ($observations === [] || count($observations) < count($names)) {
            throw Refused::because('tests', 'tests_too_few', count($observations), ['factors' => max(1, count($names))]);
        }
        $x = array_fill_keys($names, 0.0);
        $sum = self::sum($observations, $x);
        for ($round = 0; $round < self::MOST_ROUNDS && $names !== []; ++$round) {
            [$matrix, $right] = self::normal($observations, $x);
            $step = self::solve($matrix, $right);
            $better = null;
            for ($halved = 0; $halved < self::HALVINGS && $better === null; ++$halved) {
                $tried = [];
                foreach ($names as $j => $name) {
                    $tried[$name] = max(-self::FURTHEST, min(self::FURTHEST, $x[$name] + $step[$j] / 2 ** $halved));
                }
                $then = self::sum($observations, $tried);
                if ($then < $sum) {
                    $better = [$tried, $then];
                }
            }
            if ($better === null) {
                break;
            }
            $gain = $sum - $better[1];
            [$x, $sum] = $better;
            if ($gain < self::ENOUGH * (1.0 + $sum)) {
                break;
            }
        }
        $this->factors = self::factorsAt($x);
        $this->spread = self::spreads($observations, $x);
        $residuals = [];
        foreach ($observations as $each) {
            $residuals[$each->key.' '.$each->figure] = ['before' => log($each->measured) - $each->log(new Factors()), 'after' => log($each->measured) - $each->log($this->factors)];
        }
        $this->residuals = $residuals;
    }

    /**
     * @param list<Observation> $observations
     *
     * @return list<string> factors that any of them hangs on
     */
    private static function moved(array $observations): array
    {
        return array_values(array_filter(Factors::names(), static function (string $name) use ($observations): bool {
            foreach ($observations as $each) {
                if (abs(self::slope($each, [$name => 0.0], $name)) > self::MOVES) {
                    return true;
                }
            }

            return false;
        }));
    }

    /** @param array<string, float> $x */
    private static function slope(Observation $of, array $x, string $name): float
    {
        $at = static fn(float $by): float => $of->log(self::factorsAt([...$x, $name => $x[$name] + $by]));

        return ($at(self::STEP) - $at(-self::STEP)) / (2.0 * self::STEP);
    }

    /** @param array<string, float> $x logarithms */
    private static function factorsAt(array $x): Factors
    {
        return new Factors(array_map(exp(...), $x));
    }

    /**
     * @param list<Observation>    $observations
     * @param array<string, float> $x
     */
    private static function sum(array $observations, array $x): float
    {
        $factors = self::factorsAt($x);
        $sum = 0.0;
        foreach ($observations as $each) {
            $sum += ((log($each->measured) - $each->log($factors)) / $each->spread) ** 2;
        }
        foreach ($x as $name => $log) {
            $sum += ($log / Factors::prior($name)) ** 2;
        }

        return $sum;
    }

    /**
     * @param list<Observation>    $observations
     * @param array<string, float> $x
     *
     * @return array{list<list<float>>, list<float>} J'WJ + L and J'Wr - Lx
     */
    private static function normal(array $observations, array $x): array
    {
        $names = array_keys($x);
        $factors = self::factorsAt($x);
        $matrix = array_map(static fn(): array => array_fill(0, count($names), 0.0), $names);
        $right = array_fill(0, count($names), 0.0);
        foreach ($names as $j => $name) {
            $matrix[$j][$j] = 1.0 / Factors::prior($name) ** 2;
            $right[$j] = -$x[$name] / Factors::prior($name) ** 2;
        }
        foreach ($observations as $each) {
            $weight = 1.0 / $each->spread ** 2;
            $left = log($each->measured) - $each->log($factors);
            $slopes = array_map(static fn(string $name): float => self::slope($each, $x, $name), $names);
            foreach ($slopes as $j => $slope) {
                $right[$j] += $weight * $slope * $left;
                foreach ($slopes as $k => $other) {
                    $matrix[$j][$k] += $weight * $slope * $other;
                }
            }
        }

        return [array_map(array_values(...), $matrix), array_values($right)];
    }

    /**
     * @param list<Observation>    $observations
     * @param array<string, float> $x
     *
     * @return array<string, float>
     */
    private static function spreads(array $observations, array $x): array
    {
        $names = array_keys($x);
        [$matrix] = self::normal($observations, $x);
        $spreads = [];
        foreach ($names as $j => $name) {
            $unit = array_fill(0, count($names), 0.0);
            $unit[$j] = 1.0;
            $spreads[$name] = sqrt(max(0.0, self::solve($matrix, array_values($unit))[$j]));
        }

        return $spreads;
    }

    /**
     * Gauss-Jordan elimination; the matrix is positive definite, for the prior is on its diagonal.
     *
     * @param list<list<float>> $matrix
     * @param list<float>       $right
     *
     * @return list<float>
     */
    private static function solve(array $matrix, array $right): array
    {
        $n = count($right);
        for ($i = 0; $i < $n; ++$i) {
            $pivot = $matrix[$i][$i];
            for ($k = 0; $k < $n; ++$k) {
                if ($k !== $i && $matrix[$k][$i] !== 0.0) {
                    $times = $matrix[$k][$i] / $pivot;
                    for ($j = $i; $j < $n; ++$j) {
                        $matrix[$k][$j] -= $times * $matrix[$i][$j];
                    }
                    $right[$k] -= $times * $right[$i];
                }
            }
        }

        return array_map(static fn(int $i): float => $right[$i] / $matrix[$i][$i], array_keys($right));
    }
}
