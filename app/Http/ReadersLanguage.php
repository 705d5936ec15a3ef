<?php

declare(strict_types=1);

namespace App\Http;

use App\Common\Words;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language of the reader: the one that the address asks for (a file, a print), else the one that the page or the browser accepts. */
final class ReadersLanguage
{
    public function handle(Request $request, Closure $next): Response
    {
        $asked = $request->query('language');
        $language = is_string($asked) && in_array($asked, Words::LANGUAGES, true) ? $asked : $request->getPreferredLanguage(Words::LANGUAGES);
        app()->setLocale($language ?? Words::LANGUAGES[0]);

        return $next($request);
    }
}
