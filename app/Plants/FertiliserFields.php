<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Field;
use App\Plants\Models\Fertiliser;

/** What is written down of a fertiliser by its label, each field described once: form, column, answer and contract follow from here. */
final class FertiliserFields
{
    /** @return array<string, Field> by name */
    public static function all(): array
    {
        return Field::byName(
            Field::text('name', 100, null),
            Field::word('form', Fertiliser::FORMS, null, 'FertiliserForm'),
            Field::figure('n_percent', '%', 0, 60)->asked(),
            Field::figure('p2o5_percent', '%', 0, 60)->asked(),
            Field::figure('k2o_percent', '%', 0, 60)->asked(),
            Field::above('label_g_l', 'g/L', 50)->asked(),
            Field::above('surface_g_l', 'g/L', 50),
            Field::figure('price_per_kg', '', 0, 100_000),
            Field::figure('longevity_days', 'd', 7, 900),
            Field::text('note', 1000),
        );
    }
}
