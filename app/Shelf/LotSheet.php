<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Common\Same;
use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Shelf\Actions\SaveLot;
use App\Shelf\Models\Lot;

/** Deliveries, told apart by component and mark. */
final readonly class LotSheet implements Sheet
{
    public function __construct(private SaveLot $save) {}

    public function columns(): array
    {
        return [
            new Column('component', 'component', required: true),
            new Column('delivery', 'name'),
            new Column('delivered_on', 'delivered_on', unit: 'YYYY-MM-DD', required: true),
            new Column('quantity', 'quantity_l', Column::NUMBER, 'L', required: true),
            new Column('price', 'price', Column::NUMBER),
            new Column('note', 'note'),
        ];
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        return mb_strtolower($values['component'].'|'.($values['name'] ?? $values['delivered_on']));
    }

    public function take(array $values): array
    {
        $component = ComponentByName::find($values['component']);
        unset($values['component']);
        $name = $values['name'] ?? $values['delivered_on'];
        $lot = Lot::query()->where('component_id', $component->id)->where('name', $name)->first() ?? new Lot();
        $before = $lot->exists ? $lot->getAttributes() : null;
        $saved = ($this->save)($lot, $component, $values);
        $status = $before === null ? 'added' : (Same::values(array_diff_key($before, ['updated_at' => 0]), array_diff_key($saved->getAttributes(), ['updated_at' => 0])) ? 'same' : 'changed');

        return [$status, $component->name.', '.$saved->name];
    }

    public function all(): iterable
    {
        $lots = Lot::query()->with('component');
        $lots->whereNull('archived_at');
        $lots->orderBy('delivered_on');
        $lots->orderBy('id');
        foreach ($lots->lazy() as $lot) {
            yield [
                'component' => $lot->component->name,
                'name' => $lot->name,
                'delivered_on' => $lot->delivered_on->toDateString(),
                'quantity_l' => $lot->quantity_l,
                'price' => $lot->price,
                'note' => $lot->note,
            ];
        }
    }
}
