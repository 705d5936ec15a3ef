<?php

declare(strict_types=1);

namespace App\Files\Backup;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;

/** Copies that are made by themselves: one for each of the last days and weeks, and one before the tables are changed. */
final class Copies
{
    private const BEFORE_KEPT = 5;

    /** @return list<string> files that were made now */
    public static function due(DataFolder $data, Carbon $now): array
    {
        $made = [];
        foreach (['day' => $now->format('Y-m-d'), 'week' => $now->format('o-\WW')] as $kind => $name) {
            $file = self::file($data, $kind, $name);
            if (! is_file($file)) {
                File::ensureDirectoryExists($data->copies(), 0o700);
                Backup::write($data, $file);
                $made[] = $file;
            }
            self::thin($data, $kind, max(1, (int) config('backup.'.$kind.'s')), $name);
        }

        return $made;
    }

    /**
     * Before tables are changed by a new version; null where there is nothing to be lost or nothing changes.
     *
     * @param list<string> $done migrations that it has been through
     */
    public static function beforeMigrations(DataFolder $data, array $done): ?string
    {
        $pending = array_values(array_diff(DataFolder::knownMigrations(), $done));
        if ($done === [] || $pending === []) {
            return null;
        }
        $file = self::file($data, 'before', $pending[0]);
        if (! is_file($file)) {
            File::ensureDirectoryExists($data->copies(), 0o700);
            Backup::write($data, $file);
        }
        self::thin($data, 'before', self::BEFORE_KEPT);

        return $file;
    }

    /** @return list<string> the newest first */
    public static function all(DataFolder $data): array
    {
        $files = glob($data->copies().'/'.$data->name().'-*.zip') ?: [];
        usort($files, static fn(string $a, string $b): int => filemtime($b) <=> filemtime($a));

        return $files;
    }

    private static function file(DataFolder $data, string $kind, string $name): string
    {
        return $data->copies().'/'.$data->name().'-'.$kind.'-'.$name.'.zip';
    }

    /** @param string|null $now as what a copy is named now: those of a day to come were made by a clock that was ahead, and go first */
    private static function thin(DataFolder $data, string $kind, int $most, ?string $now = null): void
    {
        $files = glob(self::file($data, $kind, '*')) ?: [];
        $newest = $now === null ? null : self::file($data, $kind, $now);
        usort($files, static fn(string $a, string $b): int => [$newest === null || $a <= $newest, $a] <=> [$newest === null || $b <= $newest, $b]);
        File::delete(array_slice($files, 0, -$most));
    }
}
