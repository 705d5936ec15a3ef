<?php

declare(strict_types=1);

namespace App\Plants\Http;

use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Plants\Actions\SaveFertiliser;
use App\Plants\FertiliserFields;
use App\Plants\Models\Fertiliser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class FertiliserController
{
    public function index(Request $request): JsonResponse
    {
        $query = Fertiliser::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name', 'form'], self::present(...));
    }

    public function store(Request $request, SaveFertiliser $save): JsonResponse
    {
        return new JsonResponse(self::present($save(new Fertiliser(), $request->json()->all())), 201);
    }

    public function update(Request $request, Fertiliser $fertiliser, SaveFertiliser $save): JsonResponse
    {
        return new JsonResponse(self::present($save($fertiliser, $request->json()->all())));
    }

    public function archive(Request $request, Fertiliser $fertiliser): JsonResponse
    {
        $fertiliser->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(self::present($fertiliser));
    }

    /** @return array<string, mixed> schema Fertiliser */
    private static function present(Fertiliser $fertiliser): array
    {
        return [
            'id' => $fertiliser->id, ...$fertiliser->only(array_keys(FertiliserFields::all())),
            'ppm_n' => $fertiliser->form === 'liquid' ? $fertiliser->toCore()->ppmN() : null,
            'archived' => $fertiliser->isArchived(),
        ];
    }
}
