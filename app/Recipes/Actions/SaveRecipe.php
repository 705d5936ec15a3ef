<?php

declare(strict_types=1);

namespace App\Recipes\Actions;

use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipeVersion;
use App\Recipes\PartsForm;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\PlantGroup;

/** Adds a recipe or changes one, with all its parts. A change of what goes into the tub is a new version, and needs its reason. */
final readonly class SaveRecipe
{
    public const FIELDS = ['name', 'plant_group', 'note', 'parts', 'tags', 'reason'];
    private const MOST_TAGS = 12;

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Recipe $recipe, array $input, ?Carbon $madeAt = null): Recipe
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 100);
        if ($name !== '' && Recipe::query()->where('name', $name)->whereKeyNot($recipe->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $group = $fields->oneOf('plant_group', PlantGroup::words());
        $note = $fields->text('note', 2000, '');
        $tags = self::tags($fields->raw('tags') ?? ($recipe->exists ? $recipe->tags : []), $refusals);
        $reason = $fields->text('reason', 300, '');
        $parts = PartsForm::read($fields->raw('parts'), $refusals);
        $sameParts = $recipe->exists && $recipe->loadMissing('parts')->isSameMix($parts->rows);
        $isNew = ! $recipe->exists || ! $sameParts || $recipe->plant_group !== $group;
        if ($isNew && $recipe->exists && $reason === '' && ! $refusals->any()) {
            $refusals->add(new Refusal('reason', 'reason_missing'));
        }
        $refusals->throwIfAny();

        DB::transaction(static function () use ($recipe, $name, $group, $note, $tags, $parts, $sameParts, $isNew, $reason, $madeAt): void {
            $number = $recipe->exists ? $recipe->version + ($isNew ? 1 : 0) : 1;
            if ($recipe->exists && ! $sameParts) {
                $recipe->stamp('parts');
            }
            // a shrink that was measured is that of the parts as they were
            $recipe->fill([...($sameParts ? [] : ['compaction_index' => null]), 'name' => $name, 'plant_group' => $group, 'note' => $note, 'tags' => $tags, 'version' => $number])->save();
            // written in another notation it stays as it was written
            if (! $sameParts) {
                $recipe->parts()->delete();
                $recipe->parts()->createMany(array_map(
                    static fn(array $row, int $position): array => ['component_id' => $row['component_id'], 'parts' => $row['parts'], 'preparation' => $row['preparation']?->toArray() ?: null, 'position' => $position],
                    $parts->rows,
                    array_keys($parts->rows),
                ));
            }
            if ($isNew) {
                RecipeVersion::query()->create([
                    'recipe_id' => $recipe->id,
                    'number' => $number,
                    'plant_group' => $group,
                    'parts' => array_map(static fn(array $row): array => [
                        'component_id' => $row['component_id'],
                        ...$parts->components[$row['component_id']]->only(['key', 'name', 'kind', 'colour']),
                        'parts' => $row['parts'],
                        'preparation' => $row['preparation']?->toArray() ?: null,
                    ], $parts->rows),
                    'reason' => $reason,
                    'made_at' => $madeAt ?? Carbon::now(),
                ]);
            }
        });

        return $recipe->refresh()->load('parts.component');
    }

    /** @return list<string> */
    private static function tags(mixed $input, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $refusals->add(new Refusal('tags', 'tags', $input, ['max' => self::MOST_TAGS]));

            return [];
        }
        $tags = [];
        foreach ($input as $i => $tag) {
            if (! is_string($tag) || trim($tag) === '' || mb_strlen($tag) > 30 || ! mb_check_encoding($tag, 'UTF-8')) {
                $refusals->add(new Refusal('tags.'.$i, 'text', $tag, ['longest' => 30]));
                continue;
            }
            $tags[] = trim($tag);
        }
        $tags = array_values(array_unique($tags));
        if (count($tags) > self::MOST_TAGS) {
            $refusals->add(new Refusal('tags', 'tags', count($tags), ['max' => self::MOST_TAGS]));
        }

        return $tags;
    }
}
