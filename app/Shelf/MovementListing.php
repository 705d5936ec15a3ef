<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Sheets\Column;
use App\Sheets\Listing;
use App\Shelf\Models\StockMovement;

/** Every litre that came onto the shelf or left it: one row for each movement, oldest first. */
final readonly class MovementListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('at', 'at'),
            new Column('component', 'component'),
            new Column('delivery', 'delivery'),
            new Column('kind', 'kind'),
            new Column('litres', 'litres', Column::NUMBER, 'L'),
            new Column('stock_after', 'stock_after', Column::NUMBER, 'L'),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        $query = StockMovement::query();
        $query->join('components', 'components.id', '=', 'stock_movements.component_id')->leftJoin('lots', 'lots.id', '=', 'stock_movements.lot_id');
        $query->select(['stock_movements.*', 'components.name as component_name', 'lots.name as lot_name']);
        foreach ($query->lazyById(500, 'stock_movements.id', 'id') as $moved) {
            yield [
                'at' => $moved->moved_at->toIso8601String(), 'component' => $moved->getAttribute('component_name'), 'delivery' => $moved->getAttribute('lot_name'), 'kind' => $moved->kind,
                'litres' => $moved->litres, 'stock_after' => $moved->stock_after_l, 'note' => $moved->note,
            ];
        }
    }
}
