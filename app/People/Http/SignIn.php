<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Person;
use App\People\Tries;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** By name and password, or by PIN on a device that is known. */
final readonly class SignIn
{
    /** Somebody's password is looked at as long as nobody's. */
    private const NOBODYS = '$2y$12$E8rBjmsVo4OiATdcpTiyl.UFH2SiwKLSXcyz2lvAltbqJG9AkZJ1C';

    /**
     * @param array<mixed> $input `{name, password}` or `{pin}`
     *
     * @throws Refused naming the field
     */
    public function __invoke(Request $request, array $input): Person
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['name', 'password', 'pin'], $refusals);
        $person = $fields->has('pin') ? $this->byPin($request, $fields, $refusals) : $this->byPassword($request, $fields, $refusals);
        self::as($request, $person);

        return $person;
    }

    /** From now on this session is theirs, under a new name and token. */
    public static function as(Request $request, Person $person): void
    {
        Auth::login($person);
        $request->session()->regenerateToken();
    }

    private function byPassword(Request $request, Fields $fields, Refusals $refusals): Person
    {
        $name = trim($fields->text('name', 60));
        $password = $fields->text('password', 200);
        $refusals->throwIfAny();
        $person = Person::query()->where('name', $name)->where('archived_at', null)->first();
        Tries::of(
            ['password '.mb_strtolower($name) => [5, 60], 'password from '.$request->ip() => [30, 60]],
            'password',
            'not_signed_in',
            static fn(): bool => Hash::check($password, $person->password ?? self::NOBODYS) && $person?->password !== null,
        );
        assert($person !== null);

        return $person;
    }

    private function byPin(Request $request, Fields $fields, Refusals $refusals): Person
    {
        $pin = $fields->text('pin', 12);
        $refusals->throwIfAny();
        $device = KnownDevice::device($request);
        $person = KnownDevice::of($request);
        if ($device === null || $person?->pin === null) {
            throw Refused::because('pin', 'device_unknown');
        }
        Tries::of(['pin '.$device->id => [5, 15 * 60]], 'pin', 'pin_wrong', static fn(): bool => Hash::check($pin, (string) $person->pin));
        $device->fill(['seen_at' => Carbon::now()])->save();

        return $person;
    }
}
