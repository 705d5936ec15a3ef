<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Yard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Who asks, what he may do, and the token that his writes bring in X-CSRF-TOKEN. */
final readonly class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $who = Who::asks($request);
        $known = KnownDevice::of($request);

        return (new JsonResponse([
            'token' => $request->session()->token(),
            'door' => $who->door->value,
            'person' => $who->person?->only(['id', 'name']),
            'role' => $who->role()?->value,
            'yard' => InYard::now($request),
            'yards' => array_map(static fn(Yard $yard): array => $yard->only(['id', 'name']), $who->role() === null ? [] : Yard::here()),
            'pin_for' => $known === null ? null : ['name' => $known->name, 'has_pin' => $known->pin !== null],
        ]))->withHeaders(['Cache-Control' => 'no-store']);
    }

    public function store(Request $request, SignIn $signIn): JsonResponse
    {
        $signIn($request, $request->json()->all());

        return $this->show($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return $this->show($request);
    }

    public function password(Request $request, ChangeSecret $change): JsonResponse
    {
        $change->ownPassword($request, $request->json()->all());

        return $this->show($request);
    }

    public function pin(Request $request, ChangeSecret $change): JsonResponse
    {
        $change->ownPin($request, $request->json()->all());

        return $this->show($request);
    }
}
