<?php

declare(strict_types=1);

namespace App\Lookup\Http;

use App\Lookup\Lookup;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whatever is called so, wherever it lies. */
final readonly class LookupController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(['data' => Lookup::of($request->query->all())]);
    }
}
