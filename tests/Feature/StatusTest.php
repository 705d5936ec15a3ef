<?php

declare(strict_types=1);

use App\Common\LogBook;
use App\Common\LogLine;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Monolog\Level;
use Monolog\LogRecord;
use Tests\Feature\Contract;

// what the owner is told of the installation, and what the log keeps to itself

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/zolbek-log-'.getmypid();
    config(['logging.channels.book.path' => $this->folder.'/zolbek.log']);
    Log::forgetChannel('book');
    Log::forgetChannel('all');
    $this->log = fn(): string => implode('', array_map(file_get_contents(...), glob($this->folder.'/*.log') ?: []));
});
afterEach(fn() => File::deleteDirectory($this->folder));

test('a fault is written down with its kind and place and what was asked, and with nothing that was typed', function (): void {
    Route::middleware('api')->get('api/v1/stumble/{id}', static fn() => throw new RuntimeException('Gate pine is secret'));
    Route::middleware('api')->get('api/v1/query/{id}', static fn() => DB::select('select nothing from plants where name = ?', ['Gate pine']));
    $this->getJson('/api/v1/stumble/77')->assertStatus(500)->assertExactJson(['message' => 'Something went wrong here; it has been written to the log.', 'errors' => []]);
    $this->getJson('/api/v1/query/77')->assertStatus(500);
    $log = ($this->log)();
    expect($log)->toContain('error RuntimeException at tests/Feature/StatusTest.php:')->toContain('GET api/v1/stumble/{id}')->toContain(QueryException::class)->toContain('GET api/v1/query/{id}');
    foreach (['Gate pine', 'secret', '77', 'select'] as $typed) {
        expect($log)->not->toContain($typed);
    }
    expect(substr_count($log, "\n"))->toBe(2)->and(LogBook::counts(1))->toBe(['errors' => 2, 'slow' => 0]);
});

test('a slow question is counted, without what it asked for', function (): void {
    $line = (new LogLine())->format(new LogRecord(new DateTimeImmutable('2026-07-10T12:00:00Z'), 'book', Level::Warning, 'slow', ['sql' => "select * from plants where name = 'Gate''s pine' and id = 77\n limit 5", 'ms' => 312.7]));
    expect($line)->toBe("2026-07-10T12:00:00+00:00 warning slow 312 ms select * from plants where name = ? and id = ? limit ?\n");
    Log::warning('slow', ['sql' => 'select 1', 'ms' => 300]);
    Log::warning('slow', ['sql' => 'select 1', 'ms' => 300]);
    expect(LogBook::counts(1))->toBe(['errors' => 0, 'slow' => 2]);
});

test('only a question that takes long is slow', function (): void {
    $asked = static fn(float $ms) => LogBook::slow(new Illuminate\Database\Events\QueryExecuted('select 1', [], $ms, DB::connection()));
    $asked(LogBook::SLOW_MS - 1.0);
    expect(($this->log)())->toBe('');
    $asked((float) LogBook::SLOW_MS);
    expect(LogBook::counts(1)['slow'])->toBe(1);
});

test('logs are kept for some days, one file a day, for their owner alone', function (): void {
    File::ensureDirectoryExists($this->folder);
    foreach (range(1, 20) as $days) {
        file_put_contents($this->folder.'/zolbek-'.Carbon::today()->subDays($days)->toDateString().'.log', "2026-07-10T12:00:00+00:00 warning slow 312 ms select\n");
    }
    Log::warning('slow', ['sql' => 'select 1', 'ms' => 300]);
    Log::channel('book')->getLogger()->close();
    $files = glob($this->folder.'/*.log');
    expect($files)->toHaveCount(14)->and(fileperms(end($files)) & 0o077)->toBe(0)->and(LogBook::counts(7)['slow'])->toBe(7)->and(LogBook::counts(30)['slow'])->toBe(14);
});

test('the status tells version, size, copies and faults', function (): void {
    Log::error('x', ['exception' => new RuntimeException('Gate pine')]);
    $status = $this->getJson('/api/v1/status')->assertOk();
    Contract::check($status, 'Status');
    expect($status->json('errors_today'))->toBe(1)->and($status->json('errors_week'))->toBe(1)->and($status->json('tables'))->toBe(DB::table('migrations')->orderByDesc('id')->value('migration'))->and($status->json('version'))->toBe(config('app.version'));
});
