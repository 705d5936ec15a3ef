<?php

declare(strict_types=1);

namespace App\Search\Http;

use App\Plants\PlantSituation;
use App\Search\FewestForm;
use App\Search\NextTests;
use App\Search\SearchForm;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Looks for mixes; nothing is kept. What is refused is answered at once, the rest comes line by line. */
final readonly class SearchController
{
    public function mixes(Request $request): StreamedResponse
    {
        $form = SearchForm::read($request->json()->all());

        return SearchStream::of($form->question(), $form->shelf());
    }

    /** Which single test would settle most verdicts of the recipes in use. */
    public function nextTests(NextTests $next): JsonResponse
    {
        return new JsonResponse($next->document());
    }

    public function fewest(Request $request, PlantSituation $situations): StreamedResponse
    {
        $form = FewestForm::read($request->json()->all(), $situations);

        return SearchStream::of($form->question(), $form->shelf(), ['situations' => $form->situations()]);
    }
}
