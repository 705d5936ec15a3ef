<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Trial;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\RandomWords;

/**
 * Whether two groups differ by more than chance would make them: the groups of the plants are changed about within their blocks in all ways, or in many.
 *
 *     d = sum_b w_b (mean of one in b - mean of the other in b)/sum_b w_b,  w_b = n1 n2/(n1 + n2): with blocks alike the difference of means
 *     p = share of arrangements with |d_s| >= |d|; of draws (hits + 1)/(draws + 1)
 *     interval: all differences D for which it is not refused at 5 % that one group is as the other and D more: |d_s - D c_s| >= |d - D|,  c_s what d is where values are 1 in one group and 0 in the other
 *
 * A block in which only one group is left tells nothing and is left out. Source: R. A. Fisher, The Design of Experiments, section 21; E. S. Edgington, Randomization Tests, chapters
 * 3 and 6 (blocks, intervals). Check: three blocks of 5.1 4.7 against 4.2 4.0, 6.3 6.0 against 5.9 5.1, 4.4 4.9 against 4.1 3.8: 0.716667, 2 of 216 as far out, p 0.009259.
 */
final readonly class BlockPermutation
{
    /** Up to so many arrangements all are tried. */
    private const MOST_EXACT = 20_000;
    private const DRAWS = 9_999;
    private const LEVEL = 0.05;
    private const AS_FAR = 1e-9;
    private const HALVINGS = 60;
    private const WIDENINGS = 40;

    public float $difference;

    /** How many arrangements there are; null where they were drawn. */
    public ?int $arrangements;

    /** How many of them, or of the draws, part the groups as far or further. */
    public int $asFar;
    public float $p;

    /** Ends of the interval at 95 %; null where so few plants leave it open. */
    public ?float $low;
    public ?float $high;

    /** @var list<array{float, float}> of each arrangement its difference, and how far it is the groups as they are */
    private array $tried;

    /**
     * @param list<array{one: list<float>, other: list<float>}> $blocks
     *
     * @throws Refused where no block has both groups
     */
    public function __construct(array $blocks, int $seed = 1)
    {
        $blocks = array_values(array_filter($blocks, static fn(array $block): bool => $block['one'] !== [] && $block['other'] !== []));
        if ($blocks === []) {
            throw Refused::because('blocks', 'no_block_with_both');
        }
        $weights = array_map(static fn(array $block): float => count($block['one']) * count($block['other']) / (count($block['one']) + count($block['other'])), $blocks);
        $all = array_sum($weights);
        $rows = [];
        foreach ($blocks as $i => ['one' => $one, 'other' => $other]) {
            $rows[] = ['values' => [...$one, ...$other], 'n' => count($one), 'w' => $weights[$i] / $all];
        }
        $this->difference = array_sum(array_map(static fn(array $row): float => self::part($row, range(0, $row['n'] - 1))[0], $rows));
        $count = self::count($rows);
        $this->arrangements = $count === null ? null : (int) $count;
        $this->tried = $count === null ? self::drawn($rows, new RandomWords($seed)) : self::every($rows);
        $this->asFar = $this->hits(0.0);
        $this->p = $this->share(0.0);
        $this->low = $this->bound(-1.0);
        $this->high = $this->bound(1.0);
    }

    /** Whether chance alone would seldom part them so far. */
    public function isTold(): bool
    {
        return $this->p <= self::LEVEL;
    }

    /** @param list<array{values: list<float>, n: int, w: float}> $rows */
    private static function count(array $rows): ?float
    {
        $count = 1.0;
        foreach ($rows as $row) {
            $n = count($row['values']);
            for ($i = 1; $i <= $row['n']; ++$i) {
                $count *= ($n - $row['n'] + $i) / $i;
            }
            if ($count > self::MOST_EXACT) {
                return null;
            }
        }

        return round($count);
    }

    /**
     * What a block adds to the difference, and to how far it is the groups as they are.
     *
     * @param array{values: list<float>, n: int, w: float} $row
     * @param list<int>                                    $chosen places of those that are in the first group now
     *
     * @return array{float, float}
     */
    private static function part(array $row, array $chosen): array
    {
        $n = count($row['values']);
        $rest = $n - $row['n'];
        $sum = $kept = 0.0;
        foreach ($chosen as $i) {
            $sum += $row['values'][$i];
            $kept += $i < $row['n'] ? 1.0 : 0.0;
        }

        return [
            $row['w'] * ($sum / $row['n'] - (array_sum($row['values']) - $sum) / $rest),
            $row['w'] * ($kept / $row['n'] - ($row['n'] - $kept) / $rest),
        ];
    }

    /**
     * @param list<array{values: list<float>, n: int, w: float}> $rows
     *
     * @return list<array{float, float}>
     */
    private static function every(array $rows): array
    {
        $all = [[0.0, 0.0]];
        foreach ($rows as $row) {
            $parts = array_map(static fn(array $chosen): array => self::part($row, $chosen), self::choices(count($row['values']), $row['n']));
            $next = [];
            foreach ($all as [$d, $c]) {
                foreach ($parts as [$more, $kept]) {
                    $next[] = [$d + $more, $c + $kept];
                }
            }
            $all = $next;
        }

        return $all;
    }

    /** @return list<list<int>> all ways to choose so many of so many */
    private static function choices(int $of, int $many): array
    {
        if ($many === 0) {
            return [[]];
        }
        $found = [];
        for ($last = $many - 1; $last < $of; ++$last) {
            foreach (self::choices($last, $many - 1) as $before) {
                $found[] = [...$before, $last];
            }
        }

        return $found;
    }

    /**
     * @param list<array{values: list<float>, n: int, w: float}> $rows
     *
     * @return list<array{float, float}>
     */
    private static function drawn(array $rows, RandomWords $chance): array
    {
        $all = [];
        for ($draw = 0; $draw < self::DRAWS; ++$draw) {
            $d = $c = 0.0;
            foreach ($rows as $row) {
                $places = range(0, count($row['values']) - 1);
                for ($i = 0; $i < $row['n']; ++$i) {
                    $j = $i + (int) floor($chance->uniform() * (count($places) - $i));
                    [$places[$i], $places[$j]] = [$places[$j], $places[$i]];
                }
                [$more, $kept] = self::part($row, array_slice($places, 0, $row['n']));
                $d += $more;
                $c += $kept;
            }
            $all[] = [$d, $c];
        }

        return $all;
    }

    /** How many are as far out as what was measured, where the first group has so much more than the other. */
    private function hits(float $more): int
    {
        $measured = abs($this->difference - $more) - self::AS_FAR * (1.0 + abs($this->difference) + abs($more));
        $hits = 0;
        foreach ($this->tried as [$d, $c]) {
            $hits += abs($d - $more * $c) >= $measured ? 1 : 0;
        }

        return $hits;
    }

    private function share(float $more): float
    {
        return $this->arrangements === null ? ($this->hits($more) + 1) / (count($this->tried) + 1) : $this->hits($more) / count($this->tried);
    }

    /** @param float $side 1 up, -1 down */
    private function bound(float $side): ?float
    {
        $scale = max(0.0, ...array_map(static fn(array $tried): float => abs($tried[0]), $this->tried));
        $step = $side * max($scale, 1e-12);
        $inside = $this->difference;
        for ($i = 0; $this->share($this->difference + $step) > self::LEVEL; ++$i) {
            if ($i === self::WIDENINGS) {
                return null;
            }
            $inside = $this->difference + $step;
            $step *= 2.0;
        }
        $outside = $this->difference + $step;
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($inside + $outside) / 2.0;
            if ($this->share($middle) > self::LEVEL) {
                $inside = $middle;
            } else {
                $outside = $middle;
            }
        }

        return $inside;
    }
}
