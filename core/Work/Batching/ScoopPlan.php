<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/**
 * How a need is scooped in loads so that every load keeps the recipe.
 *
 *     unit  = one half scoop for each whole part of the recipe:  U = sum(whole parts) scoop / 2
 *     loads = as many whole units as the tub takes, until there is enough
 *     enough: at most 3 % of the need missing, and no more than the spare covers; at most max(5 % of the need, one scoop) too much
 *
 * Where the tub or the surplus does not allow whole units, in this order: whole units of a smaller scoop; the nearest half scoops that keep every
 * part of every load within 5 % of itself, of the larger scoop first; the parts that half scoops distort told in millilitres. Litres loose. What is mixed already is taken off the need, not off
 * what may be missing. Source: practice (one mixes in the ratio until there is enough); rounding by largest remainder (LoadScoops).
 * Check: 34.95 L of 4:3:2:1 with a scoop of 1 L and a tub of 20 L are 8, 6, 4, 2 scoops and then 6, 4.5, 3, 1.5.
 */
final readonly class ScoopPlan
{
    /** How far a part may be off, as a share of itself. */
    public const OFF_SHARE = 0.05;

    private const MISSING_SHARE = 0.03;
    private const SURPLUS_SHARE = 0.05;
    private const TRIED = 400;

    /** @var list<ScoopedLoad> those still to mix, full ones first */
    public array $loads;

    public ScoopWay $way;

    /** Litres that the loads hold. */
    public float $litres;

    /** @var array<string, float> share of what the loads hold over share of the recipe, less 1, by key */
    public array $deviations;

    /** @var list<ScoopWarning> */
    public array $warnings;

    private float $restL;
    private float $missingL;
    private float $surplusL;

    /**
     * @param non-empty-array<string, float> $parts    of the recipe by key, all above 0
     * @param float                          $needL    spare included
     * @param float                          $spareL   litres of the need that are spare
     * @param list<float>                    $smaller  volumes of smaller scoops at hand
     * @param float                          $mixedL   litres mixed already
     * @param list<int>                      $taken    numbers of loads that are mixed already
     */
    public function __construct(array $parts, float $needL, float $spareL, private float $tubL, private float $scoopL, array $smaller = [], float $mixedL = 0.0, array $taken = [])
    {
        $this->restL = max(0.0, $needL - $mixedL);
        $this->missingL = min(self::MISSING_SHARE * $needL, $spareL);
        $this->surplusL = max(self::SURPLUS_SHARE * $needL, $scoopL);
        $sum = array_sum($parts);
        $shares = array_map(static fn(float $part): float => $part / $sum, $parts);
        [$this->way, $loads] = $this->restL <= $this->missingL + 1e-9 || $this->restL < 1e-9 ? [ScoopWay::Units, []] : $this->scooped($parts, $shares, $scoopL, $smaller);
        $numbers = array_slice(array_values(array_diff(range(1, count($loads) + count($taken) + 1), $taken)), 0, count($loads));
        $this->loads = array_map(static fn(int $number, array $load): ScoopedLoad => new ScoopedLoad($number, $load), $numbers, $loads);
        $this->litres = array_sum(array_map(static fn(ScoopedLoad $load): float => $load->litres, $this->loads));
        $told = [];
        foreach (array_keys($shares) as $key) {
            $told[$key] = array_sum(array_map(static fn(ScoopedLoad $load): float => $load->litresOf($key), $this->loads));
        }
        $this->deviations = self::off($told, $shares);
        $this->warnings = $this->warn();
    }

    /** Litres of a portion that the loads hold. */
    public function litresOf(string $key): float
    {
        return array_sum(array_map(static fn(ScoopedLoad $load): float => $load->litresOf($key), $this->loads));
    }

    /**
     * @param non-empty-array<string, float> $parts
     * @param non-empty-array<string, float> $shares
     * @param list<float>                    $smaller
     *
     * @return array{ScoopWay, list<non-empty-list<ScoopedPart>>}
     */
    private function scooped(array $parts, array $shares, float $scoopL, array $smaller): array
    {
        $whole = WholeParts::of($parts);
        rsort($smaller);
        $scoops = [$scoopL, ...array_values(array_filter($smaller, static fn(float $each): bool => $each < $scoopL))];
        foreach ($scoops as $scoop) {
            $loads = $whole === null ? null : $this->units($whole, $scoop);
            if ($loads !== null) {
                return [$scoop === $scoopL ? ScoopWay::Units : ScoopWay::SmallerScoop, $loads];
            }
        }
        foreach ($scoops as $scoop) {
            $loads = $this->nearest($shares, $scoop);
            if ($loads !== null) {
                return [ScoopWay::Nearest, $loads];
            }
        }

        return [ScoopWay::Millilitres, $this->millilitres($shares, $scoopL)];
    }

    /**
     * @param non-empty-array<string, int> $whole
     *
     * @return list<non-empty-list<ScoopedPart>>|null
     */
    private function units(array $whole, float $scoopL): ?array
    {
        $unitL = array_sum($whole) * $scoopL / 2.0;
        $most = (int) floor($this->tubL / $unitL + 1e-9);
        $units = floor($this->restL / $unitL + 1e-9);
        $units += $units * $unitL < $this->restL - $this->missingL - 1e-9 ? 1.0 : 0.0;
        if ($most < 1 || $units * $unitL > $this->restL + $this->surplusL + 1e-9) {
            return null;
        }
        $loads = [];
        for ($left = (int) $units; $left > 0; $left -= $most) {
            $loads[] = array_map(static fn(string $key, int $part): ScoopedPart => new ScoopedPart($key, $part * min($left, $most) / 2.0, $scoopL), array_keys($whole), $whole);
        }

        return $loads;
    }

    /**
     * Equal loads of half scoops, of the size that keeps the parts best.
     *
     * @param non-empty-array<string, float> $shares
     *
     * @return list<non-empty-list<ScoopedPart>>|null
     */
    private function nearest(array $shares, float $scoopL): ?array
    {
        $count = $this->count();
        $half = $scoopL / 2.0;
        $from = (int) max(1.0, ceil(($this->restL - $this->missingL) / $count / $half - 1e-9));
        $to = (int) min($from + self::TRIED, floor($this->tubL / $half + 1e-9), floor(($this->restL + $this->surplusL) / $count / $half + 1e-9));
        $best = null;
        $least = self::OFF_SHARE;
        for ($halves = $from; $halves <= $to; ++$halves) {
            $scoops = LoadScoops::of(array_map(static fn(float $share): float => $share * $halves * $half, $shares), $scoopL);
            $off = self::worst($scoops, $shares);
            if ($off < $least - 1e-9) {
                [$best, $least] = [$scoops, $off];
            }
        }
        if ($best === null) {
            return null;
        }

        return array_fill(0, $count, array_map(static fn(string $key): ScoopedPart => new ScoopedPart($key, $best[$key], $scoopL), array_keys($shares)));
    }

    /**
     * Equal loads; parts are told in millilitres beside the half scoops, the worst first, until all are right.
     *
     * @param non-empty-array<string, float> $shares
     *
     * @return list<non-empty-list<ScoopedPart>>
     */
    private function millilitres(array $shares, float $scoopL): array
    {
        $count = $this->count();
        $litres = array_map(fn(float $share): float => $share * $this->restL / $count, $shares);
        $rounded = array_map(static fn(float $each): float => round(2.0 * $each / $scoopL) / 2.0, $litres);
        $worst = [];
        foreach ($litres as $key => $each) {
            $worst[$key] = abs($rounded[$key] * $scoopL / $each - 1.0);
        }
        arsort($worst);
        $exact = [];
        foreach (array_keys($worst) as $key) {
            $parts = array_map(
                static fn(string $each): ScoopedPart => in_array($each, $exact, true) ? self::told($each, $litres[$each], $scoopL) : new ScoopedPart($each, $rounded[$each], $scoopL),
                array_keys($litres),
            );
            if ($this->isRight($parts, $shares, $count)) {
                return array_fill(0, $count, $parts);
            }
            $exact[] = $key;
        }

        return array_fill(0, $count, array_map(static fn(string $key, float $need): ScoopedPart => self::told($key, $need, $scoopL), array_keys($litres), $litres));
    }

    /**
     * @param non-empty-list<ScoopedPart>    $parts
     * @param non-empty-array<string, float> $shares
     */
    private function isRight(array $parts, array $shares, int $count): bool
    {
        $load = new ScoopedLoad(1, $parts);
        $all = $count * $load->litres;

        return $all >= $this->restL - $this->missingL - 1e-9 && $all <= $this->restL + $this->surplusL + 1e-9 && $all <= $count * $this->tubL + 1e-9
            && self::worst(array_map($load->litresOf(...), array_combine(array_keys($shares), array_keys($shares))), $shares) <= self::OFF_SHARE + 1e-9;
    }

    /** Half scoops and what is missing then, as one reads it from a measure: to 1, 5 or 10 ml. */
    private static function told(string $key, float $litres, float $scoopL): ScoopedPart
    {
        $scoops = floor(2.0 * $litres / $scoopL + 1e-9) / 2.0;
        $step = $litres < 0.2 ? 1.0 : ($litres < 1.0 ? 5.0 : 10.0);

        // down, so that the tub holds it
        return new ScoopedPart($key, $scoops, $scoopL, (int) ($step * floor(1000.0 * ($litres - $scoops * $scoopL) / $step + 1e-6)));
    }

    /** Loads that the tub asks for. */
    private function count(): int
    {
        return max(1, (int) ceil($this->restL / $this->tubL - 1e-9));
    }

    /**
     * @param array<string, float> $amounts
     * @param array<string, float> $shares
     *
     * @return array<string, float>
     */
    private static function off(array $amounts, array $shares): array
    {
        $sum = array_sum($amounts);
        $off = [];
        foreach ($shares as $key => $share) {
            $off[$key] = $sum > 0.0 ? round($amounts[$key] / $sum / $share - 1.0, 12) + 0.0 : 0.0;
        }

        return $off;
    }

    /**
     * @param array<string, float>           $amounts
     * @param non-empty-array<string, float> $shares
     */
    private static function worst(array $amounts, array $shares): float
    {
        return max(0.0, ...array_values(array_map(abs(...), self::off($amounts, $shares))));
    }

    /** @return list<ScoopWarning> */
    private function warn(): array
    {
        $warnings = match ($this->way) {
            ScoopWay::Units, ScoopWay::Millilitres => [],
            ScoopWay::SmallerScoop, ScoopWay::Nearest => [new ScoopWarning($this->way->value, null)],
        };
        if ($this->way === ScoopWay::Nearest && ($this->loads[0]->parts[0]->scoopL ?? $this->scoopL) < $this->scoopL) {
            $warnings[] = new ScoopWarning(ScoopWay::SmallerScoop->value, null);
        }
        foreach ($this->loads[0]->parts ?? [] as $part) {
            if ($part->litres <= 0.0) {
                $warnings[] = new ScoopWarning('too_small', $part->key);
            } elseif (abs($this->deviations[$part->key]) > self::OFF_SHARE + 1e-9) {
                $warnings[] = new ScoopWarning('off', $part->key);
            } elseif ($part->ml > 0) {
                $warnings[] = new ScoopWarning('millilitres', $part->key);
            }
        }

        return $warnings;
    }
}
