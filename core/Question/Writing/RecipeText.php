<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;

/**
 * A recipe as people write it down, read into amounts and the words that name what is meant.
 *
 *     "5:3:2 pumice, lava, bark"          ratios, named after them in the same order
 *     "3 pumice, 2 lava, a little charcoal"   parts; so with "parts", "scoops", "L" or "%" behind the number
 *     "equal parts pumice, lava and bark"  one part each
 *     "half bark, the rest pumice"         a share, and what is left of 100 %
 *
 * "A little" counts as a twentieth of all that is named with an amount, "a handful" as one part in ten. One unit in a text: 30 % beside 2 L is refused.
 * Source: usage of growers. Check: "2 pumice, 1 lava" is 2 and 1 parts.
 */
final readonly class RecipeText
{
    public const LITTLE = 0.05;
    public const HANDFUL = 0.10;
    private const WORDS = ['one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0, 'nine' => 9.0, 'ten' => 10.0, 'half' => 0.5, 'a' => 1.0, 'an' => 1.0];
    private const LONGEST = 500;

    /** parts, percent, litres or scoops */
    public string $notation;

    /** @var non-empty-list<array{words: string, amount: float}> what is named, and how much of it */
    public array $lines;

    /**
     * @throws Refused field "text" naming what could not be read
     */
    public function __construct(string $text)
    {
        $plain = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($text)));
        if ($plain === '' || mb_strlen($plain) > self::LONGEST) {
            throw Refused::because('text', 'text', $text, ['longest' => self::LONGEST]);
        }
        $lines = self::ratio($plain) ?? self::equal($plain) ?? self::named($plain);
        [$this->notation, $this->lines] = $lines;
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private static function ratio(string $text): ?array
    {
        if (preg_match('/^((?:\d+(?:[.,]\d+)?\s*[:\/]\s*)+\d+(?:[.,]\d+)?)\s*(?:parts?\s+)?(?:of\s+)?(.+)$/u', $text, $found) !== 1) {
            return null;
        }
        $numbers = array_map(self::number(...), explode(':', (string) preg_replace('/\s*[:\/]\s*/', ':', $found[1])));
        $names = self::names($found[2]);
        if (count($numbers) !== count($names)) {
            throw Refused::because('text', 'ratio_names', count($names), ['numbers' => count($numbers)]);
        }
        $lines = array_map(static fn(string $name, float $amount): array => ['words' => $name, 'amount' => $amount], $names, $numbers);

        return ['parts', $lines];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private static function equal(string $text): ?array
    {
        if (preg_match('/^(?:equal parts|equal amounts|same of each|evenly)\s*(?:of\s+)?:?\s*(.+)$/u', $text, $found) !== 1) {
            return null;
        }
        $lines = array_map(static fn(string $name): array => ['words' => $name, 'amount' => 1.0], self::names($found[1]));

        return ['parts', $lines];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>} */
    private static function named(string $text): array
    {
        $units = [];
        $amounts = $little = [];
        $rest = null;
        $order = [];
        foreach (self::names($text) as $i => $line) {
            if (preg_match('/^(?:the rest|rest)\s*(?:of\s+|is\s+)?(.+)$/u', $line, $found) === 1) {
                $rest = [$i, $found[1]];
                continue;
            }
            if (preg_match('/^(?:a |some |just )*(little|bit|touch|pinch|handful)\s*(?:of\s+)?(.+)$/u', $line, $found) === 1) {
                $little[$i] = [$found[2], $found[1] === 'handful' ? self::HANDFUL : self::LITTLE];
                continue;
            }
            if (preg_match('/^(half|\d+(?:[.,]\d+)?|[a-z]+)\s*(%|percent|per cent|litres?|liters?|l|scoops?|parts?)?\s+(?:of\s+)?(.+)$/u', $line, $found) !== 1 && preg_match('/^(\d+(?:[.,]\d+)?)\s*(%|l)\s*(.+)$/u', $line, $found) !== 1) {
                throw self::unreadable($line);
            }
            $amount = self::WORDS[$found[1]] ?? (is_numeric(str_replace(',', '.', $found[1])) ? self::number($found[1]) : null);
            if ($amount === null || $amount <= 0.0) {
                throw self::unreadable($line);
            }
            $unit = $found[1] === 'half' && $found[2] === '' ? 'half' : self::unit($found[2]);
            $amounts[$i] = [$found[3], $unit === 'half' ? 50.0 : $amount];
            $units[] = $unit === 'half' ? 'percent' : $unit;
        }
        $units = array_values(array_unique($units));
        if (count($units) > 1) {
            throw new Refused([new Refusal('text', 'mixed_units', $text, ['units' => implode(', ', $units)])]);
        }
        $notation = $units[0] ?? 'parts';
        $sum = array_sum(array_column($amounts, 1));
        if ($rest !== null) {
            if ($notation !== 'percent' || $sum >= 100.0) {
                throw Refused::because('text', 'rest_of_what', $rest[1]);
            }
            $amounts[$rest[0]] = [$rest[1], 100.0 - $sum];
            $sum = 100.0;
        }
        foreach ($little as $i => [$words, $share]) {
            $amounts[$i] = [$words, $share * ($sum > 0.0 ? $sum : 1.0)];
        }
        ksort($amounts);
        foreach ($amounts as [$words, $amount]) {
            $order[] = ['words' => trim($words), 'amount' => $amount];
        }
        if ($order === []) {
            throw self::unreadable($text);
        }

        return [$notation, $order];
    }

    private static function unit(string $word): string
    {
        return match (true) {
            $word === '%' || str_starts_with($word, 'per') => 'percent',
            str_starts_with($word, 'l') => 'litres',
            str_starts_with($word, 'scoop') => 'scoops',
            default => 'parts',
        };
    }

    /** @return non-empty-list<string> what commas, semicolons, plus signs, line ends and "and" part; a comma inside a number does not */
    private static function names(string $text): array
    {
        $split = preg_split('/\s*(?:,(?!\d)|;|\+|\n|\band\b|&)\s*/u', $text);

        $names = array_values(array_filter(array_map(trim(...), $split === false ? [] : $split), static fn(string $name): bool => $name !== ''));

        return $names === [] ? throw self::unreadable($text) : $names;
    }

    private static function number(string $text): float
    {
        return (float) str_replace(',', '.', trim($text));
    }

    private static function unreadable(string $line): Refused
    {
        return Refused::because('text', 'recipe_text', $line);
    }
}
