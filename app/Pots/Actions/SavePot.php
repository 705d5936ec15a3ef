<?php

declare(strict_types=1);

namespace App\Pots\Actions;

use App\Common\Field;
use App\Pots\Models\Pot;
use App\Pots\PotFields;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\PotShape;

/** Adds a pot or changes one. */
final readonly class SavePot
{
    /** What stands beside the measures, not among them. */
    private const APART = ['shape', 'depth'];

    /** What keeps its value where a form does not give it. */
    private const KEPT = ['feet_cm', 'tie_holes', 'wall', 'colour', 'light_passes', 'home_made'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Pot $pot, array $input): Pot
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, PotFields::names(), $refusals);
        $described = PotFields::all();
        if ((int) $fields->raw('hole_count') > 0) {
            $described['hole_diameter_cm'] = $described['hole_diameter_cm']->asked();
        }
        $values = Field::readAll($described, $fields, $refusals, $pot->exists ? $pot->only(self::KEPT) : []);
        if ($values['name'] !== '' && Pot::query()->where('name', $values['name'])->whereKeyNot($pot->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $measures = $this->inside($fields, $refusals);
        $refusals->throwIfAny();
        $pot->fill([...$values, 'shape' => $fields->raw('shape'), 'depth' => $fields->raw('depth'), 'measures' => $measures])->save();

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
        foreach (array_intersect_key($raw, array_flip(self::APART)) as $name => $value) {
            $refusals->add(new Refusal('measures.'.$name, 'unknown', $value, ['known' => implode(', ', array_unique(array_merge(...array_map(static fn(PotShape $shape): array => $shape->measures(), PotShape::cases()))))]));
        }
        $flat = [...$raw, 'shape' => $fields->raw('shape'), 'depth' => $fields->raw('depth')];
        try {
            return Container::read(array_filter($flat, static fn(mixed $value): bool => $value !== null))->measures;
        } catch (Refused $refused) {
            foreach ($refused->refusals as $refusal) {
                $refusals->add(in_array($refusal->field, self::APART, true) ? $refusal : $refusal->under('measures'));
            }

            return [];
        }
    }
}
