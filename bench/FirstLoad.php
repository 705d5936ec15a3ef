<?php

declare(strict_types=1);

namespace Bench;

/** Bytes of gzipped JavaScript that the first place needs: the entry and all that it imports at once. */
final class FirstLoad
{
    public static function measure(string $build): int
    {
        $manifest = json_decode((string) file_get_contents($build.'/.vite/manifest.json'), true, 16, JSON_THROW_ON_ERROR);
        $wanted = array_keys(array_filter($manifest, static fn(array $chunk): bool => ($chunk['isEntry'] ?? false) === true));
        $bytes = [];
        while (($name = array_pop($wanted)) !== null) {
            if (! isset($bytes[$name])) {
                $bytes[$name] = strlen((string) gzencode((string) file_get_contents($build.'/'.$manifest[$name]['file']), 9));
                array_push($wanted, ...($manifest[$name]['imports'] ?? []));
            }
        }

        return array_sum($bytes);
    }
}
