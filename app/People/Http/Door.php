<?php

declare(strict_types=1);

namespace App\People\Http;

use Illuminate\Http\Request;

/**
 * By which door a request came in: that of the machine itself, where nobody is asked who he is, or that of the yard's network. The server says so, never the request;
 * a server that is reached from elsewhere and does not say it has only the second one.
 */
enum Door: string
{
    case Desk = 'desk';
    case Network = 'network';

    public static function of(Request $request): self
    {
        $said = $request->server->get('ZOLBEK_DOOR');

        return is_string($said) ? self::tryFrom($said) ?? self::Network : (config('people.network') === true ? self::Network : self::Desk);
    }
}
