<?php

declare(strict_types=1);

namespace App\Plants\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something to look after.
 *
 * @property int                  $id
 * @property int                  $plant_id
 * @property Plant                $plant
 * @property int|null             $day_plant_id
 * @property string               $kind      see Zolbek\Core\Work\Aftercare\TaskKind
 * @property Carbon               $starts_on
 * @property Carbon               $due_on
 * @property string               $ends_by   see Zolbek\Core\Work\Aftercare\EndsBy
 * @property int|null             $every_days
 * @property Carbon|null          $until_on
 * @property array<string, float|int|string> $figures that its sentence names, see Zolbek\Core\Work\Aftercare\Task
 * @property string               $note
 * @property string|null          $round     the same for tasks that are one round of many plants
 * @property string               $state     open, done or skipped
 * @property Carbon|null          $closed_on
 * @property string               $reason
 * @property Carbon               $updated_at
 */
final class CareTask extends Model
{
    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => 'date', 'due_on' => 'date', 'until_on' => 'date', 'closed_on' => 'date', 'figures' => 'array', 'every_days' => 'integer'];
    }

    /** @return Builder<CareTask> of plants that are in the collection: those of one in the archive wait there with it */
    public static function ofKeptPlants(): Builder
    {
        $tasks = self::query();
        // few are in the archive, however many there are
        $tasks->whereNotIn('plant_id', Plant::query()->whereNotNull('archived_at')->select('id'));

        return $tasks;
    }
}
