<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

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
 */
final class Recipe extends Model
{
    use Archivable;

    /** @return HasMany<RecipePart, $this> */
    public function parts(): HasMany
    {
        $parts = $this->hasMany(RecipePart::class);
        $parts->orderBy('position');

        return $parts;
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
