<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\Plant;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;

/**
 * Pots that a day needs: how many of each are wanted by plants that do not stand in one yet, how many are free or become so on the day, and how many are short.
 * Schema DayPot of the API.
 */
final class PotsOfDay
{
    /** @return list<array<string, mixed>> those that are short first */
    public static function of(PottingDay $day): array
    {
        $entries = $day->entries->filter(static fn(DayPlant $entry): bool => $entry->state === 'planned');
        $moving = $entries->filter(static fn(DayPlant $entry): bool => $entry->plant->pot_id !== $entry->pot_id);
        $freed = $moving->groupBy(static fn(DayPlant $entry): int => $entry->plant->pot_id ?? 0)->map(DayPlant::manyOf(...));
        $used = Plant::query()->whereNull('archived_at')->whereIn('pot_id', $moving->pluck('pot_id')->unique())->groupBy('pot_id')->selectRaw('pot_id, sum(coalesce(count, 1)) as plants')->pluck('plants', 'pot_id');
        $rows = [];
        foreach ($moving->groupBy('pot_id') as $potId => $ofPot) {
            $pot = $ofPot->firstOrFail()->pot;
            $free = max(0, $pot->owned - (int) ($used[$potId] ?? 0) + (int) ($freed[$potId] ?? 0));
            $wanted = DayPlant::manyOf($ofPot);
            $short = max(0, $wanted - $free);
            $rows[] = ['pot_id' => $pot->id, 'name' => $pot->name, 'wanted' => $wanted, 'free' => $free, 'short' => $short, 'price' => $pot->price, 'cost' => $short === 0 ? 0.0 : ($pot->price === null ? null : $short * $pot->price)];
        }
        usort($rows, static fn(array $a, array $b): int => [$b['short'] > 0, $a['name']] <=> [$a['short'] > 0, $b['name']]);

        return $rows;
    }
}
