<?php

declare(strict_types=1);

namespace App\Common;

/** Sentences of the catalogue in lang/, in the language of the application. */
final class Words
{
    /** @param array<string, float|int|string> $gaps */
    public static function of(string $key, array $gaps = []): string
    {
        $sentence = trans($key, $gaps);

        return is_string($sentence) ? $sentence : $key;
    }

    /**
     * A file of the catalogue that holds lists of words.
     *
     * @return array<string, array<array-key, float|int|string>>
     */
    public static function list(string $file): array
    {
        $lists = trans($file);

        return is_array($lists) ? $lists : [];
    }
}
