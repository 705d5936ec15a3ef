<?php

declare(strict_types=1);

namespace App\Situations;

use App\Common\Field;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\RootVigour;

/** What the library says of a plant, each field described once: form, column, answer and contract follow from here. */
final class SpeciesFields
{
    /** @return array<string, Field> by name */
    public static function all(): array
    {
        $words = static fn(array $cases): array => array_column($cases, 'value');

        return Field::byName(
            Field::text('name', 80, null),
            Field::text('botanical', 80),
            Field::word('plant_group', PlantGroup::words(), null, 'PlantGroup'),
            Field::word('leaf', $words(Leaf::cases()), Leaf::Middling->value, 'Leaf'),
            Field::flag('evergreen'),
            Field::word('vigour', $words(RootVigour::cases()), RootVigour::Middling->value, 'Vigour'),
            Field::flag('unidentified'),
            Field::text('reason', 200),
            // what it wants otherwise than its group
            Field::figure('air_low', '', 0, 0.8),
            Field::figure('air_high', '', 0, 0.9),
            Field::figure('ph_low', '', 3, 9),
            Field::figure('ph_high', '', 3, 9),
            Field::figure('tension_limit_cm', 'cm', 10, 10_000),
            Field::figure('years_young', '', 0.5, 20),
            Field::figure('years_old', '', 0.5, 20),
        );
    }
}
