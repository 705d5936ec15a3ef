<?php

declare(strict_types=1);

namespace App\Plants\Http;

use App\Common\Holding;
use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Plants\Actions\CheckMoisture;
use App\Plants\Actions\KeepUse;
use App\Plants\Actions\LayerPlant;
use App\Plants\Actions\SavePlant;
use App\Plants\Actions\SplitGroup;
use App\Plants\Actions\TakeOffspring;
use App\Plants\Actions\TellOfPlant;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\Carried;
use App\Plants\InspectionForm;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\PlantDocument;
use App\Plants\PlantFields;
use App\Plants\PlantPresenter;
use App\Plants\PlantSituation;
use App\Plants\Proportions;
use App\PottingDays\Models\DayPlant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\Timing\OutOfTurn;

final readonly class PlantController
{
    private const FROST_DAYS = 28;

    public function index(Request $request): JsonResponse
    {
        $query = Plant::query();
        $query->with(['species', 'pot']);
        PagedList::inArchive($query, $request->boolean('archived'));
        $search = $request->string('search')->trim()->value();
        if ($search !== '') {
            $query->where(static fn($either) => Holding::any($either, $search, 'name', 'number'));
        }
        foreach (['place', 'plant_group', 'health'] as $column) {
            if ($request->filled($column)) {
                $query->where($column, $request->string($column)->value());
            }
        }
        if ($request->boolean('due')) {
            Plant::due($query);
        }
        if ($request->filled('helper')) {
            // those that a helper has potted
            $query->whereIn('id', static fn($ids) => $ids->from('plant_events')->where('kind', 'potted')->where('person', $request->string('helper')->value())->select('plant_id'));
        }

        return PagedList::of($query, $request, ['number', 'name', 'due_on', 'place', 'potted_on', 'plant_group'], PlantPresenter::row(...));
    }

    /** Places that plants stand at, to choose from. */
    public function places(): JsonResponse
    {
        $query = Plant::query();
        $query->whereNull('archived_at');
        $query->where('place', '!=', '');
        $query->distinct();
        $query->orderBy('place');
        $query->limit(200);

        return new JsonResponse(['data' => $query->pluck('place')->all()]);
    }

    public function show(Plant $plant, PlantDocument $document): JsonResponse
    {
        return new JsonResponse([...$document->of($plant), 'days' => DayPlant::daysOf($plant->id)]);
    }

    public function store(Request $request, SavePlant $save): JsonResponse
    {
        return new JsonResponse(PlantPresenter::row($save(new Plant(), $request->json()->all())->load(['species', 'pot'])), 201);
    }

    public function update(Request $request, Plant $plant, SavePlant $save): JsonResponse
    {
        $saved = Meanwhile::keep($plant, $request->json()->all(), PlantFields::names(), PlantPresenter::row(...), static fn(array $input): Plant => $save($plant, $input));

        return new JsonResponse(PlantPresenter::row($saved->load(['species', 'pot'])));
    }

    public function archive(Request $request, Plant $plant): JsonResponse
    {
        $archived = ArchiveSwitch::read($request);
        if (! $archived) {
            // one that was given away or had died and is back after all
            $plant->fill(['status' => 'kept', 'left_on' => null, 'left_to' => '']);
        }
        $plant->setArchived($archived);

        return new JsonResponse(PlantPresenter::row($plant->load(['species', 'pot'])));
    }

    public function tell(Request $request, Plant $plant, TellOfPlant $tell): JsonResponse
    {
        return new JsonResponse(PlantPresenter::event($tell($plant, $request->json()->all())), 201);
    }

    public function offspring(Request $request, Plant $plant, TakeOffspring $take): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static fn(Plant $young): array => PlantPresenter::row($young->load(['species', 'pot'])), $take($plant, $request->json()->all()))], 201);
    }

    /** A layer on it: put on, looked at, separated, taken off. Answers with its top where that is a plant of its own now, else with the plant. */
    public function layer(Request $request, Plant $plant, LayerPlant $layer): JsonResponse
    {
        $top = $layer($plant, $request->json()->all());

        return new JsonResponse(PlantPresenter::row(($top ?? $plant->refresh())->load(['species', 'pot'])), $top === null ? 200 : 201);
    }

    public function split(Request $request, Plant $plant, SplitGroup $split): JsonResponse
    {
        return new JsonResponse(PlantPresenter::row($split($plant, $request->json()->all())->load(['species', 'pot'])), 201);
    }

    /** What an inspection says, without keeping it. */
    public function judge(Request $request, Plant $plant, Outlook $outlook): JsonResponse
    {
        return new JsonResponse(InspectionForm::read($request->json()->all())->judge($plant->load(['species', 'site']), $outlook));
    }

    public function inspect(Request $request, Plant $plant, Outlook $outlook, WritePlantEvent $write): JsonResponse
    {
        $form = InspectionForm::read($request->json()->all());
        $judged = $form->judge($plant->load(['species', 'site']), $outlook);
        DB::transaction(static function () use ($form, $judged, $plant, $outlook, $write): void {
            $write($plant, 'inspected', $form->on, $form->text, new Carried($judged), $form->person);
            $outlook->foretell($plant);
        });

        return new JsonResponse($judged, 201);
    }

    /** The gentlest path when a plant must be seen to at once. */
    public function outOfTurn(Request $request, Plant $plant, PlantSituation $situations, WritePlantEvent $write): JsonResponse
    {
        $refusals = new Refusals();
        $fields = Fields::of($request->json()->all(), ['cause', 'keep', 'text'], $refusals);
        $cause = $fields->oneOf('cause', OutOfTurn::CAUSES);
        $keep = $fields->flag('keep', false);
        $text = $fields->text('text', 2000, '');
        $refusals->throwIfAny();
        $plant->load(['species', 'site']);
        $nights = $situations->daily($plant)?->frostNights(min(365, Carbon::now()->dayOfYear), self::FROST_DAYS) ?? 0.0;
        $path = new OutOfTurn((string) $cause, $plant->condition(), $plant->seenStage(), $nights >= 1.0);
        if ($keep) {
            $write($plant, 'out_of_turn', null, $text, new Carried(['cause' => $cause, 'steps' => $path->steps, 'leave' => $path->leave]));
        }

        return new JsonResponse(['cause' => $cause, 'steps' => $path->steps, 'leave' => $path->leave, 'frost_nights' => $nights, 'kept' => $keep]);
    }

    public function moisture(Request $request, Plant $plant, CheckMoisture $check): JsonResponse
    {
        return new JsonResponse(PlantPresenter::check($check($plant, $request->json()->all())), 201);
    }

    public function keepUse(Request $request, Plant $plant, KeepUse $keep): JsonResponse
    {
        return new JsonResponse(PlantPresenter::row($keep($plant, $request->json()->all())));
    }

    public function proportions(): JsonResponse
    {
        return new JsonResponse(Proportions::rules());
    }

    public function changeProportions(Request $request): JsonResponse
    {
        return new JsonResponse(Proportions::change($request->json()->all()));
    }
}
