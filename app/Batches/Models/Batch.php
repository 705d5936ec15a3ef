<?php

declare(strict_types=1);

namespace App\Batches\Models;

use App\Shelf\Models\Component;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Carbon;

/**
 * A batch that was worked out and saved. It holds the components, the pot and the figures it was made with, and never changes when
 * they do; that it was mixed, and from what, is noted on it.
 *
 * @property int                  $id
 * @property string               $name
 * @property int|null             $recipe_id
 * @property int|null             $recipe_version the version that it was made by
 * @property string               $pot_name
 * @property int                  $pots
 * @property float                $loose_l
 * @property array<string, mixed> $inputs  what was asked, with components and pot as they then were
 * @property array<string, mixed> $result  what was worked out: schema BatchPlan as it then was
 * @property string               $note
 * @property Carbon               $made_at
 * @property Carbon|null          $mixed_at
 * @property string               $mixed_by
 * @property list<array{component_id: int, lot_id: int|null, litres: float}>|null $taken from the shelf, when it was mixed
 * @property \Illuminate\Database\Eloquent\Collection<int, Component> $components
 */
final class Batch extends Model
{
    private const MOST_USES = 50;

    /**
     * Those that a component went into, newest first, 50 at most.
     *
     * @return list<array{id: int, name: string, made_at: string}>
     */
    public static function using(int $componentId): array
    {
        $batches = self::query()->whereHas('components', static fn(Builder $used) => $used->whereKey($componentId));
        $batches->select(['id', 'name', 'made_at'])->orderByDesc('made_at')->limit(self::MOST_USES);

        return array_values(array_map(
            static fn(self $batch): array => ['id' => $batch->id, 'name' => $batch->name, 'made_at' => $batch->made_at->toIso8601String()],
            $batches->get()->all(),
        ));
    }

    /** @return BelongsToMany<Component, $this> */
    public function components(): BelongsToMany
    {
        return $this->belongsToMany(Component::class)->withPivot('lot_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['inputs' => 'array', 'result' => 'array', 'made_at' => 'datetime', 'mixed_at' => 'datetime', 'taken' => 'array', 'loose_l' => 'float', 'pots' => 'integer'];
    }
}
