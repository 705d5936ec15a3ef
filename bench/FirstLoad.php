<?php

declare(strict_types=1);

namespace Bench;

/** Bytes that the first place needs, gzipped: the entry, all that it imports at once, and their styles. */
final class FirstLoad
{
    public static function measure(string $build): int
    {
        $manifest = json_decode((string) file_get_contents($build.'/.vite/manifest.json'), true, 16, JSON_THROW_ON_ERROR);
        $wanted = array_keys(array_filter($manifest, static fn(array $chunk): bool => ($chunk['isEntry'] ?? false) === true));
        $bytes = [];
        while (($name = array_pop($wanted)) !== null) {
            if (! isset($bytes[$name])) {
                $files = [$manifest[$name]['file'], ...($manifest[$name]['css'] ?? [])];
                $bytes[$name] = array_sum(array_map(static fn(string $file): int => strlen((string) gzencode((string) file_get_contents($build.'/'.$file), 9)), $files));
                array_push($wanted, ...($manifest[$name]['imports'] ?? []));
            }
        }

        return array_sum($bytes);
    }
}
