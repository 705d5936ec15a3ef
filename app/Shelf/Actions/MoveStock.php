<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\Deliveries;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\StockByLot;

/**
 * Litres onto the shelf or off it, of a component or of one delivery of it. What is of no named delivery is spread over them, so that the deliveries and what lies
 * there without one always come to the stock.
 */
final class MoveStock
{
    private const SLACK_L = 1e-6;
    private const MOST_L = 1e7;

    /**
     * From a form: `{kind: used|lost, litres}` takes away, `{kind: count, counted_l}` corrects to what was counted: of all, of one delivery by `lot_id`, or of several
     * by `lots: [{lot_id, counted_l}]`, the rest of counted_l lying there without one.
     *
     * @param array<mixed> $input
     *
     * @return StockMovement the last that this makes
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function asTyped(Component $component, array $input): StockMovement
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['kind', 'litres', 'counted_l', 'lot_id', 'lots', 'note'], $refusals);
        $kind = $fields->oneOf('kind', ['count', 'used', 'lost']);
        $lot = $fields->has('lot_id') ? self::lot($component, $fields->integer('lot_id', 1, PHP_INT_MAX), 'lot_id', $refusals) : null;
        $litres = match ($kind) {
            'count' => $fields->number('counted_l', 0, self::MOST_L),
            null => NAN,
            default => $fields->numberAbove('litres', 0, self::MOST_L),
        };
        $counted = $kind === 'count' ? self::counted($component, $fields->raw('lots') ?? [], $litres, $refusals) : [];
        $note = $fields->text('note', 300, '');
        $refusals->throwIfAny();

        return DB::transaction(function () use ($component, $lot, $kind, $litres, $counted, $note): StockMovement {
            $component->refresh();
            $lot?->refresh();

            return match (true) {
                $kind !== 'count' && $lot === null => $this->draw($component, (string) $kind, $litres, $note),
                $kind !== 'count' => $this->move($component, $lot, (string) $kind, -$litres, $note),
                $lot !== null => $this->move($component, $lot, 'count', $litres - $lot->stock_l, $note),
                $counted !== [] => $this->countEach($component, $counted, $litres, $note),
                default => $this->count($component, $litres, $note),
            };
        });
    }

    /**
     * The whole of a component was counted: the difference is spread over its deliveries.
     *
     * @param bool $isWritten whether it is a figure that was written over, of which nobody knows where more of it lies
     */
    public function count(Component $component, float $counted, string $note = '', bool $isWritten = false): StockMovement
    {
        return DB::transaction(function () use ($component, $counted, $note, $isWritten): StockMovement {
            $difference = $counted - $component->refresh()->stock_l;
            $deliveries = Deliveries::all($component);
            $parts = $difference < 0.0
                ? array_map(static fn(array $part): array => ['id' => $part['id'], 'litres' => -$part['litres']], StockByLot::take(-$difference, $deliveries))
                : StockByLot::find($difference, $isWritten ? [] : $deliveries);

            return $this->each($component, 'count', $parts, $note);
        });
    }

    /** Refused at "litres" where less than nothing would be left. */
    public function move(Component $component, ?Lot $lot, string $kind, float $litres, string $note = '', ?Carbon $at = null): StockMovement
    {
        return DB::transaction(static function () use ($component, $lot, $kind, $litres, $note, $at): StockMovement {
            $component->refresh();
            $lot?->refresh();
            $stock = $lot->stock_l ?? $component->stock_l;
            if ($stock + $litres < -self::SLACK_L || $component->stock_l + $litres < -self::SLACK_L) {
                throw Refused::because('litres', 'stock_below_zero', -$litres, ['max' => min($stock, $component->stock_l)]);
            }
            $component->stock_l = max(0.0, $component->stock_l + $litres);
            $component->save();
            if ($lot !== null) {
                $lot->stock_l = max(0.0, $lot->stock_l + $litres);
                $lot->save();
            }

            return StockMovement::query()->create([
                'component_id' => $component->id, 'lot_id' => $lot?->id, 'kind' => $kind, 'litres' => $litres,
                'stock_after_l' => $component->stock_l, 'note' => $note, 'moved_at' => $at ?? Carbon::now(),
            ]);
        });
    }

    private function draw(Component $component, string $kind, float $litres, string $note): StockMovement
    {
        if ($litres > $component->stock_l + self::SLACK_L) {
            throw Refused::because('litres', 'stock_below_zero', $litres, ['max' => $component->stock_l]);
        }
        $taken = StockByLot::take($litres, Deliveries::all($component));

        return $this->each($component, $kind, array_map(static fn(array $part): array => ['id' => $part['id'], 'litres' => -$part['litres']], $taken), $note);
    }

    /** @param array<int, float> $counted by id of the delivery */
    private function countEach(Component $component, array $counted, float $all, string $note): StockMovement
    {
        $parts = [];
        $others = $all;
        foreach (Deliveries::all($component) as $delivery) {
            if ($delivery['id'] !== null) {
                $now = $counted[$delivery['id']] ?? $delivery['litres'];
                $parts[] = ['id' => $delivery['id'], 'litres' => $now - $delivery['litres']];
                $others -= $now;
            } else {
                $loose = $delivery['litres'];
            }
        }
        if ($others < -self::SLACK_L) {
            throw Refused::because('counted_l', 'count_under_deliveries', $all, ['min' => round($all - $others, 3)]);
        }
        $parts[] = ['id' => null, 'litres' => max(0.0, $others) - ($loose ?? 0.0)];

        return $this->each($component, 'count', array_values(array_filter($parts, static fn(array $part): bool => abs($part['litres']) > 1e-9)), $note);
    }

    /** @param list<array{id: int|null, litres: float}> $parts what is less first, so that nothing falls below zero between */
    private function each(Component $component, string $kind, array $parts, string $note): StockMovement
    {
        usort($parts, static fn(array $a, array $b): int => $b['litres'] <=> $a['litres']);
        $lots = Lot::query()->findMany(array_filter(array_column($parts, 'id')))->keyBy('id');
        $last = null;
        foreach ($parts as $part) {
            $last = $this->move($component, $part['id'] === null ? null : $lots[$part['id']], $kind, $part['litres'], $note);
        }

        return $last ?? $this->move($component, null, $kind, 0.0, $note);
    }

    private static function lot(Component $component, int $id, string $field, Refusals $refusals): ?Lot
    {
        $query = Lot::query();
        $query->where('component_id', $component->id);
        $lot = $id > 0 ? $query->find($id) : null;
        if ($lot === null && $id > 0) {
            $refusals->add(new Refusal($field, 'lot_of_other', $id));
        }

        return $lot;
    }

    /** @return array<int, float> litres that were counted of single deliveries, by id */
    private static function counted(Component $component, mixed $input, float $all, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $refusals->add(new Refusal('lots', 'list', $input));

            return [];
        }
        $counted = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['lot_id', 'counted_l'], $refusals, 'lots.'.$i);
            $id = $fields->integer('lot_id', 1, PHP_INT_MAX);
            $lot = self::lot($component, $id, 'lots.'.$i.'.lot_id', $refusals);
            $litres = $fields->number('counted_l', 0, is_nan($all) ? self::MOST_L : $all);
            if ($lot !== null) {
                $counted[$lot->id] = $litres;
            }
        }

        return $counted;
    }
}
