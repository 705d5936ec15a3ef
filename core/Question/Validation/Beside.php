<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Validation;

/**
 * A published figure, or a range of them, and the model's beside it.
 *
 *     agrees: within the range, or within a share of the single figure; the larger over the smaller where a figure spreads over decades
 *
 * Source: stated with each set. Check: 6.6 against 6.5 agrees within a fifth, 18 against 9 does not.
 */
final readonly class Beside
{
    /** Share of a single published figure that the model's may be off. */
    public const NEAR = 0.2;

    /** How many times apart conductivities may be: those of one texture spread over more. */
    public const TIMES = 3.0;

    private function __construct(
        public string $figure,
        public string $unit,
        public string $of,
        public ?float $low,
        public ?float $high,
        public float $model,
        public bool $agrees,
    ) {}

    /**
     * @param string $figure what it is, a word of the catalogue
     * @param string $of     what it is of: a size, a texture, a depth; empty where the set says it
     */
    public static function range(string $figure, string $unit, string $of, ?float $low, ?float $high, float $model): self
    {
        return new self($figure, $unit, $of, $low, $high, $model, $model >= ($low ?? -INF) && $model <= ($high ?? INF));
    }

    public static function single(string $figure, string $unit, string $of, float $published, float $model, float $near = self::NEAR): self
    {
        return new self($figure, $unit, $of, $published, $published, $model, abs($model - $published) <= $near * abs($published));
    }

    public static function withinTimes(string $figure, string $unit, string $of, float $published, float $model): self
    {
        return new self($figure, $unit, $of, $published, $published, $model, max($model, $published) <= self::TIMES * min($model, $published));
    }
}
