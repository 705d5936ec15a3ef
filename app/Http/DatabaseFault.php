<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\DatabaseTrouble;
use Illuminate\Http\JsonResponse;
use PDOException;

/** What the API says where the database cannot do what it should: nothing was changed, and how to go on. */
final class DatabaseFault
{
    /** Null for what is a fault of the program. */
    public static function of(PDOException $fault): ?JsonResponse
    {
        [$status, $said] = DatabaseTrouble::of($fault) ?? [null, ''];

        return $status === null ? null : new JsonResponse(['message' => $said, 'errors' => []], $status);
    }
}
