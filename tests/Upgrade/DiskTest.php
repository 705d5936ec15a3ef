<?php

declare(strict_types=1);

use App\Files\Backup\Copies;
use App\Files\Backup\DataFolder;
use App\Files\Clock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Upgrade\Databases;

// disks that are full, folders that may not be written to, clocks that went back: said in a sentence, nothing lost, and how to go on

beforeEach(function (): void {
    Databases::fresh('disk');
    DB::purge('sqlite');
    $this->database = (string) config('database.connections.sqlite.database');
    $this->folder = sys_get_temp_dir().'/zolbek-disk-'.getmypid();
    @mkdir($this->folder);
    $this->run = fn(array $command, string $database): Process => tap(new Process($command, dirname(__DIR__, 2), ['ZOLBEK_DATABASE' => $database, 'APP_ENV' => 'testing', 'SESSION_DRIVER' => 'array'], null, 60.0), static fn(Process $process) => $process->run());
});
afterEach(function (): void {
    exec('umount '.escapeshellarg($this->folder).' 2>/dev/null; chmod -R u+w '.escapeshellarg($this->folder).'; rm -rf '.escapeshellarg($this->folder));
});

test('a disk that runs full while somebody writes loses nothing that was confirmed, and goes on once there is room', function (): void {
    exec('mount -t tmpfs -o size=3m tmpfs '.escapeshellarg($this->folder).' 2>/dev/null', result_code: $code);
    if ($code !== 0) {
        $this->markTestSkipped('Nothing may be mounted here, so there is no small disk to fill.');
    }
    $database = $this->folder.'/zolbek.sqlite';
    copy($this->database, $database);
    file_put_contents($this->folder.'/ballast', str_repeat('x', 1_000_000));
    $writer = ($this->run)(['php', __DIR__.'/writer.php', '1'], $database);
    expect($writer->getOutput().$writer->getErrorOutput())->toContain('full');
    $confirmed = preg_grep('/^Round 1, \d+$/', explode("\n", $writer->getOutput()));
    $there = new PDO('sqlite:'.$database);
    expect(count($confirmed))->toBeGreaterThan(10)->and($there->query('pragma integrity_check')->fetchColumn())->toBe('ok')
        ->and(array_diff($confirmed, $there->query('select name from plants')->fetchAll(PDO::FETCH_COLUMN)))->toBe([]);
    unset($there);
    exec('dd if=/dev/zero of='.escapeshellarg($this->folder.'/more').' bs=4k 2>/dev/null');
    $backup = ($this->run)(['php', 'artisan', 'zolbek:backup', $this->folder.'/copy.zip'], $database);
    expect($backup->getExitCode())->toBe(1)->and(trim($backup->getErrorOutput()))->not->toBe('')->not->toContain('Stack trace')->and(glob($this->folder.'/*.part'))->toBe([])->and(is_file($this->folder.'/copy.zip'))->toBeFalse();
    array_map(unlink(...), [$this->folder.'/ballast', $this->folder.'/more']);
    $asked = ($this->run)(['php', __DIR__.'/asker.php', 'POST plants {"name":"After","plant_group":"airy_conifers"}', 'GET plants'], $database);
    expect($asked->getOutput())->toBe("201 \n200 \n");
});

test('a folder that may not be written to is read, and a write is refused in a sentence', function (): void {
    // root writes anywhere, unless it gives up the right to
    $other = posix_geteuid() === 0 ? ['setpriv', '--bounding-set=-dac_override,-dac_read_search'] : [];
    chmod($this->folder, 0o555);
    $canWrite = ($this->run)([...$other, 'touch', $this->folder.'/x'], '')->isSuccessful();
    chmod($this->folder, 0o755);
    if ($canWrite) {
        $this->markTestSkipped('Whoever runs this writes anywhere.');
    }
    $database = $this->folder.'/zolbek.sqlite';
    copy($this->database, $database);
    expect(($this->run)(['php', 'artisan', 'zolbek:prepare'], $database)->getExitCode())->toBe(0);
    (new PDO('sqlite:'.$this->folder.'/people.sqlite'))->exec('pragma journal_mode = delete');
    (new PDO('sqlite:'.$database))->exec('pragma journal_mode = delete');
    chmod($database, 0o444);
    chmod($this->folder, 0o555);
    $before = md5_file($database);
    $asked = ($this->run)([...$other, 'php', __DIR__.'/asker.php', 'POST plants {"name":"Never","plant_group":"airy_conifers"}'], $database);
    [$status, $said] = explode(' ', trim($asked->getOutput()), 2) + [1 => $asked->getErrorOutput()];
    expect((int) $status)->toBe(503)->and($said)->toContain('cannot be written to')->and(md5_file($database))->toBe($before);
    $backup = ($this->run)([...$other, 'php', 'artisan', 'zolbek:backup', $this->folder.'/copy.zip'], $database);
    expect($backup->getExitCode())->toBe(1)->and(trim($backup->getErrorOutput()))->not->toBe('')->not->toContain('Stack trace');
});

test('a clock that went back is told, and the copies of days to come do not push out those of today', function (): void {
    $data = DataFolder::here();
    foreach (glob($data->copies().'/*') ?: [] as $old) {
        unlink($old);
    }
    expect(Clock::behind($data))->toBeNull();
    config(['backup.days' => 2, 'backup.weeks' => 1]);
    foreach (['2031-05-01', '2031-05-02'] as $ahead) {
        Copies::due($data, Carbon::parse($ahead));
    }
    $days = static fn(): array => array_map(static fn(string $file): string => substr(basename($file, '.zip'), -10), glob($data->copies().'/*-day-*.zip') ?: []);
    expect($days())->toBe(['2031-05-01', '2031-05-02']);
    Copies::due($data, Carbon::parse('2026-07-10'));
    expect($days())->toBe(['2026-07-10', '2031-05-02']);
    Copies::due($data, Carbon::parse('2026-07-11'));
    expect($days())->toBe(['2026-07-10', '2026-07-11']);
    DB::table('activities')->insert(['done_at' => '2031-05-02 08:00:00', 'method' => 'PUT', 'route' => 'x', 'path' => 'x']);
    expect(Clock::behind($data)?->toDateString())->toBe('2031-05-02');
    $said = ($this->run)(['php', 'artisan', 'zolbek:prepare'], $this->database);
    expect($said->getExitCode())->toBe(0)->and($said->getErrorOutput())->toContain('something was written on 2031-05-02 08:00:00')->toContain('Nothing is lost');
});
