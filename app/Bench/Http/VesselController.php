<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\SaveVessel;
use App\Bench\Models\Vessel;
use App\Bench\VesselFields;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Scoops and tubs of one's own. */
final readonly class VesselController
{
    public function index(Request $request): JsonResponse
    {
        $query = Vessel::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name', 'kind', 'volume_l'], self::present(...));
    }

    public function store(Request $request, SaveVessel $save): JsonResponse
    {
        return new JsonResponse(self::present($save(new Vessel(), $request->json()->all())), 201);
    }

    public function update(Request $request, Vessel $vessel, SaveVessel $save): JsonResponse
    {
        return new JsonResponse(self::present($save($vessel, $request->json()->all())));
    }

    public function archive(Request $request, Vessel $vessel): JsonResponse
    {
        $vessel->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(self::present($vessel));
    }

    /** @return array<string, mixed> schema Vessel */
    private static function present(Vessel $vessel): array
    {
        return ['id' => $vessel->id, ...$vessel->only(array_keys(VesselFields::all())), 'archived' => $vessel->isArchived()];
    }
}
