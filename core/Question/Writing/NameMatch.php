<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/**
 * Finds what somebody means among names: every word of theirs must begin a word of the name; the name with fewest other words wins.
 *
 * Source: plain matching. Check: "pumice" finds "Pumice 3-6 mm" before "Pumice 6-12 mm coarse"; "bark fine" finds "Composted bark fine 2-8 mm".
 */
final class NameMatch
{
    /**
     * @param array<int, string> $names by id, the likelier ones first
     *
     * @return int|null id of the best; null where none fits
     */
    public static function best(string $words, array $names): ?int
    {
        $wanted = self::words($words);
        $best = null;
        $fewest = PHP_INT_MAX;
        foreach ($names as $id => $name) {
            $there = self::words($name);
            $fits = $wanted !== [] && array_filter($wanted, static fn(string $word): bool => array_filter($there, static fn(string $other): bool => str_starts_with($other, $word)) === []) === [];
            if ($fits && count($there) - count($wanted) < $fewest) {
                [$best, $fewest] = [$id, count($there) - count($wanted)];
            }
        }

        return $best;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}.\-]+/u', mb_strtolower($text));

        return array_values(array_filter($words === false ? [] : $words, static fn(string $word): bool => $word !== '' && $word !== 'mm'));
    }
}
