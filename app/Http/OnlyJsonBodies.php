<?php

declare(strict_types=1);

namespace App\Http;

use App\Plants\Picture;
use App\Sheets\SchemaFile;
use App\Sheets\Workbook;
use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;
use Zolbek\Core\Basis\Input\Refused;

/** Writes must come as one JSON object, imports as the tables they are, pictures as pictures, a whole yard as a ZIP: by exactly that media type, which no page of another site can send unasked. */
final class OnlyJsonBodies
{
    private const MOST_BYTES = 1_000_000;
    private const MOST_FILE_BYTES = SchemaFile::MOST_BYTES;
    private const FILES = ['api/v1/component-files', 'api/v1/recipe-files', 'api/v1/plant-files', 'api/v1/pot-files'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        if ($request->isMethod('DELETE') && (string) $request->getContent() === '') {
            return $next($request); // says all in its address, and no page of another site can send it
        }
        $type = self::mediaType($request);
        if ($request->is('api/v1/imports/*') && in_array($type, ['text/csv', ...array_values(Workbook::TYPES)], true)) {
            return $next($request); // the importer reads it, within limits of its own
        }
        if ($request->is('api/v1/plants/*/photos') && isset(Picture::TYPES[$type])) {
            return $next($request); // a picture, likewise
        }
        if ($request->is('api/v1/yard') && $type === 'application/zip') {
            return $next($request); // a whole yard, likewise
        }
        if ($type !== 'application/json') {
            return RefusalResponse::fault(415);
        }
        $this->check($request);

        return $next($request);
    }

    /** Without its parameters; a word that merely has json in it is another type. */
    private static function mediaType(Request $request): string
    {
        return strtolower(trim((string) strtok($request->headers->get('Content-Type') ?? '', ';')));
    }

    private function check(Request $request): void
    {
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
