<?php

declare(strict_types=1);

namespace App\Recipes\Models;

use App\Common\Archivable;
use App\Common\Same;
use App\Common\Stamped;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zolbek\Core\Mix\Preparation\Preparation;

/**
 * A mix as the yard writes it down: components and parts by loose volume, for a group of plants.
 *
 * @property int                          $id
 * @property string                       $name
 * @property string                       $plant_group
 * @property string                       $note
 * @property float|null                   $compaction_index of a measured mix shrink
 * @property list<string>                 $tags
 * @property int                          $version          number of the newest version
 * @property Carbon|null                  $archived_at
 * @property Collection<int, RecipePart>  $parts
 * @property Collection<int, RecipeVersion> $versions
 */
final class Recipe extends Model
{
    use Archivable;
    use Stamped;

    private const MOST_USES = 50;

    /** @return HasMany<RecipePart, $this> */
    public function parts(): HasMany
    {
        $parts = $this->hasMany(RecipePart::class);
        $parts->orderBy('position');

        return $parts;
    }

    /**
     * Those in use that a component goes into, by name, 50 at most.
     *
     * @return list<array{id: int, name: string}>
     */
    public static function using(int $componentId): array
    {
        $recipes = self::query()->whereHas('parts', static fn(Builder $parts) => $parts->where('component_id', $componentId));
        $recipes->whereNull('archived_at')->orderBy('name')->limit(self::MOST_USES);

        return array_values(array_map(static fn(self $recipe): array => ['id' => $recipe->id, 'name' => $recipe->name], $recipes->get()->all()));
    }

    /**
     * Whether rows are this very mix, in whatever notation: the same components in the same proportions, prepared alike.
     *
     * @param list<array{component_id: int, parts: float, lot_id: int|null, preparation: Preparation|null}> $rows
     */
    public function isSameMix(array $rows): bool
    {
        $scale = array_sum(array_column($rows, 'parts')) / max(1e-12, (float) $this->parts->sum('parts'));
        $as = static fn(int $id, float $parts, ?array $preparation): array => [$id, round($parts, 6), $preparation ?: null];

        return $scale > 0.0 && Same::values(
            array_map(static fn(array $row): array => $as($row['component_id'], $row['parts'] / $scale, $row['preparation']?->toArray()), $rows),
            array_values($this->parts->map(static fn(RecipePart $part): array => $as($part->component_id, $part->parts, $part->preparation))->all()),
        );
    }

    /** @return HasMany<RecipeVersion, $this> */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(RecipeVersion::class);
        $versions->orderByDesc('number');

        return $versions;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime', 'compaction_index' => 'float', 'tags' => 'array', 'version' => 'integer'];
    }
}
