<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;

/** The file of people, devices, sessions and secrets, beside the yards' data and for all of them. */
final class PeopleFile
{
    private const FILE = 'people.sqlite';

    public static function path(string $database): string
    {
        // of a database in memory the people are in memory too
        return str_starts_with($database, ':') ? $database : dirname($database).'/'.self::FILE;
    }

    /** @return list<string> migrations that this version knows */
    public static function knownMigrations(): array
    {
        return array_map(static fn(string $file): string => basename($file, '.php'), glob(database_path('people/*.php')) ?: []);
    }

    /** Makes it, or brings its tables up to date. */
    public static function prepare(): void
    {
        $file = (string) config('database.connections.people.database');
        if (! str_starts_with($file, ':') && ! is_file($file)) {
            File::put($file, '');
            chmod($file, 0o600);
        }
        Artisan::call('migrate', ['--database' => 'people', '--path' => 'database/people', '--force' => true]);
    }
}
