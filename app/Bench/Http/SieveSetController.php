<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\SaveSieveSet;
use App\Bench\Models\SieveSet;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Sieves that lie together on the shelf. */
final readonly class SieveSetController
{
    public function index(Request $request): JsonResponse
    {
        $query = SieveSet::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name'], self::present(...));
    }

    public function store(Request $request, SaveSieveSet $save): JsonResponse
    {
        return new JsonResponse(self::present($save(new SieveSet(), $request->json()->all())), 201);
    }

    public function update(Request $request, SieveSet $sieveSet, SaveSieveSet $save): JsonResponse
    {
        return new JsonResponse(self::present($save($sieveSet, $request->json()->all())));
    }

    public function archive(Request $request, SieveSet $sieveSet): JsonResponse
    {
        $sieveSet->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(self::present($sieveSet));
    }

    /** @return array<string, mixed> schema SieveSet */
    private static function present(SieveSet $set): array
    {
        return ['id' => $set->id, 'name' => $set->name, 'apertures' => $set->apertures, 'archived' => $set->isArchived()];
    }
}
