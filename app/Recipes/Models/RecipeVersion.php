<?php

declare(strict_types=1);

namespace App\Recipes\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a recipe was from one change to the next. Never changes; its parts keep the names that their components had.
 *
 * @property int    $id
 * @property int    $recipe_id
 * @property int    $number
 * @property string $plant_group
 * @property list<array{component_id: int, key: string, name: string, kind: string, colour: string, parts: float, preparation: array<string, float|string>|null}> $parts
 * @property string $reason
 * @property Carbon $made_at
 */
final class RecipeVersion extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'array', 'made_at' => 'datetime', 'number' => 'integer'];
    }
}
