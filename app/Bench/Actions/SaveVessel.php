<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\Vessel;
use App\Bench\VesselFields;
use App\Common\Field;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\WaterFill;

/** Adds a scoop or tub or changes one: its volume is typed, or follows from the mass of the water that fills it. */
final readonly class SaveVessel
{
    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Vessel $vessel, array $input): Vessel
    {
        $refusals = new Refusals();
        $described = VesselFields::all();
        $fields = Fields::of($input, array_keys($described), $refusals);
        $isWeighed = $fields->has('water_g');
        if (! $isWeighed) {
            $described['volume_l'] = $described['volume_l']->asked();
        }
        $values = Field::readAll($isWeighed ? array_diff_key($described, ['volume_l' => 0]) : $described, $fields, $refusals);
        if ($values['name'] !== '' && Vessel::query()->where('name', $values['name'])->whereKeyNot($vessel->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $refusals->throwIfAny();
        $vessel->fill([...$values, ...is_float($values['water_g']) ? ['volume_l' => WaterFill::litres($values['water_g'])] : []])->save();

        return $vessel->refresh();
    }
}
