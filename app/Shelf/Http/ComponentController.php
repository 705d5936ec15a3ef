<?php

declare(strict_types=1);

namespace App\Shelf\Http;

use App\Batches\Models\Batch;
use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Recipes\Models\Recipe;
use App\Shelf\Actions\SaveComponent;
use App\Shelf\ComponentDocument;
use App\Shelf\ComponentPresenter;
use App\Shelf\Models\Component;
use App\Shelf\OtherNames;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ComponentController
{
    public function index(Request $request): JsonResponse
    {
        $query = Component::query()->with('mixParts.component');
        Component::withDeliveries($query);
        PagedList::inArchive($query, $request->boolean('archived'));
        OtherNames::search($query, $request->string('search')->trim()->value());
        if ($request->filled('kind')) {
            $query->where('kind', $request->string('kind')->value());
        }
        if ($request->boolean('low')) {
            $query->whereNotNull('low_l');
            $query->whereColumn('stock_l', '<', 'low_l');
        }
        if ($request->boolean('in_stock')) {
            $query->where('stock_l', '>', 0);
        }

        return PagedList::of($query, $request, ['name', 'kind', 'stock_l', 'bulk_density', 'ph'], ComponentPresenter::row(...));
    }

    public function show(Component $component): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present($component));
    }

    /** The component with its curves, what it is good for, and what is made of it. */
    public function sheet(Component $component): JsonResponse
    {
        return new JsonResponse([...(new ComponentDocument($component))->toArray(), 'recipes' => Recipe::using($component->id), 'batches' => Batch::using($component->id)]);
    }

    public function store(Request $request, SaveComponent $save): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present($save(new Component(), $request->json()->all())), 201);
    }

    public function update(Request $request, Component $component, SaveComponent $save): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present(Meanwhile::keep($component, $request->json()->all(), SaveComponent::fieldsOf($component), ComponentPresenter::form(...), static fn(array $input): Component => $save($component, $input))));
    }

    public function archive(Request $request, Component $component): JsonResponse
    {
        $component->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(ComponentPresenter::present($component));
    }
}
