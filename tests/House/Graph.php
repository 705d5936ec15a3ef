<?php

declare(strict_types=1);

namespace Tests\House;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Who imports whom, file by file, and the same between rooms: the folders that the files lie in. */
final readonly class Graph
{
    /** @param array<string, list<string>> $imports files by the file that imports them, paths without their ending from the root of the layer */
    public function __construct(public array $imports) {}

    /** A folder of classes, one to a file: every `use` of the namespace and every name written out in full is an arrow. */
    public static function php(string $folder, string $namespace): self
    {
        $imports = [];
        foreach (self::files($folder, ['php']) as $path => $text) {
            $file = preg_replace('/\.php$/', '', $path);
            preg_match_all('/\\\\?\b'.preg_quote($namespace, '/').'\\\\([\w\\\\]+)/', (string) preg_replace('/^namespace .*$/m', '', $text), $found);
            $named = array_map(static fn(string $class): string => str_replace('\\', '/', $class), $found[1]);
            $imports[$file] = array_values(array_unique(array_filter($named, static fn(string $class): bool => $class !== $file && is_file($folder.'/'.$class.'.php'))));
        }

        return new self($imports);
    }

    /** A folder of TypeScript: every import of a path beside it is an arrow. */
    public static function typeScript(string $folder): self
    {
        $imports = [];
        foreach (self::files($folder, ['ts', 'tsx']) as $path => $text) {
            if (str_contains($path, '.test.') || str_starts_with($path, 'testing/')) {
                continue;
            }
            preg_match_all('/(?:from|import|import\()\s*\'(\.{1,2}\/[^\']+)(?<!\.css)\'/', $text, $found);
            $imports[(string) preg_replace('/\.tsx?$/', '', $path)] = array_values(array_unique(array_map(static fn(string $to): string => self::joined(dirname($path), $to), $found[1])));
        }

        return new self($imports);
    }

    /**
     * Arrows between rooms, each with the files that make it.
     *
     * @param int $depth how many folders deep a room lies
     *
     * @return array<string, array<string, list<string>>> files by room that is imported, by room that imports
     */
    public function rooms(int $depth = 1): array
    {
        $rooms = [];
        foreach ($this->imports as $file => $named) {
            $from = self::room($file, $depth);
            $rooms[$from] ??= [];
            foreach ($named as $other) {
                $to = self::room($other, $depth);
                if ($to !== $from) {
                    $rooms[$from][$to][] = $file.' > '.$other;
                }
            }
        }
        ksort($rooms);

        return $rooms;
    }

    /**
     * Arrows that point to a room further down the list: from what is below to what is above it.
     *
     * @param list<string> $order rooms from the ground up
     *
     * @return list<string>
     */
    public function rising(array $order): array
    {
        $rising = [];
        foreach ($this->rooms() as $from => $others) {
            foreach ($others as $to => $files) {
                if (array_search($from, $order, true) < array_search($to, $order, true)) {
                    array_push($rising, ...$files);
                }
            }
        }

        return $rising;
    }

    /** @return list<string> rooms from which one comes back to them */
    public function knots(int $depth): array
    {
        $rooms = $this->rooms($depth);

        return array_values(array_filter(array_keys($rooms), static fn(string $room): bool => isset(self::reached($rooms, $room)[$room])));
    }

    /** Without what stands in a folder of a room, such as its controllers. */
    public function without(string $pattern): self
    {
        $kept = static fn(string $file): bool => preg_match($pattern, $file) !== 1;

        return new self(array_map(
            static fn(array $named): array => array_values(array_filter($named, $kept)),
            array_filter($this->imports, $kept, ARRAY_FILTER_USE_KEY),
        ));
    }

    /** As lines to read: room, and how many imports go to each other. */
    public function told(int $depth): string
    {
        $lines = [];
        foreach ($this->rooms($depth) as $room => $others) {
            ksort($others);
            $lines[] = $room.($others === [] ? '' : ' -> '.implode(', ', array_map(static fn(string $to, array $files): string => $to.' '.count($files), array_keys($others), $others)));
        }

        return implode("\n", $lines);
    }

    private static function room(string $file, int $depth): string
    {
        $parts = explode('/', $file);
        $room = implode('/', array_slice($parts, 0, min($depth, count($parts) - 1)));

        return $room === '' ? '.' : $room;
    }

    /** Where a path beside a folder leads, without the ending of a script. */
    public static function joined(string $folder, string $to): string
    {
        $parts = $folder === '.' ? [] : explode('/', $folder);
        foreach (explode('/', (string) preg_replace('/\.tsx?$/', '', $to)) as $step) {
            match ($step) {
                '.' => null,
                '..' => array_pop($parts),
                default => $parts[] = $step,
            };
        }

        return implode('/', $parts);
    }

    /**
     * @param array<string, array<string, list<string>>> $rooms
     *
     * @return array<string, true>
     */
    private static function reached(array $rooms, string $from): array
    {
        $reached = [];
        $open = array_keys($rooms[$from] ?? []);
        while ($open !== []) {
            $room = (string) array_pop($open);
            if (! isset($reached[$room])) {
                $reached[$room] = true;
                array_push($open, ...array_keys($rooms[$room] ?? []));
            }
        }

        return $reached;
    }

    /**
     * @param list<string> $endings
     *
     * @return array<string, string> text by path from the folder
     */
    public static function files(string $folder, array $endings): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            if (in_array($file->getExtension(), $endings, true)) {
                $files[substr($file->getPathname(), strlen($folder) + 1)] = (string) file_get_contents($file->getPathname());
            }
        }
        ksort($files);

        return $files;
    }
}
