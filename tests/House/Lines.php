<?php

declare(strict_types=1);

namespace Tests\House;

/**
 * Lines written by hand that are not blank, by what they are: the product or its proof. PHP, TypeScript and shell count; style sheets, generated files, words,
 * data and documents count on neither side.
 */
final readonly class Lines
{
    /** What is counted, from the root of the repository. */
    private const PARTS = [
        'core' => ['core', ['php'], false],
        'app' => ['app', ['php'], false],
        'database' => ['database', ['php'], false],
        'other PHP' => ['bootstrap|config|routes|compat|bench|docs|server.php|artisan|public/index.php', ['php', ''], false],
        'front end' => ['ui/src', ['ts', 'tsx'], false],
        'shell' => ['zolbek|.ci/run', ['', 'sh'], false],
        'tests of PHP' => ['tests', ['php'], true],
        'tests of the front end' => ['ui/src', ['test.ts', 'test.tsx'], true],
    ];

    /** @param array<string, array{int, bool}> $parts lines, and whether they are proof, by part */
    private function __construct(public array $parts) {}

    public static function of(string $root): self
    {
        $parts = [];
        foreach (self::PARTS as $part => [$places, $endings, $isProof]) {
            $lines = 0;
            foreach (explode('|', $places) as $place) {
                foreach (self::files($root.'/'.$place) as $file) {
                    if (self::counts(substr($file, strlen($root) + 1), $endings, $isProof)) {
                        $lines += count(array_filter((array) file($file), static fn(string|false $line): bool => $line !== false && trim($line) !== ''));
                    }
                }
            }
            $parts[$part] = [$lines, $isProof];
        }

        return new self($parts);
    }

    /** Share of the proof in all lines, 0..1. */
    public function proof(): float
    {
        $all = array_sum(array_column($this->parts, 0));

        return array_sum(array_map(static fn(array $part): int => $part[1] ? $part[0] : 0, $this->parts)) / max(1, $all);
    }

    public function told(): string
    {
        $lines = array_map(static fn(string $part, array $count): string => sprintf('%-24s %6d', $part, $count[0]), array_keys($this->parts), $this->parts);

        return implode("\n", [...$lines, sprintf('%-24s %5.1f %%', 'proof', 100.0 * $this->proof())]);
    }

    /** @param list<string> $endings */
    private static function counts(string $path, array $endings, bool $isProof): bool
    {
        if (str_starts_with($path, 'ui/')) {
            $isTest = preg_match('#\.test\.tsx?$|^ui/src/testing/#', $path) === 1;

            return $isTest === $isProof && preg_match('#\.tsx?$#', $path) === 1 && preg_match('#\.d\.ts$|/words(\.id)?\.ts$|i18n/shared(\.id)?\.ts$|api/schema\.ts$#', $path) === 0;
        }

        return in_array(pathinfo($path, PATHINFO_EXTENSION), $endings, true) || in_array(basename($path), ['zolbek', 'artisan', 'run'], true);
    }

    /** @return list<string> */
    private static function files(string $place): array
    {
        if (is_file($place)) {
            return [$place];
        }

        return array_map(static fn(string $path): string => $place.'/'.$path, array_keys(Graph::files($place, ['php', 'ts', 'tsx', 'sh', ''])));
    }
}
