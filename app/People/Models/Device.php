<?php

declare(strict_types=1);

namespace App\People\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A phone or tablet that was paired with a person: it brings a secret of which only a digest is kept.
 *
 * @property int         $id
 * @property int         $person_id
 * @property string      $name
 * @property string      $digest
 * @property Carbon|null $seen_at
 * @property Carbon|null $created_at
 */
final class Device extends Model
{
    protected $connection = 'people';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['person_id' => 'integer', 'seen_at' => 'datetime'];
    }
}
