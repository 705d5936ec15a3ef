<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\Extra;

/**
 * A recipe as people write it down, read into amounts and the words that name what is meant.
 *
 *     "5:3:2 pumice, lava, bark"          ratios, named after them in the same order
 *     "3 pumice, 2 lava, a little charcoal"   parts; so with "parts", "scoops", "L" or "%" behind the number
 *     "equal parts pumice, lava and bark"  one part each
 *     "half bark, the rest pumice"         a share, and what is left of 100 %
 *
 * These are the words of one language; those of another stand in its Vocabulary. "A little" counts as a twentieth of all that is named with an amount. "A handful" is
 * Extra::HANDFUL_L: a part or a scoop is taken as a litre, and a hundred per cent as ten. One unit in a text: 30 % beside 2 L is refused.
 * Source: usage of growers. Check: "2 pumice, 1 lava" is 2 and 1 parts.
 */
final readonly class RecipeText
{
    public const LITTLE = 0.05;
    private const WHOLE_L = 10.0;
    private const LONGEST = 500;

    /** parts, percent, litres or scoops */
    public string $notation;

    /** @var non-empty-list<array{words: string, amount: float}> what is named, and how much of it */
    public array $lines;

    /**
     * @throws Refused field "text" naming what could not be read
     */
    public function __construct(string $text, private Vocabulary $say)
    {
        $plain = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($text)));
        if ($plain === '' || mb_strlen($plain) > self::LONGEST) {
            throw Refused::because('text', 'text', $text, ['longest' => self::LONGEST]);
        }
        [$this->notation, $this->lines] = $this->ratio($plain) ?? $this->equal($plain) ?? $this->named($plain);
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private function ratio(string $text): ?array
    {
        if (preg_match("/^((?:\\d+(?:[.,]\\d+)?\\s*[:\\/]\\s*)+\\d+(?:[.,]\\d+)?)\\s*(?:{$this->say->units}\\s+)?(?:{$this->say->of}\\s+)?(.+)$/u", $text, $found) !== 1) {
            return null;
        }
        $numbers = array_map(self::figure(...), explode(':', (string) preg_replace('/\s*[:\/]\s*/', ':', $found[1])));
        $names = $this->names($found[2]);
        if (count($numbers) !== count($names)) {
            throw Refused::because('text', 'ratio_names', count($names), ['numbers' => count($numbers)]);
        }
        $lines = array_map(static fn(string $name, float $amount): array => ['words' => $name, 'amount' => $amount], $names, $numbers);

        return ['parts', $lines];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private function equal(string $text): ?array
    {
        if (preg_match("/^{$this->say->equal}\\s*(?:{$this->say->of}\\s+)?:?\\s*(.+)$/u", $text, $found) !== 1) {
            return null;
        }
        $lines = array_map(static fn(string $name): array => ['words' => $name, 'amount' => 1.0], $this->names($found[1]));

        return ['parts', $lines];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>} */
    private function named(string $text): array
    {
        $amounts = $little = $units = [];
        $rest = null;
        foreach ($this->names($text) as $i => $line) {
            if (preg_match("/^{$this->say->rest}\\s*(?:{$this->say->of}\\s+)?(.+)$/u", $line, $found) === 1) {
                $rest = [$i, $found[1]];
            } elseif (preg_match("/^(?:{$this->say->some} )*(?:(?<handful>{$this->say->handful})|{$this->say->little})\\s+(?:{$this->say->of}\\s+)?(?<words>.+)$/u", $line, $found) === 1) {
                $little[$i] = [$found['words'], $found['handful'] !== ''];
            } else {
                [$amounts[$i], $units[]] = $this->line($line);
            }
        }
        $units = array_values(array_unique($units));
        if (count($units) > 1) {
            throw new Refused([new Refusal('text', 'mixed_units', $text, ['units' => implode(', ', $units)])]);
        }
        $notation = $units[0] ?? 'parts';
        $sum = array_sum(array_column($amounts, 'amount'));
        if ($rest !== null) {
            if ($notation !== 'percent' || $sum >= 100.0) {
                throw Refused::because('text', 'rest_of_what', $rest[1]);
            }
            $amounts[$rest[0]] = ['words' => $rest[1], 'amount' => 100.0 - $sum];
            $sum = 100.0;
        }
        foreach ($little as $i => [$words, $isHandful]) {
            $handful = Extra::HANDFUL_L * ($notation === 'percent' ? 100.0 / self::WHOLE_L : 1.0);
            $amounts[$i] = ['words' => $words, 'amount' => $isHandful ? $handful : self::LITTLE * ($sum > 0.0 ? $sum : 1.0)];
        }
        ksort($amounts);
        $lines = array_values($amounts);

        return $lines === [] ? throw self::unreadable($text) : [$notation, $lines];
    }

    /** @return array{array{words: string, amount: float}, string} what is named with its amount, and in what */
    private function line(string $line): array
    {
        $named = preg_match("/^(?<much>{$this->say->half}|\\d+(?:[.,]\\d+)?|\\p{L}+)\\s*(?<unit>{$this->say->units})?\\s+(?:{$this->say->of}\\s+)?(?<words>.+)$/u", $line, $found);
        if ($named !== 1 && preg_match("/^(?<much>\\d+(?:[.,]\\d+)?)\\s*(?<unit>{$this->say->units})\\s*(?<words>.+)$/u", $line, $found) !== 1) {
            throw self::unreadable($line);
        }
        $isHalf = preg_match("/^{$this->say->half}$/u", $found['much']) === 1;
        $amount = $isHalf ? 0.5 : $this->say->number($found['much']) ?? (preg_match('/^\d/', $found['much']) === 1 ? self::figure($found['much']) : 0.0);
        if ($amount <= 0.0) {
            throw self::unreadable($line);
        }
        $ofAll = $isHalf && $found['unit'] === '';

        return [['words' => trim($found['words']), 'amount' => $ofAll ? 50.0 : $amount], $ofAll ? 'percent' : $this->say->notation($found['unit'])];
    }

    /** @return non-empty-list<string> what commas, semicolons, plus signs, line ends and "and" part; a comma inside a number does not */
    private function names(string $text): array
    {
        $split = preg_split("/\\s*(?:,(?!\\d)|;|\\+|\\n|\\b{$this->say->and}\\b|&)\\s*/u", $text);
        $names = array_values(array_filter(array_map(trim(...), $split === false ? [] : $split), static fn(string $name): bool => $name !== ''));

        return $names === [] ? throw self::unreadable($text) : $names;
    }

    private static function figure(string $text): float
    {
        return (float) str_replace(',', '.', trim($text));
    }

    private static function unreadable(string $line): Refused
    {
        return Refused::because('text', 'recipe_text', $line);
    }
}
