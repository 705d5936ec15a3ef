<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/** The words of one language in which recipes are written down, as pieces of patterns: the longer word before the shorter one. */
final readonly class Vocabulary
{
    /** A vessel that holds what a pack of the component holds. */
    public const BAG = 0.0;

    /** How amounts are written, and what each is called. */
    public const NOTATIONS = ['percent', 'litres', 'scoops', 'parts'];

    public string $all;
    public string $fraction;
    public string $equal;
    public string $rest;
    public string $little;
    public string $handful;
    public string $some;
    public string $of;
    public string $and;
    public string $to;
    public string $units;

    /** @var array<array-key, float> */
    private array $numbers;

    /** @var array<array-key, string> by word */
    private array $notations;

    /** @var array<array-key, float> by word */
    private array $shares;

    /** @var array<array-key, string> vessels by a word that says "one of it" */
    public array $ones;

    /** @var array<string, float> litres that it usually holds, or BAG, by word */
    public array $vessels;

    /** @param array<string, array<array-key, float|int|string>> $words lists by what they say; "numbers", "fractions" and "vessels" by word */
    public function __construct(array $words)
    {
        $this->all = self::pattern($words['all']);
        $this->fraction = self::pattern(array_keys($words['fractions']));
        $this->equal = self::pattern($words['equal']);
        $this->rest = self::pattern($words['rest']);
        $this->little = self::pattern($words['little']);
        $this->handful = self::pattern($words['handful']);
        $this->some = self::pattern($words['some']);
        $this->of = self::pattern($words['of']);
        $this->and = self::pattern($words['and']);
        $this->to = self::pattern($words['to']);
        $this->numbers = array_map(floatval(...), $words['numbers']);
        $notations = [];
        foreach (self::NOTATIONS as $notation) {
            $notations += array_fill_keys($words[$notation], $notation);
        }
        $this->notations = $notations;
        $this->shares = array_map(floatval(...), $words['fractions']);
        $vessels = [];
        foreach ($words['vessels'] as $word => $litres) {
            $vessels[(string) $word] = (float) $litres;
        }
        $this->vessels = $vessels;
        $this->ones = array_map(strval(...), $words['ones']);
        $this->units = self::pattern([...array_keys($notations), ...array_keys($this->vessels)]);
    }

    /** What a word counts; null where it is no number. */
    public function number(string $word): ?float
    {
        return $this->numbers[$word] ?? null;
    }

    /** What fraction a word is; null where it is none. */
    public function share(string $word): ?float
    {
        return $this->shares[$word] ?? null;
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
