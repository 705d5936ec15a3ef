<?php

declare(strict_types=1);

namespace App\Shelf\Http;

use App\Common\Meanwhile;
use App\Shelf\Actions\SaveMix;
use App\Shelf\ComponentPresenter;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Premixes and reclaimed mixes: components that are blends themselves. They are listed among the components. */
final readonly class MixController
{
    public function store(Request $request, SaveMix $save): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present($save(new Component(), $request->json()->all())), 201);
    }

    public function update(Request $request, Component $component, SaveMix $save): JsonResponse
    {
        return new JsonResponse(ComponentPresenter::present(Meanwhile::keep($component, $request->json()->all(), SaveMix::FIELDS, ComponentPresenter::form(...), static fn(array $input): Component => $save($component, $input))));
    }
}
