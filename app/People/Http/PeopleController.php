<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Http\ArchiveSwitch;
use App\People\Actions\SavePerson;
use App\People\Models\Device;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** People, and the devices that are known as theirs. */
final readonly class PeopleController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(self::told(...), array_values(Person::query()->with('devices')->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)->all()))]);
    }

    public function store(Request $request, SavePerson $save): JsonResponse
    {
        return new JsonResponse(self::told($save->add($request->json()->all())), 201);
    }

    public function update(Request $request, Person $person, SavePerson $save): JsonResponse
    {
        return new JsonResponse(self::told($save->change($person, $request->json()->all())));
    }

    public function archive(Request $request, Person $person, SavePerson $save): JsonResponse
    {
        return new JsonResponse(self::told($save->archive($person, ArchiveSwitch::read($request))));
    }

    public function password(Request $request, Person $person, SavePerson $save): JsonResponse
    {
        return new JsonResponse(self::told($save->password($person, $request->json()->all())));
    }

    public function offer(Person $person, PairDevice $pair): JsonResponse
    {
        $offer = $pair->offer($person);

        return new JsonResponse([...$offer, 'address' => is_string(config('people.address')) ? config('people.address').'/pair#'.$offer['code'] : null], 201, ['Cache-Control' => 'no-store']);
    }

    public function pair(Request $request, PairDevice $pair, SessionController $session): JsonResponse
    {
        $pair->take($request, $request->json()->all());

        return $session->show($request);
    }

    public function forget(Device $device): Response
    {
        $device->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> schema Person */
    private static function told(Person $person): array
    {
        return [
            'id' => $person->id, 'name' => $person->name, 'role' => $person->role->value, 'has_password' => $person->password !== null, 'has_pin' => $person->pin !== null, 'archived' => $person->isArchived(),
            'devices' => array_values($person->devices->map(static fn(Device $device): array => ['id' => $device->id, 'name' => $device->name, 'seen_at' => $device->seen_at?->toIso8601String()])->all()),
        ];
    }
}
