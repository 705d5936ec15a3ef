<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\RefusalWords;
use App\Common\Words;
use Illuminate\Http\JsonResponse;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;

/** What the API answers when it cannot use what it was given: the sentence, and each field with its own. */
final class RefusalResponse
{
    public static function of(Refused $refused): JsonResponse
    {
        $errors = array_map(static fn(Refusal $refusal): array => [
            'path' => $refusal->field,
            'rule' => $refusal->rule,
            'message' => RefusalWords::sentence($refusal),
        ], $refused->refusals);

        return new JsonResponse(['message' => $errors[0]['message'], 'errors' => $errors], 422);
    }

    public static function notFound(string $model, string $id): JsonResponse
    {
        return self::message(404, Words::of('errors.not_found', ['what' => Words::of('errors.models.'.$model), 'id' => $id]));
    }

    public static function noSuchAddress(string $path): JsonResponse
    {
        return self::message(404, Words::of('errors.no_such_address', ['path' => $path]));
    }

    public static function fault(int $status): JsonResponse
    {
        return self::message($status, Words::of(in_array($status, [401, 403, 405, 409, 413, 415, 419, 426, 429, 500], true) ? 'errors.status.'.$status : 'errors.status.other', ['status' => $status]));
    }

    /** Somebody asked for what another role is needed for; both by their words. */
    public static function mayNot(string $role, string $least): JsonResponse
    {
        return self::message(403, Words::of('errors.may_not', ['role' => Words::of('errors.roles.'.$role), 'least' => Words::of('errors.roles.'.$least)]));
    }

    private static function message(int $status, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => []], $status);
    }
}
