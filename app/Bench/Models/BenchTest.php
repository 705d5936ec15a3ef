<?php

declare(strict_types=1);

namespace App\Bench\Models;

use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Zolbek\Core\Work\BenchTest\TestKind;

/**
 * A test at the bench, running or done, with every reading as it was taken.
 *
 * @property int                       $id
 * @property TestKind                  $kind
 * @property string                    $status        running, finished or discarded
 * @property int|null                  $component_id  of a component, or of a delivery of it
 * @property int|null                  $lot_id
 * @property int|null                  $recipe_id     of a finished mix
 * @property int|null                  $pot_id        in which it is done
 * @property string                    $name          what was tested, as it was called then
 * @property string                    $person
 * @property int                       $step
 * @property Carbon|null               $waiting_since
 * @property array<string, mixed>      $readings      schema BenchReadings, as they were typed
 * @property array<string, string>     $overrides     reason by rule of a doubt
 * @property array<string, mixed>|null $result        as it was worked out when the test was finished: schema BenchResult as it then was
 * @property bool                      $in_use        whether evaluations use it
 * @property string                    $note
 * @property Carbon                    $started_at
 * @property Carbon|null               $finished_at
 * @property Component|null            $component
 * @property Lot|null                  $lot
 * @property Recipe|null               $recipe
 * @property Pot|null                  $pot
 */
final class BenchTest extends Model
{
    public const RUNNING = 'running';
    public const FINISHED = 'finished';
    public const DISCARDED = 'discarded';

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => TestKind::class, 'step' => 'integer', 'readings' => 'array', 'overrides' => 'array', 'result' => 'array', 'in_use' => 'boolean',
            'waiting_since' => 'datetime', 'started_at' => 'datetime', 'finished_at' => 'datetime',
        ];
    }
}
