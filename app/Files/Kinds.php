<?php

declare(strict_types=1);

namespace App\Files;

use App\Batches\BatchListing;
use App\Bench\SieveTestSheet;
use App\Bench\TestListing;
use App\Plants\CheckListing;
use App\Plants\GrowthSheet;
use App\Plants\HistorySheet;
use App\Plants\PlantSheet;
use App\Plants\TaskListing;
use App\Pots\PotSheet;
use App\PottingDays\DayListing;
use App\Recipes\RecipeListing;
use App\Sheets\Listing;
use App\Sheets\Sheet;
use App\Shelf\ComponentSheet;
use App\Shelf\LotSheet;
use App\Shelf\MovementListing;
use App\Situations\SiteListing;
use App\Weather\WeatherSheet;

/** Kinds of table that are taken out, by their names in addresses; a Sheet is taken in too. */
final class Kinds
{
    private const ALL = [
        'components' => ComponentSheet::class, 'lots' => LotSheet::class, 'sieve-tests' => SieveTestSheet::class, 'plants' => PlantSheet::class, 'plant-history' => HistorySheet::class, 'growth' => GrowthSheet::class, 'pots' => PotSheet::class,
        'movements' => MovementListing::class, 'tests' => TestListing::class, 'recipes' => RecipeListing::class, 'batches' => BatchListing::class, 'days' => DayListing::class, 'tasks' => TaskListing::class,
        'checks' => CheckListing::class, 'sites' => SiteListing::class, 'weather' => WeatherSheet::class,
    ];

    public static function listing(string $name): ?Listing
    {
        $class = self::ALL[$name] ?? null;

        return $class === null ? null : app($class);
    }

    public static function sheet(string $name): ?Sheet
    {
        $found = self::listing($name);

        return $found instanceof Sheet ? $found : null;
    }
}
