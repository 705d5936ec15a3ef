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
}
