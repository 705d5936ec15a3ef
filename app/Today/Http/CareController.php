<?php

declare(strict_types=1);

namespace App\Today\Http;

use App\Http\PagedList;
use App\People\Http\InYard;
use App\Plants\Actions\ChangeTask;
use App\Plants\Actions\TaskRound;
use App\Plants\Models\CareTask;
use App\Plants\PlantPresenter;
use App\Today\CalendarAddress;
use App\Today\CalendarFile;
use App\Today\TodayDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is to be looked after: the opening page, the list, the calendar file. */
final readonly class CareController
{
    public function today(TodayDocument $document): JsonResponse
    {
        return new JsonResponse($document->make());
    }

    public function index(Request $request): JsonResponse
    {
        $query = $request->filled('plant_id') ? CareTask::query() : CareTask::ofKeptPlants();
        $query->with('plant');
        $query->where('state', $request->string('state', 'open')->value());
        foreach (['from' => '>=', 'to' => '<='] as $name => $sign) {
            if ($request->filled($name)) {
                $query->where('due_on', $sign, $request->string($name)->value().($name === 'to' ? ' 23:59:59' : ''));
            }
        }
        if ($request->filled('plant_id')) {
            $query->where('plant_id', $request->integer('plant_id'));
        }

        return PagedList::of($query, $request, ['due_on', 'kind', 'closed_on'], PlantPresenter::task(...));
    }

    public function store(Request $request, ChangeTask $change): JsonResponse
    {
        return new JsonResponse(PlantPresenter::task($change->add($request->json()->all())->load('plant')), 201);
    }

    public function update(Request $request, CareTask $task, ChangeTask $change): JsonResponse
    {
        return new JsonResponse(PlantPresenter::task($change($task, $request->json()->all())->load('plant')));
    }

    public function addRound(Request $request, TaskRound $round): JsonResponse
    {
        return new JsonResponse($round->add($request->json()->all()), 201);
    }

    public function changeRound(Request $request, string $id, TaskRound $round): JsonResponse
    {
        return new JsonResponse(['round' => $id, 'tasks' => $round->change($id, $request->json()->all())]);
    }

    public function calendar(): Response
    {
        return self::file();
    }

    /** The same, by its secret address. */
    public function subscribed(string $secret): Response
    {
        abort_unless(CalendarAddress::is($secret), 404);

        return self::file();
    }

    public function address(Request $request): JsonResponse
    {
        return (new JsonResponse(CalendarAddress::now(InYard::now($request))))->withHeaders(['Cache-Control' => 'no-store']);
    }

    public function renewAddress(Request $request): JsonResponse
    {
        CalendarAddress::renew();

        return new JsonResponse(CalendarAddress::now(InYard::now($request)), 201, ['Cache-Control' => 'no-store']);
    }

    private static function file(): Response
    {
        return new Response(CalendarFile::write(), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'inline; filename="zolbek-care.ics"']);
    }
}
