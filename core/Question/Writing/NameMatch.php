<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/**
 * Finds what somebody may mean among things that bear several names: the very name goes before a name that holds every word of theirs, and that before one whose
 * words only begin with theirs ("compost" is not "composted bark" as long as something is called compost).
 *
 * Source: plain matching. Check: "pumice" finds "Pumice 3-6 mm" and "Pumice 6-12 mm coarse", "compost" the garden compost alone.
 */
final class NameMatch
{
    private const NOT_AT_ALL = 3;

    /**
     * @param array<int, non-empty-list<string>> $names by id, the likelier ones first
     *
     * @return list<int> ids that fit equally well, in the order given; none where nothing fits
     */
    public static function fitting(string $words, array $names): array
    {
        $wanted = self::words($words);
        $found = [];
        foreach ($wanted === [] ? [] : $names as $id => $own) {
            $rank = min(array_map(static fn(string $name): int => self::rank($wanted, self::words($name)), $own));
            if ($rank < self::NOT_AT_ALL) {
                $found[$rank][] = $id;
            }
        }

        return $found === [] ? [] : $found[min(array_keys($found))];
    }

    /**
     * @param list<string> $wanted
     * @param list<string> $there
     */
    private static function rank(array $wanted, array $there): int
    {
        if ($wanted === $there) {
            return 0;
        }
        if (array_diff($wanted, $there) === []) {
            return 1;
        }
        $begins = static fn(string $word): bool => array_filter($there, static fn(string $other): bool => str_starts_with($other, $word)) !== [];

        return count(array_filter($wanted, $begins)) === count($wanted) ? 2 : self::NOT_AT_ALL;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}.\-]+/u', mb_strtolower($text));

        return array_values(array_filter($words === false ? [] : $words, static fn(string $word): bool => $word !== '' && $word !== 'mm'));
    }
}
