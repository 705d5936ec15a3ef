<?php

declare(strict_types=1);

namespace App\Common;

/** Who it is that changes something, where a name was given: kept with the change. */
final class Author
{
    private static string $name = '';

    /**
     * @template T
     *
     * @param callable(): T $change
     *
     * @return T
     */
    public static function is(string $name, callable $change): mixed
    {
        [$before, self::$name] = [self::$name, $name];
        try {
            return $change();
        } finally {
            self::$name = $before;
        }
    }

    public static function name(): string
    {
        return self::$name;
    }
}
