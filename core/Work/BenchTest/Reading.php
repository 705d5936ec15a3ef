<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/** One figure that a test asks for: what it may be, its unit, and the instrument that can give it. */
final readonly class Reading
{
    public const NUMBER = 'number';
    public const CHOICE = 'choice';
    /** Sieve apertures in mm, a list. */
    public const APERTURES = 'apertures';
    /** Masses in g by aperture, and in the pan. */
    public const RETAINED = 'retained';

    /** @param list<string> $choices */
    private function __construct(
        public string $name,
        public string $type,
        public string $unit = '',
        public float $min = 0.0,
        public float $max = 0.0,
        public ?InstrumentKind $instrument = null,
        public bool $optional = false,
        public array $choices = [],
    ) {}

    public static function number(string $name, string $unit, float $min, float $max, ?InstrumentKind $instrument = null, bool $optional = false): self
    {
        return new self($name, self::NUMBER, $unit, $min, $max, $instrument, $optional);
    }

    /** A mass in g from the bench scale. */
    public static function mass(string $name, float $min = 0.1): self
    {
        return self::number($name, 'g', $min, 50_000.0, InstrumentKind::Scale);
    }

    /** @param non-empty-list<string> $choices the first one stands there at first */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, self::CHOICE, choices: $choices);
    }

    public static function apertures(): self
    {
        return new self('apertures', self::APERTURES, 'mm');
    }

    public static function retained(): self
    {
        return new self('retained', self::RETAINED, 'g', 0.0, 50_000.0, InstrumentKind::SieveShaker);
    }
}
