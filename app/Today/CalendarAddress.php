<?php

declare(strict_types=1);

namespace App\Today;

use App\Common\Setting;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The address by which a phone subscribes to the calendar without signing in: whoever knows its secret reads it, until another one is made. */
final class CalendarAddress
{
    private const KEPT_AS = 'calendar_secret';

    /** @return array{path: string|null, made_on: string|null, address: string|null} null where none was made yet */
    public static function now(int $yard): array
    {
        $kept = Setting::query()->find(self::KEPT_AS)?->value;
        if (! is_string($kept['secret'] ?? null)) {
            return ['path' => null, 'made_on' => null, 'address' => null];
        }
        $path = '/api/v1/calendars/'.$kept['secret'].'.ics?yard='.$yard;

        return ['path' => $path, 'made_on' => (string) $kept['made_on'], 'address' => is_string(config('people.address')) ? config('people.address').$path : null];
    }

    /** Another one; the one before leads nowhere from now on. */
    public static function renew(): void
    {
        Setting::query()->updateOrCreate(['key' => self::KEPT_AS], ['value' => ['secret' => Str::random(40), 'made_on' => Carbon::today()->toDateString()]]);
    }

    public static function is(string $secret): bool
    {
        $kept = Setting::query()->find(self::KEPT_AS)?->value;

        return is_string($kept['secret'] ?? null) && hash_equals($kept['secret'], $secret);
    }
}
