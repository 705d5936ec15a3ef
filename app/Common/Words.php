<?php

declare(strict_types=1);

namespace App\Common;

/** Sentences of the catalogue in lang/, in the language of the application. */
final class Words
{
    /** Each is a folder of lang/, the first one the language that others fall back to. */
    public const LANGUAGES = ['en', 'id'];

    /** @var array<string, array<string, string>> what ships, by language; it is asked for at every name that is read */
    private static array $shipped = [];

    /** @param array<string, float|int|string> $gaps */
    public static function of(string $key, array $gaps = [], ?string $language = null): string
    {
        $sentence = trans($key, $gaps, $language);

        return is_string($sentence) ? $sentence : $key;
    }

    /**
     * The same in every language, for what was written down in one of them.
     *
     * @return list<string>
     */
    public static function inAll(string $key): array
    {
        return array_map(static fn(string $language): string => self::of($key, language: $language), self::LANGUAGES);
    }

    /** @return array<string, string> what ships with Zolbek, said in a language, by what it is called in English */
    public static function shipped(?string $language = null): array
    {
        $language ??= app()->getLocale();

        return self::$shipped[$language] ??= is_array($said = trans('shipped', locale: $language)) ? $said : [];
    }

    /** A figure as it is written where the reader is. */
    public static function number(float $value): string
    {
        return is_nan($value) ? '?' : str_replace('.', self::of('errors.decimal'), (string) (float) sprintf('%.4g', $value));
    }

    /**
     * A file of the catalogue that holds lists of words, in the reader's language unless another is asked for.
     *
     * @return array<string, array<array-key, float|int|string>>
     */
    public static function list(string $file, ?string $language = null): array
    {
        $lists = trans($file, locale: $language);

        return is_array($lists) ? $lists : [];
    }
}
