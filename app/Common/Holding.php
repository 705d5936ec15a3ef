<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Contracts\Database\Query\Builder;

/** A text looked for anywhere in columns; the wildcards of the database are taken as they are typed. */
final class Holding
{
    /** @param literal-string ...$columns any of which may hold the text */
    public static function any(Builder $query, string $text, string ...$columns): void
    {
        $like = '%'.addcslashes($text, '%_\\').'%';
        foreach ($columns as $column) {
            $query->orWhereRaw("\"{$column}\" like ? escape '\\'", [$like]);
        }
    }
}
