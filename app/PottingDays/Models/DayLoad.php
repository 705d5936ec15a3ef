<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A load of a day's mix that was mixed, and what was taken from the shelf for it.
 *
 * @property int    $id
 * @property int    $potting_day_id
 * @property int    $recipe_id
 * @property int    $number
 * @property float  $litres
 * @property list<array{component_id: int, lot_id: int|null, litres: float}> $taken
 * @property string $person
 * @property Carbon $mixed_at
 */
final class DayLoad extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'taken' => 'array', 'mixed_at' => 'datetime', 'number' => 'integer'];
    }
}
