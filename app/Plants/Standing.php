<?php

declare(strict_types=1);

namespace App\Plants;

use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Recipes\RecipePortions;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/** The mix and the pot that a plant stands in, with the values that they had on that day: what its forecast is computed from, whatever changes later. */
final class Standing
{
    /** @var array<string, Substrate> by what it is made of, aged by so many years */
    private array $substrates = [];

    /**
     * @param array{headspace_cm?: float, top_dressing_cm?: float, layer?: array{component: Material, thickness_cm: float}|null} $setup
     *
     * @return array<string, mixed> as it is kept with the plant
     */
    public static function make(Recipe $recipe, Pot $pot, array $setup = []): array
    {
        $blend = Portion::blend(RecipePortions::of($recipe));
        $layer = $setup['layer'] ?? null;

        return [
            'recipe_id' => $recipe->id,
            'recipe_name' => $recipe->name,
            'recipe_version' => $recipe->version,
            'parts' => $recipe->parts->map(static fn(RecipePart $part): array => [
                'component_id' => $part->component_id, 'name' => $part->component->name, 'kind' => $part->component->kind, 'colour' => $part->component->colour, 'parts' => $part->parts,
            ])->all(),
            'components' => array_map(static fn(Material $component, float $parts): array => ['kept' => KeptMaterial::keep($component), 'parts' => $parts], $blend->components, $blend->parts),
            'compaction_index' => $recipe->compaction_index,
            'pot' => [
                'id' => $pot->id, 'name' => $pot->name, 'description' => $pot->description(), 'drying_sides' => $pot->drying_sides, 'weight_kg' => $pot->weight_kg,
                'holes' => ['count' => $pot->hole_count, 'diameter_cm' => $pot->hole_diameter_cm, 'open_share' => $pot->hole_open_share],
            ],
            'headspace_cm' => $setup['headspace_cm'] ?? 0.0,
            'top_dressing_cm' => $setup['top_dressing_cm'] ?? 0.0,
            'layer' => $layer === null ? null : ['kept' => KeptMaterial::keep($layer['component']), 'thickness_cm' => $layer['thickness_cm']],
        ];
    }

    /** @param array<string, mixed> $standing */
    public function setup(array $standing, PlantGroup $group, ?Situation $situation = null): Setup
    {
        $pot = $standing['pot'];
        $layer = $standing['layer'] ?? null;
        $index = self::index($standing);
        $substrate = $this->substrate($standing);

        return new Setup(
            array_map(static fn(Material $component, float $parts): array => [Portion::of($component), $parts], $substrate->blend->components, $substrate->blend->parts),
            self::pot($pot['description']),
            Holes::of((int) $pot['holes']['count'], (float) ($pot['holes']['diameter_cm'] ?? 1.0), (float) $pot['holes']['open_share']),
            $group,
            (float) $standing['headspace_cm'],
            (float) $standing['top_dressing_cm'],
            $layer === null ? null : new DrainageLayer(new Substrate(new Blend([[KeptMaterial::read($layer['kept']), 1.0]]), $index), (float) $layer['thickness_cm']),
            (float) $pot['weight_kg'],
            compactionIndex: $index,
            situation: $situation?->with(dryingSides: (bool) $pot['drying_sides']),
            substrate: $substrate,
        );
    }

    /**
     * The mix of a standing, aged; the same one is packed once.
     *
     * @param array<string, mixed> $standing
     */
    public function substrate(array $standing, float $years = 0.0, ?AgeingClimate $climate = null): Substrate
    {
        $years = round(2.0 * $years) / 2.0;
        $index = self::index($standing);
        $key = md5((string) json_encode($standing['components'])).'|'.$index.'|'.$years.'|'.($years > 0.0 ? round($climate->frostCycles ?? 0.0, 2).'|'.($climate->meanC ?? 0) : '');

        return $this->substrates[$key] ??= new Substrate(
            $years > 0.0 ? $this->substrate($standing)->blend : new Blend(array_values(array_map(static fn(array $part): array => [KeptMaterial::read($part['kept']), (float) $part['parts']], $standing['components']))),
            $index,
            $years,
            $years > 0.0 ? $climate : null,
        );
    }

    /**
     * K of a measured shrink; null where the mix lies as it settles.
     *
     * @param array<string, mixed> $standing
     */
    private static function index(array $standing): ?float
    {
        return isset($standing['compaction_index']) ? (float) $standing['compaction_index'] : null;
    }

    /** @param array<string, mixed> $description */
    private static function pot(array $description): Container
    {
        // whole numbers come back from JSON as such, all but the sides are lengths
        return Container::read(array_map(static fn(mixed $value): mixed => is_float($value) && floor($value) === $value ? (int) $value : $value, $description));
    }
}
