<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;

/** What ships with Zolbek is kept in English and said in the language of the reader; what somebody wrote stays as it was written. */
final class SaidHere
{
    /** A column that may hold a shipped name or line. */
    public static function column(): Attribute
    {
        return Attribute::make(get: static fn(?string $kept): string => self::text((string) $kept), set: static fn(?string $typed): string => self::kept((string) $typed))->withoutObjectCaching();
    }

    public static function text(string $english): string
    {
        return Words::shipped()[$english] ?? $english;
    }

    /**
     * Sorts by a column as it is said in the reader's language; what somebody wrote by how it was written.
     *
     * @param Builder<covariant Model> $query
     */
    public static function order(Builder $query, string $column, string $direction): void
    {
        $said = Words::shipped();
        if ($said === []) {
            $query->orderBy($column, $direction);

            return;
        }
        $cases = str_repeat(' when ? then ?', count($said));
        $pairs = array_merge(...array_map(static fn(string $english, string $here): array => [$english, $here], array_keys($said), $said));
        $query->orderByRaw("case \"{$column}\"{$cases} else \"{$column}\" end {$direction}", $pairs);
    }

    /** @return list<string> shipped texts, as they are kept, that hold a text where they are said in the reader's language */
    public static function keptOf(string $text): array
    {
        return array_keys(array_filter(Words::shipped(), static fn(string $said): bool => mb_stripos($said, $text) !== false));
    }

    /** A shipped text that comes back as it was said is kept in English, so that every reader has it in his own language. */
    public static function kept(string $typed): string
    {
        return array_flip(Words::shipped())[$typed] ?? $typed;
    }
}
