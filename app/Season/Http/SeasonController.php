<?php

declare(strict_types=1);

namespace App\Season\Http;

use App\Plants\SeasonPots;
use App\Plants\WaterStates;
use App\Season\AwayDocument;
use App\Season\PlaceYearDocument;
use App\Season\SeasonForm;
use App\Season\YearDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Questions about pots through their days; nothing is kept. */
final readonly class SeasonController
{
    public function year(Request $request, YearDocument $year, SeasonPots $pots, WaterStates $states): JsonResponse
    {
        return new JsonResponse($year->of(SeasonForm::read($request->json()->all(), $pots, $states)));
    }

    public function place(Request $request, PlaceYearDocument $year): JsonResponse
    {
        return new JsonResponse($year->of($request->json()->all()));
    }

    public function away(Request $request, AwayDocument $away): JsonResponse
    {
        return new JsonResponse($away->of($request->json()->all()));
    }

    public function helps(Request $request, AwayDocument $away): JsonResponse
    {
        return new JsonResponse($away->helps($request->json()->all()));
    }
}
