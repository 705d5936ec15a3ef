<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Common\Words;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Change\RinseOrSieve;

/** A recipe of which one component is rinsed of its fines: a recipe of its own, so that the one it comes from stays what it is. */
final readonly class Rinsed
{
    private const LONGEST_NAME = 100;

    public function __construct(private SaveRecipe $save) {}

    /** @return list<array{RecipePart, float}> what of it can be rinsed, and at which size in mm; what is prepared already is left as it is */
    public static function ways(Recipe $recipe): array
    {
        $ways = [];
        foreach ($recipe->parts as $part) {
            $isPrepared = RecipePortions::preparation($part)?->changesMix() ?? false;
            foreach ($isPrepared || $part->component->isMix() ? [] : RinseOrSieve::rinses($part->component->toCore()) as $mm) {
                $ways[] = [$part, $mm];
            }
        }

        return $ways;
    }

    /** As if it were rinsed: not kept. */
    public static function asIf(Recipe $recipe, RecipePart $rinsed, float $mm): Recipe
    {
        $as = clone $recipe;

        return $as->setRelation('parts', $recipe->parts->map(static function (RecipePart $part) use ($rinsed, $mm): RecipePart {
            if ($part->component_id !== $rinsed->component_id) {
                return $part;
            }
            $other = clone $part;
            $other->preparation = [...$part->preparation ?? [], 'rinse_mm' => $mm];

            return $other;
        }));
    }

    /**
     * The recipe that is rinsed so: one that was made before, or a new one.
     *
     * @throws Refused field "rinse" where nothing of it can be rinsed so
     */
    public function __invoke(Recipe $recipe, int $componentId, float $mm): Recipe
    {
        $recipe->loadMissing('parts.component');
        foreach (self::ways($recipe) as [$part, $at]) {
            if ($part->component_id === $componentId && $at === $mm) {
                return $this->kept($recipe, $part, $mm);
            }
        }

        throw Refused::because('rinse', 'nothing_to_rinse', $componentId);
    }

    private function kept(Recipe $recipe, RecipePart $part, float $mm): Recipe
    {
        $asIf = self::asIf($recipe, $part, $mm);
        $suffix = Words::of('records.rinsed', ['component' => $part->component->name, 'mm' => $mm]);
        $name = mb_substr($recipe->name, 0, self::LONGEST_NAME - 3 - mb_strlen($suffix)).', '.$suffix;
        $rows = array_values($asIf->parts->map(static fn(RecipePart $each): array => $each->row())->all());
        for ($n = 1; ; ++$n) {
            $called = $n === 1 ? $name : $name.' '.$n;
            $there = Recipe::query()->with('parts')->where('name', $called)->first();
            if ($there === null) {
                return ($this->save)(new Recipe(), ['name' => $called, 'plant_group' => $recipe->plant_group, 'note' => $recipe->note, 'tags' => $recipe->tags, 'parts' => $rows]);
            }
            if ($there->archived_at === null && $there->isSameMix(PartsForm::read($rows, new Refusals())->rows)) {
                return $there;
            }
        }
    }
}
