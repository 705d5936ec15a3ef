<?php

declare(strict_types=1);

namespace App\People;

use App\People\Models\Person;
use Illuminate\Support\Facades\DB;

/** Who is signed in where. */
final class Sessions
{
    public static function endThose(Person $person, ?string $but = null): void
    {
        DB::connection('people')->table('sessions')->where('user_id', $person->id)->when($but !== null, static fn($query) => $query->where('id', '!=', $but))->delete();
    }
}
