<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Substrate\Portion;

/** The parts of a recipe as portions that the core blends; the recipe comes with its parts and their components. */
final class RecipePortions
{
    /** @return non-empty-list<array{Portion, float}> */
    public static function of(Recipe $recipe): array
    {
        Portions::load($recipe->parts->map(static fn(RecipePart $part): Component => $part->component)->all());
        $shelf = new Portions();
        $portions = array_values($recipe->parts->map(static fn(RecipePart $part): array => [
            $shelf->of($part->component, null, self::preparation($part)),
            $part->parts,
        ])->all());
        assert($portions !== []);

        return $portions;
    }

    public static function preparation(RecipePart $part): ?Preparation
    {
        return $part->preparation === null ? null : Preparation::read($part->preparation, new Refusals(), 'preparation');
    }
}
