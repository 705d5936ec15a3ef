<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Kept;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Recipes\RecipePortions;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;

/** The mix and the pot that a plant stands in, with the values that they had on that day, whatever changes later. */
final readonly class StandsIn implements Kept
{
    /**
     * @param list<array{component_id: int, name: string, kind: string, colour: string, parts: float}> $parts      of the recipe
     * @param non-empty-list<array{kept: array<string, mixed>, parts: float}>                         $components materials that the parts came to, see KeptMaterial
     * @param array{id: int, name: string, description: array<string, mixed>, drying_sides: bool, weight_kg: float, holes: array{count: int, diameter_cm: float|null, open_share: float}} $pot
     * @param array{kept: array<string, mixed>, thickness_cm: float}|null                             $layer
     */
    private function __construct(
        public int $recipeId,
        public string $recipeName,
        public int $recipeVersion,
        public array $parts,
        public array $components,
        public ?float $compactionIndex,
        public array $pot,
        public float $headspaceCm,
        public float $topDressingCm,
        public ?array $layer,
    ) {}

    /** @param array{component: Material, thickness_cm: float}|null $layer */
    public static function of(Recipe $recipe, Pot $pot, float $headspaceCm = 0.0, float $topDressingCm = 0.0, ?array $layer = null): self
    {
        $blend = Portion::blend(RecipePortions::of($recipe));

        return new self(
            $recipe->id,
            $recipe->name,
            $recipe->version,
            array_values($recipe->parts->map(static fn(RecipePart $part): array => [
                'component_id' => $part->component_id, 'name' => $part->component->name, 'kind' => $part->component->kind, 'colour' => $part->component->colour, 'parts' => $part->parts,
            ])->all()),
            array_map(static fn(Material $component, float $parts): array => ['kept' => KeptMaterial::keep($component), 'parts' => $parts], $blend->components, $blend->parts),
            $recipe->compaction_index,
            [
                'id' => $pot->id, 'name' => $pot->name, 'description' => $pot->description(), 'drying_sides' => $pot->drying_sides, 'weight_kg' => $pot->weight_kg,
                'holes' => ['count' => $pot->hole_count, 'diameter_cm' => $pot->hole_diameter_cm, 'open_share' => $pot->hole_open_share],
            ],
            $headspaceCm,
            $topDressingCm,
            $layer === null ? null : ['kept' => KeptMaterial::keep($layer['component']), 'thickness_cm' => $layer['thickness_cm']],
        );
    }

    public static function fromKept(array $kept): static
    {
        return new self(
            $kept['recipe_id'],
            $kept['recipe_name'],
            $kept['recipe_version'],
            $kept['parts'],
            $kept['components'],
            $kept['compaction_index'] ?? null,
            $kept['pot'],
            $kept['headspace_cm'],
            $kept['top_dressing_cm'],
            $kept['layer'] ?? null,
        );
    }

    public function jsonSerialize(): array
    {
        return [
            'recipe_id' => $this->recipeId, 'recipe_name' => $this->recipeName, 'recipe_version' => $this->recipeVersion, 'parts' => $this->parts, 'components' => $this->components,
            'compaction_index' => $this->compactionIndex, 'pot' => $this->pot, 'headspace_cm' => $this->headspaceCm, 'top_dressing_cm' => $this->topDressingCm, 'layer' => $this->layer,
        ];
    }
}
