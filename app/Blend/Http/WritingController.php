<?php

declare(strict_types=1);

namespace App\Blend\Http;

use App\Blend\Comparison;
use App\Blend\WritingDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Writing mixes and setting them side by side; nothing is kept. */
final readonly class WritingController
{
    public function read(Request $request): JsonResponse
    {
        return new JsonResponse(WritingDesk::read($request->json()->all()));
    }

    public function expand(Request $request): JsonResponse
    {
        return new JsonResponse(WritingDesk::expand($request->json()->all()));
    }

    public function topUp(Request $request): JsonResponse
    {
        return new JsonResponse(WritingDesk::topUp($request->json()->all()));
    }

    public function extras(Request $request): JsonResponse
    {
        return new JsonResponse(WritingDesk::extras($request->json()->all()));
    }

    public function compare(Request $request): JsonResponse
    {
        return new JsonResponse(Comparison::of($request->json()->all()));
    }
}
