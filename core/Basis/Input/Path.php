<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

/** Dotted paths of fields in nested input. */
final class Path
{
    public static function join(string $path, string|int $field): string
    {
        return match (true) {
            $path === '' => (string) $field,
            $field === '' => $path,
            default => $path.'.'.$field,
        };
    }
}
