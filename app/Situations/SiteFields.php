<?php

declare(strict_types=1);

namespace App\Situations;

use App\Common\Field;

/** What is written down of a site, each field described once: form, column, answer and contract follow from here. */
final class SiteFields
{
    /** Where it lies and its months, which the core reads together. */
    public const CLIMATE = ['latitude', 'altitude_m', 'months'];

    /** @return array<string, Field> by name */
    public static function all(): array
    {
        return Field::byName(
            Field::text('name', 80, null),
            Field::figure('alkalinity_mg_l', 'mg/L', 0, 1000, 0.0),
            Field::figure('rain_share', '0-1', 0, 1, 0.0),
            Field::figure('water_ec_ms_cm', 'mS/cm', 0, 20),
            Field::dayOfYear('last_frost'),
            Field::dayOfYear('first_frost'),
            Field::text('note', 500),
        );
    }

    /** @return list<string> of all that a form of a site may hold */
    public static function names(): array
    {
        return [...array_keys(self::all()), ...self::CLIMATE];
    }
}
