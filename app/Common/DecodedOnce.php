<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Eloquent\Casts\Attribute;

/** A large JSON column that is read many times: it is decoded once for a record, not at every look. */
final class DecodedOnce
{
    public static function attribute(): Attribute
    {
        return Attribute::make(
            get: static fn(?string $json): ?array => $json === null ? null : (array) json_decode($json, true, 64, JSON_THROW_ON_ERROR),
            set: static fn(?array $value): ?string => $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR),
        )->shouldCache();
    }
}
