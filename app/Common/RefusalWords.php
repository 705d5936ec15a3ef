<?php

declare(strict_types=1);

namespace App\Common;

use Zolbek\Core\Basis\Input\Refusal;

/** What the core refuses, in the words of the catalogue. */
final class RefusalWords
{
    /** One refusal in words: what was wrong, and what is allowed. */
    public static function sentence(Refusal $refusal): string
    {
        $limits = array_map(static fn(mixed $limit): string => is_float($limit) ? Words::number($limit) : (string) $limit, $refusal->limits);

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
            is_float($given) => Words::number($given),
            default => (string) json_encode($given),
        };
    }
}
