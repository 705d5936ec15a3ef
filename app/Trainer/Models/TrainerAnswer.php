<?php

declare(strict_types=1);

namespace App\Trainer\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * An answer that somebody gave about a made-up pot.
 *
 * @property int    $id
 * @property string $person
 * @property int    $pot
 * @property string $asked
 * @property string $given
 * @property string $right
 * @property float  $points      0 to 1
 * @property Carbon $answered_at
 */
final class TrainerAnswer extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['points' => 'float', 'pot' => 'integer', 'answered_at' => 'datetime'];
    }
}
