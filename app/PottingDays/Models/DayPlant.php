<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use App\Common\AsKept;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\PottingDays\Actual;
use App\PottingDays\Plan;
use App\Recipes\Models\Recipe;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One plant on a potting day: what is planned for it, and what was really done.
 *
 * @property int                  $id
 * @property int                  $potting_day_id
 * @property int                  $plant_id
 * @property Plant                $plant
 * @property int                  $position
 * @property int                  $recipe_id
 * @property Recipe               $recipe
 * @property int                  $pot_id
 * @property Pot                  $pot
 * @property Plan                 $plan
 * @property int                  $count    of plants alike that it stands for
 * @property string               $helper
 * @property string               $state    one of STATES
 * @property Actual               $actual
 * @property int                  $revision counts every change
 * @property array<string, int>   $stamps   revision at which each field changed last
 * @property Carbon|null          $done_at
 */
final class DayPlant extends Model
{
    public const STATES = ['planned', 'done', 'changed', 'not_today'];

    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    /** @return BelongsTo<Pot, $this> */
    public function pot(): BelongsTo
    {
        return $this->belongsTo(Pot::class);
    }

    /** @return list<int> days on which a plant is to be potted */
    public static function daysOf(int $plantId): array
    {
        $entries = self::query();
        $entries->where('plant_id', $plantId);
        $entries->where('state', 'planned');

        return array_values($entries->pluck('potting_day_id')->all());
    }

    /**
     * How many plants some entries stand for.
     *
     * @param iterable<self> $entries
     */
    public static function manyOf(iterable $entries): int
    {
        $many = 0;
        foreach ($entries as $entry) {
            $many += $entry->count;
        }

        return $many;
    }

    public function isPotted(): bool
    {
        return $this->state === 'done' || $this->state === 'changed';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['plan' => AsKept::class.':'.Plan::class, 'actual' => AsKept::class.':'.Actual::class, 'stamps' => 'array', 'revision' => 'integer', 'position' => 'integer', 'count' => 'integer', 'done_at' => 'datetime'];
    }
}
