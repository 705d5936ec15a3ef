<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plants\Actions\SavePlant;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Situations\Models\Species;

/** Short ways to plants, recipes and days that stand. */
final class Collection
{
    /** @param array<string, float|int> $parts by component key */
    public static function recipe(string $name = 'Grit and bark', array $parts = ['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]): Recipe
    {
        return Recipe::query()->where('name', $name)->first()
            ?? app(SaveRecipe::class)(new Recipe(), ['name' => $name, 'plant_group' => 'broadleaf_deciduous', 'parts' => Yard::parts($parts)]);
    }

    /** @param array<string, mixed> $changed */
    public static function plant(array $changed = []): Plant
    {
        return app(SavePlant::class)(new Plant(), self::input($changed));
    }

    /**
     * @param array<string, mixed> $changed
     *
     * @return array<string, mixed>
     */
    public static function input(array $changed = []): array
    {
        if (! Species::query()->where('name', 'Hornbeam')->exists()) {
            app(LoadReferenceSpecies::class)();
        }

        return [
            'name' => 'Hedge piece', 'species_id' => Species::query()->where('name', 'Hornbeam')->firstOrFail()->id, 'site_id' => Yard::siteId(), 'place' => 'North wall', 'year_started' => 2010,
            'height_cm' => 48, 'canopy_cm' => 50, 'trunk_mm' => 30, 'weight_kg' => 2, 'pot_id' => (Pot::query()->first() ?? Yard::pot())->id, 'recipe_id' => self::recipe()->id,
            'potted_on' => now()->subYears(3)->toDateString(), ...$changed,
        ];
    }
}
