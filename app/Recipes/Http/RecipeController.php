<?php

declare(strict_types=1);

namespace App\Recipes\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\PottingDays\RecipeUses;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipePresenter;
use App\Recipes\VersionPresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class RecipeController
{
    public function index(Request $request): JsonResponse
    {
        $query = Recipe::query()->with('parts.component');
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        $tag = $request->string('tag')->trim()->value();
        if ($tag !== '') {
            $query->whereJsonContains('tags', $tag);
        }

        return PagedList::of($query, $request, ['name', 'plant_group', 'updated_at'], RecipePresenter::present(...));
    }

    /** The plants and pots that a recipe is used for. */
    public function uses(Recipe $recipe): JsonResponse
    {
        return new JsonResponse(['data' => RecipeUses::of($recipe)]);
    }

    /** Every version of a recipe, newest first, each with what changed in it. */
    public function versions(Recipe $recipe): JsonResponse
    {
        return new JsonResponse(['data' => VersionPresenter::all($recipe->versions()->get()->all())]);
    }

    public function show(Recipe $recipe): JsonResponse
    {
        return new JsonResponse(RecipePresenter::present($recipe->load('parts.component')));
    }

    public function store(Request $request, SaveRecipe $save): JsonResponse
    {
        return new JsonResponse(RecipePresenter::present($save(new Recipe(), $request->json()->all())), 201);
    }

    public function update(Request $request, Recipe $recipe, SaveRecipe $save): JsonResponse
    {
        $saved = Meanwhile::keep($recipe, $request->json()->all(), SaveRecipe::FIELDS, RecipePresenter::form(...), static fn(array $input): Recipe => $save($recipe, $input));

        return new JsonResponse(RecipePresenter::present($saved));
    }

    public function archive(Request $request, Recipe $recipe): JsonResponse
    {
        $recipe->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(RecipePresenter::present($recipe->load('parts.component')));
    }
}
