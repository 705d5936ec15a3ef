<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps pages of other sites from changing anything, before anything is read: a write says from where it comes, as browsers do, or comes from no page at all; and it is
 * what it says it is, for a method in a header or a field would pass by what is asked of the other one.
 */
final class OwnPagesOnly
{
    private const FROM_HERE = ['same-origin', 'none'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->headers->has('X-HTTP-Method-Override') || $request->query->has('_method') || $request->request->has('_method')) {
            return RefusalResponse::fault(405);
        }
        if (! $request->isMethodSafe() && $this->isForeign($request)) {
            return RefusalResponse::fault(403);
        }

        return $next($request);
    }

    private function isForeign(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');

        return ($origin !== null && $origin !== $request->getSchemeAndHttpHost()) || ($site !== null && ! in_array($site, self::FROM_HERE, true));
    }
}
