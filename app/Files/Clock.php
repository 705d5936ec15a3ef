<?php

declare(strict_types=1);

namespace App\Files;

use App\Files\Backup\DataFolder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Whether the clock of the machine went back: then what was written last was written later than now. */
final class Clock
{
    private const MINUTES = 10;

    /** Where times of what happened stand, the newest of which is found by its index. */
    private const WRITTEN = ['activities' => 'done_at', 'stock_movements' => 'moved_at', 'moisture_checks' => 'checked_at'];

    /** When something was written last, where that is still to come; null where the clock goes right. */
    public static function behind(DataFolder $data): ?Carbon
    {
        $newest = array_map(static fn(string $table, string $column): mixed => DB::table($table)->orderByDesc('id')->limit(1)->value($column), array_keys(self::WRITTEN), self::WRITTEN);
        $times = array_map(static fn(mixed $time): Carbon => Carbon::parse((string) $time), array_filter($newest, is_string(...)));
        if (is_file($data->database)) {
            $times[] = Carbon::createFromTimestamp((int) filemtime($data->database));
        }
        $last = collect($times)->max();

        return $last instanceof Carbon && $last->isAfter(Carbon::now()->addMinutes(self::MINUTES)) ? $last : null;
    }
}
