<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\Models\Lot;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A bad delivery is held: its litres stay in the stock, and nothing is taken of it or offered from it until it is let go. */
final class HoldLot
{
    /**
     * @param array<mixed> $input `{held, note}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Lot $lot, array $input): Lot
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['held', 'note'], $refusals);
        $held = $fields->flag('held', false);
        if (! $fields->has('held')) {
            $refusals->add(new Refusal('held', 'required'));
        }
        // why is what the next one asks who finds it held
        $note = $held ? $fields->text('note', 300) : '';
        $refusals->throwIfAny();
        $lot->fill(['held_at' => $held ? ($lot->held_at ?? Carbon::now()) : null, 'held_note' => $note])->save();

        return $lot;
    }
}
