<?php

declare(strict_types=1);

namespace App\PottingDays;

use Zolbek\Core\Work\PottingDay\DayMix;

/** What a day comes to: minutes, litres, and the wire, mesh, moss and feed to lay ready. The totals of schema PottingDay of the API, from entries of schema DayEntry. */
final class DayTotals
{
    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return array<string, mixed>
     */
    public static function of(array $entries, Assembly $assembly): array
    {
        $known = array_values(array_filter($entries, static fn(array $entry): bool => $entry['figures'] !== null));
        $sum = static fn(string $figure): float => array_sum(array_map(static fn(array $entry): float => $entry['count'] * $entry['figures'][$figure], $known));
        $wires = $mesh = $fertilisers = [];
        foreach ($known as ['figures' => $each, 'count' => $count]) {
            if ($each['wire'] !== null) {
                $gauge = (string) $each['wire']['gauge_mm'];
                $wires[$gauge] = ($wires[$gauge] ?? 0.0) + $count * $each['wire']['length_cm'];
            }
            if ($each['mesh']['pieces'] > 0) {
                $side = (string) round($each['mesh']['side_cm'], 1);
                $mesh[$side] = ($mesh[$side] ?? 0) + $count * $each['mesh']['pieces'];
            }
            if ($each['fertiliser'] !== null) {
                $fertilisers[$each['fertiliser']['name']] = ($fertilisers[$each['fertiliser']['name']] ?? 0.0) + $count * $each['fertiliser']['grams'];
            }
        }
        $rows = static fn(array $sums, string $by, string $of): array => array_map(static fn(string|int $key, float|int $sum): array => [$by => $by === 'name' ? (string) $key : (float) $key, $of => $sum], array_keys($sums), $sums);

        return [
            'minutes' => $sum('minutes'),
            'loose_l' => array_sum(array_map(static fn(DayMix $mix): float => $mix->looseL, $assembly->sums->mixes)),
            'moss_cm2' => $sum('moss_cm2'),
            'judged' => self::judged($entries),
            'plants' => array_sum(array_column($entries, 'count')),
            'two_to_lift' => array_sum(array_map(static fn(array $entry): int => $entry['figures']['two_to_lift'] ? $entry['count'] : 0, $known)),
            'wires' => $rows($wires, 'gauge_mm', 'length_cm'),
            'mesh' => $rows($mesh, 'side_cm', 'pieces'),
            'fertilisers' => $rows($fertilisers, 'name', 'grams'),
        ];
    }

    /**
     * Of those that are still to be potted.
     *
     * @param list<array<string, mixed>> $entries
     *
     * @return array{stop: int, mind: int, lethal: int, out_of_season: int, frost: int, sick: int}
     */
    private static function judged(array $entries): array
    {
        $open = array_filter($entries, static fn(array $entry): bool => $entry['state'] === 'planned');
        $count = static fn(callable $is): int => array_sum(array_column(array_filter($open, $is), 'count'));
        $against = static fn(string ...$words): int => $count(static fn(array $entry): bool => array_intersect($words, $entry['against']) !== []);

        return [
            'stop' => $count(static fn(array $entry): bool => ($entry['worst']['level'] ?? null) === 'stop'),
            'mind' => $count(static fn(array $entry): bool => ($entry['worst']['level'] ?? null) === 'mind'),
            'lethal' => $count(static fn(array $entry): bool => ($entry['assessment']['rating'] ?? null) === 'lethal'),
            'out_of_season' => $against('early', 'late'),
            'frost' => $against('frost'),
            'sick' => $against('weak', 'sick'),
        ];
    }
}
