<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\Vessel;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\WaterFill;

/** Adds a scoop or tub or changes one: its volume is typed, or follows from the mass of the water that fills it. */
final readonly class SaveVessel
{
    private const FIELDS = ['name', 'kind', 'volume_l', 'water_g', 'note'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Vessel $vessel, array $input): Vessel
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 60);
        if ($name !== '' && Vessel::query()->where('name', $name)->whereKeyNot($vessel->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $kind = $fields->oneOf('kind', Vessel::KINDS);
        $water = $fields->has('water_g') ? $fields->number('water_g', 1, 500_000) : null;
        $volume = $water !== null ? WaterFill::litres($water) : $fields->number('volume_l', 0.001, 10_000);
        $note = $fields->text('note', 200, '');
        $refusals->throwIfAny();
        $vessel->fill(['name' => $name, 'kind' => $kind, 'volume_l' => $volume, 'water_g' => $water, 'note' => $note])->save();

        return $vessel->refresh();
    }
}
