<?php

declare(strict_types=1);

namespace Bench;

use Tests\Core\Season;
use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Course\Days\WeatherRuns;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\WeatherGenerator;

/** Pots through their days: many pots through one year, and one through a hundred, the weather made in both. */
final class SeasonSpeed
{
    private const ROUNDS = 3;

    /** Seconds, the best of some rounds. */
    public static function pots(int $pots): float
    {
        $pot = Season::pot('tray_maple');

        return self::best(static function () use ($pots, $pot): void {
            $runs = WeatherRuns::of(Season::climate('hill'), Date::number('2027-01-01'), 365, 1, 7);
            for ($i = 0; $i < $pots; ++$i) {
                $runs->through($pot->with(phi: 0.5 + $i / $pots), ComingBy::share(0.3, 2));
            }
        });
    }

    public static function years(int $years): float
    {
        return self::best(static function () use ($years): void {
            $weather = (new WeatherGenerator(Season::climate('hill')))->days(Date::number('2027-01-01'), 365 * $years, 7);
            (new PotRun($weather, LeafCourse::of($weather, Season::climate('hill'))))->through(Season::pot('tray_maple'), ComingBy::share(0.3, 2));
        });
    }

    /** @param callable(): void $what */
    private static function best(callable $what): float
    {
        $best = INF;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $start = hrtime(true);
            $what();
            $best = min($best, (hrtime(true) - $start) / 1e9);
        }

        return $best;
    }
}
