<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Person;
use App\People\SecretFields;
use App\People\Sessions;
use App\People\Tries;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A new password or PIN; whoever is signed in elsewhere with the old one is signed out. */
final readonly class ChangeSecret
{
    /**
     * @param array<mixed> $input `{password, new_password}`
     *
     * @throws Refused naming the field
     */
    public function ownPassword(Request $request, array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['password', 'new_password'], $refusals);
        $old = $fields->text('password', 200);
        $new = SecretFields::newPassword($fields, $refusals, 'new_password');
        $person = self::oneself($request, 'password');
        $refusals->throwIfAny();
        Tries::of(['own password '.$person->id => [5, 60]], 'password', 'password_wrong', static fn(): bool => $person->password !== null && Hash::check($old, $person->password));
        $person->fill(['password' => $new])->save();
        Sessions::endThose($person, but: $request->session()->getId());
    }

    /**
     * @param array<mixed> $input `{pin}`
     *
     * @throws Refused naming the field
     */
    public function ownPin(Request $request, array $input): void
    {
        $refusals = new Refusals();
        $pin = SecretFields::newPin(Fields::of($input, ['pin'], $refusals), $refusals);
        $person = self::oneself($request, 'pin');
        $refusals->throwIfAny();
        $person->fill(['pin' => $pin])->save();
    }

    private static function oneself(Request $request, string $field): Person
    {
        return Who::asks($request)->person ?? throw Refused::because($field, 'nobody_signed_in');
    }
}
