<?php

declare(strict_types=1);

namespace App\Blend;

/**
 * Which of several stands best and which worst by a figure, where they differ by more than anybody would notice. A figure with a band is the better the nearer it lies to
 * it; the others have one good direction, or none: how much water a pot holds is good or bad only by what it is for.
 */
final class Marks
{
    /** What makes a difference worth saying: a step in the unit of the figure, or a share of it. */
    public const STEPS = ['air' => 0.02, 'drought' => 0.05, 'ph' => 0.3, 'later_ph' => 0.3, 'years' => 0.5];
    public const SHARES = ['water_l' => 0.08, 'interval_h' => 0.10, 'run_through_s' => 0.25, 'wet_kg' => 0.05, 'cost' => 0.05];

    private const BANDS = ['air' => 'air', 'drought' => 'drought', 'run_through_s' => 'run_through', 'ph' => 'ph', 'later_ph' => 'later_ph'];
    private const MORE_IS_BETTER = ['interval_h', 'years', 'fit'];
    private const LESS_IS_BETTER = ['wet_kg', 'cost'];
    /** Margins, and shares of fit, that nobody would tell apart. */
    private const LEAST_MARGINS = 0.1;
    private const LEAST_FIT = 0.03;

    /**
     * @param list<array<string, float|string|null>>     $figures
     * @param list<list<array<string, mixed>>>           $verdicts of each, as the contract has them
     *
     * @return array<string, array{best: int, worst: int}> by figure; none where they are alike
     */
    public static function of(array $figures, array $verdicts): array
    {
        $marks = [];
        foreach ([...array_keys(self::BANDS), ...self::MORE_IS_BETTER, ...self::LESS_IS_BETTER] as $name) {
            $worth = self::worth($name, $figures, $verdicts);
            if (count($worth) < 2) {
                continue;
            }
            $best = (int) array_search(max($worth), $worth, true);
            $worst = (int) array_search(min($worth), $worth, true);
            if ($worth[$best] - $worth[$worst] > self::least($name, $worth)) {
                $marks[$name] = ['best' => $best, 'worst' => $worst];
            }
        }

        return $marks;
    }

    /**
     * @param list<array<string, float|string|null>> $figures
     * @param list<list<array<string, mixed>>>       $verdicts
     *
     * @return array<int, float> by item, the more the better
     */
    private static function worth(string $name, array $figures, array $verdicts): array
    {
        $worth = [];
        foreach ($figures as $i => $those) {
            $value = isset(self::BANDS[$name]) ? self::outside(self::BANDS[$name], $verdicts[$i]) : $those[$name] ?? null;
            if (is_float($value)) {
                $worth[$i] = in_array($name, self::MORE_IS_BETTER, true) ? $value : -$value;
            }
        }

        return $worth;
    }

    /** @param list<array<string, mixed>> $verdicts */
    private static function outside(string $criterion, array $verdicts): ?float
    {
        foreach ($verdicts as $verdict) {
            if ($verdict['criterion'] === $criterion && is_numeric($verdict['outside'])) {
                return (float) $verdict['outside'];
            }
        }

        return null;
    }

    /** @param non-empty-array<int, float> $worth */
    private static function least(string $name, array $worth): float
    {
        return match (true) {
            isset(self::BANDS[$name]) => self::LEAST_MARGINS,
            $name === 'fit' => self::LEAST_FIT,
            isset(self::STEPS[$name]) => self::STEPS[$name],
            default => (self::SHARES[$name] ?? 0.0) * abs(max($worth)),
        };
    }
}
