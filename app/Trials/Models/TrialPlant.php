<?php

declare(strict_types=1);

namespace App\Trials\Models;

use App\Plants\Models\Plant;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A plant of a trial.
 *
 * @property int                         $id
 * @property int                         $trial_id
 * @property int                         $plant_id
 * @property Plant                       $plant
 * @property string                      $block    with plants that are alike
 * @property int|null                    $arm      what is tried on it, counted from 0; null until it is given out
 * @property Carbon|null                 $lost_on
 * @property string                      $lost_why
 * @property Collection<int, TrialValue> $values
 */
final class TrialPlant extends Model
{
    public $timestamps = false;

    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return HasMany<TrialValue, $this> */
    public function values(): HasMany
    {
        $values = $this->hasMany(TrialValue::class);
        $values->orderBy('measured_on');

        return $values;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['arm' => 'integer', 'lost_on' => 'date'];
    }
}
