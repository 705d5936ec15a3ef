<?php

declare(strict_types=1);

namespace App\Search;

use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;
use Zolbek\Core\Verdict\Search\MixSearch;

/** A search in a process of its own: what it says, line by line, with a beat in between so that whoever reads can be seen to have left. */
final class SearchProcess
{
    /** As the server itself runs; see the line PHP_FAST of the script that starts it. */
    private const FAST = ['-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M'];

    private const BEAT_US = 50_000;

    /** @var resource */
    private $process;

    /** @var array<int, resource> */
    private array $pipes = [];

    public function __construct(MixSearch|FewestQuestion $question)
    {
        $process = proc_open([(new PhpExecutableFinder())->find(false) ?: 'php', ...self::FAST, __DIR__.'/worker.php'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $this->pipes);
        if ($process === false) {
            throw new RuntimeException('No process could be started for a search.');
        }
        $this->process = $process;
        fwrite($this->pipes[0], serialize($question));
        fclose($this->pipes[0]);
        stream_set_blocking($this->pipes[1], false);
    }

    /**
     * Whole lines as they come, and an empty one at each beat. Ends with the process; one that ended before it had said all is a fault.
     *
     * @return iterable<string>
     */
    public function lines(): iterable
    {
        $buffer = '';
        while (true) {
            $read = [$this->pipes[1]];
            $none = null;
            stream_select($read, $none, $none, 0, self::BEAT_US);
            $buffer .= (string) stream_get_contents($this->pipes[1]);
            while (($end = strpos($buffer, "\n")) !== false) {
                yield substr($buffer, 0, $end);
                $buffer = substr($buffer, $end + 1);
            }
            if (feof($this->pipes[1])) {
                return;
            }
            yield '';
        }
    }

    /** Ends it, whatever it is doing. */
    public function end(): void
    {
        proc_terminate($this->process, 9);
        fclose($this->pipes[1]);
        proc_close($this->process);
    }
}
