<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refused;

/**
 * A property of a component as tests found it, with its standard uncertainty u and the number of rounds n behind it.
 *
 * Source: propagation by half the difference of both ends (Guide to the Expression of Uncertainty in Measurement); at least 3 % is a starting figure.
 * Check: twice a figure of 10 with u 1 is 20 with u 2; of 0.1 with u 0.001 it is 0.2 with u 0.006.
 */
final readonly class MeasuredProperty
{
    /** @param array<array-key, float>|null $sieve masses by aperture, where the property is the sieve */
    public function __construct(public string $property, public float $value, public float $uncertainty, public int $n, public ?array $sieve = null) {}

    /**
     * A property that follows from a figure: its uncertainty is half the difference that the figure's own makes.
     *
     * @param callable(float): float $follows
     */
    public static function following(string $property, Figure $figure, callable $follows): self
    {
        $value = $follows($figure->mean);
        $ends = [];
        foreach ([-1.0, 1.0] as $side) {
            try {
                $ends[] = $follows($figure->mean + $side * $figure->uncertainty);
            } catch (Refused) {
                // beyond what can be: the other end tells
                $ends[] = $value;
            }
        }

        return new self($property, $value, max(abs($ends[1] - $ends[0]) / 2.0, 0.03 * abs($value)), $figure->n);
    }

    public static function of(string $property, Figure $figure): self
    {
        return new self($property, $figure->mean, $figure->uncertainty, $figure->n);
    }

    /**
     * Several tests of one property together: the mean weighted by rounds, u = sqrt(sum (n u)^2) / sum n, at least 3 %. Sieves are averaged
     * where they have the same apertures; else the last one stands.
     *
     * @param non-empty-list<self> $tests oldest first
     */
    public static function together(array $tests): self
    {
        $last = $tests[count($tests) - 1];
        if ($last->sieve !== null) {
            $apertures = array_keys($last->sieve);
            $same = array_values(array_filter($tests, static fn(self $test): bool => $test->sieve !== null && array_keys($test->sieve) === $apertures));
            $n = array_sum(array_map(static fn(self $test): int => $test->n, $same));
            $sieve = [];
            foreach ($apertures as $aperture) {
                $sieve[$aperture] = array_sum(array_map(static fn(self $test): float => $test->n * ($test->sieve[$aperture] ?? 0.0), $same)) / $n;
            }

            return new self($last->property, $last->value, $last->uncertainty, $n, $sieve);
        }
        $n = array_sum(array_map(static fn(self $test): int => $test->n, $tests));
        $value = array_sum(array_map(static fn(self $test): float => $test->n * $test->value, $tests)) / $n;
        $u = sqrt(array_sum(array_map(static fn(self $test): float => ($test->n * $test->uncertainty) ** 2, $tests))) / $n;

        return new self($last->property, $value, max($u, $last->property === 'ph' ? 0.1 : 0.03 * abs($value)), $n);
    }
}
