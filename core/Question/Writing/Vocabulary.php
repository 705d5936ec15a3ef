<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/** The words of one language in which recipes are written down, as pieces of patterns: the longer word before the shorter one. */
final readonly class Vocabulary
{
    /** How amounts are written, and what each is called. */
    public const NOTATIONS = ['percent', 'litres', 'scoops', 'parts'];

    public string $half;
    public string $equal;
    public string $rest;
    public string $little;
    public string $handful;
    public string $some;
    public string $of;
    public string $and;
    public string $units;

    /** @var array<array-key, float> */
    private array $numbers;

    /** @var array<array-key, string> by word */
    private array $notations;

    /** @param array<string, array<array-key, float|int|string>> $words lists by what they say; "numbers" by word */
    public function __construct(array $words)
    {
        $this->half = self::pattern($words['half']);
        $this->equal = self::pattern($words['equal']);
        $this->rest = self::pattern($words['rest']);
        $this->little = self::pattern($words['little']);
        $this->handful = self::pattern($words['handful']);
        $this->some = self::pattern($words['some']);
        $this->of = self::pattern($words['of']);
        $this->and = self::pattern($words['and']);
        $this->numbers = array_map(floatval(...), $words['numbers']);
        $notations = [];
        foreach (self::NOTATIONS as $notation) {
            $notations += array_fill_keys($words[$notation], $notation);
        }
        $this->notations = $notations;
        $this->units = self::pattern(array_keys($notations));
    }

    /** What a word counts; null where it is no number. */
    public function number(string $word): ?float
    {
        return $this->numbers[$word] ?? null;
    }

    /** Parts where nothing else is said. */
    public function notation(string $word): string
    {
        return $this->notations[$word] ?? 'parts';
    }

    /** @param array<array-key, float|int|string> $words */
    private static function pattern(array $words): string
    {
        $quoted = array_map(static fn(float|int|string $word): string => preg_quote((string) $word, '/'), array_values($words));
        usort($quoted, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:'.implode('|', $quoted).')';
    }
}
