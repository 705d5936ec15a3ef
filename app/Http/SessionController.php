<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class SessionController
{
    /** The token that writes of this session bring in X-CSRF-TOKEN. */
    public function __invoke(Request $request): JsonResponse
    {
        return (new JsonResponse(['token' => $request->session()->token()]))->withHeaders(['Cache-Control' => 'no-store']);
    }
}
