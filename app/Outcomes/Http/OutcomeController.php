<?php

declare(strict_types=1);

namespace App\Outcomes\Http;

use App\Http\PagedList;
use App\Outcomes\OutcomeDocument;
use App\Outcomes\OutcomeQuestion;
use App\Outcomes\Stay;
use App\Outcomes\Stays;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Recipes\Models\Recipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How mixes turned out, who stands in them, and what a plant stood in. */
final readonly class OutcomeController
{
    public function __construct(private OutcomeDocument $document) {}

    public function index(Request $request): JsonResponse
    {
        $query = Recipe::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());
        $answer = PagedList::of($query, $request, ['name'], static fn(Recipe $recipe): array => ['id' => $recipe->id, 'name' => $recipe->name, 'version' => $recipe->version]);
        $page = $answer->getData(true);
        $counts = Stays::counts(array_column($page['data'], 'id'));

        return $answer->setData([...$page, 'data' => array_map(static fn(array $row): array => [...$row, ...$counts[$row['id']]], $page['data'])]);
    }

    public function show(Request $request, Recipe $recipe): JsonResponse
    {
        return new JsonResponse($this->document->of(OutcomeQuestion::read($recipe, $request->query->all())));
    }

    /** What a plant stood in, the first mix first. */
    public function plant(Plant $plant): JsonResponse
    {
        $plant->load(['species', 'site']);
        $query = PlantEvent::query();
        $query->where('plant_id', $plant->id);
        $query->orderBy('happened_on');
        $query->orderBy('id');
        $events = $query->get();
        $measures = GrowthMeasure::query()->where('plant_id', $plant->id)->get();

        return new JsonResponse(['data' => array_map(fn(Stay $stay): array => [...$this->document->row($stay), 'recipe_id' => $stay->in->recipeId, 'recipe' => $stay->in->recipeName], Stays::ofPlant($plant, $events, $measures))]);
    }
}
