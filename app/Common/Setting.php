<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Eloquent\Model;

/**
 * A figure of the yard that is not a record of its own, such as its rules of thumb.
 *
 * @property string               $key
 * @property array<string, mixed> $value
 */
final class Setting extends Model
{
    public $timestamps = false;
    public $incrementing = false;

    protected $primaryKey = 'key';
    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'array'];
    }
}
