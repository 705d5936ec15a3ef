<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\SurfaceHeat;
use Zolbek\Core\Place\Watering\Floating;

/** What happens at the surface: floating grains, heat, grains that repel water when dry: schema SurfaceNotes of the API. */
final class SurfaceDocument
{
    /** Reflection of the darkest and the lightest dry grains. */
    private const ALBEDO = [0.08, 0.55];

    /** @return array<string, mixed> */
    public static function of(BlendForm $form, Situation $situation): array
    {
        $blend = $form->setup->substrate->blend;
        $zone = $form->setup->zone;
        [$floats, $atFirst] = Floating::shares($blend);
        $bare = Floating::washedOff($blend, Surface::Bare, $situation->habit->method);
        $albedo = $repels = 0.0;
        foreach ($blend->components as $i => $component) {
            $record = $form->parts->shelf->record($component->key);
            $albedo += $blend->shares[$i] * self::albedo($record->colour ?? '#808080');
            $repels += in_array($component->kind, [MaterialKind::Bark, MaterialKind::Organic, MaterialKind::Charcoal], true) ? $blend->shares[$i] : 0.0;
        }

        return [
            'floats' => $floats,
            'washed_off_l' => Floating::litres($blend, Floating::washedOff($blend, $situation->surface, $situation->habit->method), $zone->volumeL, $zone->topCm - $zone->bottomCm),
            'floats_at_first' => $atFirst,
            'washed_off' => Floating::washedOff($blend, $situation->surface, $situation->habit->method),
            'washed_off_bare' => $bare,
            'washed_off_stone' => Floating::washedOff($blend, Surface::Stone, $situation->habit->method),
            'washed_off_moss' => Floating::washedOff($blend, Surface::Moss, $situation->habit->method),
            'warmer_k' => $situation->surface === Surface::Moss ? 0.0 : SurfaceHeat::aboveAirK($albedo, $situation->place->exposure),
            'repels' => $repels,
        ];
    }

    private static function albedo(string $colour): float
    {
        $channels = array_map(static fn(int $at): float => hexdec(substr($colour, $at, 2)) / 255.0, [1, 3, 5]);
        $luminance = 0.2126 * $channels[0] ** 2.2 + 0.7152 * $channels[1] ** 2.2 + 0.0722 * $channels[2] ** 2.2;

        return self::ALBEDO[0] + (self::ALBEDO[1] - self::ALBEDO[0]) * $luminance;
    }
}
