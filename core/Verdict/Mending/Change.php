<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Place\Setup\Setup;

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
    public const RAIN = 'rain';
    public const FEED = 'feed';
    public const LIME = 'lime';
    public const SWAP = 'swap';
    public const TOGETHER = 'together';
    public const WINTER_SHELTER = 'winter_shelter';
    public const OTHER_POT = 'other_pot';

    public const KINDS = [
        self::MORE, self::LESS, self::ADD, self::DEEPER, self::SHALLOWER, self::HOLES, self::NO_LAYER, self::LAYER, self::RINSE, self::SIEVE_OUT, self::STONE,
        self::MOSS, self::TIP, self::SHADE, self::WINDBREAK, self::HABIT, self::REPOT, self::RAIN, self::FEED, self::LIME, self::SWAP, self::TOGETHER, self::WINTER_SHELTER,
        self::OTHER_POT,
    ];

    /**
     * @param value-of<self::KINDS> $kind
     * @param float       $size         of the change for ranking, 1 for a moderate one
     * @param float       $by           by how much or to what: parts, cm, mm, degrees, hours, years, share of rain, mmol H+ per L and year, pH
     * @param string|null $componentKey of the portion that changes, or that comes in
     * @param string|null $to           word that it changes to: an exposure, a feed, or the key of a pot or of the portion that is replaced
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
