<?php

declare(strict_types=1);

namespace App\Pots\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Plants\PotChecks;
use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use App\Pots\PotFields;
use App\Pots\PotPresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Place\Container\Container;

final readonly class PotController
{
    public function index(Request $request): JsonResponse
    {
        $query = Pot::query();
        Pot::withUse($query);
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name', 'shape', 'depth', 'owned', 'place'], PotPresenter::present(...));
    }

    public function show(Pot $pot): JsonResponse
    {
        return new JsonResponse(PotPresenter::present($pot));
    }

    /** The outline and volume of a pot that is still being typed in. */
    public function outline(Request $request): JsonResponse
    {
        $pot = Container::read($request->json()->all());

        return new JsonResponse(['outline' => PotPresenter::outline($pot), 'volume_l' => $pot->volumeL(0.0, $pot->depthCm)]);
    }

    public function checks(Request $request, PotChecks $checks): JsonResponse
    {
        return new JsonResponse($checks->of($request->json()->all()));
    }

    public function store(Request $request, SavePot $save): JsonResponse
    {
        return new JsonResponse(PotPresenter::present($save(new Pot(), $request->json()->all())), 201);
    }

    public function update(Request $request, Pot $pot, SavePot $save): JsonResponse
    {
        return new JsonResponse(PotPresenter::present(Meanwhile::keep($pot, $request->json()->all(), PotFields::names(), PotPresenter::present(...), static fn(array $input): Pot => $save($pot, $input))));
    }

    public function archive(Request $request, Pot $pot): JsonResponse
    {
        $pot->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(PotPresenter::present($pot));
    }
}
