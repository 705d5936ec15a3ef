<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Common\Same;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Recipes\Models\RecipeVersion;
use App\Sheets\SchemaFile;
use App\Shelf\Models\Component;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Preparation\Preparation;

/**
 * One recipe with all its versions as a JSON file, version 1 of api/recipe.schema.json. Components are named by their keys; a file whose components are not
 * on this shelf is refused with their names. Written, taken in elsewhere and written again, the file is the same.
 */
final readonly class RecipeFile
{
    public const FORMAT = 'zolbek recipe';
    public const VERSION = 1;

    /** @return array<string, mixed> */
    public function write(Recipe $recipe): array
    {
        $recipe->loadMissing('parts.component');

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'recipe' => [
                ...$recipe->only(['name', 'plant_group', 'note', 'tags', 'compaction_index']),
                'parts' => $recipe->parts->map(static fn(RecipePart $part): array => ['key' => $part->component->key, 'name' => $part->component->name, 'parts' => $part->parts, 'preparation' => $part->preparation])->all(),
            ],
            'versions' => array_values($recipe->versions()->get()->reverse()->map(static fn(RecipeVersion $version): array => [
                ...$version->only(['number', 'plant_group', 'reason']),
                'made_at' => $version->made_at->toIso8601String(),
                'parts' => array_map(static fn(array $part): array => ['key' => $part['key'], 'name' => $part['name'], 'parts' => (float) $part['parts'], 'preparation' => $part['preparation']], $version->parts),
            ])->all()),
        ];
    }

    /** @throws Refused naming what in the file cannot be taken */
    public function take(string $text): Recipe
    {
        $file = SchemaFile::read($text, self::FORMAT, self::VERSION, 'recipe.schema.json');
        $raw = $file['recipe'];
        $refusals = new Refusals();
        if (Recipe::query()->where('name', $raw['name'])->exists()) {
            $refusals->add(new Refusal('recipe.name', 'name_taken', $raw['name']));
        }
        $here = self::components($file);
        self::check($raw['parts'], 'recipe.parts', $here, $refusals);
        $numbers = [];
        foreach ($file['versions'] as $i => $version) {
            self::check($version['parts'], 'versions.'.$i.'.parts', $here, $refusals);
            $numbers[] = $version['number'];
        }
        if ($numbers !== range(1, count($numbers))) {
            $refusals->add(new Refusal('versions', 'version_numbers', implode(', ', $numbers)));
        }
        $newest = $file['versions'][count($file['versions']) - 1];
        if (! Same::values($newest['parts'], $raw['parts']) || $newest['plant_group'] !== $raw['plant_group']) {
            $refusals->add(new Refusal('versions', 'version_newest', count($numbers)));
        }
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($file, $raw, $here): Recipe {
            $recipe = Recipe::query()->create([...array_intersect_key($raw, array_flip(['name', 'plant_group', 'note', 'tags', 'compaction_index'])), 'version' => count($file['versions'])]);
            foreach ($raw['parts'] as $position => $part) {
                $recipe->parts()->create(['component_id' => $here[$part['key']]->id, 'parts' => $part['parts'], 'preparation' => $part['preparation'], 'position' => $position]);
            }
            foreach ($file['versions'] as $version) {
                RecipeVersion::query()->create([
                    'recipe_id' => $recipe->id,
                    ...array_intersect_key($version, array_flip(['number', 'plant_group', 'reason'])),
                    'made_at' => Carbon::parse($version['made_at']),
                    'parts' => array_map(static fn(array $part): array => ['component_id' => $here[$part['key']]->id, 'key' => $part['key'], 'name' => $part['name'], ...$here[$part['key']]->only(['kind', 'colour']), 'parts' => $part['parts'], 'preparation' => $part['preparation']], $version['parts']),
                ]);
            }

            return $recipe->refresh()->load('parts.component');
        });
    }

    /**
     * @param array<string, mixed> $file
     *
     * @return array<string, Component> those of the file that are here, by key
     */
    private static function components(array $file): array
    {
        $keys = array_column($file['recipe']['parts'], 'key');
        foreach ($file['versions'] as $version) {
            array_push($keys, ...array_column($version['parts'], 'key'));
        }
        $query = Component::query();
        $query->whereIn('key', array_unique($keys));
        $here = [];
        foreach (Component::query()->findMany($query->pluck('id')) as $component) {
            $here[$component->key] = $component;
        }

        return $here;
    }

    /**
     * @param list<array{key: string, name: string, parts: float|int, preparation: array<string, mixed>|null}> $parts
     * @param array<string, Component> $here
     */
    private static function check(array $parts, string $path, array $here, Refusals $refusals): void
    {
        $seen = [];
        foreach ($parts as $i => $part) {
            if (! isset($here[$part['key']])) {
                $refusals->add(new Refusal($path.'.'.$i.'.key', 'component_not_here', $part['name']));
            }
            if (isset($seen[$part['key']])) {
                $refusals->add(new Refusal($path.'.'.$i.'.key', 'component_twice', $part['name']));
            }
            $seen[$part['key']] = true;
            if ($part['preparation'] !== null) {
                Preparation::read($part['preparation'], $refusals, $path.'.'.$i.'.preparation');
            }
        }
    }
}
