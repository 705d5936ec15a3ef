<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Actions\SavePerson;
use App\People\Models\Person;
use App\People\PeopleFile;
use Illuminate\Console\Command;
use Zolbek\Core\Basis\Input\Refused;

/** Somebody new, or another password for somebody who forgot his: at the machine itself. The password is read from the keyboard or from what is piped in, never from the command. */
final class SetPerson extends Command
{
    use TellsWhy;

    protected $signature = 'zolbek:person {name} {--role= : reader, helper, grower or owner, of somebody new}';

    protected $description = 'Add a person, or set a new password';

    public function handle(SavePerson $save): int
    {
        PeopleFile::prepare();

        return $this->told(function () use ($save): int {
            [$name, $role] = [$this->argument('name'), $this->option('role')];
            $person = Person::query()->where('name', $name)->first();
            if ($person === null && ! is_string($role)) {
                throw Refused::because('name', 'nobody_called', $name);
            }
            $password = $this->typed();
            $saved = $person === null ? $save->add(['name' => $name, 'role' => $role, 'password' => $password]) : $save->password($person, ['password' => $password]);
            $this->info($person === null ? "{$saved->name} is here as {$saved->role->value}." : "{$saved->name} has a new password.");

            return self::SUCCESS;
        });
    }

    private function typed(): string
    {
        return stream_isatty(STDIN) ? (string) $this->secret('Password') : rtrim((string) fgets(STDIN), "\r\n");
    }
}
