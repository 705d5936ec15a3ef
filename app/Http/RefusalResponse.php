<?php

declare(strict_types=1);

namespace App\Http;

use App\Words;
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
            'message' => self::sentence($refusal),
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
        return self::message($status, Words::of(in_array($status, [405, 413, 429, 500], true) ? 'errors.status.'.$status : 'errors.status.other', ['status' => $status]));
    }

    /** One refusal in words: what was wrong, and what is allowed. */
    public static function sentence(Refusal $refusal): string
    {
        $limits = array_map(static fn(mixed $limit): string => is_float($limit) ? self::number($limit) : (string) $limit, $refusal->limits);

        return Words::of('refusals.'.$refusal->rule, ['given' => self::given($refusal->given), ...$limits]);
    }

    /** What stood in the field, short enough for a sentence. */
    private static function given(mixed $given): string
    {
        return match (true) {
            $given === null => Words::of('errors.given.nothing'),
            $given === [] => Words::of('errors.given.empty'),
            is_array($given) => Words::of('errors.given.list'),
            is_float($given) && ! is_finite($given) => Words::of('errors.given.infinite'),
            is_string($given) => '"'.mb_strimwidth($given, 0, 60, '…', 'UTF-8').'"',
            default => (string) json_encode($given),
        };
    }

    private static function number(float $value): string
    {
        return is_nan($value) ? '?' : (string) (float) sprintf('%.4g', $value);
    }

    private static function message(int $status, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => []], $status);
    }
}
