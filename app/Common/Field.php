<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
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

    /**
     * @param float        $max    of a figure, or the longest text
     * @param list<string> $words
     * @param string       $schema of its words in the contract
     */
    private function __construct(
        public string $name,
        public string $kind,
        public string $unit = '',
        private float $min = 0.0,
        private float $max = 0.0,
        private array $words = [],
        private string|bool|null $usual = null,
        private string $schema = '',
    ) {}

    /** @param string|null $usual null where it must be given */
    public static function text(string $name, int $longest, ?string $usual = ''): self
    {
        return new self($name, self::TEXT, max: $longest, usual: $usual);
    }

    /**
     * @param list<string> $words
     * @param string|null  $usual null where it must be given
     */
    public static function word(string $name, array $words, ?string $usual, string $schema): self
    {
        return new self($name, self::WORD, words: $words, usual: $usual, schema: $schema);
    }

    public static function flag(string $name): self
    {
        return new self($name, self::FLAG, usual: false);
    }

    /** A figure that may be left out. */
    public static function figure(string $name, string $unit, float $min, float $max): self
    {
        return new self($name, self::FIGURE, $unit, $min, $max);
    }

    /** A whole number that may be left out. */
    public static function whole(string $name, int $min, int $max): self
    {
        return new self($name, self::WHOLE, min: $min, max: $max);
    }

    /** A day that may be left out, none in the future. */
    public static function day(string $name): self
    {
        return new self($name, self::DAY);
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

    /** @param string|null $usual instead of what is usual for all */
    public function read(Fields $fields, Refusals $refusals, ?string $usual = null): bool|Carbon|float|int|string|null
    {
        return match ($this->kind) {
            self::TEXT => $fields->text($this->name, (int) $this->max, is_string($this->usual) ? $this->usual : null),
            self::WORD => $fields->oneOf($this->name, $this->words, $usual ?? (is_string($this->usual) ? $this->usual : null)) ?? (string) $this->usual,
            self::FLAG => $fields->flag($this->name, $this->usual === true),
            self::DAY => Day::optional($fields, $this->name, $refusals, 0),
            self::WHOLE => $fields->has($this->name) ? $fields->integer($this->name, (int) $this->min, (int) $this->max) : null,
            default => $fields->has($this->name) ? $fields->number($this->name, $this->min, $this->max) : null,
        };
    }

    /** Whether a form must give it. */
    public function isAsked(): bool
    {
        return $this->usual === null && in_array($this->kind, [self::TEXT, self::WORD], true);
    }

    /** What the column is cast to; null where it is a text already. */
    private function cast(): ?string
    {
        return [self::FIGURE => 'float', self::WHOLE => 'integer', self::FLAG => 'boolean', self::DAY => 'date'][$this->kind] ?? null;
    }

    /** @return array<string, mixed> what the contract says of it */
    public function schema(): array
    {
        return match ($this->kind) {
            self::TEXT => ['type' => 'string'],
            self::WORD => ['$ref' => '#/components/schemas/'.$this->schema],
            self::FLAG => ['type' => 'boolean'],
            self::DAY => ['type' => ['string', 'null']],
            self::WHOLE => ['type' => ['integer', 'null']],
            default => ['type' => ['number', 'null']],
        };
    }
}
