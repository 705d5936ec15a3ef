<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\Floating;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * What goes into the tub: organic or not, loam, soft clay, fillers that float, light and heavy stone. By kind and property of a material, whatever it is called.
 *
 * Source: practice. Check: a porous stone of 0.46 kg/L raises the question of light stone, one of 0.8 kg/L that of heavy stone from half of the mix on.
 */
final readonly class AboutMaterials
{
    private const SHARE = 0.25;

    /** Loose kg/L up to which a porous stone is a light one, such as pumice; heavier are lava, expanded shale or zeolite. */
    private const LIGHT_KG_L = 0.6;

    public function __construct(private Occasion $at, private Variation $try) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $setup = $this->at->setup;
        $found = [];
        $other = $this->try->organic() > 0.0
            ? $this->try->only(static fn(Material $component): bool => ! in_array($component->kind, [MaterialKind::Bark, MaterialKind::Organic], true))
            : $this->try->plus('bark', self::SHARE);
        if ($other !== null) {
            $found['organic_share'] = ['share' => $this->try->organic(), ...$this->try->pair($other)];
        }
        $loam = $this->try->shareOf(static fn(Material $component): bool => $component->kind === MaterialKind::Soil);
        $other = $loam > 0.0 ? $this->try->only(static fn(Material $component): bool => $component->kind !== MaterialKind::Soil) : $this->try->plus('loam', self::SHARE);
        if ($other !== null) {
            $then = new Assessment($other);
            $found['loam_base'] = ['share' => $loam, ...$this->try->pair($other, $then), 'fit' => $this->at->now->fit, 'other_fit' => $then->fit];
        }
        $clay = $this->try->shareOf(static fn(Material $component): bool => $component->kind === MaterialKind::ClayGranule && $component->crumbleRate >= 0.03);
        if ($clay > 0.0) {
            $aged = new AgedPot($setup, min(8.0, $this->at->situation->targets->plannedYears));
            $found['soft_clay'] = ['share' => $clay, 'frost_cycles' => $setup->ageing?->frostCycles, 'air' => Variation::air($setup), 'later_air' => $aged->air, 'planned' => $aged->years];
        }
        $blend = $setup->substrate->blend;
        [$floats] = Floating::shares($blend);
        if ($floats > 0.02) {
            $off = fn(Surface $surface): float => Floating::washedOff($blend, $surface, $this->at->situation->habit->method);
            $found['light_filler'] = ['floats' => $floats, 'bare' => $off(Surface::Bare), 'stone' => $off(Surface::Stone), 'moss' => $off(Surface::Moss)];
        }
        if ($this->try->shareOf(self::isLightStone(...)) > 0.0 && isset($this->at->standIns['lava'])) {
            $other = $this->try->swapped(self::isLightStone(...), 'lava');
            $found['pumice'] = $other === null ? null : ['wet_kg' => $this->at->now->weights->wetKg, 'other_wet_kg' => (new Assessment($other, withYears: false))->weights->wetKg, ...$this->try->pair($other)];
        }
        if ($this->try->shareOf(self::isHeavyStone(...)) >= 0.5 && isset($this->at->standIns['pumice'])) {
            $other = $this->try->plus('pumice', 0.5);
            $found['all_lava'] = $other === null ? null : $this->try->pair($other);
        }

        return array_filter($found);
    }

    private static function isLightStone(Material $component): bool
    {
        return $component->kind === MaterialKind::PorousStone && $component->bulkDensity <= self::LIGHT_KG_L;
    }

    private static function isHeavyStone(Material $component): bool
    {
        return $component->kind === MaterialKind::PorousStone && $component->bulkDensity > self::LIGHT_KG_L;
    }
}
