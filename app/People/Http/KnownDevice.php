<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Device;
use App\People\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/** The device that asks, where it was paired: it brings its secret in a cookie that no script reads. */
final class KnownDevice
{
    private const MINUTES = 60 * 24 * 365;

    public static function of(Request $request): ?Person
    {
        $device = self::device($request);
        $person = $device === null ? null : Person::query()->find($device->person_id);

        return $person === null || $person->isArchived() ? null : $person;
    }

    public static function device(Request $request): ?Device
    {
        $secret = $request->cookie(self::cookie());

        return is_string($secret) && $secret !== '' ? Device::query()->where('digest', self::digest($secret))->first() : null;
    }

    /** From now on it is known as the person's. */
    public static function know(Person $person, string $name): void
    {
        $secret = Str::random(48);
        Device::query()->create(['person_id' => $person->id, 'name' => $name, 'digest' => self::digest($secret), 'seen_at' => Carbon::now()]);
        Cookie::queue(Cookie::make(self::cookie(), $secret, self::MINUTES, '/', null, null, true, false, 'strict'));
    }

    public static function digest(string $secret): string
    {
        return hash('sha256', $secret);
    }

    private static function cookie(): string
    {
        return config('session.cookie').'_device';
    }
}
