<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** One field of a record, described once: how it is read from a form, what its column is cast to, and what the contract says of it. */
final readonly class Field
{
    public const TEXT = 'text';
    public const WORD = 'word';
    public const FLAG = 'flag';
    public const FIGURE = 'figure';
    public const WHOLE = 'whole';
    public const DAY = 'day';
    public const COLOUR = 'colour';
    public const DAY_OF_YEAR = 'day_of_year';

    private const COLOUR_PATTERN = '/^#[0-9a-f]{6}$/i';

    /**
     * @param float             $max    of a figure, or the longest text
     * @param list<string>      $words
     * @param string            $schema of its words in the contract
     * @param bool              $above  whether a figure must be above its least
     * @param bool              $asked  whether a form must give it
     * @param bool              $found  whether a record has it even where a form does not give it
     */
    private function __construct(
        public string $name,
        public string $kind,
        public string $unit = '',
        private float $min = 0.0,
        private float $max = 0.0,
        private array $words = [],
        private string|bool|float|int|null $usual = null,
        private string $schema = '',
        private bool $above = false,
        private bool $asked = false,
        private bool $found = false,
    ) {}

    /** @param string|null $usual null where it must be given */
    public static function text(string $name, int $longest, ?string $usual = ''): self
    {
        return new self($name, self::TEXT, max: $longest, usual: $usual, asked: $usual === null);
    }

    /**
     * @param list<string> $words
     * @param string|null  $usual null where it must be given
     */
    public static function word(string $name, array $words, ?string $usual, string $schema): self
    {
        return new self($name, self::WORD, words: $words, usual: $usual, schema: $schema, asked: $usual === null);
    }

    public static function flag(string $name): self
    {
        return new self($name, self::FLAG, usual: false);
    }

    /** A figure that may be left out, and is then what is usual or nothing. */
    public static function figure(string $name, string $unit, float $min, float $max, ?float $usual = null): self
    {
        return new self($name, self::FIGURE, $unit, $min, $max, usual: $usual);
    }

    /** A figure above 0 that may be left out. */
    public static function above(string $name, string $unit, float $max): self
    {
        return new self($name, self::FIGURE, $unit, 0.0, $max, above: true);
    }

    /** A whole number that may be left out, and is then what is usual or nothing. */
    public static function whole(string $name, int $min, int $max, ?int $usual = null): self
    {
        return new self($name, self::WHOLE, min: $min, max: $max, usual: $usual);
    }

    public static function colour(string $name, string $usual): self
    {
        return new self($name, self::COLOUR, usual: $usual);
    }

    /** A day of any year, as MM-DD, that may be left out. */
    public static function dayOfYear(string $name): self
    {
        return new self($name, self::DAY_OF_YEAR);
    }

    /** One that a form must give. */
    public function asked(): self
    {
        return new self($this->name, $this->kind, $this->unit, $this->min, $this->max, $this->words, null, $this->schema, $this->above, true);
    }

    /** A day that may be left out, none in the future. */
    public static function day(string $name): self
    {
        return new self($name, self::DAY);
    }

    /** One that a record has even where a form does not give it, for it is found from others. */
    public function found(): self
    {
        return new self($this->name, $this->kind, $this->unit, $this->min, $this->max, above: $this->above, found: true);
    }

    /** @return array<string, self> a record's fields by name */
    public static function byName(self ...$fields): array
    {
        return array_column(array_map(static fn(self $field): array => [$field->name, $field], $fields), 1, 0);
    }

    /**
     * @param array<string, self> $fields
     *
     * @return array<string, string> casts of their columns
     */
    public static function casts(array $fields): array
    {
        return array_filter(array_map(static fn(self $field): ?string => $field->cast(), $fields));
    }

    /**
     * All of a record's fields out of a form.
     *
     * @param array<string, self>  $described by name
     * @param array<string, mixed> $usual     instead of what is usual for all, by name
     *
     * @return array<string, bool|Carbon|float|int|string|null> by name
     */
    public static function readAll(array $described, Fields $fields, Refusals $refusals, array $usual = []): array
    {
        return array_map(static fn(self $field): bool|Carbon|float|int|string|null => $field->read($fields, $refusals, $usual[$field->name] ?? null), $described);
    }

    /** @param bool|float|int|string|null $usual instead of what is usual for all */
    public function read(Fields $fields, Refusals $refusals, bool|float|int|string|null $usual = null): bool|Carbon|float|int|string|null
    {
        $usual ??= $this->usual;
        $text = is_string($usual) ? $usual : null;

        return match ($this->kind) {
            self::TEXT => $fields->text($this->name, (int) $this->max, $text),
            self::WORD => $fields->oneOf($this->name, $this->words, $text) ?? (string) $text,
            self::FLAG => $fields->flag($this->name, $usual === true),
            self::DAY => Day::optional($fields, $this->name, $refusals, 0),
            self::DAY_OF_YEAR => $fields->has($this->name) ? $this->checked($fields->text($this->name, 5), self::isDayOfYear(...), $refusals) : null,
            self::COLOUR => strtolower($this->checked($fields->text($this->name, 7, $text), self::isColour(...), $refusals)),
            self::WHOLE => $fields->has($this->name) || $this->asked ? $fields->integer($this->name, (int) $this->min, (int) $this->max) : (is_numeric($usual) ? (int) $usual : null),
            default => $this->figureOf($fields, is_numeric($usual) ? (float) $usual : null),
        };
    }

    private function figureOf(Fields $fields, ?float $usual): ?float
    {
        return match (true) {
            ! $fields->has($this->name) && ! $this->asked => $usual,
            $this->above => $fields->numberAbove($this->name, $this->min, $this->max),
            default => $fields->number($this->name, $this->min, $this->max),
        };
    }

    /** @param callable(string): bool $is */
    private function checked(string $text, callable $is, Refusals $refusals): string
    {
        if (! $is($text)) {
            $refusals->add(new Refusal($this->name, $this->kind, $text));
        }

        return $text;
    }

    private static function isColour(string $text): bool
    {
        return preg_match(self::COLOUR_PATTERN, $text) === 1;
    }

    private static function isDayOfYear(string $text): bool
    {
        return preg_match('/^(\d\d)-(\d\d)$/', $text, $found) === 1 && checkdate((int) $found[1], (int) $found[2], 2024);
    }

    /** Whether a form must give it. */
    public function isAsked(): bool
    {
        return $this->asked;
    }

    /** What the column is cast to; null where it is a text already. */
    private function cast(): ?string
    {
        return [self::FIGURE => 'float', self::WHOLE => 'integer', self::FLAG => 'boolean', self::DAY => 'date'][$this->kind] ?? null;
    }

    /** @return array<string, mixed> what the contract says of it, in a form or of the record */
    public function schema(bool $ofRecord): array
    {
        // what has a value whether or not it is given
        $isSure = $this->asked || $this->usual !== null || ($ofRecord && $this->found);

        return match ($this->kind) {
            self::TEXT, self::COLOUR => ['type' => 'string'],
            self::WORD => ['$ref' => '#/components/schemas/'.$this->schema],
            self::FLAG => ['type' => 'boolean'],
            self::DAY, self::DAY_OF_YEAR => ['type' => ['string', 'null']],
            self::WHOLE => ['type' => $isSure ? 'integer' : ['integer', 'null']],
            default => ['type' => $isSure ? 'number' : ['number', 'null']],
        };
    }
}
