<?php

declare(strict_types=1);

namespace App\Search;

/** One of the few places in which searches run at the same time, whichever worker of the server began them. A place is free again when its file is closed, so also when its holder was killed. */
final readonly class SearchSlot
{
    public const MOST = 2;

    /** @param resource $file */
    private function __construct(private mixed $file) {}

    /** Null where all are taken. */
    public static function take(): ?self
    {
        return self::locked(array_map(static fn(int $n): string => 'running-'.$n, range(1, self::MOST)));
    }

    /** The one place to wait in; null where somebody waits already. */
    public static function queue(): ?self
    {
        return self::locked(['waiting']);
    }

    public function free(): void
    {
        fclose($this->file);
    }

    /** @param list<string> $names */
    private static function locked(array $names): ?self
    {
        foreach ($names as $name) {
            $file = fopen(self::beside().$name, 'c');
            if ($file !== false && flock($file, LOCK_EX | LOCK_NB)) {
                return new self($file);
            }
        }

        return null;
    }

    /** Where the files stand: beside the data of the yard, so that each yard has places of its own. */
    private static function beside(): string
    {
        $database = config()->string('database.connections.sqlite.database');

        return ($database === ':memory:' ? sys_get_temp_dir().'/zolbek-'.getmypid() : $database).'-search-';
    }
}
