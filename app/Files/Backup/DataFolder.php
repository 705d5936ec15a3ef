<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** Where the database lies, and copies of it and of the pictures, see PhotoStore. */
final readonly class DataFolder
{
    public function __construct(public string $database) {}

    public static function here(): self
    {
        return new self((string) config('database.connections.sqlite.database'));
    }

    public function path(): string
    {
        return dirname($this->database);
    }

    public function copies(): string
    {
        return $this->path().'/backups';
    }

    /** What the database is called, without its ending. */
    public function name(): string
    {
        return pathinfo($this->database, PATHINFO_FILENAME);
    }

    /** A database that was put back, until it has taken its place. */
    public function restored(): string
    {
        return $this->database.'.restored';
    }

    /** @return list<string> of the database: it, and what is written beside it */
    public function databaseFiles(): array
    {
        return array_values(array_filter([$this->database, $this->database.'-wal', $this->database.'-shm'], is_file(...)));
    }

    /** @return list<string> migrations that this version knows */
    public static function knownMigrations(): array
    {
        return array_map(static fn(string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }
}
