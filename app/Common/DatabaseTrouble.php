<?php

declare(strict_types=1);

namespace App\Common;

use PDOException;

/** Where the database cannot do what it should for what lies around it: a disk, a folder, a damaged file. */
final class DatabaseTrouble
{
    /** Result codes of SQLite (sqlite.org/rescode.html), the status that is answered, and the sentence. */
    private const FAULTS = [8 => [503, 'read_only'], 10 => [503, 'disk_fault'], 11 => [503, 'damaged'], 13 => [507, 'disk_full'], 14 => [503, 'no_file'], 26 => [503, 'damaged']];

    /**
     * Null for what is a fault of the program. A full disk may show at a question, or only where it is to be confirmed.
     *
     * @return array{int, string}|null status and sentence
     */
    public static function of(PDOException $fault): ?array
    {
        [$status, $said] = self::FAULTS[(int) ($fault->errorInfo[1] ?? 0)] ?? [null, ''];

        return $status === null ? null : [$status, Words::of('errors.database.'.$said)];
    }
}
