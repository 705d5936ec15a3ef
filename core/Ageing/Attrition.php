<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

use WeakMap;
use Zolbek\Core\Component\Component;
use Zolbek\Core\Grading\SizeClasses;
use Zolbek\Core\Input\Refused;

/**
 * How the grains of a component wear down: a population balance on the size classes, twelve steps a year.
 *
 *     selection    s_k = crumble_rate sqrt(d_k/4), s_0 = 0 (1/year)
 *     breakage     B(k from j) = (e_{k+1}/e_j)^0.7 for k < j;  b_kj = B(k) - B(k-1), B(-1) = 0
 *     a step       loss_k = m_k (1 - exp(-s_k/12)), from the masses before the step, added back to finer classes by b
 *     wash-out     in classes 0..7 (up to 0.25 mm) what exceeds the fresh mass of the class is multiplied by exp(-0.4/12)
 *     decay        what is left of mass and envelope volume = sum m_k * exp(-decay_rate t)
 *
 * Steps = round(12 years), t = steps/12; years 0..100. A climate multiplies the rates, see AgeingClimate. Source: population balance of breakage as in L. G. Austin,
 * Powder Technology 5 (1971) 1-17; rates are starting figures. Check: clay granule 2-6 mm, crumble_rate 0.1, one year:
 * classes 0 and 1 hold 0.002498091748 and 0.0006828879978.
 */
final class Attrition
{
    private const WASH_OUT_CLASSES = 8;

    /** @var WeakMap<Component, array<string, array<int, non-empty-list<float>>>>|null masses by crumble rate and step, as long as the component lives */
    private static ?WeakMap $known = null;

    /**
     * @param non-empty-list<float> $masses by class, of a fresh mass of 1, before decay
     * @param float                 $left   share of mass and envelope volume that is left, decay included
     * @param non-empty-list<float> $shares class shares of what is left, summing to 1
     */
    private function __construct(public readonly array $masses, public readonly float $left, public readonly array $shares) {}

    /** @throws Refused field "years" outside 0 to 100 */
    public static function checkYears(float $years): void
    {
        if (! ($years >= 0.0 && $years <= 100.0)) {
            throw Refused::because('years', 'between', $years, ['min' => 0, 'max' => 100]);
        }
    }

    public static function of(Component $component, float $years, ?AgeingClimate $climate = null): self
    {
        $steps = (int) round(12.0 * $years);
        $crumbleRate = $climate?->crumbleRate($component) ?? $component->crumbleRate;
        $masses = $crumbleRate > 0.0 ? self::aged($component, $crumbleRate, $steps) : $component->classShares;
        $total = array_sum($masses);

        return new self(
            $masses,
            $total * exp(-($climate?->decayRate($component) ?? $component->decayRate) * $steps / 12.0),
            array_map(static fn(float $mass): float => $mass / $total, $masses),
        );
    }

    /**
     * The masses after so many steps, gone on from the latest that was worked out for this very component before.
     *
     * @return non-empty-list<float>
     */
    private static function aged(Component $component, float $crumbleRate, int $steps): array
    {
        self::$known ??= new WeakMap();
        /** @var array<string, array<int, non-empty-list<float>>> $course */
        $course = self::$known[$component] ?? [];
        $rate = 'at '.$crumbleRate;
        $from = 0;
        foreach (array_keys($course[$rate] ?? []) as $step) {
            $from = $step <= $steps && $step > $from ? $step : $from;
        }
        $masses = self::run($component->classShares, $course[$rate][$from] ?? $component->classShares, $crumbleRate, $steps - $from);
        $course[$rate][$steps] = $masses;
        self::$known->offsetSet($component, $course);

        return $masses;
    }

    /**
     * @param non-empty-list<float> $fresh
     * @param non-empty-list<float> $masses to start from
     *
     * @return non-empty-list<float>
     */
    private static function run(array $fresh, array $masses, float $crumbleRate, int $steps): array
    {
        if ($steps === 0) {
            return $masses;
        }
        $fragments = self::fragments();
        $lost = [];
        for ($k = 0; $k < SizeClasses::COUNT; ++$k) {
            $lost[] = $k === 0 ? 0.0 : 1.0 - exp(-$crumbleRate * sqrt(SizeClasses::SIZES_MM[$k] / 4.0) / 12.0);
        }
        $washedOut = exp(-0.4 / 12.0);
        for ($step = 0; $step < $steps; ++$step) {
            $next = $masses;
            for ($j = 1; $j < SizeClasses::COUNT; ++$j) {
                $loss = $masses[$j] * $lost[$j];
                if ($loss <= 0.0) {
                    continue;
                }
                $next[$j] -= $loss;
                for ($k = 0; $k < $j; ++$k) {
                    $next[$k] += $loss * $fragments[$j][$k];
                }
            }
            for ($k = 0; $k < self::WASH_OUT_CLASSES; ++$k) {
                $dust = $next[$k] - $fresh[$k];
                if ($dust > 0.0) {
                    $next[$k] = $fresh[$k] + $dust * $washedOut;
                }
            }
            $masses = $next;
        }

        assert(array_is_list($masses));

        return $masses;
    }

    /** @return list<list<float>> b_kj by [j][k]: the share of class j's fragments that falls into class k < j */
    private static function fragments(): array
    {
        $fragments = [];
        for ($j = 0; $j < SizeClasses::COUNT; ++$j) {
            $row = [];
            $before = 0.0;
            for ($k = 0; $k < $j; ++$k) {
                $upTo = (SizeClasses::EDGES_MM[$k + 1] / SizeClasses::EDGES_MM[$j]) ** 0.7;
                $row[] = $upTo - $before;
                $before = $upTo;
            }
            $fragments[] = $row;
        }

        return $fragments;
    }
}
