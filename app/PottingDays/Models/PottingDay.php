<?php

declare(strict_types=1);

namespace App\PottingDays\Models;

use App\Common\Archivable;
use App\Common\Stamped;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Refused;

/**
 * A potting day: the plants chosen for it, what it is mixed with, and how far it is.
 *
 * @property int                             $id
 * @property string                          $name
 * @property Carbon                          $planned_on
 * @property string                          $status      one of STATUSES
 * @property float                           $tub_l
 * @property float                           $scoop_l
 * @property float                           $spare       share
 * @property list<string>                    $helpers
 * @property string                          $note
 * @property array<string, list<int>>        $ticks       ids of components that are in the tub, by recipe and number of the load
 * @property Carbon|null                     $finished_at
 * @property Carbon|null                     $archived_at
 * @property Collection<int, DayPlant>       $entries
 * @property Collection<int, DayLoad>        $loads
 * @property Collection<int, DayPurchase>    $purchases
 * @property Collection<int, DayLeftover>    $leftovers
 */
final class PottingDay extends Model
{
    use Archivable;
    use Stamped;

    public const STATUSES = ['planned', 'under_way', 'finished'];

    /**
     * With how many plants are on it and how many of them are potted, counted in the query.
     *
     * @param Builder<PottingDay> $query
     */
    public static function withDone(Builder $query): void
    {
        $query->withSum('entries as entries_count', 'count');
        $query->withSum(['entries as done_count' => static fn(Builder $entries) => $entries->whereIn('state', ['done', 'changed'])], 'count');
    }

    /** Plants on it. */
    public function plants(): int
    {
        return $this->hasAttribute('entries_count') ? (int) $this->getAttribute('entries_count') : DayPlant::manyOf($this->entries);
    }

    /** Plants of it that are potted. */
    public function potted(): int
    {
        return $this->hasAttribute('done_count') ? (int) $this->getAttribute('done_count') : DayPlant::manyOf($this->entries->filter(static fn(DayPlant $entry): bool => $entry->isPotted()));
    }

    /** @return HasMany<DayPlant, $this> */
    public function entries(): HasMany
    {
        $entries = $this->hasMany(DayPlant::class);
        $entries->orderBy('position');

        return $entries;
    }

    /** @return HasMany<DayLoad, $this> */
    public function loads(): HasMany
    {
        return $this->hasMany(DayLoad::class);
    }

    /** @return HasMany<DayPurchase, $this> */
    public function purchases(): HasMany
    {
        return $this->hasMany(DayPurchase::class);
    }

    /** @return HasMany<DayLeftover, $this> */
    public function leftovers(): HasMany
    {
        return $this->hasMany(DayLeftover::class);
    }

    /** @throws Refused at the field, where the day is finished: what was done on it stays as it is */
    public function mustBeOpen(string $field): void
    {
        if ($this->isFinished()) {
            throw Refused::because($field, 'day_finished', $this->name);
        }
    }

    /** @throws Refused at the field, where it was said what is left of the mix: it can be opened again */
    public function mixMustBeOpen(int $recipeId, string $field): void
    {
        if ($this->leftovers()->where('recipe_id', $recipeId)->exists()) {
            throw Refused::because($field, 'mix_closed', $recipeId);
        }
    }

    /** The first thing done on it sets it under way. */
    public function begin(): void
    {
        if ($this->status === 'planned') {
            $this->status = 'under_way';
            $this->save();
        }
    }

    public function isFinished(): bool
    {
        return $this->status === 'finished';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['planned_on' => 'date', 'tub_l' => 'float', 'scoop_l' => 'float', 'spare' => 'float', 'helpers' => 'array', 'ticks' => 'array', 'finished_at' => 'datetime', 'archived_at' => 'datetime'];
    }

    /** Litres of a mix that were mixed, as they lay in the tub. */
    public function mixedL(int $recipeId): float
    {
        return array_sum($this->loads->where('recipe_id', $recipeId)->map(static fn(DayLoad $load): float => $load->pouredL())->all());
    }

    /** Litres of a mix from the tub that went into pots, as they were noted. */
    public function usedL(int $recipeId): float
    {
        $used = 0.0;
        foreach ($this->entries as $entry) {
            if ($entry->isPotted() && $entry->recipe_id === $recipeId) {
                $used += $entry->actual->usedL ?? 0.0;
            }
        }

        return $used;
    }
}
