<?php

declare(strict_types=1);

namespace App\Pots;

use App\Common\Field;
use App\Pots\Models\Pot;
use Zolbek\Core\Place\Container\Holes;

/** What is written down of a pot, each field described once: form, column, CSV, answer and contract follow from here. */
final class PotFields
{
    /** Shape, depth and its measures, which the core reads together. */
    public const INSIDE = ['shape', 'depth', 'measures'];

    /** @return array<string, Field> by name */
    public static function all(): array
    {
        return Field::byName(
            Field::text('name', 100, null),
            Field::flag('drying_sides'),
            Field::whole('hole_count', 0, 10_000)->asked(),
            Field::figure('hole_diameter_cm', 'cm', Holes::LEAST_DIAMETER_CM, 100),
            Field::figure('hole_open_share', '0-1', Holes::LEAST_OPEN_SHARE, 1, 1.0),
            Field::above('mesh_mm', 'mm', 50),
            Field::figure('weight_kg', 'kg', 0, 10_000, 0.0),
            Field::figure('price', '', 0, 1e6),
            Field::whole('owned', 0, 1_000_000, 1),
            Field::text('place', 100),
            Field::figure('feet_cm', 'cm', 0, 50, 0.0),
            Field::whole('tie_holes', 0, 100, 0),
            Field::word('wall', Pot::WALLS, Pot::WALLS[0], 'PotWall'),
            Field::colour('colour', '#8a5a44'),
            Field::flag('light_passes'),
            Field::flag('home_made'),
        );
    }

    /** @return list<string> of all that a form of a pot may hold */
    public static function names(): array
    {
        return [...array_keys(self::all()), ...self::INSIDE];
    }
}
