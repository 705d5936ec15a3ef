<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Uncertainty;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/**
 * Standard uncertainty of what is computed, from that of the properties and that of the model itself: first order, by central differences.
 *
 *     u(y)^2 = sum over properties and constants of ((y(x + u_x) - y(x - u_x)) / 2)^2
 *
 * A part of a mix of which only a range is known counts as one more property. The pan under a coarse sieve counts as a property: its fines may all lie near 0.1 mm, or near the sieve. A step that a component cannot make is
 * taken on the other side alone; loose and particle density move together and against each other, as far as such grains can lie, and share what that tells by their slopes. What the
 * model may be wrong by stands at ModelError. The level drop hangs on the model's pace alone here, and bends as a factor does.
 * Source: Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), section 5.1; model revision (g).
 * Check: even clay, pumice and lava for a pine in an oval tray on a hill, model errors alone: air 0.22 +- 0.04, interval 20 +- 7 h.
 */
final readonly class Propagation
{
    public const FIGURES = [
        'air', 'water_l', 'easy_l', 'yield_share', 'run_through_s', 'ph', 'wet_kg', 'interval_h', 'drought', 'later_ph', 'level_drop_cm', 'use_l_day', 'given_l_year', 'float_share',
    ];

    /** A part of a mix that is known roughly, see Portion. */
    public const SPLIT = 'split';

    private const DROP = 'level_drop_cm';
    private const DENSITIES = ['bulk_density', 'particle_density'];

    /** @var array<string, float> standard uncertainty by figure */
    public array $of;

    /** @var array<string, list<array{component: string|null, property: string, part: float}>> of each the parts of its variance, the largest first */
    public array $parts;

    /** @var array<string, array{component: string|null, property: string, share: float}> what contributes most to each, and its share of the variance; no component for the model itself */
    public array $most;

    /** @param (callable(Material): array<string, string>)|null $bases basis (typical, supplier, measured) of each property of a component; null for the model's own errors alone */
    public function __construct(Setup $setup, ?callable $bases)
    {
        $variance = $parts = [];
        $add = static function (string $figure, ?string $key, string $property, float $part) use (&$variance, &$parts): void {
            $variance[$figure] = ($variance[$figure] ?? 0.0) + $part;
            $parts[$figure][] = ['component' => $key, 'property' => $property, 'part' => $part];
        };
        foreach ($setup->substrate->blend->components as $component) {
            if ($bases === null) {
                continue;
            }
            $steps = PropertyStep::of($component, $bases($component));
            foreach ($this->densities($setup, $component, $steps) as $property => $of) {
                foreach ($of as $figure => $part) {
                    $add($figure, $component->key, $property, $part);
                }
            }
            foreach (self::steps($component, array_diff_key($steps, array_flip(self::DENSITIES))) as $property => [$up, $down]) {
                $high = self::figures(self::replaced($setup, $component, $up));
                $low = self::figures(self::replaced($setup, $component, $down));
                $half = $up === null || $down === null ? 1.0 : 2.0;
                foreach ($high as $figure => $value) {
                    if ($value !== null && isset($low[$figure])) {
                        $add($figure, $component->key, $property, (($value - $low[$figure]) / $half) ** 2);
                    }
                }
            }
        }
        foreach ($bases === null ? [] : $setup->portions as $i => [$portion, $amount]) {
            foreach ($portion->doubts as [$more, $less]) {
                [$high, $low] = array_map(static fn(Portion $then): array => self::figures($setup->withPortions(array_values(array_replace($setup->portions, [$i => [$then, $amount]])))), [$more, $less]);
                foreach ($high as $figure => $value) {
                    if ($value !== null && isset($low[$figure])) {
                        $add($figure, $portion->key, self::SPLIT, (($value - $low[$figure]) / 2.0) ** 2);
                    }
                }
            }
        }
        foreach (ModelError::of($setup) as $error => [$up, $down]) {
            // the pace moves nothing of a fresh pot
            $moved = match ($error) {
                ModelError::AGEING, ModelError::WASH_OUT => self::byPace(...),
                ModelError::COMPACTION => static fn(Setup $then): array => [...self::figures($then), ...self::byPace($then)],
                default => self::figures(...),
            };
            [$highs, $lows] = [$moved($setup->with(model: $up)), $moved($setup->with(model: $down))];
            foreach ($highs as $figure => $value) {
                if ($value !== null && isset($lows[$figure])) {
                    $add($figure, null, $error, $figure === self::DROP ? self::bent($lows[$figure], $drop ??= self::byPace($setup)[self::DROP], $value) : (($value - $lows[$figure]) / 2.0) ** 2);
                }
            }
        }
        $this->of = array_map(sqrt(...), $variance);
        $most = [];
        foreach ($parts as $figure => $of) {
            usort($of, static fn(array $a, array $b): int => $b['part'] <=> $a['part']);
            $parts[$figure] = $of;
            if ($of[0]['part'] > 0.0) {
                $most[$figure] = ['component' => $of[0]['component'], 'property' => $of[0]['property'], 'share' => $of[0]['part'] / ($variance[$figure] ?? $of[0]['part'])];
            }
        }
        $this->parts = $parts;
        $this->most = $most;
    }

    /** Uncertainty of the figure that a criterion is rated by; 0 where it has none of its own. */
    public function ofCriterion(Criterion $criterion): float
    {
        return $this->of[self::figureOf($criterion)] ?? 0.0;
    }

    /** The figure that a criterion is rated by. */
    public static function figureOf(Criterion $criterion): string
    {
        return match ($criterion) {
            Criterion::WetWeight => 'wet_kg',
            Criterion::RunThrough => 'run_through_s',
            default => $criterion->value,
        };
    }

    /**
     * What both densities of a component add to the variance: along both together and one against the other, for grains of some densities cannot lie together.
     *
     * @param array<string, callable(Material, float): Material> $steps by property
     *
     * @return array<string, array<string, float>> parts by property and figure
     */
    private function densities(Setup $setup, Material $component, array $steps): array
    {
        [$bulk, $particle] = self::DENSITIES;
        $at = static fn(int $b, int $p): array => self::figures(self::replaced($setup, $component, PropertyStep::held($steps[$particle], PropertyStep::held($steps[$bulk], $component, $b), $p)));
        [$both, $neither, $against, $other] = [$at(1, 1), $at(-1, -1), $at(1, -1), $at(-1, 1)];
        $parts = [$bulk => [], $particle => []];
        foreach ($both as $figure => $value) {
            if ($value === null || ! isset($neither[$figure], $against[$figure], $other[$figure])) {
                continue;
            }
            $together = ($value - $neither[$figure]) / 2.0;
            $apart = ($against[$figure] - $other[$figure]) / 2.0;
            $ofBulk = (($together + $apart) / 2.0) ** 2;
            $ofParticle = (($together - $apart) / 2.0) ** 2;
            $all = ($together ** 2 + $apart ** 2) / 2.0;
            $parts[$bulk][$figure] = $all === 0.0 ? 0.0 : $all * $ofBulk / ($ofBulk + $ofParticle);
            $parts[$particle][$figure] = $all - $parts[$bulk][$figure];
        }

        return $parts;
    }

    /**
     * @param array<string, callable(Material, float): Material> $steps
     *
     * @return array<string, array{Material|null, Material|null}> the component a step up and a step down, by property
     */
    private static function steps(Material $component, array $steps): array
    {
        return array_map(static fn(callable $step): array => [self::tried($step, $component, 1), self::tried($step, $component, -1)], $steps);
    }

    /** @param callable(Material, float): Material $step */
    private static function tried(callable $step, Material $component, int $side): ?Material
    {
        try {
            return $step($component, $side);
        } catch (Refused) {
            return null;
        }
    }

    private static function replaced(Setup $setup, Material $replaced, ?Material $by): Setup
    {
        return $by === null ? $setup : $setup->withPortions(array_map(static fn(array $portion): array => [$portion[0]->replaced($replaced->key, $by), $portion[1]], $setup->portions));
    }

    /** @return array<string, float|null> by name, of a pot as it stands */
    public static function figures(Setup $setup): array
    {
        $assessment = new Assessment($setup, withYears: false);
        $water = $setup->waterL(0.0);

        return [
            'air' => $assessment->verdict(Criterion::Air)->value,
            'water_l' => $water,
            'easy_l' => $water - $setup->waterL(50.0),
            'yield_share' => $setup->substrate->yield,
            'run_through_s' => $assessment->verdict(Criterion::RunThrough)->value,
            'ph' => $assessment->verdict(Criterion::Ph)->value,
            'wet_kg' => $assessment->weights->wetKg,
            'interval_h' => $assessment->water?->drought->intervalH,
            'drought' => $assessment->water?->drought->degree,
            'later_ph' => $assessment->find(Criterion::LaterPh)?->value,
            'use_l_day' => $assessment->water?->demand->hotUseLDay,
            'given_l_year' => $assessment->water?->demand->givenLYear,
            'float_share' => $assessment->find(Criterion::FloatShare)?->value,
        ];
    }

    /**
     * Variance of a figure that bends as a factor does: of y = a + b exp(c z) through three points, z normal; that of the straight line where it does not bend.
     *
     *     c = ln((high - middle)/(middle - low));   var = b^2 exp(c^2) (exp(c^2) - 1)
     */
    private static function bent(float $low, float $middle, float $high): float
    {
        [$down, $up] = [$middle - $low, $high - $middle];
        $bends = $down * $up > 0.0 ? log($up / $down) : 0.0;
        if (abs($bends) < 1e-6) {
            return (($high - $low) / 2.0) ** 2;
        }
        $b = $up / (exp($bends) - 1.0);

        return $b ** 2 * exp($bends ** 2) * (exp($bends ** 2) - 1.0);
    }

    /** @return array{level_drop_cm: float} what a step of the model's pace moves */
    public static function byPace(Setup $setup): array
    {
        return ['level_drop_cm' => (new AgedPot($setup, min(Forecast::HORIZON, $setup->targets()->plannedYears)))->levelDropCm];
    }
}
