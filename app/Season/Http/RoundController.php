<?php

declare(strict_types=1);

namespace App\Season\Http;

use App\Plants\Models\MoistureCheck;
use App\Plants\PlantPresenter;
use App\Season\Actions\WaterMany;
use App\Season\RoundDocument;
use App\Season\RoundPlants;
use App\Season\WalkingOrder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Today's round with the can. */
final readonly class RoundController
{
    public function show(Request $request, RoundDocument $round): JsonResponse
    {
        return new JsonResponse($round->of($request->has('place') ? $request->string('place')->value() : null, Carbon::now()));
    }

    public function water(Request $request, WaterMany $water): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static fn(MoistureCheck $check): array => ['plant_id' => $check->plant_id, ...PlantPresenter::check($check)], $water($request->json()->all()))], 201);
    }

    public function takeBack(Request $request, WaterMany $water): JsonResponse
    {
        return new JsonResponse(['taken_back' => $water->takeBack($request->json()->all())]);
    }

    public function walk(Request $request, WalkingOrder $order): JsonResponse
    {
        $order->change($request->json()->all());

        return new JsonResponse(['can_l' => $order->canL(), 'places' => $order->places(RoundPlants::of())]);
    }
}
