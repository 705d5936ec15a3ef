<?php

declare(strict_types=1);

namespace App\People;

use App\People\Models\Yard;
use Illuminate\Support\Facades\DB;

/** Whose data is worked on: from here on that of one yard, its database and what lies beside it. */
final class OpenYard
{
    public static function of(Yard $yard): void
    {
        if (config('database.connections.sqlite.database') !== $yard->database()) {
            config(['database.connections.sqlite.database' => $yard->database()]);
            DB::purge('sqlite');
        }
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public static function during(Yard $yard, callable $work): mixed
    {
        $before = config('database.connections.sqlite.database');
        self::of($yard);
        try {
            return $work();
        } finally {
            if ($before !== $yard->database()) {
                config(['database.connections.sqlite.database' => $before]);
                DB::purge('sqlite');
            }
        }
    }
}
