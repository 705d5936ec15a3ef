<?php

declare(strict_types=1);

namespace App\Plants\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A plant as it was measured on a day.
 *
 * @property int                         $id
 * @property int                         $plant_id
 * @property Plant                       $plant
 * @property Carbon                      $measured_on
 * @property float|null                  $height_cm
 * @property float|null                  $trunk_mm
 * @property float|null                  $canopy_cm
 * @property string|null                 $health
 * @property int|null                    $photo_id    a picture of that day
 * @property string                      $person
 * @property string                      $note
 * @property array<string, float|string|null> $before  what the plant's own figures were, where this measuring changed them
 */
final class GrowthMeasure extends Model
{
    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measured_on' => 'date', 'height_cm' => 'float', 'trunk_mm' => 'float', 'canopy_cm' => 'float', 'before' => 'array'];
    }
}
