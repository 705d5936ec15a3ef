<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/**
 * Whatever changes something brings the token of its session, which only pages of the application can read: GET /session tells it. No cookie holds the token, for
 * cookies of one machine are shared by all its ports.
 */
final class SentFromHere extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
