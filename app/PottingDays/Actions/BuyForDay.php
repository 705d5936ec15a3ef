<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\DayPurchase;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\SaveLot;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** What was bought for a day goes onto the shelf as a delivery. */
final readonly class BuyForDay
{
    public function __construct(private SaveLot $saveLot) {}

    /**
     * @param array<mixed> $input `{component_id, litres, price, name}`
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): DayPurchase
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['component_id', 'litres', 'price', 'name'], $refusals);
        $id = $fields->integer('component_id', 1, PHP_INT_MAX);
        $component = $id > 0 ? Component::query()->find($id) : null;
        if ($component === null && $id > 0) {
            $refusals->add(new Refusal('component_id', 'component_missing', $id));
        }
        $litres = $fields->numberAbove('litres', 0, 1e6);
        $price = $fields->has('price') ? $fields->number('price', 0, 1e7) : null;
        $name = $fields->text('name', 60, '');
        $refusals->throwIfAny();
        assert($component !== null);

        return DB::transaction(function () use ($day, $component, $litres, $price, $name): DayPurchase {
            $day->refresh()->mustBeOpen('component_id');
            $lot = ($this->saveLot)(new Lot(), $component, [
                'delivered_on' => Carbon::today()->toDateString(), 'quantity_l' => $litres, 'price' => $price,
                'name' => $name !== '' ? $name : self::mark($component, $day),
            ]);

            return DayPurchase::query()->create(['potting_day_id' => $day->id, 'component_id' => $component->id, 'lot_id' => $lot->id, 'litres' => $litres, 'price' => $price]);
        });
    }

    private static function mark(Component $component, PottingDay $day): string
    {
        $mark = mb_substr($day->name, 0, 45);
        $again = Lot::query()->where('component_id', $component->id)->where('name', 'like', addcslashes($mark, '%_').'%')->count();

        return $again === 0 ? $mark : $mark.' ('.($again + 1).')';
    }
}
