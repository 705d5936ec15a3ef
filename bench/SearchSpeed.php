<?php

declare(strict_types=1);

namespace Bench;

use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\MonthClimate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Verdict\Search\Counts;
use Zolbek\Core\Verdict\Search\FewestMixes;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\MixSearch;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Wishes;

/** Searches on one core: a shelf of twelve to the end, one of thirty up to a number, and the fewest mixes for many plants. */
final readonly class SearchSpeed
{
    private const GROUPS = [PlantGroup::AiryConifers, PlantGroup::BroadleafDeciduous, PlantGroup::Desert, PlantGroup::Mediterranean, PlantGroup::ThirstyConifers];

    /**
     * @param float $seconds to the end
     * @param float $firstAt seconds to the first mixes
     */
    private function __construct(public float $seconds, public float $firstAt, public float $peakMb, public Counts $counts) {}

    public static function of(int $components, int $mostComponents): self
    {
        // as the process that searches does
        gc_disable();
        memory_reset_peak_usage();
        $began = hrtime(true);
        $first = INF;
        $run = (new MixSearch(self::place(PlantGroup::AiryConifers), self::shelf($components), new Wishes($mostComponents, Steps::parts(10))))->run();
        foreach ($run as $answer) {
            $first = $answer->found === [] ? $first : min($first, (hrtime(true) - $began) / 1e9);
        }

        gc_enable();

        return new self((hrtime(true) - $began) / 1e9, $first, memory_get_peak_usage() / 1e6, $run->getReturn()->counts);
    }

    /** Seconds for the fewest mixes of 200 plants in 20 situations. */
    public static function fewest(): float
    {
        $situations = [];
        foreach (self::GROUPS as $group) {
            foreach ([6.5, 9.5, 12.5, 15.5] as $depth) {
                $place = self::place($group);
                $situations[] = $place->with(pot: $place->pot->withDepth($depth));
            }
        }
        $began = hrtime(true);
        new FewestMixes($situations, array_fill(0, count($situations), 10), self::shelf(12), new Wishes(4, Steps::parts(10)));

        return (hrtime(true) - $began) / 1e9;
    }

    /** @return list<Ingredient> */
    private static function shelf(int $many): array
    {
        $raw = [];
        foreach (['components', 'further'] as $file) {
            array_push($raw, ...json_decode((string) file_get_contents(__DIR__."/../database/reference/$file.json"), true, 16, JSON_THROW_ON_ERROR)['components']);
        }

        return array_map(static fn(array $each, int $i): Ingredient => new Ingredient(Portion::of(MaterialReader::read($each)), most: 1.0, stock: new Stock(20.0, 10.0, 3.0 + $i % 5)), array_slice($raw, 0, $many), range(0, $many - 1));
    }

    private static function place(PlantGroup $group): Setup
    {
        $months = array_map(static fn(int $i): MonthClimate => new MonthClimate(2.0 + 12.0 * sin($i / 12 * M_PI), 10.0 + 16.0 * sin($i / 12 * M_PI), 70.0), range(0, 11));

        return new Setup(
            [[Portion::of(self::shelf(1)[0]->portion->contents[0][0]), 1.0]],
            Container::read(['shape' => 'oval', 'depth' => 6.5, 'top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22]),
            Holes::of(2, 2.2, 0.6),
            $group,
            0.8,
            situation: new Situation(Targets::of($group), new Climate(44.0, 600.0, $months), alkalinityMgL: 60.0),
        );
    }
}
