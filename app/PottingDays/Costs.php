<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;

/**
 * What the material of a day cost, by the prices at which it was taken from the shelf: of each plant its mix, what went in beside it, and its pot where that has a
 * price. Null where the price of something was not known. Schema DayCosts of the API.
 */
final class Costs
{
    /** @return array{used: float|null, entries: list<array{entry_id: int, mix: float|null, beside: float|null, pot: float|null}>} */
    public static function of(PottingDay $day): array
    {
        $perL = [];
        foreach ($day->loads->groupBy('recipe_id') as $recipeId => $loads) {
            $perL[$recipeId] = self::perLitre($loads);
        }
        $entries = [];
        foreach ($day->entries as $entry) {
            if ($entry->isPotted()) {
                $entries[] = ['entry_id' => $entry->id, 'mix' => self::mix($entry, $perL), 'beside' => self::sum($entry->actual->taken), 'pot' => $entry->pot->price];
            }
        }
        $taken = array_merge([], ...$day->loads->map(static fn(DayLoad $load): array => $load->taken)->all(), ...$day->entries->map(static fn(DayPlant $entry): array => $entry->actual->taken)->all());

        return ['used' => self::sum($taken), 'entries' => $entries];
    }

    /**
     * What a litre of a mix cost.
     *
     * @param iterable<DayLoad> $loads
     */
    public static function perLitre(iterable $loads): ?float
    {
        $taken = [];
        $litres = 0.0;
        foreach ($loads as $load) {
            $taken = [...$taken, ...$load->taken];
            $litres += $load->litres;
        }
        $cost = self::sum($taken);

        return $cost === null || $litres <= 0.0 ? null : $cost / $litres;
    }

    /** @param array<int, float|null> $perL by id of the recipe */
    private static function mix(DayPlant $entry, array $perL): ?float
    {
        $price = $perL[$entry->recipe_id] ?? null;

        return $price === null ? null : $price * ($entry->actual->usedL ?? 0.0);
    }

    /** @param list<array{component_id: int, lot_id: int|null, litres: float, cost?: float|null}> $taken those from before costs were kept have none */
    private static function sum(array $taken): ?float
    {
        $costs = array_map(static fn(array $part): ?float => $part['cost'] ?? null, $taken);

        return in_array(null, $costs, true) ? null : array_sum($costs);
    }
}
