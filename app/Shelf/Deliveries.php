<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Illuminate\Database\Eloquent\Collection;

/** What lies on the shelf of a component, delivery by delivery, oldest first, and last what lies there without one: together they are its stock. */
final class Deliveries
{
    /** @return list<array{id: int|null, litres: float, held_l: float}> all of them; held_l what each came with */
    public static function all(Component $component): array
    {
        return self::rows($component, self::lots($component));
    }

    /** @return list<array{id: int|null, litres: float, held_l: float}> without those that are held or in the archive: what can be taken */
    public static function offered(Component $component): array
    {
        $lots = self::lots($component);
        $rows = self::rows($component, $lots);
        $kept = $lots->filter(static fn(Lot $lot): bool => ! $lot->isOffered())->modelKeys();

        return array_values(array_filter($rows, static fn(array $row): bool => ! in_array($row['id'], $kept, true)));
    }

    /** @return Collection<int, Lot> */
    private static function lots(Component $component): Collection
    {
        $query = Lot::query();
        $query->where('component_id', $component->id);
        $query->where('stock_l', '>', 0);
        $query->orderBy('delivered_on');
        $query->orderBy('id');

        return $query->get();
    }

    /**
     * @param Collection<int, Lot> $lots
     *
     * @return list<array{id: int|null, litres: float, held_l: float}>
     */
    private static function rows(Component $component, Collection $lots): array
    {
        $rows = array_values($lots->map(static fn(Lot $lot): array => ['id' => $lot->id, 'litres' => $lot->stock_l, 'held_l' => $lot->quantity_l])->all());
        $rows[] = ['id' => null, 'litres' => max(0.0, $component->stock_l - array_sum(array_column($rows, 'litres'))), 'held_l' => 0.0];

        return $rows;
    }
}
