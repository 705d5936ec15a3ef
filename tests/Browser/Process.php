<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;
use Symfony\Component\Process\Process as Child;

/** A child process that listens on a free port of this machine, and ends with us. */
final class Process
{
    private const READY_WITHIN_S = 20.0;

    private function __construct(public readonly int $port, private readonly Child $child) {}

    /**
     * @param callable(int): list<string> $command the command for a port
     * @param array<string, string>       $environment
     */
    public static function listening(callable $command, array $environment = []): self
    {
        $port = self::freePort();
        $child = new Child($command($port), dirname(__DIR__, 2), $environment, null, null);
        $child->disableOutput();
        $child->start();
        $until = microtime(true) + self::READY_WITHIN_S;
        while (! self::answers($port)) {
            if (! $child->isRunning() || microtime(true) > $until) {
                throw new RuntimeException($command($port)[0].' does not listen on port '.$port);
            }
            usleep(30_000);
        }

        return new self($port, $child);
    }

    /** Ends it, and the workers that PHP's own server would leave behind. */
    public function stop(): void
    {
        $pid = (int) $this->child->getPid();
        $workers = array_filter(explode(' ', (string) @file_get_contents("/proc/$pid/task/$pid/children")));
        $this->child->stop(1.0);
        foreach ($workers as $worker) {
            posix_kill((int) $worker, SIGTERM);
        }
    }

    private static function answers(int $port): bool
    {
        $request = curl_init('http://127.0.0.1:'.$port.'/status') ?: throw new RuntimeException('no curl');
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);

        return curl_exec($request) !== false;
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
