<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;

/** A recipe with its parts as the API shows it: schema Recipe. */
final class RecipePresenter
{
    /** @return array<string, mixed> */
    public static function present(Recipe $recipe): array
    {
        return [
            'id' => $recipe->id,
            ...$recipe->only(['name', 'plant_group', 'note', 'compaction_index', 'tags', 'version']),
            'archived' => $recipe->isArchived(),
            'parts' => $recipe->parts->map(static fn(RecipePart $part): array => [
                'component_id' => $part->component_id,
                'component_name' => $part->component->name,
                'component_archived' => $part->component->isArchived(),
                'kind' => $part->component->kind,
                'colour' => $part->component->colour,
                'source' => $part->component->source,
                'parts' => $part->parts,
                'preparation' => $part->preparation,
            ])->all(),
        ];
    }
}
