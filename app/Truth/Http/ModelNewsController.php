<?php

declare(strict_types=1);

namespace App\Truth\Http;

use App\Truth\ModelNotice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;

/** Whether growers are still to be told that the model judges their mixes differently now. */
final readonly class ModelNewsController
{
    public function show(): JsonResponse
    {
        return new JsonResponse(['untold' => ModelNotice::isUntold()]);
    }

    public function update(Request $request): JsonResponse
    {
        $refusals = new Refusals();
        $untold = Fields::of($request->json()->all(), ['untold'], $refusals)->flag('untold', false);
        $refusals->throwIfAny();
        ModelNotice::tell($untold);

        return $this->show();
    }
}
