<?php

declare(strict_types=1);

namespace App\Irrigation\Models;

use App\Common\Archivable;
use App\Common\Field;
use App\Common\Stamped;
use App\Irrigation\ZoneFields;
use App\Plants\Models\Plant;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Carbon;

/**
 * A line of emitters and the pots that hang on it.
 *
 * @property int                    $id
 * @property string                 $name
 * @property float                  $rate_l_h   of one emitter
 * @property float                  $uniformity mean of the lowest quarter over the mean, by catch cups
 * @property string                 $note
 * @property Collection<int, Plant> $plants
 * @property int|null               $plants_count where they were only counted
 * @property Carbon|null            $archived_at
 */
final class IrrigationZone extends Model
{
    use Archivable;
    use Stamped;

    /** @return BelongsToMany<Plant, $this> those that are still kept: who is gone is not watered */
    public function plants(): BelongsToMany
    {
        $plants = $this->belongsToMany(Plant::class, 'irrigation_zone_pots')->withPivot('emitters');
        $plants->where('plants.archived_at', null);
        $plants->where('plants.status', 'kept');
        $plants->orderBy('plants.number');

        return $plants;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [...Field::casts(ZoneFields::all()), 'archived_at' => 'datetime'];
    }
}
