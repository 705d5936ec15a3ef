<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Person;
use App\People\Role;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Who asks: a person who signed in, or whoever sits at the machine itself. */
final readonly class Who
{
    private function __construct(public Door $door, public ?Person $person) {}

    public static function asks(Request $request): self
    {
        $person = $request->hasSession() ? Auth::user() : null;

        return new self(Door::of($request), $person instanceof Person && ! $person->isArchived() ? $person : null);
    }

    /** Null where nothing is allowed before somebody is known. */
    public function role(): ?Role
    {
        return $this->person->role ?? ($this->door === Door::Desk ? Role::Owner : null);
    }

    public function name(): string
    {
        return $this->person->name ?? '';
    }
}
