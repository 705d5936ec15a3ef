<?php

declare(strict_types=1);

namespace App\Shelf\Http;

use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Shelf\Actions\HoldLot;
use App\Shelf\Actions\MoveStock;
use App\Shelf\Actions\SaveLot;
use App\Shelf\LotPresenter;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Deliveries of a component, and what came onto the shelf and left it. */
final readonly class LotController
{
    public function index(Request $request, Component $component): JsonResponse
    {
        $query = Lot::query()->where('component_id', $component->id);
        PagedList::inArchive($query, $request->boolean('archived'));

        return PagedList::of($query, $request, ['delivered_on', 'name', 'stock_l'], LotPresenter::present(...), '-delivered_on');
    }

    public function store(Request $request, Component $component, SaveLot $save): JsonResponse
    {
        return new JsonResponse(LotPresenter::present($save(new Lot(), $component, $request->json()->all())), 201);
    }

    public function update(Request $request, Lot $lot, SaveLot $save): JsonResponse
    {
        return new JsonResponse(LotPresenter::present($save($lot, $lot->component, $request->json()->all())));
    }

    public function archive(Request $request, Lot $lot): JsonResponse
    {
        $lot->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(LotPresenter::present($lot));
    }

    public function hold(Request $request, Lot $lot, HoldLot $hold): JsonResponse
    {
        return new JsonResponse(LotPresenter::present($hold($lot, $request->json()->all())));
    }

    public function movements(Request $request, Component $component): JsonResponse
    {
        $query = StockMovement::query()->where('component_id', $component->id);

        return PagedList::of($query, $request, ['moved_at'], LotPresenter::movement(...), '-moved_at');
    }

    public function move(Request $request, Component $component, MoveStock $move): JsonResponse
    {
        return new JsonResponse(LotPresenter::movement($move->asTyped($component, $request->json()->all())), 201);
    }
}
