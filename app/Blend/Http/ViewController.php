<?php

declare(strict_types=1);

namespace App\Blend\Http;

use App\Blend\BlendForm;
use App\Blend\PotChoice;
use App\Blend\Ranges;
use App\Blend\Triangle;
use App\Blend\Views;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A mix in a pot looked at from one side; nothing is kept. */
final readonly class ViewController
{
    public function ageing(Request $request): JsonResponse
    {
        return new JsonResponse(self::views($request)->ageing());
    }

    public function depths(Request $request): JsonResponse
    {
        return new JsonResponse(self::views($request)->depths());
    }

    public function compaction(Request $request): JsonResponse
    {
        return new JsonResponse(self::views($request)->compaction());
    }

    public function curve(Request $request): JsonResponse
    {
        return new JsonResponse(self::views($request)->curve());
    }

    public function trade(Request $request): JsonResponse
    {
        return new JsonResponse(self::views($request)->trade());
    }

    public function ranges(Request $request): JsonResponse
    {
        return new JsonResponse(Ranges::of(BlendForm::read($request->json()->all())));
    }

    public function triangle(Request $request): JsonResponse
    {
        return new JsonResponse(Triangle::of($request->json()->all()));
    }

    public function pots(Request $request): JsonResponse
    {
        return new JsonResponse((new PotChoice(BlendForm::read($request->json()->all())))->document());
    }

    private static function views(Request $request): Views
    {
        return new Views(BlendForm::read($request->json()->all()));
    }
}
