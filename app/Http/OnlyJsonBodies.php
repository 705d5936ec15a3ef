<?php

declare(strict_types=1);

namespace App\Http;

use App\Plants\PhotoStore;
use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Writes must come as one JSON object, imports as CSV, pictures as pictures. That also keeps other sites out: a browser sends JSON across origins only after asking, and
 * nobody here says yes.
 */
final class OnlyJsonBodies
{
    private const MOST_BYTES = 1_000_000;
    private const MOST_FILE_BYTES = 4_000_000;
    private const FILES = ['api/v1/component-files', 'api/v1/recipe-files', 'api/v1/plant-files', 'api/v1/pot-files'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // a browser asks before it sends a DELETE across origins too
        if (! $request->isMethodSafe() && ! $request->isMethod('DELETE')) {
            $this->check($request);
        }

        return $next($request);
    }

    private function check(Request $request): void
    {
        if ($request->is('api/v1/imports/*') && str_starts_with($request->headers->get('Content-Type') ?? '', 'text/csv')) {
            return; // the importer reads it, within limits of its own
        }
        if ($request->is('api/v1/plants/*/photos') && isset(PhotoStore::TYPES[strtok($request->headers->get('Content-Type') ?? '', ';')])) {
            return; // a picture, likewise
        }
        if (! $request->isJson()) {
            throw Refused::because('body', 'body_type', $request->header('Content-Type'));
        }
        $body = (string) $request->getContent();
        if (strlen($body) > ($request->is(...self::FILES) ? self::MOST_FILE_BYTES : self::MOST_BYTES)) {
            throw Refused::because('body', 'body_size', strlen($body), ['max' => $request->is(...self::FILES) ? self::MOST_FILE_BYTES : self::MOST_BYTES]);
        }
        try {
            $decoded = json_decode($body, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw Refused::because('body', 'body_json', $body, ['why' => $fault->getMessage()]);
        }
        if (! is_array($decoded) || ($decoded !== [] && array_is_list($decoded))) {
            throw Refused::because('body', 'object', $decoded);
        }
    }
}
