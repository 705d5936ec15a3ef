<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Plugins\Mutate;
use Symfony\Component\Process\Process;

/** Tries whether the tests see what is wrong with each mutant. What was found is kept by what the mutant is and by what its tests are. */
final class Trial
{
    /** A mutant that goes on for ever was seen, too. */
    private const LONGEST_S = 240.0;

    /** @var array<string, array{killed: bool, file: string, line: int, mutator: string, diff: string}> by mutant and tests */
    private array $known;

    public function __construct(private readonly string $root, private readonly Coverage $coverage, private readonly string $kept, private readonly int $atOnce)
    {
        $this->known = is_file($kept) ? (array) json_decode((string) file_get_contents($kept), true) : [];
    }

    /**
     * @param list<Mutant> $mutants
     *
     * @return list<array{killed: bool, file: string, line: int, mutator: string, diff: string}>
     */
    public function of(array $mutants): array
    {
        $found = $running = [];
        $waiting = $mutants;
        while ($waiting !== [] || $running !== []) {
            while ($waiting !== [] && count($running) < $this->atOnce) {
                $mutant = array_shift($waiting);
                $tests = $this->coverage->of($mutant->file, $mutant->from, $mutant->to);
                $key = hash('xxh3', $mutant->file.$mutant->source.implode('', array_map(fn(string $test): string => (string) hash_file('xxh3', $this->root.'/'.$test), $tests)));
                if (isset($this->known[$key]) || $tests === []) {
                    $found[] = $this->keep($key, $mutant, $this->known[$key]['killed'] ?? false);
                } else {
                    $running[$key] = [$this->start($key, $mutant, $tests), $mutant];
                }
            }
            foreach ($running as $key => [$process, $mutant]) {
                if ($process->isRunning() && microtime(true) - $process->getStartTime() < self::LONGEST_S) {
                    continue;
                }
                $isLate = $process->isRunning();
                $process->stop(0);
                $found[] = $this->keep($key, $mutant, $isLate || ! $process->isSuccessful());
                unset($running[$key]);
                unlink(dirname($this->kept).'/'.$key.'.php');
                fwrite(STDERR, sprintf("\r%d of %d, %d alive ", count($found), count($mutants), count(array_filter($found, static fn(array $one): bool => ! $one['killed']))));
            }
            usleep(50_000);
        }
        fwrite(STDERR, "\n");

        return $found;
    }

    /** @param non-empty-list<string> $tests */
    private function start(string $key, Mutant $mutant, array $tests): Process
    {
        $instead = dirname($this->kept).'/'.$key.'.php';
        file_put_contents($instead, $mutant->source);
        $process = new Process(
            [PHP_BINARY, '-d', 'memory_limit=1G', $this->root.'/vendor/bin/pest', '--bail', '--do-not-cache-result', '--no-output', ...$tests],
            $this->root,
            [Mutate::ENV_MUTATION_TESTING => $this->root.'/'.$mutant->file, Mutate::ENV_MUTATION_FILE => $instead],
            timeout: null,
        );
        $process->disableOutput();
        $process->start();

        return $process;
    }

    /** @return array{killed: bool, file: string, line: int, mutator: string, diff: string} */
    private function keep(string $key, Mutant $mutant, bool $killed): array
    {
        $this->known[$key] = ['killed' => $killed, 'file' => $mutant->file, 'line' => $mutant->from, 'mutator' => $mutant->mutator, 'diff' => $mutant->diff];
        file_put_contents($this->kept, json_encode($this->known, JSON_THROW_ON_ERROR));

        return $this->known[$key];
    }
}
