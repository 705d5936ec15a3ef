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
                $known = $this->known($mutant, $tests);
                if ($known !== null) {
                    $found[] = $known;
                } else {
                    $running[] = [$this->start($mutant, $tests[0]), $mutant, $tests, 0];
                }
            }
            foreach ($running as $at => [$process, $mutant, $tests, $tried]) {
                $isLate = $process->isRunning() && microtime(true) - $process->getStartTime() >= self::LONGEST_S;
                if ($process->isRunning() && ! $isLate) {
                    continue;
                }
                $process->stop(0);
                $isKilled = $isLate || ! $process->isSuccessful();
                if (! $isKilled && isset($tests[$tried + 1])) {
                    $running[$at] = [$this->start($mutant, $tests[$tried + 1]), $mutant, $tests, $tried + 1];
                    continue;
                }
                unset($running[$at]);
                $found[] = $this->keep($mutant, $isKilled ? [$tests[$tried]] : $tests, $isKilled);
                fwrite(STDERR, sprintf("\r%d of %d, %d alive ", count($found), count($mutants), count(array_filter($found, static fn(array $one): bool => ! $one['killed']))));
            }
            usleep(20_000);
        }
        fwrite(STDERR, "\n");

        return $found;
    }

    /**
     * What is known of it: killed by a file of tests that is as it was, or alive under all of them as they were.
     *
     * @param list<string> $tests
     *
     * @return array{killed: bool, file: string, line: int, mutator: string, diff: string}|null
     */
    private function known(Mutant $mutant, array $tests): ?array
    {
        foreach ($tests as $test) {
            $known = $this->known[$this->key($mutant, [$test])] ?? null;
            // alive under one of them says nothing of the others
            if ($known !== null && $known['killed']) {
                return $known;
            }
        }

        return $tests === [] ? $this->keep($mutant, [], false) : $this->known[$this->key($mutant, $tests)] ?? null;
    }

    private function start(Mutant $mutant, string $test): Process
    {
        $instead = dirname($this->kept).'/'.$this->key($mutant, []).'.php';
        file_put_contents($instead, $mutant->source);
        $process = new Process(
            [PHP_BINARY, '-d', 'memory_limit=1G', $this->root.'/vendor/bin/pest', '--bail', '--do-not-cache-result', '--no-output', $test],
            $this->root,
            [Mutate::ENV_MUTATION_TESTING => $this->root.'/'.$mutant->file, Mutate::ENV_MUTATION_FILE => $instead],
            timeout: null,
        );
        $process->disableOutput();
        $process->start();

        return $process;
    }

    /** @param list<string> $tests */
    private function key(Mutant $mutant, array $tests): string
    {
        return hash('xxh3', $mutant->file.$mutant->source.implode('', array_map(fn(string $test): string => (string) hash_file('xxh3', $this->root.'/'.$test), $tests)));
    }

    /**
     * @param list<string> $tests that killed it, or that let it live
     *
     * @return array{killed: bool, file: string, line: int, mutator: string, diff: string}
     */
    private function keep(Mutant $mutant, array $tests, bool $killed): array
    {
        @unlink(dirname($this->kept).'/'.$this->key($mutant, []).'.php');
        $key = $this->key($mutant, $tests);
        $this->known[$key] = ['killed' => $killed, 'file' => $mutant->file, 'line' => $mutant->from, 'mutator' => $mutant->mutator, 'diff' => $mutant->diff];
        file_put_contents($this->kept, json_encode($this->known, JSON_THROW_ON_ERROR));

        return $this->known[$key];
    }
}
