<?php

declare(strict_types=1);

namespace App\PottingDays\Http;

use App\PottingDays\RecipeUses;
use App\Recipes\Models\Recipe;
use Illuminate\Http\JsonResponse;

final readonly class RecipeUsesController
{
    public function __invoke(Recipe $recipe): JsonResponse
    {
        return new JsonResponse(['data' => RecipeUses::of($recipe)]);
    }
}
