<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\Vessel;
use App\Common\Field;

/** What is written down of a scoop or tub, each field described once: form, column, answer and contract follow from here. */
final class VesselFields
{
    /** @return array<string, Field> by name */
    public static function all(): array
    {
        return Field::byName(
            Field::text('name', 60, null),
            Field::word('kind', Vessel::KINDS, null, 'VesselKind'),
            Field::figure('volume_l', 'L', 0.001, 10_000)->found(),
            Field::figure('water_g', 'g', 1, 500_000),
            Field::text('note', 200),
        );
    }
}
