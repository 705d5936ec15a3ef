<?php

declare(strict_types=1);

namespace App\Blend\Http;

use App\Blend\BlendForm;
use App\Blend\EvaluationDocument;
use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a mix does in a pot, computed at once and kept nowhere. */
final readonly class EvaluationController
{
    /** Components in stock that a mend may propose, the largest stocks first. */
    private const SHELF = 10;

    /** Other pots that a mend may name, those there are most of first. */
    private const POTS = 12;

    public function __invoke(Request $request): JsonResponse
    {
        $form = BlendForm::read($request->json()->all());
        if (! $form->wantsMends) {
            return new JsonResponse((new EvaluationDocument($form, [], [], withMends: false, isSure: false))->toArray());
        }
        $shelf = Component::query()->where('stock_l', '>', 0);
        $shelf->whereNull('archived_at')->orderByDesc('stock_l')->limit(self::SHELF);

        $others = Pot::query()->whereKeyNot($form->pot->id);
        $others->whereNull('archived_at')->orderByDesc('owned')->limit(self::POTS);

        return new JsonResponse((new EvaluationDocument($form, array_values($shelf->get()->all()), array_values($others->get()->all())))->toArray());
    }
}
