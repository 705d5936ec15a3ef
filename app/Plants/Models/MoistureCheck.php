<?php

declare(strict_types=1);

namespace App\Plants\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A look at how wet a pot is, and what was decided: water or wait.
 *
 * @property int         $id
 * @property int         $plant_id
 * @property Carbon      $checked_at
 * @property string      $method      one of METHODS
 * @property float|null  $reading     kg by hand, % of a probe
 * @property string      $verdict     water or wait
 * @property float|null  $hours_since the watering before; null for the first
 * @property string      $person
 */
final class MoistureCheck extends Model
{
    public const METHODS = ['stick', 'weight', 'probe', 'eye'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['checked_at' => 'datetime', 'reading' => 'float', 'hours_since' => 'float'];
    }
}
