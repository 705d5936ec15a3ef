<?php

declare(strict_types=1);

namespace App\Plants\Models;

use App\Common\Archivable;
use App\Common\AsKept;
use App\Common\Field;
use App\Common\Stamped;
use App\Plants\PlantFields;
use App\Plants\StandsIn;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Work\Inspection\Health;

/**
 * A plant of the collection, and what it stands in.
 *
 * @property int                       $id
 * @property string                    $number        what stands on its label
 * @property string                    $name
 * @property int|null                  $count         of plants that are alike, each in a pot of its own; null is one
 * @property int|null                  $species_id
 * @property Species|null              $species
 * @property string                    $plant_group
 * @property int|null                  $year_started
 * @property float|null                $height_cm
 * @property float|null                $canopy_cm
 * @property float|null                $trunk_mm
 * @property float|null                $weight_kg     of the plant without substrate
 * @property float|null                $planned_years somebody's own, instead of what is usual
 * @property int|null                  $site_id
 * @property Site|null                 $site
 * @property string                    $place
 * @property string                    $front
 * @property string                    $exposure
 * @property string                    $vigour
 * @property string                    $health
 * @property string                    $purpose
 * @property string                    $origin        one of ORIGINS
 * @property string                    $status        one of STATUSES
 * @property string|null               $stage         as it was seen last
 * @property Carbon|null               $stage_seen_on
 * @property bool                      $shelter       a frost-free place at hand
 * @property string                    $stand         among what others, see Stand
 * @property string                    $feed          how acid it is fed, see Feed
 * @property bool                      $winter_shelter whether its pot is kept from frost in winter
 * @property bool                      $roofed         no rain falls on it
 * @property string|null               $quarters_from  MM-DD, from which it stands in its winter quarters
 * @property string|null               $quarters_to    MM-DD, up to which
 * @property string                    $quarters_exposure
 * @property bool                      $quarters_roofed
 * @property float|null                $use_log        what it uses over what is computed, as a logarithm: found by weighing
 * @property float|null                $use_spread     and how sure that is
 * @property string|null               $use_found_on
 * @property int|null                  $pot_id
 * @property Pot|null                  $pot
 * @property int|null                  $recipe_id
 * @property Recipe|null               $recipe
 * @property StandsIn|null            $standing
 * @property Carbon|null               $potted_on
 * @property Carbon|null               $due_on        by mix and years, found when it was potted or changed
 * @property float|null                $dries_h       hours that its water lasts on a hot day, found at the same times
 * @property Carbon|null               $due_set_on    somebody's own day, instead of what is computed
 * @property list<array{kind: string, note: string}> $buried
 * @property list<array{year: int, what: string, note: string, pot_id: int|null}> $plan
 * @property array{put_on: string, wrap: string, litres: float, task: string, looks: list<array{on: string, roots: string, text: string}>}|null $air_layer that roots on it
 * @property int|null                  $parent_id
 * @property Plant|null                $parent
 * @property Collection<int, Plant>    $offspring
 * @property Carbon|null               $left_on
 * @property string                    $left_to
 * @property Carbon|null               $snoozed_until
 * @property string                    $snooze_note
 * @property string                    $note
 * @property Carbon|null               $archived_at
 */
final class Plant extends Model
{
    use Archivable;
    use Stamped;

    public const ORIGINS = ['bought', 'seed', 'collected', 'layer', 'cutting', 'division', 'gift'];
    public const MOST_ALIKE = 10_000;
    public const OFFSPRING = ['layer', 'cutting', 'division'];
    public const STATUSES = ['kept', 'given_away', 'died'];
    public const BURIED = ['wires', 'plate', 'stone', 'foam', 'label', 'other'];
    public const PLANS = ['root_work', 'next_pot', 'look', 'other'];

    /** Days for which a stage that was seen still says something. */
    private const STAGE_DAYS = 21;

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Pot, $this> */
    public function pot(): BelongsTo
    {
        return $this->belongsTo(Pot::class);
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    /** @return BelongsTo<Plant, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<Plant, $this> */
    public function offspring(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** @return HasMany<PlantEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(PlantEvent::class);
    }

    /** @return HasMany<CareTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(CareTask::class);
    }

    /** The stage that was seen lately; null where nobody looked. */
    public function seenStage(?Carbon $now = null): ?GrowthStage
    {
        $isFresh = $this->stage_seen_on !== null && $this->stage_seen_on->diffInDays($now ?? Carbon::now(), absolute: true) <= self::STAGE_DAYS;

        return $isFresh && $this->stage !== null ? GrowthStage::tryFrom($this->stage) : null;
    }

    /** Due by today and not put off. */
    public function isDue(): bool
    {
        return $this->due_on !== null && $this->due_on->isPast() && ($this->snoozed_until === null || $this->snoozed_until->isPast());
    }

    /**
     * The same for a list.
     *
     * @param Builder<Plant> $query
     */
    public static function due(Builder $query): void
    {
        $query->where('due_on', '<=', Carbon::today()->toDateString().' 23:59:59');
        $query->where(static fn($open) => $open->whereNull('snoozed_until')->orWhere('snoozed_until', '<', Carbon::today()->toDateString()));
    }

    /** How many it stands for. */
    public function many(): int
    {
        return $this->count ?? 1;
    }

    public function condition(): Health
    {
        return Health::from($this->health);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            ...Field::casts(PlantFields::all()), 'use_log' => 'float', 'use_spread' => 'float', 'buried' => 'array', 'plan' => 'array', 'air_layer' => 'array', 'stage_seen_on' => 'date', 'due_on' => 'date', 'due_set_on' => 'date', 'left_on' => 'date', 'snoozed_until' => 'date',
            'archived_at' => 'datetime', 'standing' => AsKept::class.':'.StandsIn::class,
        ];
    }
}
