<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Common\Day;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Takes in a delivery of a component, or corrects what was written of one. Its litres change by movements only. */
final readonly class SaveLot
{
    public const FIELDS = ['name', 'delivered_on', 'quantity_l', 'price', 'note'];

    public function __construct(private MoveStock $moveStock) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Lot $lot, Component $component, array $input): Lot
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $day = Day::required($fields, 'delivered_on', $refusals, 1);
        $name = $fields->text('name', 60, $day?->toDateString() ?? '');
        if ($name !== '' && Lot::query()->where('component_id', $component->id)->where('name', $name)->whereKeyNot($lot->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'lot_name_taken', $name));
        }
        if ($component->isMix()) {
            $refusals->add(new Refusal('name', 'lot_of_mix', $component->name));
        }
        $quantity = $lot->exists ? $lot->quantity_l : $fields->numberAbove('quantity_l', 0, 1e6);
        if ($lot->exists && $fields->has('quantity_l') && $fields->number('quantity_l', 0, 1e6) !== $lot->quantity_l) {
            $refusals->add(new Refusal('quantity_l', 'lot_quantity_fixed', $fields->raw('quantity_l'), ['max' => $lot->quantity_l]));
        }
        $price = $fields->has('price') ? $fields->number('price', 0, 1e7) : null;
        $note = $fields->text('note', 2000, '');
        $refusals->throwIfAny();

        return DB::transaction(function () use ($lot, $component, $name, $day, $quantity, $price, $note): Lot {
            $isNew = ! $lot->exists;
            $lot->fill(['component_id' => $component->id, 'name' => $name, 'delivered_on' => $day, 'quantity_l' => $quantity, 'price' => $price, 'note' => $note])->save();
            if ($isNew) {
                $this->moveStock->move($component, $lot->refresh(), 'delivery', $quantity, $name, $day);
            }

            return $lot->refresh()->setRelation('component', $component);
        });
    }
}
