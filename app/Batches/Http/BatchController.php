<?php

declare(strict_types=1);

namespace App\Batches\Http;

use App\Batches\Actions\MixBatch;
use App\Batches\Actions\SaveBatch;
use App\Batches\BatchDocument;
use App\Batches\BatchPresenter;
use App\Batches\Models\Batch;
use App\Blend\BlendForm;
use App\Http\PagedList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class BatchController
{
    public function index(Request $request): JsonResponse
    {
        $query = Batch::query();
        $query->select(['id', 'name', 'recipe_id', 'recipe_version', 'pot_name', 'pots', 'loose_l', 'note', 'made_at', 'mixed_at', 'mixed_by']);
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['made_at', 'name', 'pots', 'loose_l'], BatchPresenter::summary(...), '-made_at');
    }

    public function show(Batch $batch): JsonResponse
    {
        return new JsonResponse(BatchPresenter::present($batch));
    }

    public function plan(Request $request): JsonResponse
    {
        $input = $request->json()->all();

        return new JsonResponse((new BatchDocument(BlendForm::read($input, ['order']), $input['order'] ?? null))->result());
    }

    public function mix(Request $request, Batch $batch, MixBatch $mix): JsonResponse
    {
        return new JsonResponse(BatchPresenter::present($mix($batch, $request->json()->all())));
    }

    public function unmix(Batch $batch, MixBatch $mix): JsonResponse
    {
        return new JsonResponse(BatchPresenter::present($mix->undo($batch)));
    }

    public function store(Request $request, SaveBatch $save): JsonResponse
    {
        return new JsonResponse(BatchPresenter::present($save($request->json()->all())), 201);
    }
}
