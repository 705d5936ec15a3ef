<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Outcome;

use Zolbek\Core\Basis\Statistics\Sample;

/**
 * What else was different between the plants of two mixes, so that a mix is not praised for a better bench.
 *
 *     a word (place, kind of plant, who potted ...) is told where its shares among both differ by a quarter of all or more
 *     a figure (depth of the pot, year, age) is told where its means differ by half a pooled standard deviation or more, s^2 = (s1^2 + s2^2)/2
 *
 * Source: standardised difference, P. C. Austin, Statistics in Medicine 28 (2009) 3083-3107, with wider limits for the few plants of a yard. Check: 8 of 10 on the ridge against 4
 * of 10 is told; depths 6, 7, 8 against 7, 8, 9 differ by one deviation and are told.
 */
final class WhatElseDiffered
{
    private const SHARE = 0.25;
    private const DEVIATIONS = 0.5;

    /**
     * @param list<array<string, string|float|null>> $one   of each plant its words and figures by name; null where it is not known
     * @param list<array<string, string|float|null>> $other
     *
     * @return list<array{what: string, word: string|null, one: float, other: float}> shares of a word, or means of a figure; what differs most first
     */
    public static function between(array $one, array $other): array
    {
        $found = [];
        foreach (array_keys(($one[0] ?? []) + ($other[0] ?? [])) as $what) {
            [$a, $b] = [self::known($one, $what), self::known($other, $what)];
            if ($a === [] || $b === []) {
                continue;
            }
            array_push($found, ...(is_string($a[0]) ? self::words($what, $a, $b) : self::figures($what, $a, $b)));
        }
        usort($found, static fn(array $x, array $y): int => $y['by'] <=> $x['by']);

        return array_map(static fn(array $row): array => ['what' => $row['what'], 'word' => $row['word'], 'one' => $row['one'], 'other' => $row['other']], $found);
    }

    /**
     * @param list<array<string, string|float|null>> $rows
     *
     * @return list<string|float>
     */
    private static function known(array $rows, string $what): array
    {
        return array_values(array_filter(array_column($rows, $what), static fn(string|float|null $value): bool => $value !== null && $value !== ''));
    }

    /**
     * @param list<string|float> $one
     * @param list<string|float> $other
     *
     * @return list<array{what: string, word: string, one: float, other: float, by: float}>
     */
    private static function words(string $what, array $one, array $other): array
    {
        [$a, $b] = [array_count_values(array_map(strval(...), $one)), array_count_values(array_map(strval(...), $other))];
        $rows = [];
        foreach (array_keys($a + $b) as $word) {
            [$x, $y] = [($a[$word] ?? 0) / count($one), ($b[$word] ?? 0) / count($other)];
            if (abs($x - $y) >= self::SHARE) {
                $rows[] = ['what' => $what, 'word' => (string) $word, 'one' => $x, 'other' => $y, 'by' => abs($x - $y) / self::SHARE];
            }
        }

        return $rows;
    }

    /**
     * @param non-empty-list<string|float> $one
     * @param non-empty-list<string|float> $other
     *
     * @return list<array{what: string, word: null, one: float, other: float, by: float}>
     */
    private static function figures(string $what, array $one, array $other): array
    {
        [$a, $b] = [new Sample(array_map(floatval(...), $one)), new Sample(array_map(floatval(...), $other))];
        [$x, $y] = [$a->mean, $b->mean];
        $pooled = sqrt((($a->deviation ?? 0.0) ** 2 + ($b->deviation ?? 0.0) ** 2) / 2.0);
        $apart = abs($x - $y);
        $by = $pooled > 0.0 ? $apart / $pooled : ($apart > 0.0 ? INF : 0.0);

        return $by < self::DEVIATIONS ? [] : [['what' => $what, 'word' => null, 'one' => $x, 'other' => $y, 'by' => min(99.0, $by / self::DEVIATIONS)]];
    }
}
