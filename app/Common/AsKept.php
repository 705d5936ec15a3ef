<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Reads a column as a Kept object and writes it back: `'plan' => AsKept::class.':'.Plan::class`. Decoded once for a record.
 *
 * @implements CastsAttributes<Kept, Kept|array<string, mixed>>
 */
final readonly class AsKept implements CastsAttributes
{
    /** @param class-string<Kept> $kept */
    public function __construct(private string $kept) {}

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Kept
    {
        return is_string($value) ? $this->kept::fromKept((array) json_decode($value, true, 64, JSON_THROW_ON_ERROR)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
