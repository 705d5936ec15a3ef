<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Litres onto the shelf or off it, of a component or of one delivery of it; both sums and the movement are kept together. */
final class MoveStock
{
    private const SLACK_L = 1e-6;

    /**
     * From a form: `{kind: used|lost, litres}` takes away, `{kind: count, counted_l}` corrects to what was counted.
     *
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function asTyped(Component $component, array $input): StockMovement
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['kind', 'litres', 'counted_l', 'lot_id', 'note'], $refusals);
        $kind = $fields->oneOf('kind', ['count', 'used', 'lost']);
        $lot = null;
        if ($fields->has('lot_id')) {
            $id = $fields->integer('lot_id', 1, PHP_INT_MAX);
            $lot = Lot::query()->where('component_id', $component->id)->find($id);
            if ($lot === null && $id > 0) {
                $refusals->add(new Refusal('lot_id', 'lot_of_other', $id));
            }
        }
        $stock = $lot->stock_l ?? $component->stock_l;
        $litres = match ($kind) {
            'count' => $fields->number('counted_l', 0, 1e7) - $stock,
            null => NAN,
            default => -$fields->numberAbove('litres', 0, 1e7),
        };
        $note = $fields->text('note', 300, '');
        $refusals->throwIfAny();

        return $this->move($component, $lot, (string) $kind, $litres, $note);
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
}
