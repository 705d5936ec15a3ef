<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Attrition;

use WeakMap;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\Material;

/**
 * How the grains of a component wear down: a population balance on the size classes, twelve steps a year.
 *
 *     selection    s_k = crumble_rate sqrt(d_k/4), s_0 = 0 (1/year)
 *     breakage     B(k from j) = (e_{k+1}/e_j)^0.7 for k < j;  b_kj = B(k) - B(k-1), B(-1) = 0
 *     a step       loss_k = m_k (1 - exp(-s_k/12)), from the masses before the step, added back to finer classes by b
 *     wash-out     what exceeds the fresh mass of a class is multiplied by exp(-rate_k/12), see WashOut
 *     decay        what is left of mass and envelope volume = sum m_k * exp(-decay_rate t)
 *
 * Steps = round(12 years), t = steps/12; years 0..100. A climate multiplies the rates, see AgeingClimate. B(k from j) is a product of a term in k and one in j,
 * so that a step takes one sum from coarse to fine. Source: population balance of breakage as in L. G. Austin, Powder Technology 5 (1971) 1-17; rates are starting
 * figures. Check: clay granule 2-6 mm, crumble_rate 0.1, one year in a mix of D15 1 mm: classes 0 and 1 hold 0.002498091748 and 0.0006828879978.
 */
final class Attrition
{
    /** @var WeakMap<Material, array<string, array<int, non-empty-list<float>>>>|null masses by rates and step, as long as the component lives */
    private static ?WeakMap $known = null;

    /** @var array{list<float>, list<float>}|null e_k^-0.7, and what of it falls into class k */
    private static ?array $fragments = null;

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

    /** @param WashOut $washOut of the fresh blend that it lies in */
    public static function of(Material $component, float $years, WashOut $washOut, AgeingClimate $climate = new AgeingClimate()): self
    {
        $steps = (int) round(12.0 * $years);
        $crumbleRate = $climate->crumbleRate($component);
        $masses = $crumbleRate > 0.0 ? self::aged($component, $crumbleRate, $steps, $washOut, $climate->washOutPace) : $component->classShares;
        $total = array_sum($masses);

        return new self(
            $masses,
            $total * exp(-$climate->decayRate($component) * $steps / 12.0),
            array_map(static fn(float $mass): float => $mass / $total, $masses),
        );
    }

    /**
     * The masses after so many steps, gone on from the latest that was worked out for this very component before.
     *
     * @return non-empty-list<float>
     */
    private static function aged(Material $component, float $crumbleRate, int $steps, WashOut $washOut, float $washOutPace): array
    {
        self::$known ??= new WeakMap();
        /** @var array<string, array<int, non-empty-list<float>>> $course */
        $course = self::$known[$component] ?? [];
        $rate = 'at '.$crumbleRate.', '.$washOut->d15Mm.', '.$washOutPace;
        $from = 0;
        foreach (array_keys($course[$rate] ?? []) as $step) {
            $from = $step <= $steps && $step > $from ? $step : $from;
        }
        $masses = self::run($component->classShares, $course[$rate][$from] ?? $component->classShares, $crumbleRate, $steps - $from, $washOut->rates, $washOutPace);
        $course[$rate][$steps] = $masses;
        self::$known->offsetSet($component, $course);

        return $masses;
    }

    /**
     * @param non-empty-list<float> $fresh
     * @param non-empty-list<float> $masses   to start from
     * @param non-empty-list<float> $washedOut 1/year by class
     *
     * @return non-empty-list<float>
     */
    private static function run(array $fresh, array $masses, float $crumbleRate, int $steps, array $washedOut, float $pace): array
    {
        if ($steps === 0) {
            return $masses;
        }
        [$broken, $falls] = self::$fragments ??= self::fragments();
        $lost = $stays = [];
        for ($k = 0; $k < SizeClasses::COUNT; ++$k) {
            $lost[] = $k === 0 ? 0.0 : 1.0 - exp(-$crumbleRate * sqrt(SizeClasses::SIZES_MM[$k] / 4.0) / 12.0);
            $stays[] = exp(-$pace * $washedOut[$k] / 12.0);
        }
        for ($step = 0; $step < $steps; ++$step) {
            $from = 0.0;
            for ($k = SizeClasses::COUNT - 1; $k >= 0; --$k) {
                $loss = $masses[$k] * $lost[$k];
                $next = $masses[$k] - $loss + $from * $falls[$k];
                $from += $loss * $broken[$k];
                $dust = $next - $fresh[$k];
                $masses[$k] = $dust > 0.0 ? $fresh[$k] + $dust * $stays[$k] : $next;
            }
        }

        assert(array_is_list($masses));

        return $masses;
    }

    /** @return array{list<float>, list<float>} */
    private static function fragments(): array
    {
        $broken = $falls = [];
        $before = 0.0;
        for ($k = 0; $k < SizeClasses::COUNT; ++$k) {
            $broken[] = SizeClasses::EDGES_MM[$k] ** -0.7;
            $upTo = SizeClasses::EDGES_MM[$k + 1] ** 0.7;
            $falls[] = $upTo - $before;
            $before = $upTo;
        }

        return [$broken, $falls];
    }
}
