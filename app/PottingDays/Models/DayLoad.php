<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use App\Recipes\Models\Recipe;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A load of a day's mix that was mixed, and what was taken from the shelf for it.
 *
 * @property int    $id
 * @property int    $potting_day_id
 * @property int    $recipe_id
 * @property Recipe $recipe
 * @property int    $number
 * @property float  $litres       scooped
 * @property float  $poured_yield litres in the tub from one scooped; 1 before that was kept
 * @property list<array{component_id: int, lot_id: int|null, litres: float}> $taken
 * @property list<array{component_id: int, scoops: float|null, scoop_l: float|null, ml: int, litres: float}>|null $parts what the scoops held; null before that was kept, scoops null where they were not counted
 * @property string $person
 * @property Carbon $mixed_at
 */
final class DayLoad extends Model
{
    public $timestamps = false;

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    /** As it lies in the tub. */
    public function pouredL(): float
    {
        return $this->litres * $this->poured_yield;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['litres' => 'float', 'poured_yield' => 'float', 'taken' => 'array', 'parts' => 'array', 'mixed_at' => 'datetime', 'number' => 'integer'];
    }
}
