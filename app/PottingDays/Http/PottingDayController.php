<?php

declare(strict_types=1);

namespace App\PottingDays\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Plants\Models\Plant;
use App\PottingDays\Actions\AddToDay;
use App\PottingDays\Actions\BuyForDay;
use App\PottingDays\Actions\ChangeEntries;
use App\PottingDays\Actions\ChangeEntry;
use App\PottingDays\Actions\CloseDayMix;
use App\PottingDays\Actions\FinishDay;
use App\PottingDays\Actions\MixLoad;
use App\PottingDays\Actions\PotEntry;
use App\PottingDays\Actions\PottedAlready;
use App\PottingDays\Actions\RemoveEntry;
use App\PottingDays\Actions\SavePottingDay;
use App\PottingDays\Actions\ShareMixes;
use App\PottingDays\Actions\TickParts;
use App\PottingDays\DayDocument;
use App\PottingDays\DayMixDocument;
use App\PottingDays\DayNews;
use App\PottingDays\JudgementDocument;
use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\PottingDays\StandIns;
use App\PottingDays\WhichPot;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Potting days. Every change answers with the whole day worked out anew, so that the sums always follow. */
final readonly class PottingDayController
{
    public function __construct(private DayDocument $document) {}

    public function index(Request $request): JsonResponse
    {
        $query = PottingDay::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());
        PottingDay::withDone($query);

        return PagedList::of($query, $request, ['planned_on', 'name', 'status'], DayDocument::summary(...), '-planned_on');
    }

    public function show(PottingDay $day): JsonResponse
    {
        return $this->whole($day);
    }

    /** Asked again and again while somebody looks at it: told is what changed since. */
    public function news(Request $request, PottingDay $day, DayNews $news): Response
    {
        $told = $news->since($day, $request->json()->all());

        return $told === null ? new Response(status: 204) : new JsonResponse($told);
    }

    public function store(Request $request, SavePottingDay $save): JsonResponse
    {
        return $this->whole($save(new PottingDay(), $request->json()->all()), 201);
    }

    /** Mixes that are shared become recipes of a day. */
    public function share(Request $request, ShareMixes $share): JsonResponse
    {
        return $this->whole($share($request->json()->all()), 201);
    }

    public function update(Request $request, PottingDay $day, SavePottingDay $save): JsonResponse
    {
        return $this->whole(Meanwhile::keep($day, $request->json()->all(), SavePottingDay::FIELDS, DayDocument::summary(...), static fn(array $input): PottingDay => $save($day, $input)));
    }

    public function archive(Request $request, PottingDay $day): JsonResponse
    {
        $day->setArchived(ArchiveSwitch::read($request));

        return $this->whole($day);
    }

    public function add(Request $request, PottingDay $day, AddToDay $add): JsonResponse
    {
        return $this->whole($add($day, $request->json()->all()), 201);
    }

    public function change(Request $request, PottingDay $day, DayPlant $entry, ChangeEntry $change): JsonResponse
    {
        $this->mustBeOf($day, $entry->potting_day_id);
        $change($day, $entry, $request->json()->all());

        return $this->whole($day);
    }

    public function changeMany(Request $request, PottingDay $day, ChangeEntries $change): JsonResponse
    {
        $change($day, $request->json()->all());

        return $this->whole($day);
    }

    /** A plant that was potted without a day. */
    public function already(Request $request, Plant $plant, PottedAlready $already): JsonResponse
    {
        return new JsonResponse(DayDocument::summary($already($plant, $request->json()->all())), 201);
    }

    public function judge(PottingDay $day, DayPlant $entry, JudgementDocument $document): JsonResponse
    {
        $this->mustBeOf($day, $entry->potting_day_id);

        return new JsonResponse($document->of($day->load('entries'), $entry->load(['plant.species', 'plant.site', 'pot', 'recipe.parts.component'])));
    }

    public function pots(PottingDay $day, DayPlant $entry, WhichPot $which): JsonResponse
    {
        $this->mustBeOf($day, $entry->potting_day_id);

        return new JsonResponse($which->of($day->load('entries'), $entry->load(['plant.species', 'plant.site', 'plant.pot', 'pot', 'recipe.parts.component'])));
    }

    /** For a plant that is on no day yet, in the mix that it stands in or in another. */
    public function potsOfPlant(Request $request, Plant $plant, WhichPot $which): JsonResponse
    {
        [$day, $entry] = AddToDay::asIf($plant, $request->integer('recipe_id'));

        return new JsonResponse($which->of($day, $entry));
    }

    public function remove(PottingDay $day, DayPlant $entry, RemoveEntry $remove): JsonResponse
    {
        $this->mustBeOf($day, $entry->potting_day_id);
        $remove($day, $entry);

        return $this->whole($day);
    }

    public function pot(Request $request, PottingDay $day, DayPlant $entry, PotEntry $pot): JsonResponse
    {
        $this->mustBeOf($day, $entry->potting_day_id);
        $pot($day, $entry, $request->json()->all());

        return $this->whole($day);
    }

    public function mix(Request $request, PottingDay $day, MixLoad $mix): JsonResponse
    {
        $mix($day, $request->json()->all());

        return $this->whole($day, 201);
    }

    public function tick(Request $request, PottingDay $day, TickParts $tick): JsonResponse
    {
        $recipe = $tick($day, $request->json()->all());

        // what is tapped again and again does not work the day out
        return new JsonResponse(['recipe_id' => $recipe, 'ticked' => DayMixDocument::ticked($day->refresh(), $recipe)]);
    }

    public function unmix(PottingDay $day, DayLoad $load, MixLoad $mix): JsonResponse
    {
        $this->mustBeOf($day, $load->potting_day_id);
        $mix->undo($day, $load);

        return $this->whole($day);
    }

    public function buy(Request $request, PottingDay $day, BuyForDay $buy): JsonResponse
    {
        $buy($day, $request->json()->all());

        return $this->whole($day, 201);
    }

    public function close(Request $request, PottingDay $day, CloseDayMix $close): JsonResponse
    {
        $close($day, $request->json()->all());

        return $this->whole($day, 201);
    }

    public function finish(PottingDay $day, FinishDay $finish): JsonResponse
    {
        return $this->whole($finish($day));
    }

    public function reopenMix(PottingDay $day, DayLeftover $leftover, CloseDayMix $close): JsonResponse
    {
        $this->mustBeOf($day, $leftover->potting_day_id);
        $close->undo($day, $leftover);

        return $this->whole($day);
    }

    public function reopen(PottingDay $day, FinishDay $finish): JsonResponse
    {
        return $this->whole($finish->undo($day));
    }

    public function standIns(PottingDay $day, Component $component, StandIns $standIns): JsonResponse
    {
        return new JsonResponse($standIns->of($day, $component));
    }

    private function mustBeOf(PottingDay $day, int $dayId): void
    {
        abort_unless($dayId === $day->id, 404);
    }

    private function whole(PottingDay $day, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->document->toArray($day->refresh()), $status);
    }
}
