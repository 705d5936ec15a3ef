<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Common\Same;
use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Shelf\Actions\MoveStock;
use App\Shelf\Actions\SaveLot;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Basis\Input\Refused;

/** Deliveries, told apart by component and mark. */
final readonly class LotSheet implements Sheet
{
    public function __construct(private SaveLot $save, private MoveStock $move) {}

    public function columns(): array
    {
        return [
            new Column('component', 'component', required: true),
            new Column('delivery', 'name'),
            new Column('delivered_on', 'delivered_on', unit: 'YYYY-MM-DD', required: true),
            new Column('quantity', 'quantity_l', Column::NUMBER, 'L', required: true),
            new Column('left', 'left_l', Column::NUMBER, 'L'),
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
        $left = $values['left_l'] ?? null;
        unset($values['component'], $values['left_l']);
        $name = $values['name'] ?? $values['delivered_on'];
        $lot = Lot::query()->where('component_id', $component->id)->where('name', $name)->first() ?? new Lot();
        $before = $lot->exists ? $lot->getAttributes() : null;
        $saved = $left === null ? ($this->save)($lot, $component, $values) : $this->withLeft($lot, $component, $values, $left);
        $status = $before === null ? 'added' : (Same::values(array_diff_key($before, ['updated_at' => 0]), array_diff_key($saved->getAttributes(), ['updated_at' => 0])) ? 'same' : 'changed');

        return [$status, $component->name.', '.$saved->name];
    }

    /**
     * A delivery of which the file says what is left is one of those that stand on the shelf: where the stock was read of its component already, it is part of that.
     *
     * @param array<string, mixed> $values
     *
     * @throws Refused field "left_l"
     */
    private function withLeft(Lot $lot, Component $component, array $values, mixed $left): Lot
    {
        $most = $lot->exists ? $lot->quantity_l : (float) ($values['quantity_l'] ?? 0.0);
        if (! is_numeric($left) || $left < 0.0 || $left > $most + 1e-9) {
            throw Refused::because('left_l', 'number', $left, ['min' => 0, 'max' => $most]);
        }
        $isNew = ! $lot->exists;
        $loose = $isNew ? array_sum(array_map(static fn(array $row): float => $row['id'] === null ? $row['litres'] : 0.0, Deliveries::all($component->refresh()))) : 0.0;
        $saved = ($this->save)($lot, $component, $values);
        if (abs($saved->stock_l - $left) > 1e-9) {
            $this->move->move($component, $saved, 'count', $left - $saved->stock_l);
        }
        if ($isNew && min($loose, $left) > 1e-9) {
            $this->move->move($component, null, 'count', -min($loose, $left));
        }

        return $saved->refresh()->setRelation('component', $component);
    }

    public function all(): iterable
    {
        $lots = Lot::query()->with('component');
        // those of a component in the archive stay with it
        $lots->whereHas('component', static fn($component) => $component->whereNull('archived_at'));
        $lots->whereNull('archived_at');
        $lots->orderBy('delivered_on');
        $lots->orderBy('id');
        foreach ($lots->lazy() as $lot) {
            yield [
                'component' => $lot->component->name,
                'name' => $lot->name,
                'delivered_on' => $lot->delivered_on->toDateString(),
                'quantity_l' => $lot->quantity_l,
                'left_l' => $lot->stock_l,
                'price' => $lot->price,
                'note' => $lot->note,
            ];
        }
    }
}
