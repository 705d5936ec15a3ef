<?php

declare(strict_types=1);

namespace App\Pots\Actions;

use App\Pots\Models\Pot;
use App\Shelf\Actions\ShelfFields;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;

/** Adds a pot or changes one. */
final readonly class SavePot
{
    public const FIELDS = [
        'name', 'shape', 'depth', 'measures', 'drying_sides', 'hole_count', 'hole_diameter_cm', 'hole_open_share', 'mesh_mm', 'weight_kg', 'price', 'owned', 'place',
        'feet_cm', 'tie_holes', 'wall', 'colour', 'light_passes', 'home_made',
    ];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Pot $pot, array $input): Pot
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 100);
        if ($name !== '' && Pot::query()->where('name', $name)->whereKeyNot($pot->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $measures = $this->inside($fields, $refusals);
        $count = $fields->integer('hole_count', 0, 10_000);
        $holes = [
            'hole_count' => $count,
            'hole_diameter_cm' => $count > 0 || $fields->has('hole_diameter_cm') ? $fields->number('hole_diameter_cm', Holes::LEAST_DIAMETER_CM, 100) : null,
            'hole_open_share' => $fields->number('hole_open_share', Holes::LEAST_OPEN_SHARE, 1, 1),
            'mesh_mm' => $fields->optionalAbove('mesh_mm', 0, 50),
        ];
        $rest = [
            'drying_sides' => $fields->flag('drying_sides', false),
            'weight_kg' => $fields->number('weight_kg', 0, 10_000, 0),
            'price' => $fields->has('price') ? $fields->number('price', 0, 1e6) : null,
            'owned' => $fields->integer('owned', 0, 1_000_000, 1),
            'place' => $fields->text('place', 100, ''),
            'feet_cm' => $fields->number('feet_cm', 0, 50, $pot->feet_cm ?? 0),
            'tie_holes' => $fields->integer('tie_holes', 0, 100, $pot->tie_holes ?? 0),
            'wall' => $fields->oneOf('wall', Pot::WALLS, $pot->wall ?? Pot::WALLS[0]),
            'colour' => $fields->has('colour') ? ShelfFields::colour($fields, $refusals) : ($pot->colour ?? '#8a5a44'),
            'light_passes' => $fields->flag('light_passes', $pot->light_passes ?? false),
            'home_made' => $fields->flag('home_made', $pot->home_made ?? false),
        ];
        $refusals->throwIfAny();

        $pot->fill(['name' => $name, 'shape' => $fields->raw('shape'), 'depth' => $fields->raw('depth'), 'measures' => $measures, ...$holes, ...$rest])->save();

        return $pot->refresh();
    }

    /**
     * Checks shape, depth and measures in the core; its paths are those of one flat object, ours has the measures apart.
     *
     * @return array<string, float>
     */
    private function inside(Fields $fields, Refusals $refusals): array
    {
        $raw = $fields->raw('measures');
        $raw = is_array($raw) ? $raw : [];
        $flat = ['shape' => $fields->raw('shape'), 'depth' => $fields->raw('depth'), ...$raw];
        try {
            return Container::read(array_filter($flat, static fn(mixed $value): bool => $value !== null))->measures;
        } catch (Refused $refused) {
            foreach ($refused->refusals as $refusal) {
                $refusals->add(in_array($refusal->field, ['shape', 'depth'], true) ? $refusal : $refusal->under('measures'));
            }

            return [];
        }
    }
}
