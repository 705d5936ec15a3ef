<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;

/** A recipe with its parts as the API shows it: schema Recipe. */
final class RecipePresenter
{
    /** @return array<string, mixed> as a form holds it */
    public static function form(Recipe $recipe): array
    {
        return [
            ...$recipe->only(['name', 'plant_group', 'note', 'tags']),
            'parts' => $recipe->loadMissing('parts')->parts->map(static fn(RecipePart $part): array => array_filter($part->only(['component_id', 'parts', 'preparation']), static fn(mixed $value): bool => $value !== null))->all(),
        ];
    }

    /** @return array<string, mixed> */
    public static function present(Recipe $recipe): array
    {
        return [
            'id' => $recipe->id,
            ...$recipe->only(['name', 'plant_group', 'note', 'compaction_index', 'tags', 'version', 'revision']),
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
