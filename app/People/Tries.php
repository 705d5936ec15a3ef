<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\RateLimiter;
use Zolbek\Core\Basis\Input\Refused;

/** Whoever guesses passwords, PINs and codes gets slow. */
final class Tries
{
    /**
     * Counts a try; one that was right is forgiven by the first of what is counted.
     *
     * @param array<string, array{int, int}> $limits by what is counted: how many, within how many seconds
     * @param callable(): bool               $isRight
     *
     * @throws Refused where there were too many, or it was wrong
     */
    public static function of(array $limits, string $field, string $rule, callable $isRight): void
    {
        foreach ($limits as $key => [$most, $within]) {
            // counted before it is looked at: who tries many at once is counted as often
            if (RateLimiter::hit($key, $within) > $most) {
                throw Refused::because($field, 'too_many_tries', null, ['seconds' => RateLimiter::availableIn($key)]);
            }
        }
        if (! $isRight()) {
            throw Refused::because($field, $rule);
        }
        // not where it came from: one's own password is no way to try many of others
        RateLimiter::clear((string) array_key_first($limits));
    }
}
