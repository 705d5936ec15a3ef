<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;

/** A delivery and a movement of stock as the API shows them: schemas Lot and StockMovement. */
final class LotPresenter
{
    /** @return array<string, mixed> */
    public static function present(Lot $lot): array
    {
        return [
            'id' => $lot->id,
            ...$lot->only(['component_id', 'name', 'quantity_l', 'stock_l', 'price', 'note', 'held_note']),
            'delivered_on' => $lot->delivered_on->toDateString(),
            'price_per_l' => $lot->pricePerL(),
            'held_at' => $lot->held_at?->toIso8601String(),
            'measured' => ComponentPresenter::measured($lot->measured),
            'archived' => $lot->isArchived(),
        ];
    }

    /** @return array<string, mixed> */
    public static function movement(StockMovement $movement): array
    {
        return ['id' => $movement->id, ...$movement->only(['lot_id', 'kind', 'litres', 'stock_after_l', 'note']), 'moved_at' => $movement->moved_at->toIso8601String()];
    }
}
