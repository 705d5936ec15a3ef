<?php

declare(strict_types=1);

namespace Bench;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\MonthClimate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * Full evaluations: a blend of four, settled, pot water at four suctions, D values and run-through; parts differ each time. Beside them assessments of such blends
 * for a plant at a site, without years and with them.
 */
final readonly class CoreSpeed
{
    private const ROUND = 5000;
    private const ASSESSED = 500;
    private const ROUNDS = 5;

    private function __construct(public float $perSecond, public float $assessedPerSecond, public float $withYearsPerSecond, public float $peakMb) {}

    public static function measure(): self
    {
        $raw = json_decode((string) file_get_contents(__DIR__.'/../database/reference/components.json'), true, 16, JSON_THROW_ON_ERROR)['components'];
        $components = array_map(MaterialReader::read(...), array_values(array_slice($raw, 0, 4)));
        $zone = new RootZone(Container::read(['shape' => 'oval', 'depth' => 6.5, 'top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22]), 0.8);
        $holes = Holes::of(2, 2.2, 0.6);
        $months = array_map(static fn(int $i): MonthClimate => new MonthClimate(2.0 + 12.0 * sin($i / 12 * M_PI), 10.0 + 16.0 * sin($i / 12 * M_PI), 70.0), range(0, 11));
        $situation = new Situation(Targets::of(PlantGroup::AiryConifers), new Climate(44.0, 600.0, $months), alkalinityMgL: 60.0);
        $assessed = static fn(int $i, bool $withYears): float => (new Assessment(new Setup(
            array_map(static fn(int $k): array => [Portion::of($components[$k]), 1.0 + $i % (7 - $k)], range(0, 3)),
            $zone->pot,
            $holes,
            PlantGroup::AiryConifers,
            0.8,
            situation: $situation,
        ), withYears: $withYears))->fit;

        return new self(
            self::rate(self::ROUND, static fn(int $i): float => self::evaluate($components, $i, $zone, $holes)),
            self::rate(self::ASSESSED, static fn(int $i): float => $assessed($i, false)),
            self::rate(self::ASSESSED, static fn(int $i): float => $assessed($i, true)),
            memory_get_peak_usage() / 1e6,
        );
    }

    /** @param callable(int): float $one */
    private static function rate(int $times, callable $one): float
    {
        $rates = [];
        for ($round = 0; $round <= self::ROUNDS; ++$round) {
            $start = hrtime(true);
            for ($i = 0; $i < $times; ++$i) {
                $one($i);
            }
            $rates[] = $times / ((hrtime(true) - $start) / 1e9);
        }
        array_shift($rates);
        sort($rates);

        return $rates[intdiv(self::ROUNDS, 2)];
    }

    /** @param list<Material> $components */
    private static function evaluate(array $components, int $i, RootZone $zone, Holes $holes): float
    {
        $substrate = new Substrate(new Blend([
            [$components[0], 1.0 + $i % 7],
            [$components[1], 1.0 + $i % 5],
            [$components[2], 1.0 + $i % 3],
            [$components[3], 2.0],
        ]));
        $water = new PotWater($zone, $substrate);
        $grading = $substrate->blend->grading();
        $sizes = $grading->quantileMm(0.1) + $grading->quantileMm(0.5) + $grading->quantileMm(0.6) + $grading->quantileMm(0.9);

        return $water->air + $sizes + (new RunThrough($zone, $substrate, $holes))->seconds;
    }
}
