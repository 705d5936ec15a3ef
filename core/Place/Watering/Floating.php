<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Watering;

use WeakMap;
use Zolbek\Core\Basis\Numerics\Erfc;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Place\Site\Surface;

/**
 * How likely grains of a mix float, and what share of its surface a way of watering would wash off.
 *
 *     P        = cdf((1 - re - ws) / sqrt(u_re^2 + u_ws^2))      a soaked grain floats
 *     P_first  = cdf((1 - re) / u_re)                            a dry one, until its pores fill; 0 for bark, organics and soil, which soak before they are mixed
 *     lost     = sum f_i (P + 0.25 max(0, P_first - P)) * method * surface
 *     litres   = lost * V * min(1, 2 D50 / depth of the root zone): at most the top two grains go
 *
 * u 15 % of re and ws (30 % for bark, organics and soil): grains of one sack differ. f_i shares of envelope volume, as grains show at a surface. Source: buoyancy;
 * model revision (d); factors of method and surface are starting figures. Check: pumice 3-6 mm P 0.03801881405; equal perlite and pumice, can, bare: 0.2101033522.
 */
final class Floating
{
    private const AT_FIRST_COUNTS = 0.25;
    private const WATER = 1.0;
    private const GRAINS_DEEP = 2.0;

    /** @var WeakMap<Material, array{float, float}> share of grains that float soaked and dry, once worked out */
    private static WeakMap $known;

    /** Probability that a soaked grain floats, 0..1. */
    public static function soaked(Material $component): float
    {
        $u = self::relative($component);

        return self::cdf(self::WATER - $component->particleDensity - $component->internalWater, $u * hypot($component->particleDensity, $component->internalWater));
    }

    /** Probability that a dry grain floats until its pores fill, 0..1. */
    public static function atFirst(Material $component): float
    {
        return $component->kind?->isCompressible() === true ? 0.0 : self::cdf(self::WATER - $component->particleDensity, self::relative($component) * $component->particleDensity);
    }

    /** @return array{float, float} share of grains that float soaked, and that float at first only */
    public static function shares(Blend $blend): array
    {
        $soaked = $atFirst = 0.0;
        $known = self::$known ??= new WeakMap();
        foreach ($blend->components as $i => $component) {
            [$always, $first] = $known[$component] ??= [self::soaked($component), self::atFirst($component)];
            $soaked += $blend->envelopeShares[$i] * $always;
            $atFirst += $blend->envelopeShares[$i] * max(0.0, $first - $always);
        }

        return [$soaked, $atFirst];
    }

    public static function washedOff(Blend $blend, Surface $surface, WateringMethod $method): float
    {
        [$soaked, $atFirst] = self::shares($blend);

        return ($soaked + self::AT_FIRST_COUNTS * $atFirst) * $surface->letsFloat() * $method->carriesOff();
    }

    /** Litres that go with a share of the surface. */
    public static function litres(Blend $blend, float $lostShare, float $rootZoneL, float $rootZoneCm): float
    {
        return $lostShare * $rootZoneL * min(1.0, self::GRAINS_DEEP * $blend->grading()->quantileMm(0.5) / 10.0 / $rootZoneCm);
    }

    private static function relative(Material $component): float
    {
        return StandardUncertainty::typicalShare($component->kind);
    }

    private static function cdf(float $value, float $spread): float
    {
        return $spread > 0.0 ? Erfc::of(-$value / $spread * M_SQRT1_2) / 2.0 : ($value > 0.0 ? 1.0 : 0.0);
    }
}
