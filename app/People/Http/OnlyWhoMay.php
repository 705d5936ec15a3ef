<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Common\Author;
use App\Http\RefusalResponse;
use App\People\Permissions;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets through who may do what the route does, and has his name stand with what he does. */
final class OnlyWhoMay
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $least = Permissions::least($route, $request->method());
        $who = Who::asks($request);
        if ($who->door === Door::Network && ! $request->secure()) {
            // passwords, PINs, codes and what was written come sealed, or not at all
            return RefusalResponse::fault(426);
        }
        if ($least !== null && $who->role() === null) {
            return RefusalResponse::fault(401);
        }
        if ($least !== null && $who->role()?->mayAs($least) !== true) {
            return RefusalResponse::mayNot((string) $who->role()?->value, $least->value);
        }

        return Author::is($who->name(), static fn(): Response => $next($request));
    }
}
