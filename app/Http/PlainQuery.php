<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Zolbek\Core\Basis\Input\PlainText;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** What stands behind the question mark is a short text under each name: no list, no object, nothing that cannot be read. */
final class PlainQuery
{
    private const LONGEST = 2000;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $refusals = new Refusals();
        foreach ($request->query->all() as $name => $value) {
            $shown = mb_substr(mb_scrub((string) $name), 0, 60);
            if ($value === null) {
                continue; // nothing stands behind the name
            }
            if (! is_string($value) || mb_strlen($value) > self::LONGEST) {
                $refusals->add(new Refusal($shown, 'text', $value, ['longest' => self::LONGEST]));
            } elseif (! PlainText::is($value)) {
                $refusals->add(new Refusal($shown, 'text_control', null));
            }
        }
        $refusals->throwIfAny();

        return $next($request);
    }
}
