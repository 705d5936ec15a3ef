<?php

declare(strict_types=1);

use App\People\Models\Activity;
use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Permissions;
use App\People\Role;
use App\People\Sessions;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\PlantEvent;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Process\Process;
use Tests\Feature\ApiRoutes;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// who may come in over the yard's network, and what each may do there

const SEALED = 'https://127.0.0.1/api/v1/';

/** From now on by the door of the yard's network. */
function overTheNetwork($test): void
{
    $test->withServerVariables(['ZOLBEK_DOOR' => 'network']);
}

function personOf(Role $role, string $name = 'Ilka'): Person
{
    return Person::query()->create(['name' => $name, 'role' => $role, 'password' => 'lava pumice bark']);
}

test('every route that has a role of its own is there', function (): void {
    $there = array_map(static fn(array $each): string => $each[1].' '.substr($each[0]->uri(), 7), ApiRoutes::byMethod());
    expect(array_diff(Permissions::named(), $there))->toBe([])->and(Permissions::named())->toHaveCount(count(array_unique(Permissions::named())));
});

test('over the network nobody is let in before he is known, but to sign in', function (): void {
    overTheNetwork($this);
    $open = [];
    foreach (ApiRoutes::byMethod() as [$route, $method]) {
        $status = $this->json($method, 'https://127.0.0.1'.ApiRoutes::address($route))->getStatusCode();
        $status === 401 || $open[] = $method.' '.substr($route->uri(), 7);
    }
    expect($open)->toEqualCanonicalizing(['GET session', 'POST sign-in', 'DELETE sign-in', 'POST pairings', 'GET calendars/{secret}.ics'])->and(count(ApiRoutes::byMethod()))->toBeGreaterThan(140);
});

test('each role is refused what is more than it, route by route, and by nothing else', function (Role $role): void {
    overTheNetwork($this);
    $this->actingAs(personOf($role));
    $refused = 0;
    foreach (ApiRoutes::byMethod() as [$route, $method]) {
        $least = Permissions::least($route, $method);
        if ($least === null || in_array($route->uri(), ['api/v1/yard', 'api/v1/backup'], true) && $role === Role::Owner) {
            continue;
        }
        $answer = $this->json($method, 'https://127.0.0.1'.ApiRoutes::address($route), [], ['Accept-Language' => 'en']);
        expect($answer->getStatusCode())->toBeLessThan(500, $method.' '.$route->uri());
        $isRefused = $answer->getStatusCode() === 403;
        expect($isRefused)->toBe(! $role->mayAs($least), $method.' '.$route->uri());
        $isRefused && expect($answer->json('message'))->toBe("Your role here is {$role->value}; this needs that of {$least->value}. Nothing was changed.");
        $refused += (int) $isRefused;
    }
    $role === Role::Owner ? expect($refused)->toBe(0) : expect($refused)->toBeGreaterThan(10);
})->with(Role::cases());

test('what a helper and a reader may do is the bench, checks and tasks, and looking', function (string $method, string $path, bool $reader, bool $helper, bool $grower): void {
    $asked = collect(ApiRoutes::byMethod())->first(static fn(array $each): bool => $each[1] === $method && $each[0]->uri() === 'api/v1/'.$path);
    $least = Permissions::least($asked[0], $method);
    expect([Role::Reader->mayAs($least), Role::Helper->mayAs($least), Role::Grower->mayAs($least)])->toBe([$reader, $helper, $grower]);
})->with([
    ['GET', 'plants', true, true, true], ['POST', 'evaluate', true, true, true], ['POST', 'searches', true, true, true], ['POST', 'plants/{plant}/moisture', false, true, true], ['PUT', 'tasks/{task}', false, true, true],
    ['PUT', 'days/{day}/ticks', false, true, true], ['POST', 'bench/tests', false, true, true], ['POST', 'plants', false, false, true], ['PUT', 'recipes/{recipe}', false, false, true], ['PUT', 'plants/{plant}/archived', false, false, true],
    ['POST', 'days/shared', false, false, true], ['DELETE', 'photos/{photo}', false, false, true], ['POST', 'people', false, false, false], ['GET', 'backup', false, false, false], ['PUT', 'proportions', false, false, false],
]);

test('at the machine itself nobody is asked for anything', function (): void {
    $session = $this->getJson('/api/v1/session')->assertOk();
    Contract::check($session, 'Session');
    expect($session->json('door'))->toBe('desk')->and($session->json('role'))->toBe('owner')->and($session->json('person'))->toBeNull();
    personOf(Role::Owner);
    $this->postJson('/api/v1/sites', [...Yard::site(), 'name' => 'Mine'])->assertCreated();
});

test('served over a network, a request that does not say by which door it came comes by that of the network', function (): void {
    config(['people.network' => true]);
    $this->getJson(SEALED.'plants')->assertUnauthorized();
    $this->withServerVariables(['ZOLBEK_DOOR' => 'kitchen'])->getJson(SEALED.'plants')->assertUnauthorized();
    $this->withHeaders(['Zolbek-Door' => 'desk', 'ZOLBEK_DOOR' => 'desk', 'X-Forwarded-For' => '127.0.0.1'])->getJson(SEALED.'plants')->assertUnauthorized();
    $this->withServerVariables(['ZOLBEK_DOOR' => 'desk'])->getJson('/api/v1/plants')->assertOk();
});

test('the first one is an owner with a password, and there is always one', function (): void {
    $add = fn(array $person) => $this->postJson('/api/v1/people', $person);
    expect($add(['name' => 'Ilka', 'role' => 'helper'])->assertUnprocessable()->json('errors.*.path'))->toBe(['role', 'password']);
    expect($add(['name' => 'Ilka', 'role' => 'owner', 'password' => 'short'])->assertUnprocessable()->json('errors.0.rule'))->toBe('password');
    $owner = $add(['name' => 'Ilka', 'role' => 'owner', 'password' => 'lava pumice bark'])->assertCreated();
    Contract::check($owner, 'Person');
    expect(Person::query()->sole()->password)->not->toBe('lava pumice bark')->and(Hash::check('lava pumice bark', Person::query()->sole()->password))->toBeTrue();
    expect($add(['name' => 'ILKA', 'role' => 'reader'])->assertUnprocessable()->json('errors.0.rule'))->toBe('name_taken');
    $helper = $add(['name' => 'Toma', 'role' => 'helper'])->assertCreated()->json('id');
    $id = $owner->json('id');
    expect($this->putJson("/api/v1/people/$id", ['name' => 'Ilka', 'role' => 'grower'])->assertUnprocessable()->json('errors.0.rule'))->toBe('last_owner')
        ->and($this->putJson("/api/v1/people/$id/archived", ['archived' => true])->assertUnprocessable()->json('errors.0.rule'))->toBe('last_owner');
    $this->putJson("/api/v1/people/$helper", ['name' => 'Toma', 'role' => 'owner'])->assertOk();
    $this->putJson("/api/v1/people/$id/archived", ['archived' => true])->assertOk()->assertJsonPath('archived', true);
    // alone again, so nobody need be an owner any more
    $this->putJson("/api/v1/people/$helper/archived", ['archived' => true])->assertOk();
});

test('a name and its password let in, and nothing else does', function (): void {
    overTheNetwork($this);
    personOf(Role::Grower);
    Person::query()->create(['name' => 'Without', 'role' => Role::Grower]);
    Person::query()->create(['name' => 'Gone', 'role' => Role::Grower, 'password' => 'lava pumice bark', 'archived_at' => Carbon::now()]);
    foreach ([['name' => 'Ilka', 'password' => 'wrong'], ['name' => 'Nobody', 'password' => 'lava pumice bark'], ['name' => 'Without', 'password' => ''], ['name' => 'Gone', 'password' => 'lava pumice bark'], ['pin' => '2580'], []] as $wrong) {
        $this->postJson(SEALED.'sign-in', $wrong)->assertUnprocessable();
        $this->getJson(SEALED.'plants')->assertUnauthorized();
    }
    $before = $this->getJson(SEALED.'session')->json('token');
    $session = $this->postJson(SEALED.'sign-in', ['name' => 'Ilka', 'password' => 'lava pumice bark'])->assertOk();
    Contract::check($session, 'Session');
    expect($session->json('person.name'))->toBe('Ilka')->and($session->json('role'))->toBe('grower')->and($session->json('token'))->not->toBe($before);
    $this->getJson(SEALED.'plants')->assertOk();
    $this->deleteJson(SEALED.'sign-in')->assertOk()->assertJsonPath('role', null);
    $this->getJson(SEALED.'plants')->assertUnauthorized();
});

test('over the network nothing is taken or told in the open, passwords, PINs and codes least of all', function (string $method, string $path, array $input): void {
    $this->withServerVariables(['ZOLBEK_DOOR' => 'network'])->actingAs(personOf(Role::Owner));
    $this->json($method, 'http://127.0.0.1/api/v1/'.$path, $input)->assertStatus(426)->assertJsonPath('errors', []);
    expect($this->json($method, SEALED.$path, $input)->getStatusCode())->not->toBe(426);
})->with([
    ['POST', 'sign-in', ['name' => 'Ilka', 'password' => 'lava pumice bark']], ['POST', 'sign-in', ['pin' => '2580']], ['POST', 'pairings', ['code' => 'ABCDEFGHJK']], ['PUT', 'session/pin', ['pin' => '2580']], ['GET', 'plants', []],
    ['POST', 'people', ['name' => 'Toma', 'role' => 'helper', 'password' => 'lava pumice bark']],
]);

test('whoever guesses a password gets slow, however right the sixth guess is', function (): void {
    overTheNetwork($this);
    personOf(Role::Grower);
    for ($i = 0; $i < 5; ++$i) {
        expect($this->postJson(SEALED.'sign-in', ['name' => 'Ilka', 'password' => 'wrong'.$i])->json('errors.0.rule'))->toBe('not_signed_in');
    }
    expect($this->postJson(SEALED.'sign-in', ['name' => 'ilka', 'password' => 'lava pumice bark'])->json('errors.0.rule'))->toBe('too_many_tries');
    $this->travel(61)->seconds();
    $this->postJson(SEALED.'sign-in', ['name' => 'Ilka', 'password' => 'lava pumice bark'])->assertOk();
});

test('a code makes one device known, once and for ten minutes; a PIN is enough there from then on', function (): void {
    $ilka = personOf(Role::Helper);
    $offer = fn() => $this->withServerVariables(['ZOLBEK_DOOR' => 'desk'])->postJson("/api/v1/people/{$ilka->id}/pairing", [])->assertCreated();
    $told = $offer();
    Contract::check($told, 'PairingOffer');
    $code = $told->json('code');
    $late = $offer()->json('code');
    overTheNetwork($this);
    expect(DB::connection('people')->table('pairings')->where('digest', $code)->exists())->toBeFalse();
    expect($this->postJson(SEALED.'pairings', ['code' => 'AAAAAAAAAA'])->json('errors.0.rule'))->toBe('code_unknown');
    // as it is read aloud
    $paired = $this->postJson(SEALED.'pairings', ['code' => strtolower(substr($code, 0, 5)).' - '.substr($code, 5), 'name' => 'Shed tablet'])->assertOk();
    expect($paired->json('person.name'))->toBe('Ilka')->and(Device::query()->sole()->name)->toBe('Shed tablet');
    $cookie = collect($paired->headers->getCookies())->first(static fn($cookie): bool => str_ends_with($cookie->getName(), '_device'));
    expect($cookie->isHttpOnly())->toBeTrue()->and($cookie->isSecure())->toBeTrue()->and($cookie->getSameSite())->toBe('strict');
    expect($this->postJson(SEALED.'pairings', ['code' => $code])->json('errors.0.rule'))->toBe('code_unknown');
    foreach (['1234', '7777', '12', 'abcd', '123456789'] as $bad) {
        expect($this->putJson(SEALED.'session/pin', ['pin' => $bad])->json('errors.0.rule'))->toBe('pin');
    }
    $this->putJson(SEALED.'session/pin', ['pin' => '2580'])->assertOk();
    $this->deleteJson(SEALED.'sign-in');
    $onDevice = fn() => $this->withCredentials()->withUnencryptedCookie($cookie->getName(), $cookie->getValue());
    expect($onDevice()->getJson(SEALED.'session')->json('pin_for'))->toBe(['name' => 'Ilka', 'has_pin' => true]);
    expect($onDevice()->postJson(SEALED.'sign-in', ['pin' => '2581'])->json('errors.0.rule'))->toBe('pin_wrong');
    $onDevice()->postJson(SEALED.'sign-in', ['pin' => '2580'])->assertOk()->assertJsonPath('role', 'helper');
    $this->travel(11)->minutes();
    expect($this->postJson(SEALED.'pairings', ['code' => $late])->json('errors.0.rule'))->toBe('code_unknown');
});

test('who goes is signed out everywhere, and his devices are forgotten', function (): void {
    personOf(Role::Owner, 'Owner');
    $ilka = personOf(Role::Helper);
    $sessions = DB::connection('people')->table('sessions');
    foreach (['a', 'b'] as $id) {
        $sessions->clone()->insert(['id' => $id, 'user_id' => $ilka->id, 'payload' => '', 'last_activity' => time()]);
    }
    Sessions::endThose($ilka, but: 'a');
    expect($sessions->clone()->pluck('id')->all())->toBe(['a']);
    Device::query()->create(['person_id' => $ilka->id, 'name' => 'Phone', 'digest' => 'x']);
    $this->putJson("/api/v1/people/{$ilka->id}/archived", ['archived' => true])->assertOk();
    expect($sessions->clone()->count())->toBe(0)->and(Device::query()->count())->toBe(0);
    overTheNetwork($this);
    $this->actingAs($ilka->fresh())->getJson(SEALED.'plants')->assertUnauthorized();
});

test('who is signed in stands with what he does, unless another name is typed', function (array $given, string $kept): void {
    $plant = Collection::plant(['name' => 'Gate pine']);
    overTheNetwork($this);
    $this->actingAs(personOf(Role::Helper));
    $this->postJson(SEALED."plants/{$plant->id}/moisture", ['method' => 'eye', 'verdict' => 'water', ...$given])->assertSuccessful();
    expect(MoistureCheck::query()->sole()->person)->toBe($kept);
})->with([[[], 'Ilka'], [['person' => ''], 'Ilka'], [['person' => 'Toma'], 'Toma']]);

test('what was done is told with who did it, and with what takes it back', function (): void {
    $plant = Collection::plant(['name' => 'Gate pine']);
    $this->postJson('/api/v1/evaluate', []);
    $this->postJson('/api/v1/plants', ['name' => '']);
    expect(Activity::query()->count())->toBe(0);
    overTheNetwork($this);
    $this->actingAs(personOf(Role::Grower));
    $this->putJson(SEALED."plants/{$plant->id}/archived", ['archived' => true])->assertOk();
    $told = $this->getJson(SEALED.'activity')->assertOk();
    expect($told->json('data.0'))->toMatchArray(['person' => 'Ilka', 'method' => 'PUT', 'route' => 'plants/{plant}/archived', 'name' => 'Gate pine', 'undo' => ['method' => 'PUT', 'path' => "plants/{$plant->id}/archived", 'body' => ['archived' => false]]]);
    Contract::holds((string) json_encode($told->json('data.0')), 'Activity');
    $undo = $told->json('data.0.undo');
    $this->json($undo['method'], SEALED.$undo['path'], $undo['body'])->assertOk();
    expect($plant->refresh()->archived_at)->toBeNull();
    $this->actingAs(personOf(Role::Helper, 'Toma'))->getJson(SEALED.'activity')->assertJsonPath('data.0.undo', null);
    $this->getJson(SEALED.'activity?person=Toma')->assertJsonPath('total', 0);
    $this->getJson(SEALED.'activity?person=Ilka')->assertJsonPath('total', 2);
});

test('a tap that a device sends again, because it did not hear the answer, is done once', function (): void {
    $plant = Collection::plant();
    $once = '0190b8a0-0000-7000-8000-00000000000a';
    $tap = fn(array $headers) => $this->postJson("/api/v1/plants/{$plant->id}/events", ['kind' => 'note', 'text' => 'Leans'], $headers)->assertSuccessful();
    $notes = fn(): int => PlantEvent::query()->where('plant_id', $plant->id)->where('text', 'Leans')->count();
    $tap(['X-Once' => $once]);
    expect($tap(['X-Once' => $once])->json())->toBe(['already' => true])->and($notes())->toBe(1);
    $tap(['X-Once' => '0190b8a0-0000-7000-8000-00000000000b']);
    $tap(['X-Once' => 'no name']);
    $tap([]);
    expect($notes())->toBe(4);
});

test('what was tapped without a connection counts from when it was tapped', function (string $at, ?string $kept): void {
    $this->travelTo('2026-07-10 12:00:00');
    $plant = Collection::plant();
    $answer = $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => 'water', 'at' => $at]);
    $kept === null ? expect($answer->assertUnprocessable()->json('errors.0.path'))->toBe('at') : expect($answer->assertCreated()->json('checked_at'))->toBe($kept);
})->with([
    ['2026-07-10T09:30:00.123Z', '2026-07-10T09:30:00+00:00'], ['2026-07-10T11:30:00+02:00', '2026-07-10T09:30:00+00:00'], ['2026-07-10T12:05:00Z', '2026-07-10T12:00:00+00:00'],
    ['2026-07-10T13:00:00Z', null], ['2026-06-20T12:00:00Z', null], ['yesterday', null], ['2026-13-40T12:00:00Z', null],
]);

test('the calendar has an address of its own, which is renewed and then leads nowhere', function (): void {
    expect($this->getJson('/api/v1/calendar-address')->assertOk()->json())->toBe(['path' => null, 'made_on' => null, 'address' => null]);
    $first = $this->postJson('/api/v1/calendar-address', [])->assertCreated();
    Contract::check($first, 'CalendarAddress');
    overTheNetwork($this);
    expect($this->get('https://127.0.0.1'.$first->json('path'))->assertOk()->getContent())->toContain('BEGIN:VCALENDAR');
    $this->getJson(SEALED.'calendar.ics')->assertUnauthorized();
    $this->actingAs(personOf(Role::Owner))->postJson(SEALED.'calendar-address', [])->assertCreated();
    $this->getJson('https://127.0.0.1'.$first->json('path'))->assertNotFound();
});

test('a person is added, and a forgotten password set, at the machine: it is read, never an argument', function (): void {
    $run = static function (string $typed, string ...$arguments): array {
        $folder = sys_get_temp_dir().'/zolbek-person-'.getmypid();
        File::ensureDirectoryExists($folder);
        $process = new Process(['php', 'artisan', 'zolbek:person', ...$arguments], base_path(), ['ZOLBEK_DATABASE' => $folder.'/zolbek.sqlite', 'APP_KEY' => config('app.key')], $typed."\n");
        $process->run();

        return [$process->getExitCode(), trim($process->getOutput().$process->getErrorOutput()), $folder];
    };
    [$code, $said, $folder] = $run('lava pumice bark', 'Ilka', '--role=owner');
    try {
        expect($code)->toBe(0)->and($said)->toBe('Ilka is here as owner.');
        [$code, $said] = $run('short', 'Ilka');
        expect($code)->toBe(1)->and($said)->toContain('at least 10 characters');
        expect($run('another one here', 'Ilka')[1])->toBe('Ilka has a new password.')->and($run('lava pumice bark', 'Toma')[1])->toContain('Nobody is called');
        $hash = (string) (new PDO('sqlite:'.$folder.'/people.sqlite'))->query("select password from people where name = 'Ilka'")->fetchColumn();
        expect(password_verify('another one here', $hash))->toBeTrue()->and(fileperms($folder.'/people.sqlite') & 0o077)->toBe(0);
    } finally {
        File::deleteDirectory($folder);
    }
});

test('what was done stays done and is answered so, even where it could not be noted', function (): void {
    $plant = Collection::plant();
    Activity::creating(static fn() => throw new RuntimeException('no room'));
    try {
        $this->putJson("/api/v1/plants/{$plant->id}/archived", ['archived' => true])->assertOk();
    } finally {
        Activity::flushEventListeners();
    }
    expect($plant->refresh()->archived_at)->not->toBeNull();
});
