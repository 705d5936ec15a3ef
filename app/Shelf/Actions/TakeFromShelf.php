<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\Deliveries;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\StockByLot;

/** Draws litres of a component from its deliveries, the one that was named first, then the oldest; and puts them back. */
final readonly class TakeFromShelf
{
    private const SLACK_L = 1e-6;

    public function __construct(private MoveStock $move) {}

    /**
     * @param bool $allOrNothing whether to refuse where less is there; otherwise what is there is taken
     *
     * @return list<array{component_id: int, lot_id: int|null, litres: float, cost: float|null}> what was taken, and what it was worth
     *
     * @throws Refused field "stock", where there is less than that
     */
    public function __invoke(Component $component, float $litres, ?int $firstLot, string $note, bool $allOrNothing = true): array
    {
        $component->refresh()->unsetRelation('lotsLeft');
        $deliveries = Deliveries::offered($component);
        $there = array_sum(array_column($deliveries, 'litres'));
        if ($allOrNothing && $litres > $there + self::SLACK_L) {
            throw Refused::because('stock', 'stock_too_small', $component->name, ['litres' => round($litres, 2), 'there' => round($there, 2)]);
        }
        $litres = min($litres, $there);
        $lots = Lot::query()->findMany(array_filter(array_column($deliveries, 'id')))->keyBy('id');
        $taken = [];
        foreach (StockByLot::take($litres, $deliveries, $firstLot) as $part) {
            $lot = $part['id'] === null ? null : $lots[$part['id']];
            $this->move->move($component, $lot, 'used', -$part['litres'], $note);
            $taken[] = ['component_id' => $component->id, 'lot_id' => $part['id'], 'litres' => $part['litres'], 'cost' => ($lot?->pricePerL() === null ? $component->stock() : $lot->stock($component))->costOf($part['litres'])];
        }

        return $taken;
    }

    /**
     * What was taken was worth so much; null where that is not known of all of it: what was taken before that was kept has none.
     *
     * @param list<array{component_id: int, lot_id: int|null, litres: float, cost?: float|null}> $taken
     */
    public static function worth(array $taken): ?float
    {
        $costs = array_map(static fn(array $part): ?float => $part['cost'] ?? null, $taken);

        return in_array(null, $costs, true) ? null : array_sum($costs);
    }

    /** @param list<array{component_id: int, lot_id: int|null, litres: float}> $taken */
    public function putBack(array $taken, string $note): void
    {
        foreach ($taken as $part) {
            $component = Component::query()->findOrFail($part['component_id']);
            $lot = $part['lot_id'] === null ? null : Lot::query()->find($part['lot_id']);
            $this->move->move($component, $lot, 'returned', $part['litres'], $note);
        }
    }
}
