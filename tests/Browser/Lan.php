<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use RuntimeException;
use Symfony\Component\Process\Process as Child;

/** The application on the network of a yard: its real server on an address of this machine, with the demo yard and people of its own. */
final class Lan
{
    public const ADDRESS = '127.0.0.2';
    public const PEOPLE = ['Ilka' => ['owner', 'lava pumice bark'], 'Toma' => ['helper', 'bark pumice lava'], 'Ruta' => ['reader', 'pumice lava bark']];
    private const READY_WITHIN_S = 60.0;

    private static ?self $shared = null;

    public readonly string $desk;
    public readonly string $network;
    private ?Child $server = null;

    private function __construct(private readonly string $folder, private readonly int $port, private readonly int $tlsPort)
    {
        $this->desk = 'http://127.0.0.1:'.$port;
        $this->network = 'https://'.self::ADDRESS.':'.$tlsPort;
    }

    /** One for all tests that need it: with an owner, a helper and a reader, and served. */
    public static function shared(): self
    {
        if (self::$shared === null) {
            self::$shared = self::prepared();
            register_shutdown_function(self::$shared->remove(...));
            foreach (self::PEOPLE as $name => [$role, $password]) {
                self::$shared->person($name, $role, $password);
            }
            self::$shared->start();
        }

        return self::$shared;
    }

    public static function prepared(): self
    {
        $folder = sys_get_temp_dir().'/zolbek-lan-'.getmypid().'-'.bin2hex(random_bytes(3));
        mkdir($folder, 0o700, true);
        $lan = new self($folder, self::freePort(), self::freePort());
        $lan->run('php', 'artisan', 'zolbek:prepare', '--demo');

        return $lan;
    }

    public function person(string $name, string $role, string $password): void
    {
        $child = new Child(['php', 'artisan', 'zolbek:person', $name, '--role='.$role], self::root(), $this->environment(), $password."\n");
        $child->mustRun();
    }

    /** What it says where it does not start. */
    public function refusal(): string
    {
        $child = new Child(['bash', 'zolbek', 'serve', '--lan', self::ADDRESS], self::root(), $this->environment(), null, self::READY_WITHIN_S);
        $child->run();

        return $child->isSuccessful() ? '' : $child->getErrorOutput();
    }

    public function start(): string
    {
        $this->server = new Child(['bash', 'zolbek', 'serve', '--lan', self::ADDRESS], self::root(), $this->environment(), null, null);
        $this->server->start();
        $until = microtime(true) + self::READY_WITHIN_S;
        while ($this->ask($this->desk.'/api/v1/session')[0] !== 200) {
            if (! $this->server->isRunning() || microtime(true) > $until) {
                throw new RuntimeException('not served: '.$this->server->getErrorOutput());
            }
            usleep(100_000);
        }

        return $this->server->getErrorOutput();
    }

    /** Ends it as a machine does that is shut down. */
    public function stop(): void
    {
        $this->server?->stop(15.0, SIGTERM);
        $this->server = null;
    }

    public function remove(): void
    {
        $this->stop();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return list<int> processes of its server that run */
    public function processes(string $named = ''): array
    {
        exec('ps -eo pid,args', $lines);
        $run = $this->runFolder();
        $found = [];
        foreach ($lines as $line) {
            [$pid, $args] = explode(' ', trim($line), 2) + [1 => ''];
            // the workers of both are told by their parents
            if ($run !== '' && str_contains($args, $run) && str_contains($args, $named)) {
                $found[] = (int) $pid;
            }
        }

        return $found;
    }

    /** The folder in which nginx and php-fpm have what they need while they run. */
    public function runFolder(): string
    {
        foreach (glob(sys_get_temp_dir().'/zolbek-serve-*/nginx.conf') ?: [] as $conf) {
            if (str_contains((string) file_get_contents($conf), $this->folder.'/logs')) {
                return dirname($conf);
            }
        }

        return '';
    }

    /** @return list<int> */
    public function childrenOf(int $pid): array
    {
        return array_map(intval(...), array_filter(explode(' ', trim((string) @file_get_contents("/proc/$pid/task/$pid/children")))));
    }

    /**
     * @param list<string> $headers
     *
     * @return array{int, string, string} status, headers, body; status 0 where nobody answers
     */
    public function ask(string $address, array $headers = [], string $method = 'GET'): array
    {
        $one = curl_init($address);
        curl_setopt_array($one, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_HTTPHEADER => $headers, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 20]);
        $answer = (string) curl_exec($one);
        $end = (int) curl_getinfo($one, CURLINFO_HEADER_SIZE);

        return [(int) curl_getinfo($one, CURLINFO_RESPONSE_CODE), substr($answer, 0, $end), substr($answer, $end)];
    }

    public function value(string $sql): mixed
    {
        return (new PDO('sqlite:'.$this->folder.'/zolbek.sqlite'))->query($sql)?->fetchColumn();
    }

    private function run(string ...$command): void
    {
        (new Child(array_values($command), self::root(), $this->environment(), null, 120.0))->mustRun();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['ZOLBEK_DATA' => $this->folder, 'ZOLBEK_DATABASE' => $this->folder.'/zolbek.sqlite', 'ZOLBEK_PORT' => (string) $this->port, 'ZOLBEK_TLS_PORT' => (string) $this->tlsPort, 'ZOLBEK_WORKERS' => '4', 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'database'];
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
