<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Trial;

use Zolbek\Core\Basis\Numerics\RandomWords;

/**
 * Which plant of a trial gets what: by chance, evenly within each block of plants that are alike.
 *
 *     blocks by bench, by size (sorted, as many in a row as there are groups), by both or none;  in a block each group whole times, which groups get one more by chance;
 *     then shuffled: for i = n - 1 .. 1 swap with floor(u (i + 1))
 *
 * Source: R. A. Fisher, The Design of Experiments, sections 20 to 26; shuffle: R. Durstenfeld, Communications of the ACM 7 (1964) 420. Check: six plants on two benches, two
 * groups: three each, and on no bench more than one apart.
 */
final class Assignment
{
    public const BLOCKINGS = ['bench', 'size', 'bench_and_size', 'none'];

    /**
     * @template K of int|string
     *
     * @param array<K, array{bench: string, size: float|null}> $plants by key
     * @param int                                              $groups 2 to 6
     * @param value-of<self::BLOCKINGS>                        $blocking
     *
     * @return array<K, array{block: string, group: int}> by key
     */
    public static function of(array $plants, int $groups, string $blocking, RandomWords $chance): array
    {
        $of = [];
        foreach (self::blocks($plants, $groups, $blocking) as $block => $keys) {
            $given = self::shuffled(self::evenly(count($keys), $groups, $chance), $chance);
            foreach ($keys as $i => $key) {
                $of[$key] = ['block' => (string) $block, 'group' => $given[$i]];
            }
        }

        return $of;
    }

    /**
     * @template K of int|string
     *
     * @param array<K, array{bench: string, size: float|null}> $plants
     *
     * @return array<int|string, list<K>> keys by block
     */
    private static function blocks(array $plants, int $groups, string $blocking): array
    {
        $benches = [];
        foreach ($plants as $key => $plant) {
            $benches[$blocking === 'bench' || $blocking === 'bench_and_size' ? $plant['bench'] : ''][] = $key;
        }
        if ($blocking !== 'size' && $blocking !== 'bench_and_size') {
            return $benches;
        }
        $blocks = [];
        foreach ($benches as $bench => $keys) {
            usort($keys, static fn($one, $other): int => ($plants[$other]['size'] ?? 0.0) <=> ($plants[$one]['size'] ?? 0.0));
            foreach (array_chunk($keys, max(1, $groups)) as $i => $some) {
                $blocks[trim($bench.' '.($i + 1))] = $some;
            }
        }

        return $blocks;
    }

    /** @return list<int> groups of so many plants, each as often as another or once more */
    private static function evenly(int $plants, int $groups, RandomWords $chance): array
    {
        $whole = intdiv($plants, $groups) * $groups;
        $given = array_map(static fn(int $i): int => $i % $groups, range(0, max(0, $whole - 1)));

        return [...($whole === 0 ? [] : $given), ...array_slice(self::shuffled(range(0, $groups - 1), $chance), 0, $plants - $whole)];
    }

    /**
     * @param list<int> $values
     *
     * @return list<int>
     */
    private static function shuffled(array $values, RandomWords $chance): array
    {
        for ($i = count($values) - 1; $i > 0; --$i) {
            $j = (int) floor($chance->uniform() * ($i + 1));
            [$values[$i], $values[$j]] = [$values[$j], $values[$i]];
        }

        return array_values($values);
    }
}
