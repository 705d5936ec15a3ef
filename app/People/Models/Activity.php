<?php

declare(strict_types=1);

namespace App\People\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that was asked for and done: by whom, when, to what, and what would take it back. Names are kept as they were.
 *
 * @property int                                                          $id
 * @property Carbon                                                       $done_at
 * @property int|null                                                     $person_id
 * @property string                                                       $person  empty for whoever sat at the machine
 * @property string                                                       $method
 * @property string                                                       $route   as the routes have it
 * @property string                                                       $path    as it was asked for
 * @property string                                                       $name    of what it was done to
 * @property string|null                                                  $once    name of a tap that may come again
 * @property array{method: string, path: string, body?: array<mixed>}|null $undo
 */
final class Activity extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done_at' => 'datetime', 'person_id' => 'integer', 'undo' => 'array'];
    }
}
