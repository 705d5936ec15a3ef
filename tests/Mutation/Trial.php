<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Plugins\Mutate;
use Symfony\Component\Process\Process;

/** Tries whether the tests see what is wrong with each mutant. What was found is kept by what the mutant is and by what its tests are. */
final class Trial
{
    /** A mutant that goes on for ever was seen, too; s, and of what the tests took while it was measured which lines they run, which is slow. */
    private const LONGEST_S = 15.0;
    private const LONGEST_SHARE = 0.6;
    /** The quick ones first, most mutants do not outlive them; s of each round, the last takes all others. */
    private const ROUNDS_S = [2.0, 15.0];
    /** As ./zolbek runs them: as machine code. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=512', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=128M'];

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
                $rounds = $this->rounds($this->coverage->of($mutant->file, $mutant->from, $mutant->to));
                $known = $this->known($mutant, $rounds);
                if ($known !== null) {
                    $found[] = $known;
                } else {
                    $running[] = [$this->start($mutant, $rounds[0]), $mutant, $rounds, 0];
                }
            }
            foreach ($running as $at => [$process, $mutant, $rounds, $tried]) {
                $longest = self::LONGEST_S + self::LONGEST_SHARE * $this->coverage->secondsOf($rounds[$tried]);
                $isLate = $process->isRunning() && microtime(true) - $process->getStartTime() >= $longest;
                if ($process->isRunning() && ! $isLate) {
                    continue;
                }
                $process->stop(0);
                $isKilled = $isLate || ! $process->isSuccessful();
                if (! $isKilled && isset($rounds[$tried + 1])) {
                    $running[$at] = [$this->start($mutant, $rounds[$tried + 1]), $mutant, $rounds, $tried + 1];
                    continue;
                }
                unset($running[$at]);
                $found[] = $this->keep($mutant, $isKilled ? $rounds[$tried] : array_merge(...$rounds), $isKilled);
                fwrite(STDERR, sprintf("\r%d of %d, %d alive ", count($found), count($mutants), count(array_filter($found, static fn(array $one): bool => ! $one['killed']))));
            }
            usleep(20_000);
        }
        fwrite(STDERR, "\n");

        return $found;
    }

    /**
     * @param list<string> $tests the quickest first
     *
     * @return list<list<string>>
     */
    private function rounds(array $tests): array
    {
        $rounds = [];
        foreach ($tests as $test) {
            $seconds = $this->coverage->secondsOf([$test]);
            $last = array_key_last($rounds);
            if ($last === null || (isset(self::ROUNDS_S[$last]) && $this->coverage->secondsOf($rounds[$last]) + $seconds > self::ROUNDS_S[$last])) {
                $rounds[] = [$test];
            } else {
                $rounds[$last][] = $test;
            }
        }

        return $rounds;
    }

    /**
     * What is known of it: killed by files of tests that are as they were, or alive under all of them as they were.
     *
     * @param list<list<string>> $rounds of tests
     *
     * @return array{killed: bool, file: string, line: int, mutator: string, diff: string}|null
     */
    private function known(Mutant $mutant, array $rounds): ?array
    {
        foreach ($rounds as $tests) {
            $known = $this->known[$this->key($mutant, $tests)] ?? null;
            // alive under some of them says nothing of the others
            if ($known !== null && $known['killed']) {
                return $known;
            }
        }

        return $rounds === [] ? $this->keep($mutant, [], false) : $this->known[$this->key($mutant, array_merge(...$rounds))] ?? null;
    }

    /** @param list<string> $tests */
    private function start(Mutant $mutant, array $tests): Process
    {
        $instead = dirname($this->kept).'/'.$this->key($mutant, []).'.php';
        file_put_contents($instead, $mutant->source);
        $process = new Process(
            [PHP_BINARY, ...self::COMPILED, '-d', 'memory_limit=2G', $this->root.'/vendor/bin/pest', '--bail', '--do-not-cache-result', '--no-output', ...$tests],
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
