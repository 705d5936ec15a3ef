<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\Words;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The one page of the front end, whatever place in it the address names. */
final readonly class PageController
{
    public function __invoke(): BinaryFileResponse
    {
        $page = public_path('build/index.html');
        abort_unless(is_file($page), 503, Words::of('errors.no_front_end'));

        return response()->file($page, ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-cache']);
    }
}
