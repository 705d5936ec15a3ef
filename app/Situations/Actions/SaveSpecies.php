<?php

declare(strict_types=1);

namespace App\Situations\Actions;

use App\Common\Field;
use App\Situations\Models\Species;
use App\Situations\SpeciesFields;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\PlantGroup;

/** Adds a plant to the library or changes what one wants. */
final readonly class SaveSpecies
{
    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Species $species, array $input): Species
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, array_keys(SpeciesFields::all()), $refusals);
        $values = Field::readAll(SpeciesFields::all(), $fields, $refusals);
        $name = (string) $values['name'];
        if ($name !== '' && Species::query()->where('name', $name)->whereKeyNot($species->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $group = PlantGroup::tryFrom((string) $values['plant_group']);
        if ($group !== null) {
            $this->order($values, 'air', $group->air()->low, $group->air()->high, $refusals);
            $this->order($values, 'ph', $group->ph()->low, $group->ph()->high, $refusals);
        }
        $refusals->throwIfAny();
        $species->fill([...($species->exists ? [] : ['key' => Str::slug($name).'-'.Str::lower(Str::random(6))]), ...$values])->save();

        return $species->refresh();
    }

    /** @param array<string, mixed> $values */
    private function order(array $values, string $what, float $groupLow, float $groupHigh, Refusals $refusals): void
    {
        $low = $values[$what.'_low'] ?? $groupLow;
        $high = $values[$what.'_high'] ?? $groupHigh;
        if ($low >= $high) {
            $refusals->add(new Refusal($what.'_high', 'band_order', $high, ['min' => $low]));
        }
    }
}
