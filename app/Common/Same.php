<?php

declare(strict_types=1);

namespace App\Common;

/** Whether two values are the same in a file: 4 is 4.0, and the order of named fields does not matter. */
final class Same
{
    public static function values(mixed $a, mixed $b): bool
    {
        return self::plain($a) === self::plain($b);
    }

    private static function plain(mixed $value): mixed
    {
        if (is_int($value)) {
            return (float) $value;
        }
        if (! is_array($value)) {
            return $value;
        }
        $plain = array_map(self::plain(...), $value);
        if (! array_is_list($plain)) {
            ksort($plain, SORT_STRING);
        }

        return $plain;
    }
}
