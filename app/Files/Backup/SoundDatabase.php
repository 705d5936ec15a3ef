<?php

declare(strict_types=1);

namespace App\Files\Backup;

use PDO;
use PDOException;
use Zolbek\Core\Basis\Input\Refused;

/** Whether a file is a database of Zolbek that this version can work on. */
final class SoundDatabase
{
    private const LISTED = 3;

    /**
     * @param string|null       $called what it is told by, where it was unpacked for a look only
     * @param list<string>|null $known  those of a yard where left out
     *
     * @return list<string> migrations that it has been through
     *
     * @throws Refused field "file", saying what is wrong with it
     */
    public static function migrations(string $file, ?string $called = null, ?array $known = null): array
    {
        $called ??= $file;
        try {
            $there = new PDO('sqlite:'.$file, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $said = self::column($there, 'pragma quick_check(1)')[0] ?? '';
            if ($said !== 'ok') {
                throw Refused::because('file', 'database_damaged', $said, ['file' => $called]);
            }
            $isThere = self::column($there, "select name from sqlite_master where type = 'table' and name = 'migrations'") !== [];
            $migrations = $isThere ? self::column($there, 'select migration from migrations order by id') : [];
        } catch (PDOException $fault) {
            throw Refused::because('file', 'database_damaged', $fault->getMessage(), ['file' => $called]);
        }
        $unknown = array_values(array_diff($migrations, $known ?? DataFolder::knownMigrations()));
        if ($unknown !== []) {
            throw Refused::because('file', 'database_newer', implode(', ', array_slice($unknown, 0, self::LISTED)), ['file' => $called]);
        }

        return $migrations;
    }

    /** @return list<string> */
    private static function column(PDO $there, string $sql): array
    {
        $found = $there->query($sql);

        return $found === false ? [] : array_values(array_map(strval(...), $found->fetchAll(PDO::FETCH_COLUMN)));
    }
}
