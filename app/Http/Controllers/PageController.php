<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The one page of the front end, whatever place in it the address names. */
final readonly class PageController
{
    public function __invoke(): BinaryFileResponse
    {
        $page = public_path('build/index.html');
        abort_unless(is_file($page), 503, 'The front end is not built: run npm run build.');

        return response()->file($page, ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-cache']);
    }
}
