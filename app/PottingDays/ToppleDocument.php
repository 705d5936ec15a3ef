<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Container\Toppling;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/**
 * The gusts that a plant of a day stands in its pot. Schema Topple of the API.
 *
 * @phpstan-type Gusts array{wet_ms: float, dry_ms: float, loose_ms: float|null, stones_ms: float|null, gale_ms: float, lacks_kg: float, least: string}
 */
final class ToppleDocument
{
    /** Of its easy water, what is gone when it is watered late. */
    private const DRIED = 0.7;

    /** A round bottom stands on no more than it is wide a tenth up. */
    private const FOOT_AT = 0.1;

    /**
     * @param float $wetKg   all of it after watering
     * @param float $waterL  in it then
     * @param float $collarCm over the floor of the pot
     *
     * @return Gusts|null null where its height or crown is not known
     */
    public static function of(DayPlant $entry, Setup $setup, float $wetKg, float $waterL, float $collarCm): ?array
    {
        $plant = $entry->plant;
        if ($plant->height_cm === null || $plant->canopy_cm === null || $plant->height_cm <= 0.0 || $plant->canopy_cm <= 0.0) {
            return null;
        }
        $pot = $setup->pot;
        $tied = new Toppling($plant->height_cm, $plant->canopy_cm, ($entry->pot->feet_cm ?? 0.0) + $collarCm, self::footCm($pot));
        $dryKg = $wetKg - self::DRIED * $waterL;
        $ball = $entry->plan->ball;
        $filling = $setup->filling;
        $looseMs = $stonesMs = null;
        if ($ball !== null && $filling?->ball !== null) {
            $loose = new Toppling($plant->height_cm, $plant->canopy_cm, $ball['height_cm'], min($ball['length_cm'], $ball['width_cm']));
            $litres = (1.0 - $filling->ball->gapShare()) * $filling->ballL;
            $looseKg = $setup->treeWeightKg + $litres * $filling->ball->substrate->bulkDensity + $filling->waterOf()[1];
            $looseMs = $loose->gustMs($looseKg);
            $stonesMs = $loose->gustMs($looseKg + Toppling::STONES_SHARE * $wetKg);
        }

        return [
            'wet_ms' => $tied->gustMs($wetKg),
            'dry_ms' => $tied->gustMs($dryKg),
            'loose_ms' => $looseMs,
            'stones_ms' => $stonesMs,
            'gale_ms' => Toppling::GALE_MS,
            'lacks_kg' => $tied->lacksKg($dryKg),
            'least' => match (true) {
                $looseMs !== null && $looseMs >= Toppling::GALE_MS => 'none',
                $stonesMs !== null && $stonesMs >= Toppling::GALE_MS => 'stones',
                default => 'wire',
            },
        ];
    }

    /**
     * The same, from what a pot of a day takes.
     *
     * @return Gusts|null
     */
    public static function ofNeeds(DayPlant $entry, DayPotNeeds $needs): ?array
    {
        $setup = $needs->share->setup;
        $collarCm = (float) (EntryFit::of($entry, $needs)?->document()['collar_cm'] ?? $setup->zone->topCm);

        return self::of($entry, $setup, $needs->weights()->wetKg, $setup->waterL(0.0), $collarCm);
    }

    private static function footCm(Container $pot): float
    {
        $base = min($pot->widthCm(0.0), $pot->breadthCm(0.0));
        $up = self::FOOT_AT * $pot->depthCm;

        return $pot->shape === PotShape::Bowl ? min($pot->widthCm($up), $pot->breadthCm($up)) : $base;
    }
}
