<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Http\RefusalResponse;
use App\People\Models\Yard;
use App\People\OpenYard;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Opens the yard that the session is in. A page of another yard, left open in another window, is told so before anything is read or written. */
final class InYard
{
    public const KEPT_AS = 'yard';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $yard = self::meant($request->is('api/v1/calendars/*') ? $request->query('yard') : $request->session()->get(self::KEPT_AS));
        if ($yard !== null) {
            OpenYard::of($yard);
        }
        $meant = $request->headers->get('X-Yard');
        // which yard it is in is asked with this
        $isAbout = $request->is('api/v1/session', 'api/v1/session/yard', 'api/v1/sign-in');
        if ($meant !== null && ! $isAbout && $meant !== (string) ($yard->id ?? Yard::FIRST)) {
            return RefusalResponse::fault(409);
        }

        return $next($request);
    }

    public static function now(Request $request): int
    {
        return self::meant($request->session()->get(self::KEPT_AS))->id ?? Yard::FIRST;
    }

    /** Null for the first one, which is open anyway. */
    private static function meant(mixed $id): ?Yard
    {
        return is_numeric($id) && (int) $id !== Yard::FIRST ? Yard::query()->where('archived_at', null)->find((int) $id) : null;
    }
}
