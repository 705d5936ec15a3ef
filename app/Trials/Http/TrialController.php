<?php

declare(strict_types=1);

namespace App\Trials\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Trials\Actions\RunTrial;
use App\Trials\Actions\SaveTrial;
use App\Trials\Models\Trial;
use App\Trials\TrialDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\Trial\GroupSize;

/** Trials: planned, given out by chance, measured, ended. */
final readonly class TrialController
{
    public function index(Request $request): JsonResponse
    {
        $query = Trial::query()->withCount('plants');
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value(), 'question');

        return PagedList::of($query, $request, ['name', 'begun_on', 'state'], TrialDocument::row(...), '-begun_on');
    }

    public function show(Trial $trial): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($trial));
    }

    public function store(Request $request, SaveTrial $save): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($save(new Trial(), $request->json()->all())), 201);
    }

    public function update(Request $request, Trial $trial, SaveTrial $save): JsonResponse
    {
        return new JsonResponse(TrialDocument::of(Meanwhile::keep($trial, $request->json()->all(), SaveTrial::FIELDS, TrialDocument::asForm(...), static fn(array $input): Trial => $save($trial, $input))));
    }

    public function archive(Request $request, Trial $trial): JsonResponse
    {
        $trial->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(TrialDocument::row($trial));
    }

    public function begin(Trial $trial, RunTrial $run): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($run->begin($trial)));
    }

    public function measure(Request $request, Trial $trial, RunTrial $run): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($run->measure($trial, $request->json()->all())));
    }

    public function lose(Request $request, Trial $trial, RunTrial $run): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($run->lose($trial, $request->json()->all())));
    }

    public function open(Trial $trial, RunTrial $run): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($run->open($trial)));
    }

    public function end(Trial $trial, RunTrial $run): JsonResponse
    {
        return new JsonResponse(TrialDocument::of($run->end($trial)));
    }

    /** How many plants would show a difference. */
    public function needed(Request $request): JsonResponse
    {
        $refusals = new Refusals();
        $fields = Fields::of($request->json()->all(), ['difference', 'spread', 'power'], $refusals);
        $difference = $fields->numberAbove('difference', 0, 1e6);
        $spread = $fields->numberAbove('spread', 0, 1e6);
        $power = $fields->number('power', 0.5, 0.99, 0.8);
        $refusals->throwIfAny();

        return new JsonResponse(['plants' => (new GroupSize($difference, $spread, $power))->plants]);
    }
}
