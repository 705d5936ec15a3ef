<?php

declare(strict_types=1);

namespace App\Blend\Http;

use App\Blend\Comparison;
use App\Blend\Writing\BaseAndExtras;
use App\Blend\Writing\ExpandPremix;
use App\Blend\Writing\ReadRecipe;
use App\Blend\Writing\ThrownIn;
use App\Blend\Writing\TopUpTub;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Writing mixes and setting them side by side; nothing is kept. */
final readonly class WritingController
{
    public function read(Request $request): JsonResponse
    {
        return new JsonResponse(ReadRecipe::of($request->json()->all()));
    }

    public function expand(Request $request): JsonResponse
    {
        return new JsonResponse(ExpandPremix::of($request->json()->all()));
    }

    public function topUp(Request $request): JsonResponse
    {
        return new JsonResponse(TopUpTub::of($request->json()->all()));
    }

    public function thrownIn(Request $request): JsonResponse
    {
        return new JsonResponse(ThrownIn::of($request->json()->all()));
    }

    public function extras(Request $request): JsonResponse
    {
        return new JsonResponse(BaseAndExtras::of($request->json()->all()));
    }

    public function compare(Request $request): JsonResponse
    {
        return new JsonResponse(Comparison::of($request->json()->all()));
    }
}
