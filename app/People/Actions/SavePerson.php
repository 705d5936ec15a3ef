<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Person;
use App\People\Role;
use App\People\SecretFields;
use App\People\Sessions;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Somebody comes, gets another name or role, or goes. There is always an owner as long as there is anybody. */
final readonly class SavePerson
{
    /**
     * The first one is an owner with a password: without one nobody could let others in.
     *
     * @param array<mixed> $input `{name, role, password?}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function add(array $input): Person
    {
        return self::locked(static function () use ($input): Person {
            $refusals = new Refusals();
            $fields = Fields::of($input, ['name', 'role', 'password'], $refusals);
            $name = self::name($fields, $refusals, null);
            $isFirst = Person::owners() === 0;
            $role = $fields->oneOf('role', array_column(Role::cases(), 'value'));
            if ($isFirst && $role !== null && $role !== Role::Owner->value) {
                $refusals->add(new Refusal('role', 'first_is_owner', $role));
            }
            $password = $isFirst || $fields->has('password') ? SecretFields::newPassword($fields, $refusals) : null;
            $refusals->throwIfAny();

            return Person::query()->create(['name' => $name, 'role' => $role, 'password' => $password]);
        });
    }

    /**
     * @param array<mixed> $input `{name, role}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function change(Person $person, array $input): Person
    {
        return self::locked(static function () use ($person, $input): Person {
            $refusals = new Refusals();
            $fields = Fields::of($input, ['name', 'role'], $refusals);
            $name = self::name($fields, $refusals, $person->refresh());
            $role = $fields->oneOf('role', array_column(Role::cases(), 'value'));
            if ($role !== null && $role !== Role::Owner->value && self::isLastOwner($person)) {
                $refusals->add(new Refusal('role', 'last_owner'));
            }
            $refusals->throwIfAny();
            $person->fill(['name' => $name, 'role' => $role])->save();

            return $person;
        });
    }

    /** @throws Refused where nobody would be left who may let others in */
    public function archive(Person $person, bool $archived): Person
    {
        return self::locked(static function () use ($person, $archived): Person {
            $person->refresh();
            if ($archived && self::isLastOwner($person) && Person::query()->where('archived_at', null)->count() > 1) {
                throw Refused::because('archived', 'last_owner');
            }
            $person->setArchived($archived);
            if ($archived) {
                Sessions::endThose($person);
                $person->devices()->delete();
            }

            return $person;
        });
    }

    /**
     * @param array<mixed> $input `{password}`
     *
     * @throws Refused naming the field
     */
    public function password(Person $person, array $input): Person
    {
        $refusals = new Refusals();
        $password = SecretFields::newPassword(Fields::of($input, ['password'], $refusals), $refusals);
        $refusals->throwIfAny();
        $person->fill(['password' => $password])->save();
        Sessions::endThose($person);

        return $person;
    }

    /**
     * @param callable(): Person $change
     */
    private static function locked(callable $change): Person
    {
        return DB::connection('people')->transaction($change(...));
    }

    private static function isLastOwner(Person $person): bool
    {
        return $person->role === Role::Owner && ! $person->isArchived() && Person::owners() === 1;
    }

    private static function name(Fields $fields, Refusals $refusals, ?Person $person): string
    {
        $name = trim($fields->text('name', 60));
        if ($name !== '' && Person::query()->where('id', '!=', $person->id ?? 0)->whereRaw('lower(name) = lower(?)', [$name])->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }

        return $name;
    }
}
