<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\FilterRule;
use Zolbek\Core\Place\Container\Mesh;
use Zolbek\Core\Place\Setup\Setup;

/** Each pair of neighbours in a pot, and whether the upper stays out of the lower. Schema LayerPair of the API. */
final class LayersDocument
{
    /** @return list<array{upper: string, lower: string, ratio: float|null, holds: bool, sifts_l: float, air_lost_l: float}> */
    public static function of(Setup $setup, ?Substrate $dressing, ?float $meshMm): array
    {
        $mix = $setup->substrate;
        $mixL = $setup->newMixL();
        $layer = $setup->layer;
        $wall = $setup->contents?->wall;
        $pairs = [];
        if ($dressing !== null && $setup->topDressingCm > 0.0) {
            $pairs[] = self::pair('dressing', $dressing, $setup->pot->volumeL($setup->zone->topCm, $setup->zone->topCm + $setup->topDressingCm), 'mix', $mix, $mixL);
        }
        if ($layer !== null) {
            $pairs[] = self::pair('mix', $mix, $mixL, 'layer', $layer->substrate, $setup->pot->volumeL(0.0, $layer->thicknessCm));
        }
        if ($wall !== null) {
            $pairs[] = self::pair('mix', $mix, $mixL, 'wall', $wall->substrate, $setup->filling->wallL ?? 0.0);
        }
        if ($meshMm !== null) {
            $grading = ($layer->substrate ?? $mix)->blend->grading();
            $pairs[] = ['upper' => $layer === null ? 'mix' : 'layer', 'lower' => 'mesh', 'ratio' => $meshMm / max(1e-9, $grading->quantileMm(0.85)), 'holds' => (new Mesh($grading, $meshMm))->holds, 'sifts_l' => 0.0, 'air_lost_l' => 0.0];
        }

        return $pairs;
    }

    /** @return array{upper: string, lower: string, ratio: float|null, holds: bool, sifts_l: float, air_lost_l: float} */
    private static function pair(string $upper, Substrate $above, float $aboveL, string $lower, Substrate $beneath, float $beneathL): array
    {
        $rule = new FilterRule($above, $aboveL, $beneath, $beneathL);

        return ['upper' => $upper, 'lower' => $lower, 'ratio' => $rule->ratio, 'holds' => $rule->holds, 'sifts_l' => $rule->siftedL, 'air_lost_l' => $rule->airLostL];
    }
}
