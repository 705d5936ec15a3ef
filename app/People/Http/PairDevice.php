<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Pairing;
use App\People\Models\Person;
use App\People\Tries;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A phone becomes somebody's: a code is shown at the desk, and typed or scanned on the phone while it holds. */
final readonly class PairDevice
{
    private const MINUTES = 10;
    private const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
    private const LONG = 10;

    /** @return array{code: string, until: string} the code is told this once */
    public function offer(Person $person): array
    {
        $code = '';
        for ($i = 0; $i < self::LONG; ++$i) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        Pairing::query()->where('until', '<', Carbon::now())->delete();
        $pairing = Pairing::query()->create(['person_id' => $person->id, 'digest' => KnownDevice::digest($code), 'until' => Carbon::now()->addMinutes(self::MINUTES)]);

        return ['code' => $code, 'until' => $pairing->until->toIso8601String()];
    }

    /**
     * @param array<mixed> $input `{code, name}`: name of the device
     *
     * @throws Refused naming the field
     */
    public function take(Request $request, array $input): Person
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['code', 'name'], $refusals);
        $code = preg_replace('/[\s-]+/', '', mb_strtoupper($fields->text('code', 40)));
        $name = trim($fields->text('name', 60, ''));
        $refusals->throwIfAny();
        $person = null;
        Tries::of(['code from '.$request->ip() => [10, 10 * 60]], 'code', 'code_unknown', function () use (&$person, $code): bool {
            $pairing = Pairing::query()->where('digest', KnownDevice::digest((string) $code))->where('until', '>=', Carbon::now())->first();
            // once: of two that bring it at the same time one takes it away
            $isMine = $pairing !== null && Pairing::query()->whereKey($pairing->id)->delete() === 1;
            $person = $isMine ? Person::query()->where('archived_at', null)->find($pairing->person_id) : null;

            return $person !== null;
        });
        assert($person instanceof Person);
        KnownDevice::know($person, $name);
        SignIn::as($request, $person);

        return $person;
    }
}
