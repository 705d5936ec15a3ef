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
            foreach (['air' => $group->air(), 'ph' => $group->ph()] as $what => $usual) {
                [$low, $high] = [self::edge($values[$what.'_low'] ?? null, $usual->low), self::edge($values[$what.'_high'] ?? null, $usual->high)];
                if ($low >= $high) {
                    $refusals->add(new Refusal($what.'_high', 'band_order', $high, ['min' => $low]));
                }
            }
        }
        $refusals->throwIfAny();
        $species->fill([...($species->exists ? [] : ['key' => Str::slug($name).'-'.Str::lower(Str::random(6))]), ...$values])->save();

        return $species->refresh();
    }

    private static function edge(mixed $own, float $usual): float
    {
        return is_float($own) || is_int($own) ? (float) $own : $usual;
    }
}
