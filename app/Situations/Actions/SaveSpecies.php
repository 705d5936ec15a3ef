<?php

declare(strict_types=1);

namespace App\Situations\Actions;

use App\Situations\Models\Species;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\RootVigour;

/** Adds a plant to the library or changes what one wants. */
final readonly class SaveSpecies
{
    private const FIELDS = ['name', 'plant_group', 'leaf', 'evergreen', 'vigour', 'unidentified', 'reason', ...Species::FIGURES];
    private const LIMITS = ['air_low' => [0, 0.8], 'air_high' => [0, 0.9], 'ph_low' => [3, 9], 'ph_high' => [3, 9], 'tension_limit_cm' => [10, 10_000], 'years_young' => [0.5, 20], 'years_old' => [0.5, 20]];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Species $species, array $input): Species
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 80);
        if ($name !== '' && Species::query()->where('name', $name)->whereKeyNot($species->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $group = PlantGroup::tryFrom((string) $fields->oneOf('plant_group', PlantGroup::words()));
        $values = [
            'name' => $name,
            'plant_group' => $group?->value,
            'leaf' => $fields->oneOf('leaf', array_column(Leaf::cases(), 'value'), Leaf::Middling->value),
            'evergreen' => $fields->flag('evergreen', false),
            'unidentified' => $fields->flag('unidentified', false),
            'vigour' => $fields->oneOf('vigour', array_column(RootVigour::cases(), 'value'), RootVigour::Middling->value),
            'reason' => $fields->text('reason', 200, ''),
        ];
        foreach (self::LIMITS as $field => [$min, $max]) {
            $values[$field] = $fields->has($field) ? $fields->number($field, $min, $max) : null;
        }
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
