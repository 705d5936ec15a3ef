<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/** A single change of a setup, with what it takes to name it and to make it. */
final readonly class Change
{
    public const MORE = 'more';
    public const LESS = 'less';
    public const ADD = 'add';
    public const DEEPER = 'deeper';
    public const SHALLOWER = 'shallower';
    public const HOLES = 'holes';
    public const NO_LAYER = 'no_layer';
    public const LAYER = 'layer';
    public const RINSE = 'rinse';
    public const SIEVE_OUT = 'sieve_out';
    public const STONE = 'stone';
    public const MOSS = 'moss';
    public const TIP = 'tip';
    public const SHADE = 'shade';
    public const WINDBREAK = 'windbreak';
    public const HABIT = 'habit';
    public const REPOT = 'repot';
    public const SOFT_WATER = 'soft_water';
    public const OTHER_POT = 'other_pot';
    public const FEWER_POTS = 'fewer_pots';

    public const KINDS = [
        self::MORE, self::LESS, self::ADD, self::DEEPER, self::SHALLOWER, self::HOLES, self::NO_LAYER, self::LAYER, self::RINSE, self::SIEVE_OUT, self::STONE,
        self::MOSS, self::TIP, self::SHADE, self::WINDBREAK, self::HABIT, self::REPOT, self::SOFT_WATER, self::OTHER_POT, self::FEWER_POTS,
    ];

    /**
     * @param value-of<self::KINDS> $kind
     * @param float       $size         of the change for ranking, 1 for a moderate one
     * @param float       $by           by how much or to what: parts, cm, mm, degrees, hours, years, mg/L, pots
     * @param string|null $componentKey of the portion that changes
     * @param string|null $to           word that it changes to: an exposure, or the key of a pot
     */
    public function __construct(
        public string $kind,
        public Setup $setup,
        public float $size,
        public float $by = 0.0,
        public ?string $componentKey = null,
        public ?string $to = null,
    ) {}
}
