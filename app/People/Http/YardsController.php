<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Http\ArchiveSwitch;
use App\People\Actions\SaveYard;
use App\People\Models\Yard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** The yards of the installation, and which of them the session is in. */
final readonly class YardsController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(self::told(...), array_values(Yard::query()->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)->all()))]);
    }

    public function store(Request $request, SaveYard $save): JsonResponse
    {
        return new JsonResponse(self::told($save->add($request->json()->all())), 201);
    }

    public function update(Request $request, Yard $yard, SaveYard $save): JsonResponse
    {
        return new JsonResponse(self::told($save->change($yard, $request->json()->all())));
    }

    public function archive(Request $request, Yard $yard, SaveYard $save): JsonResponse
    {
        return new JsonResponse(self::told($save->archive($yard, ArchiveSwitch::read($request))));
    }

    public function go(Request $request, SessionController $session): JsonResponse
    {
        $refusals = new Refusals();
        $id = Fields::of($request->json()->all(), ['id'], $refusals)->integer('id', 1, PHP_INT_MAX);
        $refusals->throwIfAny();
        $yard = Yard::query()->where('archived_at', null)->find($id) ?? throw Refused::because('id', 'no_such_yard', $id);
        $request->session()->put(InYard::KEPT_AS, $yard->id);

        return $session->show($request);
    }

    /** @return array<string, mixed> schema Yard */
    private static function told(Yard $yard): array
    {
        return ['id' => $yard->id, 'name' => $yard->name, 'archived' => $yard->isArchived()];
    }
}
