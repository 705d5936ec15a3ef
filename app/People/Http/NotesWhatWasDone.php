<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Activity;
use App\People\Permissions;
use App\People\Reverse;
use App\People\Role;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Writes down who did what, once it was done. What a device sends a second time, because it did not hear the answer, is done once. */
final class NotesWhatWasDone
{
    /** Taps of a moment that a record of their own tells, or that nothing comes of. */
    private const NOT_TOLD = ['days/{day}/ticks', 'model-news', 'instruments/{instrument}', 'instruments/{instrument}/tare', 'instruments/{instrument}/shake'];

    private const API = 'api/v1/';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $once = $request->headers->get('X-Once');
        $once = is_string($once) && Str::isUuid($once) ? $once : null;
        if ($once !== null && ! $request->isMethodSafe() && Activity::query()->where('once', $once)->exists()) {
            return new JsonResponse(['already' => true]);
        }
        $response = $next($request);
        $route = $request->route();
        if (! $request->isMethodSafe() && $response->isSuccessful() && self::isTold($route, $request->method())) {
            // it is done, whether or not it could be noted
            rescue(static fn() => self::note($request, $route, $response, $once));
        }

        return $response;
    }

    private static function isTold(Route $route, string $method): bool
    {
        $least = Permissions::least($route, $method);

        return $least !== null && $least !== Role::Reader && ! in_array(substr($route->uri(), strlen(self::API)), self::NOT_TOLD, true);
    }

    private static function note(Request $request, Route $route, Response $response, ?string $once): void
    {
        // as it was put together: an answer may be a whole day, which is not read a second time for a name
        $answer = $response instanceof JsonResponse && is_array($response->original) ? $response->original : [];
        [$uri, $path] = [substr($route->uri(), strlen(self::API)), substr($request->path(), strlen(self::API))];
        $who = Who::asks($request);
        Activity::query()->create([
            'done_at' => Carbon::now(), 'person_id' => $who->person?->id, 'person' => $who->name(), 'method' => $request->method(), 'route' => $uri, 'path' => $path, 'name' => self::name($route, $answer),
            'once' => $once,
            'undo' => Reverse::of($request->method(), $uri, $path, $request->isJson() ? $request->json()->all() : [], $answer),
        ]);
    }

    /** @param array<mixed> $answer */
    private static function name(Route $route, array $answer): string
    {
        $names = [$answer['name'] ?? null, ...array_map(static fn(mixed $bound): mixed => $bound instanceof Model ? $bound->getAttributes()['name'] ?? null : null, array_reverse(array_values($route->parameters())))];
        foreach ($names as $name) {
            if (is_string($name) && $name !== '') {
                return mb_substr($name, 0, 200);
            }
        }

        return '';
    }
}
