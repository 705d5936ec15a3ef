<?php

declare(strict_types=1);

namespace App\Actions;

use App\Blending\PartsForm;
use App\Models\Recipe;
use App\Models\RecipePart;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Fit\PlantGroup;
use Zolbek\Core\Input\Fields;
use Zolbek\Core\Input\Refusal;
use Zolbek\Core\Input\Refusals;
use Zolbek\Core\Input\Refused;

/** Adds a recipe or changes one, with all its parts. */
final readonly class SaveRecipe
{
    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Recipe $recipe, array $input): Recipe
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['name', 'plant_group', 'note', 'parts'], $refusals);
        $name = $fields->text('name', 100);
        if ($name !== '' && Recipe::query()->where('name', $name)->whereKeyNot($recipe->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $group = $fields->oneOf('plant_group', PlantGroup::words());
        $note = $fields->text('note', 2000, '');
        $parts = PartsForm::read($fields->raw('parts'), $refusals);
        $refusals->throwIfAny();

        DB::transaction(static function () use ($recipe, $name, $group, $note, $parts): void {
            // a shrink that was measured is that of the parts as they were
            $sameParts = $recipe->exists && $recipe->parts->map(static fn(RecipePart $part): array => [$part->component_id, $part->parts])->all() === array_map(static fn(array $row): array => [$row['component_id'], $row['parts']], $parts->rows);
            $recipe->fill([...($sameParts ? [] : ['compaction_index' => null]), 'name' => $name, 'plant_group' => $group, 'note' => $note])->save();
            $recipe->parts()->delete();
            $recipe->parts()->createMany(array_map(
                static fn(array $row, int $position): array => ['component_id' => $row['component_id'], 'parts' => $row['parts'], 'preparation' => $row['preparation']?->toArray() ?: null, 'position' => $position],
                $parts->rows,
                array_keys($parts->rows),
            ));
        });

        return $recipe->refresh()->load('parts.component');
    }
}
