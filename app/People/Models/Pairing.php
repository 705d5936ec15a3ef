<?php

declare(strict_types=1);

namespace App\People\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A code shown at the desk with which one device becomes a person's: once, and for a few minutes.
 *
 * @property int    $id
 * @property int    $person_id
 * @property string $digest
 * @property Carbon $until
 */
final class Pairing extends Model
{
    public $timestamps = false;

    protected $connection = 'people';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['person_id' => 'integer', 'until' => 'datetime'];
    }
}
