<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Eloquent\Casts\Attribute;

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
