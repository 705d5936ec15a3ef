<?php

declare(strict_types=1);

use App\Files\Backup\Archive;
use App\Files\Backup\Backup;
use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\Files\Backup\Restore;
use App\Http\DatabaseFault;
use App\Plants\Models\Plant;
use App\Plants\PhotoStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Upgrade\Databases;
use Zolbek\Core\Basis\Input\Refused;

/** A file that is deleted with the process. */
function aside(string $name): string
{
    $file = sys_get_temp_dir().'/zolbek-aside-'.getmypid().'-'.$name;
    @unlink($file);
    register_shutdown_function(static fn() => @unlink($file));

    return $file;
}

/** A backup that was changed after it was made. */
function changed(string $backup, callable $change): string
{
    $other = aside('changed.zip');
    copy($backup, $other);
    $zip = new ZipArchive();
    $zip->open($other);
    $change($zip);
    $zip->close();

    return $other;
}

/** Names of plants as the database says now. */
function names(): array
{
    DB::purge('sqlite');

    return DB::table('plants')->orderBy('id')->pluck('name')->all();
}

/** Everything in the folder of the data with what is in it, but for what is only there while it is open. */
function folder(DataFolder $data): array
{
    DB::purge('sqlite');
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($data->path(), FilesystemIterator::SKIP_DOTS)) as $file) {
        if (! str_contains((string) $file, '/sessions/') && preg_match('/-(wal|shm)$/', (string) $file) === 0) {
            $found[substr((string) $file, strlen($data->path()))] = md5_file((string) $file);
        }
    }
    ksort($found);

    return $found;
}

beforeEach(function (): void {
    Carbon::setTestNow('2026-11-26 12:00:00');
    Databases::demo('backup');
    $this->data = DataFolder::here();
    exec('rm -rf '.escapeshellarg($this->data->copies()).' '.escapeshellarg($this->data->path()).'/before-restore*');
    $this->backup = aside('first.zip');
});

test('a backup holds the data and the pictures of one moment, and no key', function (): void {
    $png = (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
    PhotoStore::keep(Plant::query()->firstOrFail(), $png, []);
    // what was half written when somebody pulled the plug is no picture
    file_put_contents(PhotoStore::folder().'/half.jpg.part', 'half');
    $archive = Backup::write($this->data, $this->backup);
    expect($archive->rows['plants'])->toBe(Plant::query()->count())->and($archive->pictures)->toHaveCount(2)->and($archive->madeAt)->toStartWith('2026-11-26T12:00:00');
    $zip = Archive::open($this->backup);
    $names = array_map(static fn(int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
    expect(array_filter($names, static fn(string $name): bool => str_contains($name, 'key') || str_contains($name, 'session')))->toBe([])
        ->and(file_get_contents($this->backup))->not->toContain(trim((string) file_get_contents($this->data->path().'/key')))
        ->and(glob($this->backup.'*'))->toBe([$this->backup]);
});

test('it is taken while somebody writes, and what is half written is not in it', function (): void {
    $other = new PDO('sqlite:'.$this->data->database);
    $other->exec('begin immediate');
    $other->exec("update plants set name = 'Half written'");
    Backup::write($this->data, $this->backup);
    $other->exec('rollback');
    $copy = aside('look.sqlite');
    Archive::unpack(Archive::open($this->backup), Archive::DATABASE, $copy);
    expect((new PDO('sqlite:'.$copy))->query("select count(*) from plants where name = 'Half written'")->fetchColumn())->toBe(0);
});

test('what was put back is as it was, and what was there is kept', function (): void {
    Backup::write($this->data, $this->backup);
    $before = names();
    DB::table('plants')->update(['name' => 'Changed since']);
    $kept = Restore::from($this->data, Archive::read($this->backup));
    expect(names())->toBe($before)->and((new PDO('sqlite:'.$kept.'/yard.sqlite'))->query('select distinct name from plants')->fetchAll(PDO::FETCH_COLUMN))->toBe(['Changed since'])
        ->and(glob($this->data->path().'/*.restored*'))->toBe([]);
    $this->getJson('/api/v1/today')->assertOk();
    // twice in the same second keeps both
    expect(Restore::from($this->data, Archive::read($this->backup)))->not->toBe($kept);
});

test('killed on the way the next start finishes it, at whatever step', function (int $step): void {
    Backup::write($this->data, $this->backup);
    $before = names();
    DB::table('plants')->update(['name' => 'Changed since']);
    DB::purge('sqlite');
    $kept = $this->data->path().'/before-restore-killed';
    $steps = [
        fn() => Archive::unpack(Archive::open($this->backup), Archive::DATABASE, $this->data->restored().'.part'),
        fn() => file_put_contents($this->data->restored().'.kept', $kept),
        fn() => rename($this->data->restored().'.part', $this->data->restored()),
        fn() => mkdir($kept),
        fn() => rename($this->data->database, $kept.'/yard.sqlite'),
    ];
    foreach (array_slice($steps, 0, $step) as $do) {
        $do();
    }
    expect(Artisan::call('zolbek:prepare'))->toBe(0);
    expect(names())->toBe($step < 3 ? array_fill(0, count($before), 'Changed since') : $before)->and(is_file($this->data->restored()))->toBeFalse();
    exec('rm -rf '.escapeshellarg($kept).' '.escapeshellarg($this->data->restored()).'*');
})->with([1, 2, 3, 4, 5]);

test('what is no whole backup is refused, and nothing is changed', function (callable $make, string $rule): void {
    Backup::write($this->data, $this->backup);
    $before = folder($this->data);
    try {
        Restore::from($this->data, Archive::read($make($this->backup)));
        $refused = null;
    } catch (Refused $fault) {
        $refused = $fault->refusals[0]->rule;
    }
    expect($refused)->toBe($rule)->and(folder($this->data))->toBe($before)->and(Artisan::call('zolbek:restore', ['file' => $make($this->backup), '--yes' => true]))->toBe(1)->and(folder($this->data))->toBe($before);
})->with([
    'not there' => [static fn(): string => '/nowhere/at/all.zip', 'backup_file'],
    'a text' => [static function (): string {
        file_put_contents($file = aside('text.zip'), 'no zip');

        return $file;
    }, 'backup_file'],
    'cut off' => [static function (string $backup): string {
        file_put_contents($file = aside('cut.zip'), substr((string) file_get_contents($backup), 0, 9000));

        return $file;
    }, 'backup_file'],
    'another archive' => [static fn(string $backup): string => changed($backup, static fn(ZipArchive $zip) => $zip->addFromString('backup.json', '{"format":"something-else"}')), 'backup_file'],
    'of a newer version' => [static fn(string $backup): string => changed($backup, static fn(ZipArchive $zip) => $zip->addFromString('backup.json', (string) json_encode(['version' => 2] + json_decode((string) $zip->getFromName('backup.json'), true)))), 'backup_newer'],
    'another database' => [static fn(string $backup): string => changed($backup, static fn(ZipArchive $zip) => $zip->addFromString('database.sqlite', 'SQLite format 3')), 'backup_changed'],
    'tables of a newer version' => [static function (string $backup): string {
        $copy = aside('newer.sqlite');
        Archive::unpack(Archive::open($backup), Archive::DATABASE, $copy);
        (new PDO('sqlite:'.$copy))->exec("insert into migrations (migration, batch) values ('2999_01_01_000001_of_tomorrow', 9)");

        return changed($backup, static function (ZipArchive $zip) use ($copy): void {
            $told = json_decode((string) $zip->getFromName('backup.json'), true);
            $zip->addFromString('backup.json', (string) json_encode(['sha256' => hash_file('sha256', $copy)] + $told));
            $zip->addFromString('database.sqlite', (string) file_get_contents($copy));
        });
    }, 'database_newer'],
    'a picture that leads elsewhere' => [static fn(string $backup): string => changed($backup, static fn(ZipArchive $zip) => $zip->addFromString('photos/../../evil.php', '<?php')), 'not_a_picture'],
]);

test('copies of days and weeks are made once each, and no more are kept than asked for', function (): void {
    config(['backup.days' => 3, 'backup.weeks' => 2]);
    $made = 0;
    foreach (range(0, 20) as $day) {
        $made += count(Copies::due($this->data, Carbon::now()->addDays($day)));
        $made += count(Copies::due($this->data, Carbon::now()->addDays($day)->addHours(3)));
    }
    // 21 days from a Thursday on touch four weeks
    expect($made)->toBe(21 + 4)->and(array_map(basename(...), glob($this->data->copies().'/*') ?: []))
        ->toBe(['yard-day-2026-12-14.zip', 'yard-day-2026-12-15.zip', 'yard-day-2026-12-16.zip', 'yard-week-2026-W50.zip', 'yard-week-2026-W51.zip']);
});

test('before tables are changed a copy of how they were is made, once, and it can be put back', function (): void {
    Databases::madeBy('eee4b8d');
    $data = DataFolder::here();
    $before = DB::table('migrations')->count();
    $plants = names();
    expect(Artisan::call('zolbek:prepare'))->toBe(0);
    $copies = glob($data->copies().'/*-before-*.zip') ?: [];
    expect($copies)->toHaveCount(1)->and(DB::table('migrations')->count())->toBeGreaterThan($before);
    expect(Artisan::call('zolbek:prepare'))->toBe(0)->and(glob($data->copies().'/*-before-*.zip'))->toHaveCount(1);
    Restore::from($data, Archive::read($copies[0]));
    DB::purge('sqlite');
    expect(DB::table('migrations')->count())->toBe($before)->and(names())->toBe($plants);
    exec('rm -rf '.escapeshellarg($data->copies()).' '.escapeshellarg($data->path()).'/before-restore*');
});

test('data that is damaged, or of a newer version, is not opened, told in a sentence, and left as it is', function (callable $harm, string $said): void {
    Copies::due($this->data, Carbon::now());
    DB::purge('sqlite');
    $harm($this->data->database);
    $before = folder($this->data);
    $start = new Process(['php', 'artisan', 'zolbek:prepare'], dirname(__DIR__, 2), ['ZOLBEK_DATABASE' => $this->data->database]);
    expect($start->run())->toBe(1)->and($start->getErrorOutput())->toContain($said)->toContain('Nothing was changed')->toContain('./zolbek restore '.$this->data->copies())->and(folder($this->data))->toBe($before);
})->with([
    'a page of noise' => [static function (string $file): void {
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, substr_replace($bytes, random_bytes(8192), 65_536, 8192));
    }, 'is damaged'],
    'something else' => [static fn(string $file) => file_put_contents($file, str_repeat('no database ', 500)), 'is damaged'],
    'of tomorrow' => [static fn(string $file) => (new PDO('sqlite:'.$file))->exec("insert into migrations (migration, batch) values ('2999_01_01_000001_of_tomorrow', 9)"), 'newer Zolbek'],
]);

test('what was confirmed is there after the process was killed, time and again', function (): void {
    DB::purge('sqlite');
    $confirmed = [];
    foreach (seeds(10, 5) as $round) {
        $writer = new Process(['php', __DIR__.'/writer.php', (string) $round], dirname(__DIR__, 2), ['ZOLBEK_DATABASE' => $this->data->database, 'APP_ENV' => 'production']);
        $writer->start();
        $until = microtime(true) + 20;
        while (substr_count($writer->getOutput(), "\n") < 5 + 1 + ($round - 1) % 10 && $writer->isRunning() && microtime(true) < $until) {
            usleep(2_000 * (1 + ($round - 1) % 10));
        }
        expect($writer->isRunning())->toBeTrue($writer->getErrorOutput());
        $writer->signal(SIGKILL);
        $writer->wait();
        $confirmed = [...$confirmed, ...array_filter(explode("\n", substr($writer->getOutput(), 0, (int) strrpos($writer->getOutput(), "\n"))))];
        $there = new PDO('sqlite:'.$this->data->database);
        expect($there->query('pragma integrity_check')->fetchColumn())->toBe('ok')
            ->and(array_diff($confirmed, $there->query('select name from plants')->fetchAll(PDO::FETCH_COLUMN)))->toBe([])
            // written together or not at all: a plant and the first line of its history
            ->and($there->query("select count(*) from plants where name like 'Round %' and id not in (select plant_id from plant_events where kind = 'note')")->fetchColumn())->toBe(0);
    }
    expect(count($confirmed))->toBeGreaterThan(100);
    expect(Artisan::call('zolbek:prepare'))->toBe(0);
});

test('where the disk is full, or may not be written to, it is said and nothing is lost', function (): void {
    $before = names();
    $pages = (int) DB::select('pragma page_count')[0]->page_count;
    DB::statement("pragma max_page_count = $pages");
    $answer = null;
    for ($i = 0; $i < 200 && ($answer === null || $answer->getStatusCode() === 201); ++$i) {
        $answer = $this->postJson('/api/v1/fertilisers', ['name' => str_repeat("Filler $i ", 10), 'form' => 'granule', 'n_percent' => 1, 'p2o5_percent' => 1, 'k2o_percent' => 1, 'label_g_l' => 1, 'note' => str_repeat('x', 1000)]);
    }
    expect($answer->getStatusCode())->toBe(507)->and($answer->json('message'))->toContain('disk is full')->and($answer->json('errors'))->toBe([]);
    DB::statement('pragma max_page_count = 1000000');
    expect(names())->toBe($before);
    DB::statement('pragma query_only = on');
    $this->postJson('/api/v1/fertilisers', ['name' => 'Not taken', 'form' => 'granule', 'n_percent' => 1, 'p2o5_percent' => 1, 'k2o_percent' => 1, 'label_g_l' => 1])->assertStatus(503)->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'read-only'));
    DB::statement('pragma query_only = off');
    $this->getJson('/api/v1/fertilisers')->assertOk();
});

test('the button gives the archive that the command puts back', function (): void {
    $answer = $this->get('/api/v1/backup')->assertOk()->assertHeader('Content-Type', 'application/zip');
    copy($answer->getFile()->getPathname(), $this->backup);
    expect(Archive::read($this->backup)->rows['plants'])->toBe(Plant::query()->count())->and($answer->headers->get('Content-Disposition'))->toContain('backup-2026-11-26.zip');
    unlink($answer->getFile()->getPathname());
});

test('a disk that is full shows where a write is confirmed, too', function (): void {
    $fault = new PDOException('database or disk is full');
    $fault->errorInfo = ['HY000', 13, 'database or disk is full'];
    expect(DatabaseFault::of($fault)?->getStatusCode())->toBe(507)->and(DatabaseFault::of(new PDOException('syntax error')))->toBeNull();
});

test('pictures are looked through once, and again where older data was put back', function (): void {
    $cleaned = fn(): int => DB::table('settings')->where('key', 'pictures_cleaned')->count();
    expect($cleaned())->toBe(1);
    $photo = PhotoStore::keep(Plant::query()->firstOrFail(), (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true), []);
    unlink(PhotoStore::path($photo, isSmall: true));
    Artisan::call('zolbek:prepare');
    expect(is_file(PhotoStore::path($photo, isSmall: true)))->toBeFalse();
    DB::table('settings')->where('key', 'pictures_cleaned')->delete();
    Artisan::call('zolbek:prepare');
    expect(is_file(PhotoStore::path($photo, isSmall: true)))->toBeTrue()->and($cleaned())->toBe(1);
});
