<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\Extra;

/**
 * A recipe as people write it down, read into amounts and the words that name what is meant.
 *
 *     "5:3:2 pumice, lava, bark"               ratios, named after them in the same order
 *     "3 pumice, 2 lava, a little charcoal"    parts; so with "parts", "scoops", "L" or "%" behind the number
 *     "pumice 5, bark 3"                       the number behind the name
 *     "equal parts pumice, lava and bark"      one part each; so with "equal parts" behind the list
 *     "half bark, the rest pumice"             a share, and what is left of 100 %; so with thirds, quarters and "1/3"
 *     "all lava"                               nothing else
 *     "2-3 pumice, 1 bark"                     somewhere between: the middle is taken, and said
 *     "3 cups pumice, 1 cup bark"              one vessel throughout is parts; several are litres ("2 buckets pumice and a bag of bark")
 *
 * These are the words of one language; those of another stand in its Vocabulary. "A little" counts as a twentieth of all that is named with an amount. "A handful" is
 * Extra::HANDFUL_L: a part or a scoop is taken as a litre, and a hundred per cent as ten. Fractions alone are shares of the whole; beside whole numbers they are
 * parts. A bag holds what a pack of that component holds, which only the shelf knows: its amount is in bags. One unit in a text: 30 % beside 2 L is refused.
 * Source: usage of growers. Check: "2 pumice, 1 lava" is 2 and 1 parts; "two thirds bark, a third pumice" is 66.67 % and 33.33 %.
 */
final readonly class RecipeText
{
    public const LITTLE = 0.05;
    private const WHOLE_L = 10.0;
    private const LONGEST = 500;
    private const NUMBER = '\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?[½⅓⅔¼¾]?|[½⅓⅔¼¾]';
    /** Grains of 3-6 mm are no amount. */
    private const NO_SIZE = '(?!\s*mm\b)';
    private const SIGNS = ['½' => 1 / 2, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 1 / 4, '¾' => 3 / 4];

    /** parts, percent, litres or scoops */
    public string $notation;

    /** @var non-empty-list<array{words: string, amount: float, bags: float, doubt: float}> what is named, how much of it, how many bags of it beside, and how far off it may be as a share */
    public array $lines;

    /** @var array<string, float> litres that a vessel was taken for, by its word */
    public array $vessels;

    /**
     * @throws Refused field "text" naming what could not be read
     */
    public function __construct(string $text, private Vocabulary $say)
    {
        $plain = trim((string) preg_replace('/[^\S\n]+/u', ' ', mb_strtolower($text)));
        if ($plain === '' || mb_strlen($plain) > self::LONGEST) {
            throw Refused::because('text', 'text', $text, ['longest' => self::LONGEST]);
        }
        $found = $this->ratio($plain) ?? $this->equal($plain) ?? $this->only($plain);
        [$this->notation, $lines, $this->vessels] = $found === null ? $this->named($plain) : [...$found, []];
        $this->lines = array_map(static fn(array $line): array => $line + ['bags' => 0.0, 'doubt' => 0.0], $lines);
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private function ratio(string $text): ?array
    {
        if (preg_match("/^(?<numbers>(?:\\d+(?:[.,]\\d+)?\\s*[:\\/]\\s*)+\\d+(?:[.,]\\d+)?)\\s*(?:{$this->say->units}\\s+)?(?:{$this->say->of}\\s+)?(?<names>.+)$/us", $text, $found) !== 1) {
            return null;
        }
        $names = $this->names($found['names']);
        // "1/2 bark, 1/2 pumice" and "1/3 bark, the rest pumice" are shares, not ratios
        if (! str_contains($found['numbers'], ':') && (count($names) !== substr_count($found['numbers'], '/') + 1 || $this->isCounted(array_slice($names, 1)))) {
            return null;
        }
        $numbers = array_map(self::figure(...), explode(':', (string) preg_replace('/\s*[:\/]\s*/', ':', $found['numbers'])));
        if (count($numbers) !== count($names)) {
            throw Refused::because('text', 'ratio_names', count($names), ['numbers' => count($numbers)]);
        }

        return ['parts', array_map(static fn(string $name, float $amount): array => ['words' => $name, 'amount' => $amount], $names, $numbers)];
    }

    /**
     * Whether names after the first one bring their own amounts.
     *
     * @param list<string> $names
     */
    private function isCounted(array $names): bool
    {
        return array_filter($names, fn(string $name): bool => preg_match("/^(?:\\d|[½⅓⅔¼¾]|(?:{$this->say->rest}|{$this->say->fraction}|{$this->say->little})\\b)/u", $name) === 1) !== [];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private function equal(string $text): ?array
    {
        $before = preg_match("/^(?:{$this->say->equal})\\s*(?:{$this->say->of}\\s+)?:?\\s*(?<names>.+)$/us", $text, $found);
        if ($before !== 1 && preg_match("/^(?<names>.+?)[\\s,:]+(?:{$this->say->some} )*(?:{$this->say->equal})$/us", $text, $found) !== 1) {
            return null;
        }

        return ['parts', array_map(static fn(string $name): array => ['words' => $name, 'amount' => 1.0], $this->names($found['names']))];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float}>}|null */
    private function only(string $text): ?array
    {
        if (preg_match("/^(?:{$this->say->all})\\s+(?:{$this->say->of}\\s+)?(?<words>.+)$/us", $text, $found) !== 1 || count($this->names($found['words'])) > 1) {
            return null;
        }

        return ['parts', [['words' => trim($found['words']), 'amount' => 1.0]]];
    }

    /** @return array{string, non-empty-list<array{words: string, amount: float, bags?: float, doubt?: float}>, array<string, float>} */
    private function named(string $text): array
    {
        $amounts = $little = [];
        $rest = null;
        foreach ($this->names($text) as $i => $line) {
            if (preg_match("/^{$this->say->rest}\\s*(?:{$this->say->of}\\s+)?(.+)$/u", $line, $found) === 1) {
                $rest = [$i, $found[1]];
            } elseif (preg_match("/^(?:{$this->say->some} )*(?:(?<handful>{$this->say->handful})|{$this->say->little})\\s+(?:{$this->say->of}\\s+)?(?<words>.+)$/u", $line, $found) === 1) {
                $little[$i] = [$found['words'], $found['handful'] !== ''];
            } else {
                $amounts[$i] = $this->line($line);
            }
        }
        [$notation, $lines, $vessels] = $this->inOneUnit($amounts, $rest !== null, $text);
        $sum = array_sum(array_column($lines, 'amount'));
        if ($rest !== null) {
            if ($notation !== 'percent' || $sum >= 100.0) {
                throw Refused::because('text', 'rest_of_what', $rest[1]);
            }
            $lines[$rest[0]] = ['words' => $rest[1], 'amount' => 100.0 - $sum];
            $sum = 100.0;
        }
        foreach ($little as $i => [$words, $isHandful]) {
            $handful = Extra::HANDFUL_L * ($notation === 'percent' ? 100.0 / self::WHOLE_L : 1.0);
            $lines[$i] = ['words' => $words, 'amount' => $isHandful ? $handful : self::LITTLE * ($sum > 0.0 ? $sum : 1.0)];
        }
        ksort($lines);
        $lines = array_values($lines);

        return $lines === [] ? throw self::unreadable($text) : [$notation, $lines, $vessels];
    }

    /**
     * Brings what was said in several ways to one unit.
     *
     * @param array<int, WrittenAmount> $amounts
     *
     * @return array{string, array<int, array{words: string, amount: float, bags?: float, doubt?: float}>, array<string, float>}
     *
     * @throws Refused where two units stand beside each other that cannot be told in one
     */
    private function inOneUnit(array $amounts, bool $hasRest, string $text): array
    {
        $units = array_values(array_unique(array_map(static fn(WrittenAmount $each): string => $each->unit, $amounts)));
        $isShared = $amounts !== [] && array_filter($amounts, static fn(WrittenAmount $each): bool => ! $each->isFraction || ! in_array($each->unit, ['', 'percent'], true)) === [];
        if ($isShared || ($hasRest && $units === [''] && array_filter($amounts, static fn(WrittenAmount $each): bool => ! $each->isFraction) === [])) {
            return ['percent', array_map(static fn(WrittenAmount $each): array => ['words' => $each->words, 'amount' => 100.0 * $each->amount, 'doubt' => $each->doubt], $amounts), []];
        }
        $vessels = array_intersect_key($this->say->vessels, array_flip($units));
        if ($vessels !== [] && count($vessels) === count($units) && count(array_unique($vessels)) === 1 && ! in_array(Vocabulary::BAG, $vessels, true)) {
            // one vessel throughout: how much it holds does not matter
            return ['parts', array_map(static fn(WrittenAmount $each): array => ['words' => $each->words, 'amount' => $each->amount, 'doubt' => $each->doubt], $amounts), []];
        }
        $said = array_values(array_unique(array_map(fn(string $unit): string => isset($vessels[$unit]) ? 'litres' : $this->say->notation($unit), $units)));
        if (count($said) > 1 && in_array('percent', $said, true) && array_filter($amounts, fn(WrittenAmount $each): bool => $this->say->notation($each->unit) !== 'percent' && ! ($each->isFraction && $each->unit === '')) === []) {
            // "half bark, 30 % pumice"
            return ['percent', array_map(static fn(WrittenAmount $each): array => ['words' => $each->words, 'amount' => $each->unit === '' ? 100.0 * $each->amount : $each->amount, 'doubt' => $each->doubt], $amounts), []];
        }
        if (count($said) > 1) {
            throw new Refused([new Refusal('text', 'mixed_units', $text, ['units' => implode(', ', $said)])]);
        }
        $lines = array_map(static function (WrittenAmount $each) use ($vessels): array {
            $holds = $vessels[$each->unit] ?? 1.0;

            return $holds === Vocabulary::BAG ? ['words' => $each->words, 'amount' => 0.0, 'bags' => $each->amount, 'doubt' => $each->doubt] : ['words' => $each->words, 'amount' => $each->amount * $holds, 'doubt' => $each->doubt];
        }, $amounts);

        return [$said[0] ?? 'parts', $lines, array_filter($vessels, static fn(float $litres): bool => $litres !== Vocabulary::BAG)];
    }

    /** What is named with its amount: the amount before the name, or behind it. */
    private function line(string $line): WrittenAmount
    {
        $range = '(?:'.self::NUMBER.")\\s*(?:[-–]|{$this->say->to})\\s*(?:".self::NUMBER.')'.self::NO_SIZE;
        $much = "(?<much>$range|{$this->say->fraction}|".self::NUMBER.'|\p{L}+)';
        $of = "(?:{$this->say->of}\\s+)?";
        $before = preg_match("/^$much\\s*(?<unit>{$this->say->units})?\\s+$of(?<words>.+)$/u", $line, $found);
        if ($before !== 1) {
            $before = preg_match("/^(?<much>$range|".self::NUMBER.")\\s*(?<unit>{$this->say->units})\\s*(?<words>.+)$/u", $line, $found);
        }
        $read = $before === 1 ? $this->amount($found) : null;
        if ($read === null && preg_match('/^(?<words>\\D.*?)[\\s:=]+(?<much>'.self::NUMBER."|{$this->say->fraction})\\s*(?<unit>{$this->say->units})?$/u", $line, $found) === 1) {
            $read = $this->amount($found);
        }

        return $read ?? throw self::unreadable($line);
    }

    /** @param array<array-key, string> $found */
    private function amount(array $found): ?WrittenAmount
    {
        $much = trim($found['much']);
        if (isset($this->say->ones[$much])) {
            return new WrittenAmount(trim($found['words']), 1.0, $this->say->ones[$much], false);
        }
        $ends = preg_split("/\\s*(?:[-–]|\\b{$this->say->to}\\b)\\s*/u", $much);
        if (is_array($ends) && count($ends) === 2) {
            [$from, $to] = array_map(self::figure(...), $ends);

            return $from > 0.0 && $to >= $from && is_finite($to) ? new WrittenAmount(trim($found['words']), ($from + $to) / 2.0, $found['unit'] ?? '', false, ($to - $from) / ($from + $to)) : null;
        }
        $share = $this->say->share($much) ?? (preg_match('/^(?:\d+\/\d+|[½⅓⅔¼¾])$/u', $much) === 1 ? self::figure($much) : null);
        $amount = $share ?? $this->say->number($much) ?? (preg_match('/^[\d½⅓⅔¼¾]/u', $much) === 1 ? self::figure($much) : 0.0);

        return $amount > 0.0 && is_finite($amount) ? new WrittenAmount(trim($found['words']), $amount, $found['unit'] ?? '', $share !== null && $share < 1.0) : null;
    }

    /** @return non-empty-list<string> what commas, semicolons, plus signs, line ends and "and" part; a comma inside a number does not */
    private function names(string $text): array
    {
        $split = preg_split("/\\s*(?:,(?!\\d)|;|\\+|\\n|\\b{$this->say->and}\\b|&)\\s*/u", $text);
        $names = array_values(array_filter(array_map(trim(...), $split === false ? [] : $split), static fn(string $name): bool => $name !== ''));

        return $names === [] ? throw self::unreadable($text) : $names;
    }

    /** "2", "2,5", "1/2", "1 1/2", "1½" */
    private static function figure(string $text): float
    {
        $text = strtr(trim($text), array_map(static fn(float $part): string => ' +'.$part, self::SIGNS));
        $sum = 0.0;
        foreach (preg_split('/\s+/', str_replace(',', '.', trim($text))) ?: [] as $piece) {
            [$over, $under] = [...explode('/', ltrim($piece, '+')), '1'];
            $sum += (float) $under === 0.0 ? INF : (float) $over / (float) $under;
        }

        return $sum;
    }

    private static function unreadable(string $line): Refused
    {
        return Refused::because('text', 'recipe_text', $line);
    }
}
