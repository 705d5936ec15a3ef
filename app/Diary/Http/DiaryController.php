<?php

declare(strict_types=1);

namespace App\Diary\Http;

use App\Diary\Diary;
use App\Diary\DiaryQuestion;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was done, by day. */
final readonly class DiaryController
{
    public function __invoke(Request $request): JsonResponse
    {
        $asked = DiaryQuestion::read($request->query->all());
        $diary = new Diary($asked);

        return new JsonResponse(['data' => $diary->lines(), 'page' => $asked->page, 'per_page' => $asked->perPage, 'total' => $diary->total()]);
    }
}
