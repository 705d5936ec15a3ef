<?php

declare(strict_types=1);

namespace App\Plants\Http;

use App\Plants\Actions\MeasureGrowth;
use App\Plants\Growth;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Plant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How a plant grew. */
final readonly class GrowthController
{
    public function show(Plant $plant): JsonResponse
    {
        return new JsonResponse(Growth::of($plant));
    }

    public function store(Request $request, Plant $plant, MeasureGrowth $measure): JsonResponse
    {
        return new JsonResponse(Growth::row($measure($plant, $request->json()->all())), 201);
    }

    public function destroy(Plant $plant, GrowthMeasure $measure, MeasureGrowth $measuring): JsonResponse
    {
        abort_unless($measure->plant_id === $plant->id, 404);
        $measuring->takeBack($measure);

        return new JsonResponse(Growth::of($plant));
    }
}
