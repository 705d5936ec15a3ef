<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\Words;
use Illuminate\Http\JsonResponse;
use PDOException;

/** What the API says where the database cannot do what it should: nothing was changed, and how to go on. */
final class DatabaseFault
{
    /** Result codes of SQLite (sqlite.org/rescode.html), the status that is answered, and the sentence. */
    private const FAULTS = [8 => [503, 'read_only'], 10 => [503, 'disk_fault'], 11 => [503, 'damaged'], 13 => [507, 'disk_full'], 14 => [503, 'no_file'], 26 => [503, 'damaged']];

    /** Null for what is a fault of the program. A full disk may show at a question, or only where it is to be confirmed. */
    public static function of(PDOException $fault): ?JsonResponse
    {
        [$status, $said] = self::FAULTS[(int) ($fault->errorInfo[1] ?? 0)] ?? [null, ''];

        return $status === null ? null : new JsonResponse(['message' => Words::of('errors.database.'.$said), 'errors' => []], $status);
    }
}
