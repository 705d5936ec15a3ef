<?php

declare(strict_types=1);

namespace App\PottingDays\Http;

use App\Plants\Models\Plant;
use App\PottingDays\Uses;
use App\Shelf\Models\Lot;
use Illuminate\Http\JsonResponse;

/** From a delivery to everything that holds it, and back. */
final readonly class UsesController
{
    public function ofLot(Lot $lot): JsonResponse
    {
        return new JsonResponse(Uses::of($lot));
    }

    public function inPlant(Plant $plant): JsonResponse
    {
        return new JsonResponse(['data' => Uses::in($plant)]);
    }
}
