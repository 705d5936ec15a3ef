<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\TakeFromShelf;

/**
 * What the material of a day cost, by the prices at which it was taken from the shelf: of each plant its mix, what went in beside it, and its feed and pot where those
 * have a price. Null where the price of something was not known. Schema DayCosts of the API.
 */
final class Costs
{
    /** @return array{used: float|null, entries: list<array{entry_id: int, mix: float|null, beside: float|null, feed: float|null, pot: float|null, total: float|null}>} */
    public static function of(PottingDay $day): array
    {
        $perL = [];
        foreach ($day->loads->groupBy('recipe_id') as $recipeId => $loads) {
            $perL[$recipeId] = self::perLitre($loads);
        }
        $entries = [];
        $feed = 0.0;
        foreach ($day->entries as $entry) {
            if ($entry->isPotted()) {
                $feed += $entry->actual->feedCost ?? 0.0;
                [$mix, $beside] = [self::mix($entry, $perL), TakeFromShelf::worth($entry->actual->taken)];
                $entries[] = ['entry_id' => $entry->id, 'mix' => $mix, 'beside' => $beside, 'feed' => $entry->actual->feedCost, 'pot' => $pots = $entry->pot->price === null ? null : $entry->count * $entry->pot->price, 'total' => $mix === null || $beside === null ? null : $mix + $beside + ($entry->actual->feedCost ?? 0.0) + ($pots ?? 0.0)];
            }
        }
        $taken = array_merge([], ...$day->loads->map(static fn(DayLoad $load): array => $load->taken)->all(), ...$day->entries->map(static fn(DayPlant $entry): array => $entry->actual->taken)->all());

        $worth = TakeFromShelf::worth($taken);

        return ['used' => $worth === null ? null : $worth + $feed, 'entries' => $entries];
    }

    /**
     * What a litre of a mix in the tub cost.
     *
     * @param iterable<DayLoad> $loads
     */
    public static function perLitre(iterable $loads): ?float
    {
        $taken = [];
        $litres = 0.0;
        foreach ($loads as $load) {
            $taken = [...$taken, ...$load->taken];
            $litres += $load->pouredL();
        }
        $cost = TakeFromShelf::worth($taken);

        return $cost === null || $litres <= 0.0 ? null : $cost / $litres;
    }

    /** @param array<int, float|null> $perL by id of the recipe */
    private static function mix(DayPlant $entry, array $perL): ?float
    {
        $price = $perL[$entry->recipe_id] ?? null;

        return $price === null ? null : $price * ($entry->actual->usedL ?? 0.0);
    }
}
