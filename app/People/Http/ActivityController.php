<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Http\PagedList;
use App\People\Models\Activity;
use App\People\Permissions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Who did what, the newest first. */
final readonly class ActivityController
{
    public function __invoke(Request $request): JsonResponse
    {
        $query = Activity::query();
        if ($request->filled('person')) {
            $query->where('person', $request->string('person')->value());
        }

        return PagedList::of($query, $request, ['id'], fn(Activity $done): array => [
            'id' => $done->id, 'done_at' => $done->done_at->toIso8601String(), 'person' => $done->person, 'method' => $done->method, 'route' => $done->route, 'path' => $done->path, 'name' => $done->name, 'undo' => $done->undo !== null && self::mayAsk($request, $done->undo) ? $done->undo : null,
        ], '-id');
    }

    /**
     * Nobody is offered to take back what his role may not ask for.
     *
     * @param array{method: string, path: string} $undo
     */
    private static function mayAsk(Request $request, array $undo): bool
    {
        try {
            $route = Route::getRoutes()->match(Request::create('/api/v1/'.$undo['path'], $undo['method']));
        } catch (HttpExceptionInterface) {
            return false; // of a version before, under another address
        }
        $least = Permissions::least($route, $undo['method']);

        return $least === null || Who::asks($request)->role()?->mayAs($least) === true;
    }
}
