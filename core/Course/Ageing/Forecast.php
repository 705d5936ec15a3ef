<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Ageing;

use Zolbek\Core\Place\Setup\Setup;

/**
 * A pot by half-years up to eight years, and the years after which it fails its plant.
 *
 *     years = t - 0.5 + 0.5 g_before / (g_before - g) at the first half-year t whose reserve g (see AgedPot) is not above 0; 0 where it fails new;
 *     null where it does not fail up to eight years
 *
 * Continuous in the recipe. Crumbled granules are counted as loose grains, so it is cautious. Source: model section 8, revision (h).
 * Check: even clay, pumice and lava for a black pine in an oval tray on a hill with frost: 3.950618889 years.
 */
final readonly class Forecast
{
    public const HORIZON = 8.0;
    public const STEP = 0.5;

    /** Ageing so many times as fast and as slow: the range that years are told with. */
    private const PACE = 2.0;

    /** @var non-empty-list<AgedPot> */
    public array $course;

    /** Years until it fails; null where it does not within the horizon. */
    public ?float $failsAfter;

    public function __construct(Setup $setup)
    {
        $course = [];
        for ($i = 0; $i * self::STEP <= self::HORIZON; ++$i) {
            $course[] = new AgedPot($setup, $i * self::STEP);
        }
        $this->course = $course;
        $this->failsAfter = self::first($course);
    }

    /** The years after which a pot fails, without the course of it; null where it does not within the horizon. */
    public static function failure(Setup $setup): ?float
    {
        return self::first((static function () use ($setup): iterable {
            for ($i = 0; $i * self::STEP <= self::HORIZON; ++$i) {
                yield new AgedPot($setup, $i * self::STEP);
            }
        })());
    }

    /**
     * Years with ageing twice as fast and half as fast: what is known of its pace.
     *
     * @return array{float|null, float|null} null where it does not fail within the horizon
     */
    public static function range(Setup $setup): array
    {
        return [
            self::failure($setup->with(model: $setup->model->with(ageing: $setup->model->ageing * self::PACE))),
            self::failure($setup->with(model: $setup->model->with(ageing: $setup->model->ageing / self::PACE))),
        ];
    }

    /** @param iterable<AgedPot> $pots by half-years */
    private static function first(iterable $pots): ?float
    {
        $before = null;
        foreach ($pots as $pot) {
            if ($pot->reserve <= 0.0) {
                return $before === null ? 0.0 : $pot->years - self::STEP + self::STEP * $before / ($before - $pot->reserve);
            }
            $before = $pot->reserve;
        }

        return null;
    }
}
