<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;

/** A session is written when something in it changed, and once a day: whoever only looks writes nothing. */
final class QuietSession extends StartSession
{
    private const SEEN = 'seen_on';

    private string $before = '';

    protected function startSession(Request $request, $session)
    {
        $started = parent::startSession($request, $session);
        $this->before = serialize($started->all());
        $started->put(self::SEEN, Carbon::today()->toDateString());

        return $started;
    }

    protected function storeCurrentUrl($request, $session): void
    {
        // nobody is sent back
    }

    protected function saveSession($request): void
    {
        if (serialize($request->session()->all()) !== $this->before) {
            parent::saveSession($request);
        }
    }
}
