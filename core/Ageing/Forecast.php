<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

use Zolbek\Core\Fit\Setup;

/**
 * A pot by half-years up to eight years, and the year in which it first fails its plant.
 *
 * Crumbled granules are counted as loose grains, so it is cautious. Source: model section 8. Check: a mix that neither crumbles nor rots loses air to roots alone.
 */
final readonly class Forecast
{
    public const HORIZON = 8.0;
    public const STEP = 0.5;

    /** @var non-empty-list<AgedPot> */
    public array $course;

    /** Years until it fails; null where it does not within the horizon. */
    public ?float $failsAfter;

    public function __construct(Setup $setup)
    {
        $course = [];
        $fails = null;
        for ($i = 0; $i * self::STEP <= self::HORIZON; ++$i) {
            $course[] = $pot = new AgedPot($setup, $i * self::STEP);
            $fails ??= $pot->fails() ? $pot->years : null;
        }
        $this->course = $course;
        $this->failsAfter = $fails;
    }

    /** The year in which a pot first fails, without the course of it; null where it does not within the horizon. */
    public static function failure(Setup $setup): ?float
    {
        for ($i = 0; $i * self::STEP <= self::HORIZON; ++$i) {
            if ((new AgedPot($setup, $i * self::STEP))->fails()) {
                return $i * self::STEP;
            }
        }

        return null;
    }
}
