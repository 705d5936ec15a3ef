<?php

declare(strict_types=1);

namespace Tests\Mutation;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use Tests\House\Graph;

/** Which files of tests run which line of the core, and how long each takes: measured once for a state of core and tests, then kept. */
final readonly class Coverage
{
    /**
     * @param array<string, array<int, list<string>>> $tests   files of tests by line, by file of the core, paths from the root
     * @param array<string, float>                    $seconds by file of tests
     */
    private function __construct(private string $root, private array $tests, private array $seconds) {}

    public static function measured(string $root, string $kept): self
    {
        $state = hash('xxh3', implode('', Graph::files($root.'/core', ['php'])).implode('', Graph::files($root.'/tests/Core', ['php'])));
        $file = $kept.'/coverage.json';
        $known = is_file($file) ? json_decode((string) file_get_contents($file), true) : [];
        if (($known['state'] ?? null) !== $state) {
            $known = ['state' => $state, ...self::measure($root, $kept)];
            file_put_contents($file, json_encode($known, JSON_THROW_ON_ERROR));
        }

        return new self($root, $known['tests'], $known['seconds']);
    }

    /** @return list<string> files of tests that run one of these lines, or use the class where nothing runs them; the quickest first */
    public function of(string $file, int $from, int $to): array
    {
        $found = [];
        for ($line = $from; $line <= $to; ++$line) {
            foreach ($this->tests[$file][$line] ?? [] as $test) {
                $found[$test] = $this->seconds[$test] ?? 1.0;
            }
        }
        if ($found === []) {
            // a constant or a default is run by nobody and used by all that use the class
            foreach ($this->tests[$file] ?? [] as $tests) {
                foreach ($tests as $test) {
                    $found[$test] = $this->seconds[$test] ?? 1.0;
                }
            }
        }
        if ($found === []) {
            foreach ($this->seconds as $test => $seconds) {
                if (preg_match('/\\b'.basename($file, '.php').'\\b/', (string) file_get_contents($this->root.'/'.$test)) === 1) {
                    $found[$test] = $seconds;
                }
            }
        }
        asort($found);

        return array_keys($found);
    }

    /** @param list<string> $tests files of them; s that they took when it was measured */
    public function secondsOf(array $tests): float
    {
        return array_sum(array_map(fn(string $test): float => $this->seconds[$test] ?? 1.0, $tests));
    }

    /** @return array{tests: array<string, array<int, list<string>>>, seconds: array<string, float>} */
    private static function measure(string $root, string $kept): array
    {
        fwrite(STDERR, "Measuring which tests run which lines ...\n");
        [$report, $log] = [$kept.'/coverage.php', $kept.'/junit.xml'];
        $command = [PHP_BINARY, '-d', 'extension=pcov', '-d', 'pcov.directory='.$root.'/core', '-d', 'memory_limit=4G', $root.'/vendor/bin/pest', '--testsuite=Core', '--coverage-php='.$report, '--log-junit='.$log];
        exec('cd '.escapeshellarg($root).' && '.implode(' ', array_map(escapeshellarg(...), $command)).' 2>&1', $said, $code);
        if ($code !== 0 || ! is_file($report)) {
            throw new RuntimeException("The tests of the core must pass before they can be tried:\n".implode("\n", array_slice($said, -20)));
        }
        $coverage = require $report;
        assert($coverage instanceof CodeCoverage);
        $tests = [];
        foreach ($coverage->getData()->lineCoverage() as $file => $lines) {
            foreach ($lines as $line => $by) {
                foreach ($by ?? [] as $test) {
                    $tests[substr($file, strlen($root) + 1)][$line][self::fileOf($test)] = true;
                }
            }
        }
        preg_match_all('/<testcase [^>]*file="([^":]+)[^>]*? time="([\d.]+)"/', (string) file_get_contents($log), $cases, PREG_SET_ORDER);
        $seconds = [];
        foreach ($cases as [, $file, $time]) {
            $file = str_starts_with($file, $root) ? substr($file, strlen($root) + 1) : $file;
            $seconds[$file] = ($seconds[$file] ?? 0.0) + (float) $time;
        }
        unlink($report);

        return ['tests' => array_map(static fn(array $lines): array => array_map(array_keys(...), $lines), $tests), 'seconds' => $seconds];
    }

    /** `P\Tests\Core\AgeingTest::__pest_evaluable_…` lies in tests/Core/AgeingTest.php. */
    private static function fileOf(string $test): string
    {
        return lcfirst(str_replace('\\', '/', (string) preg_replace('/^P\\\\|::.*$/s', '', $test))).'.php';
    }
}
