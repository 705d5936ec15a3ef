<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\PotPresenter;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Setup\Setup;

/** The pot cut open: its outline, and water and air by height in the mix and in the layer beneath it. */
final class SectionDocument
{
    /** Levels at which the profile by height is given. */
    private const LEVELS = 32;

    /**
     * @param callable(string): array{component_id: int, kind: string, colour: string} $look how a component is drawn, by key
     *
     * @return array<string, mixed>
     */
    public static function of(Setup $setup, callable $look): array
    {
        $zone = $setup->zone;
        $layer = $setup->layer;

        return [
            'depth_cm' => $setup->pot->depthCm,
            'bottom_cm' => $zone->bottomCm,
            'top_cm' => $zone->topCm,
            'dressing_cm' => $setup->topDressingCm,
            'outline' => PotPresenter::outline($setup->pot),
            'profile' => self::profile($zone, $setup->substrate, $zone->bottomCm, $zone->topCm),
            'layer' => $layer === null ? null : [
                ...$look($layer->substrate->blend->components[0]->key),
                'thickness_cm' => $layer->thicknessCm,
                'disconnect_head_cm' => $layer->substrate->retention->disconnectHeadCm(),
                'packing_density' => $layer->substrate->packingDensity,
                'class_shares' => $layer->substrate->blend->components[0]->classShares,
                'profile' => array_map(static fn(float $z): array => [
                    'z_cm' => $z,
                    'saturation' => $layer->substrate->retention->saturationBetweenGrains($z),
                    'theta' => $layer->substrate->retention->theta($z),
                    'air' => $layer->substrate->retention->air($z),
                ], self::heights(0.0, $layer->thicknessCm)),
            ],
        ];
    }

    /** @return list<array<string, float>> */
    private static function profile(RootZone $zone, Substrate $substrate, float $from, float $to): array
    {
        return array_map(static function (float $z) use ($zone, $substrate): array {
            $head = $zone->suctionCm($z);

            return [
                'z_cm' => $z,
                'saturation' => $substrate->retention->saturationBetweenGrains($head),
                'theta' => $substrate->retention->theta($head),
                'air' => $substrate->retention->air($head),
            ];
        }, self::heights($from, $to));
    }

    /** @return list<float> */
    private static function heights(float $from, float $to): array
    {
        return array_map(static fn(int $i): float => $from + ($to - $from) * $i / self::LEVELS, range(0, self::LEVELS));
    }
}
