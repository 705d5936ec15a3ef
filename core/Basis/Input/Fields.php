<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

/**
 * Reads the fields of one object of outside input by name and type. A field that cannot be used is noted in the
 * refusals and read as NAN, '' or null, so that the rest is read too; the caller throws before it uses any of them.
 */
final readonly class Fields
{
    /** @param array<mixed> $values */
    private function __construct(private array $values, public string $path, private Refusals $refusals) {}

    /** @param list<string> $known names of the fields that the object may have */
    public static function of(mixed $values, array $known, Refusals $refusals, string $path = ''): self
    {
        if (! is_array($values) || ($values !== [] && array_is_list($values))) {
            $refusals->add(new Refusal($path, 'object', $values));

            return new self([], $path, $refusals);
        }
        foreach (array_keys($values) as $name) {
            if (! in_array((string) $name, $known, true)) {
                $refusals->add(new Refusal(Path::join($path, $name), 'unknown', $values[$name], ['known' => implode(', ', $known)]));
            }
        }

        return new self($values, $path, $refusals);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** A number from $min to $max; NAN when it is refused. */
    public function number(string $name, float $min, float $max, ?float $default = null): float
    {
        return $this->read($name, $default, 'between', static fn(float $value): bool => $value >= $min && $value <= $max, $min, $max);
    }

    /** A number above $min and at most $max; NAN when it is refused. */
    public function numberAbove(string $name, float $min, float $max, ?float $default = null): float
    {
        return $this->read($name, $default, 'above', static fn(float $value): bool => $value > $min && $value <= $max, $min, $max);
    }

    /** A number above $min and at most $max, or null where it is left out; NAN when it is refused. */
    public function optionalAbove(string $name, float $min, float $max): ?float
    {
        return $this->has($name) ? $this->numberAbove($name, $min, $max) : null;
    }

    public function integer(string $name, int $min, int $max, ?int $default = null): int
    {
        $value = $this->read($name, $default, 'integer', static fn(float $value): bool => $value >= $min && $value <= $max && floor($value) === $value, $min, $max);

        return is_nan($value) ? 0 : (int) $value;
    }

    /** A text of 1 to $longest characters; '' when it is refused. */
    public function text(string $name, int $longest, ?string $default = null): string
    {
        $value = $this->values[$name] ?? $default;
        if ($value === null) {
            return $this->refuse($name, 'required', null, [], '');
        }
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || mb_strlen(trim($value)) < ($default === '' ? 0 : 1) || mb_strlen($value) > $longest) {
            return $this->refuse($name, 'text', $value, ['longest' => $longest], '');
        }
        if (! PlainText::is($value)) {
            return $this->refuse($name, 'text_control', null, [], '');
        }

        return trim($value);
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->values[$name] ?? $default;

        return is_bool($value) ? $value : $this->refuse($name, 'flag', $value, [], $default);
    }

    /**
     * One of a set of words; null when it is refused.
     *
     * @param list<string> $words
     */
    public function oneOf(string $name, array $words, ?string $default = null): ?string
    {
        $value = $this->values[$name] ?? $default;
        if (is_string($value) && in_array($value, $words, true)) {
            return $value;
        }

        return $this->refuse($name, $value === null ? 'required' : 'one_of', $value, ['words' => implode(', ', $words)], null);
    }

    /**
     * @param callable(float): bool $allows
     */
    private function read(string $name, float|int|null $default, string $rule, callable $allows, float|int $min, float|int $max): float
    {
        $value = $this->values[$name] ?? $default;
        $limits = ['min' => $min, 'max' => $max];
        if ($value === null) {
            return $this->refuse($name, 'required', null, $limits, NAN);
        }
        if (! is_int($value) && ! is_float($value)) {
            return $this->refuse($name, 'number', $value, $limits, NAN);
        }
        $number = (float) $value;

        return is_finite($number) && $allows($number) ? $number : $this->refuse($name, $rule, $value, $limits, NAN);
    }

    /**
     * @template T
     *
     * @param array<string, float|int|string|null> $limits
     * @param T                                     $instead
     *
     * @return T
     */
    private function refuse(string $name, string $rule, mixed $given, array $limits, mixed $instead): mixed
    {
        $this->refusals->add(new Refusal(Path::join($this->path, $name), $rule, $given, $limits));

        return $instead;
    }
}
