<?php

declare(strict_types=1);

use App\Files\Backup\Archive;
use App\Files\Backup\DataFolder;
use App\People\Models\Person;
use App\People\Models\Yard;
use App\People\OpenYard;
use App\People\Role;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Feature\Contract;

// several yards in one installation: each with data of its own, people the same in all of them

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/zolbek-yards-'.getmypid();
    File::deleteDirectory($this->folder);
    mkdir($this->folder);
    config(['database.first' => $this->folder.'/zolbek.sqlite', 'database.connections.sqlite.database' => $this->folder.'/zolbek.sqlite', 'database.connections.people.database' => $this->folder.'/people.sqlite']);
    array_map(DB::purge(...), ['sqlite', 'people']);
    expect(Artisan::call('zolbek:prepare'))->toBe(0);
    $this->plant = fn(string $name) => $this->postJson('/api/v1/plants', ['name' => $name, 'plant_group' => 'airy_conifers']);
    $this->names = fn(): array => array_column($this->getJson('/api/v1/plants')->assertOk()->json('data'), 'name');
    // each question begins where the server does
    $this->in = function (Yard $yard): void {
        OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
        $this->withSession(['yard' => $yard->id]);
    };
});
afterEach(function (): void {
    array_map(DB::purge(...), ['sqlite', 'people']);
    File::deleteDirectory($this->folder);
});

test('another yard begins with what ships, and what is written in one is in no other', function (): void {
    ($this->plant)('Of the first')->assertCreated();
    $added = $this->postJson('/api/v1/yards', ['name' => 'Lower yard'])->assertCreated();
    Contract::check($added, 'Yard');
    expect(($this->names)())->toBe(['Of the first']);
    $second = Yard::query()->findOrFail($added->json('id'));
    $session = $this->putJson('/api/v1/session/yard', ['id' => $second->id])->assertOk();
    Contract::check($session, 'Session');
    expect($session->json('yard'))->toBe($second->id)->and(array_column($session->json('yards'), 'name'))->toBe(['Lower yard', 'Yard']);
    ($this->in)($second);
    expect(($this->names)())->toBe([])->and($this->getJson('/api/v1/components')->json('total'))->toBeGreaterThan(20);
    ($this->plant)('Of the second')->assertCreated();
    expect(($this->names)())->toBe(['Of the second'])->and($this->getJson('/api/v1/activity')->json('total'))->toBe(1);
    ($this->in)(Yard::query()->findOrFail(Yard::FIRST));
    expect(($this->names)())->toBe(['Of the first']);
    expect(fileperms(dirname($second->database())) & 0o077)->toBe(0);
});

test('names of yards are told apart, and the first is always there', function (): void {
    expect($this->postJson('/api/v1/yards', ['name' => 'YARD'])->assertUnprocessable()->json('errors.0.rule'))->toBe('name_taken')
        ->and($this->postJson('/api/v1/yards', ['name' => ''])->assertUnprocessable()->json('errors.0.path'))->toBe('name')
        ->and($this->putJson('/api/v1/yards/1/archived', ['archived' => true])->assertUnprocessable()->json('errors.0.rule'))->toBe('first_yard')
        ->and($this->putJson('/api/v1/session/yard', ['id' => 77])->assertUnprocessable()->json('errors.0.rule'))->toBe('no_such_yard');
    $this->putJson('/api/v1/yards/1', ['name' => 'Upper yard'])->assertOk()->assertJsonPath('name', 'Upper yard');
    expect(glob($this->folder.'/yards/*'))->toBe([]);
});

test('a page of another yard is told so and changes nothing in this one', function (): void {
    $second = $this->postJson('/api/v1/yards', ['name' => 'Lower yard'])->json('id');
    ($this->in)(Yard::query()->findOrFail($second));
    $answer = $this->postJson('/api/v1/plants', ['name' => 'Of the first', 'plant_group' => 'airy_conifers'], ['X-Yard' => '1'])->assertStatus(409);
    Contract::check($answer, 'Problem');
    expect($answer->json('message'))->toContain('another yard');
    $this->getJson('/api/v1/plants', ['X-Yard' => '1'])->assertStatus(409);
    $this->getJson('/api/v1/session', ['X-Yard' => '1'])->assertOk()->assertJsonPath('yard', $second);
    $this->postJson('/api/v1/plants', ['name' => 'Of the second', 'plant_group' => 'airy_conifers'], ['X-Yard' => (string) $second])->assertCreated();
    expect(Plant::query()->pluck('name')->all())->toBe(['Of the second']);
});

test('a yard that was put away is left by whoever was in it, and its data stays', function (): void {
    $second = Yard::query()->findOrFail($this->postJson('/api/v1/yards', ['name' => 'Lower yard'])->json('id'));
    $this->putJson("/api/v1/yards/{$second->id}/archived", ['archived' => true])->assertOk();
    ($this->in)($second);
    $this->getJson('/api/v1/session')->assertJsonPath('yard', Yard::FIRST);
    expect(is_file($second->database()))->toBeTrue();
    $this->putJson("/api/v1/yards/{$second->id}/archived", ['archived' => false])->assertOk();
    ($this->in)($second);
    $this->getJson('/api/v1/session')->assertJsonPath('yard', $second->id);
});

test('the calendar of each yard has an address of its own', function (): void {
    $second = Yard::query()->findOrFail($this->postJson('/api/v1/yards', ['name' => 'Lower yard'])->json('id'));
    ($this->in)($second);
    $path = $this->postJson('/api/v1/calendar-address', [])->assertCreated()->json('path');
    expect($path)->toEndWith('?yard='.$second->id);
    OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
    $this->flushSession();
    $this->get($path)->assertOk();
    OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
    $this->get(str_replace('?yard='.$second->id, '?yard=1', $path))->assertNotFound();
});

test('start-up brings every yard up to date, copies are made of each, and a backup is of one', function (): void {
    $second = Yard::query()->findOrFail($this->postJson('/api/v1/yards', ['name' => 'Lower yard'])->json('id'));
    OpenYard::during($second, static function (): void {
        DB::statement('drop table activities');
        DB::table('migrations')->where('migration', 'like', '%who_did_what')->delete();
    });
    expect(Artisan::call('zolbek:prepare'))->toBe(0);
    expect(OpenYard::during($second, static fn(): bool => Illuminate\Support\Facades\Schema::hasTable('activities')))->toBeTrue();
    expect(Artisan::call('zolbek:backup', ['--due' => true]))->toBe(0);
    $copies = static fn(): array => glob(DataFolder::here()->copies().'/*-day-*.zip') ?: [];
    expect($copies())->toHaveCount(1)->and(OpenYard::during($second, $copies))->toHaveCount(1);
    ($this->in)($second);
    ($this->plant)('Of the second');
    OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
    $file = $this->folder.'/second.zip';
    expect(Artisan::call('zolbek:backup', ['file' => $file, '--yard' => 'Lower yard']))->toBe(0)->and(Archive::read($file)->rows['plants'])->toBe(1);
    OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
    expect(Artisan::call('zolbek:backup', ['file' => $this->folder.'/x.zip', '--yard' => 'Nowhere']))->toBe(1);
    OpenYard::of(Yard::query()->findOrFail(Yard::FIRST));
    expect(Artisan::call('zolbek:restore', ['file' => $file, '--yes' => true]))->toBe(0)->and(Plant::query()->pluck('name')->all())->toBe(['Of the second']);
});

test('people are in a backup only where that is asked for, and come back with their devices, signed out', function (): void {
    $ilka = Person::query()->create(['name' => 'Ilka', 'role' => Role::Owner, 'password' => 'lava pumice bark']);
    DB::connection('people')->table('sessions')->insert(['id' => 'a', 'user_id' => $ilka->id, 'payload' => '', 'last_activity' => Carbon::now()->getTimestamp()]);
    [$with, $without] = [$this->folder.'/with.zip', $this->folder.'/without.zip'];
    expect(Artisan::call('zolbek:backup', ['file' => $with, '--people' => true]))->toBe(0)->and(Artisan::call('zolbek:backup', ['file' => $without]))->toBe(0);
    Person::query()->create(['name' => 'Toma', 'role' => Role::Helper]);
    expect(Artisan::call('zolbek:restore', ['file' => $without, '--yes' => true, '--people' => true]))->toBe(1)->and(Person::query()->count())->toBe(2);
    expect(Artisan::call('zolbek:restore', ['file' => $without, '--yes' => true]))->toBe(0)->and(Person::query()->count())->toBe(2);
    $torn = $this->folder.'/torn.zip';
    copy($with, $torn);
    $zip = new ZipArchive();
    $zip->open($torn);
    $zip->addFromString('people.sqlite', str_repeat('no people ', 900));
    $zip->close();
    expect(Artisan::call('zolbek:restore', ['file' => $torn, '--yes' => true, '--people' => true]))->toBe(1)->and(Person::query()->count())->toBe(2);
    expect(Artisan::call('zolbek:restore', ['file' => $with, '--yes' => true, '--people' => true]))->toBe(0);
    expect(Person::query()->pluck('name')->all())->toBe(['Ilka'])->and(DB::connection('people')->table('sessions')->count())->toBe(0)->and(fileperms($this->folder.'/people.sqlite') & 0o077)->toBe(0)
        ->and(glob($this->folder.'/people-before-restore-*.sqlite'))->toHaveCount(1);
});

test('nothing that nobody would send makes a yard or a stumble', function (): void {
    foreach ([null, true, -1, 1e308, '', ' ', "a\u{0}b", "a\x1bb", str_repeat('x', 500), [], ['x' => 1], [['x']]] as $value) {
        expect($this->postJson('/api/v1/yards', ['name' => $value])->getStatusCode())->toBe(422, json_encode($value))
            ->and($this->putJson('/api/v1/session/yard', ['id' => $value])->getStatusCode())->toBe(422);
    }
    expect(Yard::query()->count())->toBe(1)->and(glob($this->folder.'/yards/*'))->toBe([]);
});
