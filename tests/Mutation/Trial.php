<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Plugins\Mutate;
use Symfony\Component\Process\Process;

/**
 * Tries whether the tests see what is wrong with each mutant. What was found is kept: one that was killed stays so while the tests that killed it are as they
 * were, and one that lived is tried by those only that are new or were changed.
 *
 * @phpstan-type Tried array{killed: bool, file: string, line: int, mutator: string, diff: string, tests: array<string, string>} sums of the tests that killed it, or that let it live, by file
 */
final class Trial
{
    /** A mutant that goes on for ever was seen, too; s, and of what the tests took while it was measured which lines they run, which is slow. */
    private const LONGEST_S = 15.0;
    private const LONGEST_SHARE = 0.6;
    /** The quick ones first, most mutants do not outlive them; s of each round, the last takes all others. */
    private const ROUNDS_S = [2.0, 15.0];
    /** As ./zolbek runs them: as machine code. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=512', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=128M'];

    /** @var array<string, Tried> by what the mutant is */
    private array $known;

    /** @var array<string, string> sums of files of tests */
    private array $sums = [];

    public function __construct(private readonly string $root, private readonly Coverage $coverage, private readonly string $kept, private readonly int $atOnce)
    {
        $this->known = is_file($kept) ? (array) json_decode((string) file_get_contents($kept), true) : [];
    }

    /**
     * @param list<Mutant> $mutants
     *
     * @return list<Tried>
     */
    public function of(array $mutants): array
    {
        $found = $running = [];
        $waiting = $mutants;
        while ($waiting !== [] || $running !== []) {
            while ($waiting !== [] && count($running) < $this->atOnce) {
                $mutant = array_shift($waiting);
                $tests = $this->coverage->of($mutant->file, $mutant->from, $mutant->to);
                $rounds = $this->isKilled($mutant) ? [] : $this->rounds(array_values(array_diff($tests, $this->survived($mutant))));
                if ($rounds === []) {
                    $found[] = $this->known[$this->key($mutant)] ?? $this->keep($mutant, $tests, false);
                } else {
                    $running[] = [$this->start($mutant, $rounds[0]), $mutant, $tests, $rounds];
                }
            }
            foreach ($running as $at => [$process, $mutant, $tests, $rounds]) {
                $longest = self::LONGEST_S + self::LONGEST_SHARE * $this->coverage->secondsOf($rounds[0]);
                $isLate = $process->isRunning() && microtime(true) - $process->getStartTime() >= $longest;
                if ($process->isRunning() && ! $isLate) {
                    continue;
                }
                $process->stop(0);
                $isKilled = $isLate || ! $process->isSuccessful();
                $tried = array_shift($rounds);
                if (! $isKilled && $rounds !== []) {
                    $running[$at] = [$this->start($mutant, $rounds[0]), $mutant, $tests, $rounds];
                    continue;
                }
                unset($running[$at]);
                $found[] = $this->keep($mutant, $isKilled ? $tried : $tests, $isKilled);
                fwrite(STDERR, sprintf("\r%d of %d, %d alive ", count($found), count($mutants), count(array_filter($found, static fn(array $one): bool => ! $one['killed']))));
            }
            usleep(20_000);
        }
        fwrite(STDERR, "\n");

        return $found;
    }

    /** By tests that are as they were. */
    private function isKilled(Mutant $mutant): bool
    {
        $known = $this->known[$this->key($mutant)] ?? null;

        return $known !== null && $known['killed'] && $this->unchanged($known['tests']) === array_keys($known['tests']);
    }

    /** @return list<string> tests under which it lived and that are as they were */
    private function survived(Mutant $mutant): array
    {
        $known = $this->known[$this->key($mutant)] ?? null;

        return $known === null || $known['killed'] ? [] : $this->unchanged($known['tests']);
    }

    /**
     * @param array<string, string> $tests sums by file
     *
     * @return list<string>
     */
    private function unchanged(array $tests): array
    {
        return array_keys(array_filter($tests, fn(string $sum, string $test): bool => $this->sum($test) === $sum, ARRAY_FILTER_USE_BOTH));
    }

    private function sum(string $test): string
    {
        return $this->sums[$test] ??= (string) @hash_file('xxh3', $this->root.'/'.$test);
    }

    /**
     * @param list<string> $tests the quickest first
     *
     * @return list<non-empty-list<string>>
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

    /** @param list<string> $tests */
    private function start(Mutant $mutant, array $tests): Process
    {
        $instead = dirname($this->kept).'/'.$this->key($mutant).'.php';
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

    private function key(Mutant $mutant): string
    {
        return hash('xxh3', $mutant->file.$mutant->source);
    }

    /**
     * @param list<string> $tests that killed it, or that let it live
     *
     * @return Tried
     */
    private function keep(Mutant $mutant, array $tests, bool $killed): array
    {
        $key = $this->key($mutant);
        @unlink(dirname($this->kept).'/'.$key.'.php');
        $sums = array_combine($tests, array_map($this->sum(...), $tests));
        $this->known[$key] = ['killed' => $killed, 'file' => $mutant->file, 'line' => $mutant->from, 'mutator' => $mutant->mutator, 'diff' => $mutant->diff, 'tests' => $sums];
        file_put_contents($this->kept, json_encode($this->known, JSON_THROW_ON_ERROR));

        return $this->known[$key];
    }
}
