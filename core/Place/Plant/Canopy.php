<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * Canopy that a plant of a pot usually carries, seen from above, m2: the largest single doubt about a watering, so it is asked for.
 *
 *     canopy = 0.06 V^(2/3) * vigour (slow 0.8, middling 1, vigorous 1.25)
 *                           * purpose (recover 0.6, newly collected and layer 0.5, stop-gap, refine, display 0.8, grow on 1)
 *                           * group (seedlings 0.5, desert 0.4)
 *
 * V litres of root zone. Source: model revision (e). Check: 3.4 L, vigorous, growing on, broadleaf: 0.1695823079 m2.
 */
final class Canopy
{
    private const OF_A_LITRE_M2 = 0.06;

    public static function usualM2(float $rootZoneL, RootVigour $vigour, Purpose $purpose, PlantGroup $group): float
    {
        return self::OF_A_LITRE_M2 * $rootZoneL ** (2.0 / 3.0)
            * match ($vigour) {
                RootVigour::Slow => 0.8,
                RootVigour::Middling => 1.0,
                RootVigour::Vigorous => 1.25,
            }
        * match ($purpose) {
            Purpose::Recover => 0.6,
            Purpose::NewlyCollected, Purpose::Layer => 0.5,
            Purpose::StopGap, Purpose::Refine, Purpose::Display => 0.8,
            Purpose::GrowOn => 1.0,
        }
        * match ($group) {
            PlantGroup::Seedlings => 0.5,
            PlantGroup::Desert => 0.4,
            default => 1.0,
        };
    }

    /** Share of a canopy that drives its water use: small hard leaves of mediterranean plants shut early. FAO Paper 56, table 12: olives 0.65 to 0.70. */
    public static function drives(PlantGroup $group): float
    {
        return $group === PlantGroup::Mediterranean ? 0.75 : 1.0;
    }
}
