<?php

declare(strict_types=1);

namespace App\Common;

use Zolbek\Core\Basis\Input\Fields;

/** Who it is that changes something, where a name was given or somebody signed in: kept with the change. */
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

    /** The name in a form's field "person": the one that was typed, else of who is signed in, else another one. */
    public static function of(Fields $fields, string $otherwise = ''): string
    {
        foreach ([$fields->text('person', 60, ''), self::$name] as $name) {
            if ($name !== '') {
                return $name;
            }
        }

        return $otherwise;
    }
}
