<?php

declare(strict_types=1);

namespace Tests\Core;

use Zolbek\Core\Course\Days\ComingBy;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\PotStand;
use Zolbek\Core\Course\Days\Quarters;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Course\Water\PotUse;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\Hargreaves;
use Zolbek\Core\Place\Plant\Canopy;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\Weather;

/** The sites, pots, plants and habits of the season's reference, and short ways to build from them. */
final class Season
{
    /** @return array<string, mixed> */
    public static function vectors(): array
    {
        static $vectors;

        return $vectors ??= json_decode((string) file_get_contents(__DIR__.'/reference/season.json'), true);
    }

    public static function climate(string $site): Climate
    {
        static $built = [];
        $of = self::vectors()['sites'][$site];
        $months = array_map(static fn(array $month): array => ['tmin' => $month[0], 'tmax' => $month[1], 'rain_mm' => $month[2]], $of['months']);

        return $built[$site] ??= Climate::read(['latitude' => $of['latitude'], 'altitude_m' => 0, 'months' => $months]);
    }

    /** @param array<string, mixed>|string $of litres, or the name of a pot */
    public static function litres(array|string $of): PotLitres
    {
        $pot = is_string($of) ? ($of === 'dry_down' ? self::vectors()['dry_down']['pot'] : self::vectors()['pots'][$of]) : $of;

        return new PotLitres($pot['V'], $pot['W0'], $pot['Wlimit'], $pot['W300'], $pot['Wx'], $pot['Wwet'], $pot['soil_m2'], $pot['f_org']);
    }

    /** @param array<string, mixed> $of */
    public static function place(array $of): Place
    {
        return new Place(Exposure::from($of['exposure']), Wind::from($of['wind']), true, Stand::from($of['stand']));
    }

    /** @param array<string, mixed> $of */
    public static function stand(array $of, string $name): PotStand
    {
        $plant = self::vectors()['plants'][$name];
        $canopy = $plant['canopy_m2'] * Canopy::drives(PlantGroup::from($plant['group']));
        $use = new PotUse($canopy, self::litres($name)->openSoilM2, 0.0, new Crown(leaf: Leaf::from($plant['leaf']), evergreen: $plant['evergreen']), self::place($of), Surface::from($of['surface']));

        return new PotStand($use, self::place($of), $of['rain_share']);
    }

    /** @param array<string, mixed>|null $place */
    public static function pot(string $name, ?array $place = null): SeasonPot
    {
        $place ??= self::vectors()['place'];
        $plant = self::vectors()['plants'][$name];
        $away = $place['quarters'] ?? null;

        return new SeasonPot(
            [self::litres($name)],
            PlantGroup::from($plant['group']),
            $plant['evergreen'],
            $plant['canopy_m2'],
            self::stand($place, $name),
            $away === null ? null : new Quarters($away['from'], $away['to'], self::stand([...$place, ...$away], $name)),
        );
    }

    /** @param array<string, mixed> $of */
    public static function habit(array $of): ComingBy
    {
        $habit = match ($of['kind']) {
            'every' => ComingBy::every($of['spring_h'], $of['summer_h'], $of['autumn_h'], $of['winter_h'], $of['skip_above']),
            'share' => ComingBy::share($of['at'], $of['looks']),
            'need' => ComingBy::need($of['looks']),
            'none' => ComingBy::never(),
        };

        return $habit->giving(is_numeric($of['amount'] ?? null) ? $of['amount'] : null, ($of['method'] ?? 'can') === 'dunk');
    }

    /** @return array{Weather, LeafCourse} the year of the formula */
    public static function formulaYear(): array
    {
        $lows = $highs = $rain = $et0 = [];
        for ($day = 1; $day <= 365; ++$day) {
            $lows[] = $low = 5.0 - 11.0 * cos(2.0 * M_PI * ($day - 20) / 365.0);
            $highs[] = $high = $low + 8.0 + 3.0 * ($day % 4);
            $rain[] = $day % 5 === 0 ? 9.0 : ($day % 7 === 0 ? 0.8 : 0.0);
            $et0[] = Hargreaves::mmDay(47.2, $day, $low, $high);
        }
        $weather = new Weather(Date::number('2027-01-01'), $lows, $highs, $rain, $et0, false);

        return [$weather, new LeafCourse(['warm' => 0.0, 'grown' => 250.0, 'chilled' => 90.0], $weather)];
    }

    /** Weather that does not change. @return array{Weather, LeafCourse} */
    public static function steady(int $days, float $meanC = 20.0, float $et0 = 4.0, float $rain = 0.0, string $from = '2027-06-01'): array
    {
        $of = static fn(float $value): array => array_fill(0, $days, $value);
        $weather = new Weather(Date::number($from), $of($meanC - 5.0), $of($meanC + 5.0), $of($rain), $of($et0), false);

        return [$weather, new LeafCourse(['warm' => $meanC, 'grown' => 250.0, 'chilled' => 0.0], $weather)];
    }
}
