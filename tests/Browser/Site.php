<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Filesystem\Filesystem;
use PDO;
use RuntimeException;

/** The application served for real, on a database of its own that can be set back to the demo yard. */
final class Site
{
    private const QUIET_WITHIN_S = 3.0;

    private function __construct(public readonly string $address, private readonly Process $server, private readonly string $folder) {}

    public static function start(): self
    {
        $folder = sys_get_temp_dir().'/zolbek-test-'.getmypid();
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $prepare = sprintf('ZOLBEK_DATABASE=%s php %s zolbek:prepare --demo 2>&1', escapeshellarg($folder.'/fresh.sqlite'), escapeshellarg(dirname(__DIR__, 2).'/artisan'));
        exec($prepare, $output, $code);
        if ($code !== 0) {
            throw new RuntimeException(implode("\n", $output));
        }
        exec(sprintf('php -r %s', escapeshellarg('(new PDO("sqlite:'.$folder.'/fresh.sqlite"))->exec("PRAGMA wal_checkpoint(TRUNCATE)");')));
        $server = Process::listening(
            static fn(int $port): array => ['php', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M', '-S', '127.0.0.1:'.$port, '-t', 'public', 'server.php'],
            ['ZOLBEK_DATABASE' => $folder.'/now.sqlite', 'PHP_CLI_SERVER_WORKERS' => '6', 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'database'],
        );
        $site = new self('http://127.0.0.1:'.$server->port, $server, $folder);
        $site->reset();

        return $site;
    }

    /** Sets the database back to the demo yard as it ships, once nothing is worked out on it any more: the last one to close it takes its side files away. */
    public function reset(): void
    {
        $until = microtime(true) + self::QUIET_WITHIN_S;
        while ($this->sideFiles() !== [] && microtime(true) < $until) {
            usleep(5_000);
        }
        $this->forgetPeople();
        if ($this->sideFiles() === [] && is_file($this->database()) && hash_file('xxh3', $this->database()) === hash_file('xxh3', $this->folder.'/fresh.sqlite')) {
            return; // nothing was written
        }
        array_map(unlink(...), $this->sideFiles());
        // whole under its name at once: one that asks late meets the file before or the new one, never half of it
        copy($this->folder.'/fresh.sqlite', $this->folder.'/next.sqlite');
        rename($this->folder.'/next.sqlite', $this->database());
    }

    /** Nobody is known any more; sessions go on. */
    private function forgetPeople(): void
    {
        $people = new PDO('sqlite:'.$this->folder.'/people.sqlite', options: [PDO::ATTR_TIMEOUT => 5]);
        if ((int) $people->query('select count(*) from people')?->fetchColumn() > 0) {
            array_map($people->exec(...), ['delete from devices', 'delete from pairings', 'delete from tries', 'update sessions set user_id = null', 'delete from people']);
        }
    }

    /** Sets it to a yard in which nothing was written down yet, until it is set back. */
    public function empty(): void
    {
        exec(sprintf('ZOLBEK_DATABASE=%s php %s zolbek:prepare 2>&1', escapeshellarg($this->folder.'/empty.sqlite'), escapeshellarg(dirname(__DIR__, 2).'/artisan')), $output, $code);
        if ($code !== 0) {
            throw new RuntimeException(implode("\n", $output));
        }
        (new PDO('sqlite:'.$this->folder.'/empty.sqlite'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        array_map(unlink(...), $this->sideFiles());
        rename($this->folder.'/empty.sqlite', $this->database());
    }

    /** @return list<string> */
    private function sideFiles(): array
    {
        return glob($this->database().'-*') ?: [];
    }

    public function database(): string
    {
        return $this->folder.'/now.sqlite';
    }

    public function stop(): void
    {
        $this->server->stop();
        (new Filesystem())->deleteDirectory($this->folder);
    }
}
