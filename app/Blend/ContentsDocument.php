<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\BallWater;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;

/** What stands in the pot beside the new mix, whether it fits, and what it does: schema PotContents of the API. */
final class ContentsDocument
{
    private const LEVELS = 24;
    private const MOSS_LID_CM = 1.0;

    /** @return array<string, mixed> */
    public static function of(BlendForm $form): array
    {
        $setup = $form->setup;
        $zone = $setup->zone;
        $filling = $setup->filling;
        $ball = $filling?->ball;
        $budget = $setup->contents === null ? null : new DepthBudget($zone, $setup->contents, $setup->headspaceCm + $setup->topDressingCm);
        $water = $filling === null || $ball === null ? null : new BallWater($filling, $ball);
        [$mixWater, , $wallWater] = $filling?->waterOf() ?? [$zone->waterL($setup->substrate->retention), 0.0, 0.0];

        return [
            'new_mix_l' => $setup->newMixL(),
            'new_mix_loose_l' => $setup->newMixL() / $setup->substrate->yield,
            'layer_l' => $setup->layer === null ? 0.0 : $setup->pot->volumeL(0.0, $setup->layer->thicknessCm),
            'moss_lid_l' => $setup->layer === null ? 0.0 : self::MOSS_LID_CM * $setup->pot->areaCm2($zone->bottomCm) / 1000.0,
            'dressing_l' => $setup->pot->volumeL($zone->topCm, $zone->topCm + $setup->topDressingCm),
            'objects_l' => $setup->contents->objectsL ?? 0.0,
            'run_through_without_cover_s' => $setup->holeCover === null ? null : (new RunThrough($zone, $setup->substrate, $setup->holes))->seconds,
            'water_l' => $setup->waterL(0.0),
            'water_without_l' => $zone->waterL($setup->substrate->retention),
            'new_mix_water_l' => $mixWater,
            'wall' => $filling === null || $setup->contents?->wall === null ? null : [
                'kind' => $form->contents->wallKind ?? 'moss',
                'litres' => $filling->wallL, 'water_l' => $wallWater, 'thickness_cm' => $setup->contents->wall->thicknessCm,
                'theta' => $filling->wallL > 0.0 ? $wallWater / $filling->wallL : 0.0,
            ],
            'ball' => $water === null ? null : [
                'length_cm' => $ball->lengthCm, 'width_cm' => $ball->widthCm, 'height_cm' => $ball->heightCm,
                'litres' => $filling->ballL, 'gap_l' => $ball->gapShare() * $filling->ballL, 'gap_share' => $ball->gapShare(), 'water_l' => $water->waterL,
                'theta' => $water->theta, 'theta_around' => $water->thetaAround,
                'air' => $water->air,
                'stays' => $water->stays,
                'profile' => self::profile($zone, $ball->substrate, $budget->ballFootCm ?? 0.0, min($zone->topCm, $budget->ballTopCm ?? 0.0)),
            ],
            'layers' => LayersDocument::of($setup, $form->contents->dressingOf(), $form->pot->openingMm()),
            'fit' => $budget === null || $ball === null ? null : [
                'fits' => $budget->fits(), 'over_cm' => $budget->overCm, 'thin_cm' => $budget->thinCm, 'beside_cm' => $budget->besideCm, 'across_cm' => $budget->acrossCm,
                'ball_foot_cm' => $budget->ballFootCm, 'ball_top_cm' => $budget->ballTopCm, 'collar_cm' => $budget->collarCm,
                'mound_cm' => $setup->contents->moundCm, 'bed_cm' => $setup->contents->bedCm,
            ],
        ];
    }

    /** @return list<array{z_cm: float, saturation: float, theta: float, air: float}> */
    private static function profile(RootZone $zone, Substrate $substrate, float $from, float $to): array
    {
        return array_map(static function (int $i) use ($zone, $substrate, $from, $to): array {
            $z = $from + ($to - $from) * $i / self::LEVELS;
            $head = $zone->suctionCm($z);

            return ['z_cm' => $z, 'saturation' => $substrate->retention->saturationBetweenGrains($head), 'theta' => $substrate->retention->theta($head), 'air' => $substrate->retention->air($head)];
        }, range(0, self::LEVELS));
    }
}
