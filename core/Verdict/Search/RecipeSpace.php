<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/**
 * All recipes in whole parts that can be scooped from a shelf: every set of components that may stand together, and every way to share out the parts among them.
 *
 *     ways to share T parts among k components    C(T - 1, k - 1), at least one each
 *     recipes of a shelf of n, up to m at a time  sum over k of C(n, k) C(T - 1, k - 1)
 *
 * Bounds are whole parts of each total: at least ceil(least T), at most floor(most T). Sets come small ones first, in the order of the shelf; recipes in that of
 * their parts. Nothing is drawn by chance, so that the same shelf always gives the same. Source: combinatorics (compositions of an integer).
 * Check: 12 components, up to 5 of them, ten parts: 149,898 recipes in 1,585 sets.
 */
final readonly class RecipeSpace
{
    /** A share that is a whole part but for rounding. */
    private const SLACK = 1e-9;

    /** @var array<int, array<int, int>> by ingredient the least parts of it, where it is in, by total */
    private array $least;

    /** @var array<int, array<int, int>> the most */
    private array $most;

    /** @param list<Ingredient> $ingredients */
    public function __construct(public array $ingredients, private int $mostComponents, private Steps $steps)
    {
        $least = $most = [];
        foreach ($ingredients as $i => $ingredient) {
            foreach ($steps->totals as $total) {
                $least[$i][$total] = max(1, (int) ceil($ingredient->least * $total - self::SLACK));
                $most[$i][$total] = (int) floor($ingredient->most * $total + self::SLACK);
            }
        }
        $this->least = $least;
        $this->most = $most;
    }

    /** @return iterable<non-empty-list<int>> the sets of ingredients that may stand together, by their places on the shelf */
    public function sets(): iterable
    {
        $must = array_keys(array_filter($this->ingredients, static fn(Ingredient $each): bool => $each->mustBeIn()));
        $may = array_values(array_diff(array_keys($this->ingredients), $must));
        for ($size = max(1, count($must)); $size <= min($this->mostComponents, $this->steps->largest(), count($this->ingredients)); ++$size) {
            foreach (self::chosen($may, $size - count($must), 0) as $more) {
                $set = [...$must, ...$more];
                sort($set);
                if ($set !== []) {
                    yield $set;
                }
            }
        }
    }

    /**
     * @param non-empty-list<int> $set
     *
     * @return iterable<non-empty-array<int, int>> whole parts, one for each of the set
     */
    public function recipes(array $set): iterable
    {
        foreach ($this->steps->totals as $total) {
            foreach ($this->shared($set, $total) as $parts) {
                if ($this->steps->isOneTotal() || Ratio::divisor($parts) === 1) {
                    yield $parts;
                }
            }
        }
    }

    /**
     * The recipe of a set that is nearest to equal parts within its bounds; null where it has none.
     *
     * @param non-empty-list<int> $set
     *
     * @return non-empty-array<int, int>|null
     */
    public function evenOf(array $set): ?array
    {
        $best = null;
        foreach ($this->steps->totals as $total) {
            $parts = array_map(fn(int $i): int => $this->least[$i][$total], $set);
            while (array_sum($parts) < $total) {
                $next = null;
                foreach ($set as $n => $i) {
                    if ($parts[$n] < $this->most[$i][$total] && ($next === null || $parts[$n] < $parts[$next])) {
                        $next = $n;
                    }
                }
                if ($next === null) {
                    continue 2;
                }
                ++$parts[$next];
            }
            $isWithin = array_sum($parts) === $total && array_filter($set, fn(int $i, int $n): bool => $parts[$n] > $this->most[$i][$total], ARRAY_FILTER_USE_BOTH) === [];
            $uneven = (max($parts) - min($parts)) / $total;
            if ($isWithin && ($this->steps->isOneTotal() || Ratio::divisor($parts) === 1) && ($best === null || $uneven < $best[0] - self::SLACK)) {
                $best = [$uneven, $parts];
            }
        }

        return $best[1] ?? null;
    }

    /** How many recipes there are, without looking at them. */
    public function count(): int
    {
        $ofTotal = [];
        $all = 0;
        foreach ($this->steps->totals as $total) {
            $ofTotal[$total] = $this->countOf($total);
            if (! $this->steps->isOneTotal()) {
                // what is a multiple of a smaller recipe has been counted with that
                for ($smaller = 1; $smaller < $total; ++$smaller) {
                    $ofTotal[$total] -= $total % $smaller === 0 ? $ofTotal[$smaller] : 0;
                }
            }
            $all += $ofTotal[$total];
        }

        return $all;
    }

    private function countOf(int $total): int
    {
        // ways[n][t]: to share t parts among n of the components so far
        $ways = [[1]];
        foreach ($this->ingredients as $i => $ingredient) {
            $next = $ingredient->mustBeIn() ? [] : $ways;
            foreach ($ways as $n => $byParts) {
                if ($n === $this->mostComponents) {
                    continue;
                }
                foreach ($byParts as $t => $count) {
                    for ($p = $this->least[$i][$total]; $p <= min($this->most[$i][$total], $total - $t); ++$p) {
                        $next[$n + 1][$t + $p] = ($next[$n + 1][$t + $p] ?? 0) + $count;
                    }
                }
            }
            $ways = $next;
        }

        return array_sum(array_map(static fn(array $byParts): int => $byParts[$total] ?? 0, $ways));
    }

    /**
     * @param list<int> $from
     *
     * @return iterable<list<int>>
     */
    private static function chosen(array $from, int $size, int $at): iterable
    {
        if ($size === 0) {
            yield [];

            return;
        }
        for ($i = $at; $i <= count($from) - $size; ++$i) {
            foreach (self::chosen($from, $size - 1, $i + 1) as $rest) {
                yield [$from[$i], ...$rest];
            }
        }
    }

    /**
     * All ways to share out a total, in the order of the parts: each place goes from the least to the most that the others leave it.
     *
     * @param non-empty-list<int> $set
     *
     * @return iterable<non-empty-array<int, int>>
     */
    private function shared(array $set, int $total): iterable
    {
        $last = count($set) - 1;
        $least = array_map(fn(int $i): int => $this->least[$i][$total], $set);
        $most = array_map(fn(int $i): int => $this->most[$i][$total], $set);
        // what the places after each take at least, and at most
        $othersLeast = $othersMost = array_fill(0, $last + 2, 0);
        for ($n = $last; $n >= 0; --$n) {
            $othersLeast[$n] = $othersLeast[$n + 1] + $least[$n];
            $othersMost[$n] = $othersMost[$n + 1] + $most[$n];
        }
        $left = [$total];
        $parts = [max($least[0], $total - $othersMost[1])];
        $end = [min($most[0], $total - $othersLeast[1])];
        for ($n = 0; $n >= 0;) {
            if ($parts[$n] > $end[$n]) {
                if (--$n >= 0) {
                    ++$parts[$n];
                }
            } elseif ($n === $last) {
                yield $parts;
                ++$parts[$n];
            } else {
                $left[$n + 1] = $left[$n] - $parts[$n];
                ++$n;
                $parts[$n] = max($least[$n], $left[$n] - $othersMost[$n + 1]);
                $end[$n] = min($most[$n], $left[$n] - $othersLeast[$n + 1]);
            }
        }
    }
}
