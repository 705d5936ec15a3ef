<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Kept;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Recipes\RecipePortions;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Site\Surface;

/** The mix and the pot that a plant stands in and what else is in it, with the values that they had on that day, whatever changes later. */
final readonly class StandsIn implements Kept
{
    /**
     * @param list<array{component_id: int, name: string, kind: string, colour: string, parts: float}> $parts      of the recipe
     * @param non-empty-list<array{kept: array<string, mixed>, parts: float}>                         $components materials that the parts came to, see KeptMaterial
     * @param array{id: int, name: string, description: array<string, mixed>, drying_sides: bool, weight_kg: float, holes: array{count: int, diameter_cm: float|null, open_share: float}} $pot
     * @param array{kept: array<string, mixed>, thickness_cm: float}|null                             $layer
     * @param array{kept: array<string, mixed>, cm: float}|null                                       $dressing what it is, where somebody said so
     * @param array<string, mixed>|null                                                               $cover    over the holes, see KeptMaterial
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
        public ?KeptContents $contents = null,
        public ?array $dressing = null,
        public ?array $cover = null,
        public Surface $surface = Surface::Bare,
        public float $treeWeightKg = 0.0,
    ) {}

    /** A mix in a pot, of which no more is known. */
    public static function of(Recipe $recipe, Pot $pot): self
    {
        return self::filled($recipe, $pot, Portion::blend(RecipePortions::of($recipe)));
    }

    /**
     * A pot as it was filled, with all that is in it.
     *
     * @param Setup         $setup    with extras and old soil in its mix
     * @param KeptSoil|null $soil     of the ball that was kept
     * @param Material|null $lining   of the wall, where it is not old soil
     * @param Material|null $dressing that lies on top
     */
    public static function potted(Recipe $recipe, Pot $pot, Setup $setup, ?KeptSoil $soil, ?Material $lining, ?Material $dressing): self
    {
        return self::filled($recipe, $pot, $setup->substrate->blend, $setup, $soil, $lining, $dressing);
    }

    private static function filled(Recipe $recipe, Pot $pot, Blend $blend, ?Setup $setup = null, ?KeptSoil $soil = null, ?Material $lining = null, ?Material $dressing = null): self
    {
        $layer = $setup?->layer;
        $holes = $pot->holes();
        $topDressingCm = $setup->topDressingCm ?? 0.0;

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
                'holes' => ['count' => $holes->count, 'diameter_cm' => $holes->diameterCm, 'open_share' => $holes->openShare],
            ],
            $setup->headspaceCm ?? 0.0,
            $topDressingCm,
            $layer === null ? null : ['kept' => KeptMaterial::keep($layer->substrate->blend->components[0]), 'thickness_cm' => $layer->thicknessCm],
            $setup?->contents === null ? null : KeptContents::of($setup->contents, $soil, $lining),
            $dressing === null ? null : ['kept' => KeptMaterial::keep($dressing), 'cm' => $topDressingCm],
            $setup?->holeCover === null ? null : KeptMaterial::keep($setup->holeCover->blend->components[0]),
            $setup->situation->surface ?? Surface::Bare,
            $setup->treeWeightKg ?? 0.0,
        );
    }

    /** What is kept somewhere of what a plant stood in; null where nothing is, or it cannot be read. */
    public static function readable(mixed $kept): ?self
    {
        try {
            return $kept instanceof self ? $kept : (is_array($kept) ? self::fromKept($kept) : null);
        } catch (\Throwable) {
            // files from elsewhere were once taken in unread: such a line is without it
            return null;
        }
    }

    /** The pot of that day. */
    public function container(): Container
    {
        // whole numbers come back from JSON as such, all but the sides are lengths
        return Container::read(array_map(static fn(mixed $value): mixed => is_float($value) && floor($value) === $value ? (int) $value : $value, $this->pot['description']));
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
            isset($kept['contents']) ? KeptContents::fromKept($kept['contents']) : null,
            $kept['dressing'] ?? null,
            $kept['cover'] ?? null,
            Surface::from($kept['surface'] ?? Surface::Bare->value),
            $kept['tree_weight_kg'] ?? 0.0,
        );
    }

    public function jsonSerialize(): array
    {
        return [
            'recipe_id' => $this->recipeId, 'recipe_name' => $this->recipeName, 'recipe_version' => $this->recipeVersion, 'parts' => $this->parts, 'components' => $this->components,
            'compaction_index' => $this->compactionIndex, 'pot' => $this->pot, 'headspace_cm' => $this->headspaceCm, 'top_dressing_cm' => $this->topDressingCm, 'layer' => $this->layer,
            'contents' => $this->contents?->toKept(), 'dressing' => $this->dressing, 'cover' => $this->cover, 'surface' => $this->surface->value, 'tree_weight_kg' => $this->treeWeightKg,
        ];
    }
}
