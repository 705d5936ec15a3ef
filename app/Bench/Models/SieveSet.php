<?php

declare(strict_types=1);

namespace App\Bench\Models;

use App\Common\Archivable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Sieves that lie together on somebody's shelf.
 *
 * @property int         $id
 * @property string      $name
 * @property list<float> $apertures   mm, coarsest first
 * @property Carbon|null $archived_at
 */
final class SieveSet extends Model
{
    use Archivable;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['apertures' => 'array', 'archived_at' => 'datetime'];
    }
}
