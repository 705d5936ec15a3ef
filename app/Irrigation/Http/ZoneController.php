<?php

declare(strict_types=1);

namespace App\Irrigation\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Irrigation\Actions\SaveZone;
use App\Irrigation\Actions\SwitchZone;
use App\Irrigation\Models\IrrigationZone;
use App\Irrigation\ZoneDocument;
use App\Irrigation\ZoneFields;
use App\Irrigation\ZonePlans;
use App\Plants\Models\Plant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Irrigation zones: what hangs on which line, how long and how often, and what the controller is told. */
final readonly class ZoneController
{
    public function __construct(private ZoneDocument $document) {}

    public function index(Request $request): JsonResponse
    {
        $query = IrrigationZone::query()->withCount('plants');
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name'], ZoneDocument::row(...));
    }

    public function show(IrrigationZone $zone): JsonResponse
    {
        return new JsonResponse($this->document->of($zone));
    }

    public function store(Request $request, SaveZone $save): JsonResponse
    {
        return new JsonResponse($this->document->of($save(new IrrigationZone(), $request->json()->all())), 201);
    }

    public function update(Request $request, IrrigationZone $zone, SaveZone $save): JsonResponse
    {
        $fields = [...array_keys(ZoneFields::all()), 'pots'];

        return new JsonResponse($this->document->of(Meanwhile::keep($zone, $request->json()->all(), $fields, self::asForm(...), static fn(array $input): IrrigationZone => $save($zone, $input))));
    }

    public function archive(Request $request, IrrigationZone $zone): JsonResponse
    {
        $zone->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(ZoneDocument::row($zone));
    }

    public function program(Request $request, IrrigationZone $zone, SwitchZone $switch): JsonResponse
    {
        $switch->program($zone, $request->json()->all());

        return new JsonResponse($this->document->of($zone));
    }

    public function run(Request $request, IrrigationZone $zone, SwitchZone $switch): JsonResponse
    {
        $switch->run($zone, $request->json()->all());

        return new JsonResponse($this->document->of($zone));
    }

    public function shut(IrrigationZone $zone, SwitchZone $switch): JsonResponse
    {
        $switch->shut($zone);

        return new JsonResponse($this->document->of($zone));
    }

    /** @return array<string, mixed> */
    private static function asForm(IrrigationZone $zone): array
    {
        return [...$zone->only(array_keys(ZoneFields::all())), 'pots' => array_values($zone->plants->map(static fn(Plant $plant): array => ['plant_id' => $plant->id, 'emitters' => ZonePlans::emitters($plant)])->all())];
    }
}
