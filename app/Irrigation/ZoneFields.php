<?php

declare(strict_types=1);

namespace App\Irrigation;

use App\Common\Field;

/** What is written down of an irrigation zone, each field described once: form, column, answer and contract follow from here. */
final class ZoneFields
{
    /** Of a line whose evenness nobody measured with catch cups. */
    private const USUAL_UNIFORMITY = 0.85;

    /** @return array<string, Field> by name */
    public static function all(): array
    {
        return Field::byName(
            Field::text('name', 60, null),
            Field::above('rate_l_h', 'L/h', 200)->asked(),
            Field::figure('uniformity', '', 0.3, 1, self::USUAL_UNIFORMITY),
            Field::text('note', 400),
        );
    }
}
