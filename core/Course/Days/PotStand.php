<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Course\Water\Demand;
use Zolbek\Core\Course\Water\PotUse;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Place;

/**
 * How a place drives a pot: what of a day's evapotranspiration its leaves and its soil lose, and what of the rain reaches it.
 *
 *     D = phi ET0 (leafy kc recovery + bare)       L/day, see PotUse; indoors and under glass nothing rains in and no frost holds
 *     rain = share soil ((1 - c) mm + c max(0, mm - 1)),  c = min(1, canopy/soil) L: leaves keep 1 mm a day, judged
 *
 * m2. Source: model revision (e); the season model, section 2. Check: a tray of 0.0671283 m2 bare soil under 0.16896 m2 of middling leaves in full sun on a bench at
 * 5 mm: 1.2324966 L/day.
 */
final readonly class PotStand
{
    private const LEAVES_KEEP_MM = 1.0;

    public float $leafyM2;
    public float $bareM2;

    /** Glass or indoors. */
    public bool $under;

    /** Share of the rain that falls on it, 0 roofed to 1 open. */
    public float $rainShare;

    public function __construct(PotUse $use, Place $place, float $rainShare = 1.0)
    {
        $this->leafyM2 = $use->leafyM2();
        $this->bareM2 = $use->bareM2();
        $this->under = $place->exposure->isUnderCover();
        $this->rainShare = $place->rainFalls() ? $rainShare : 0.0;
    }

    /** Of a pot in some situation of a site. */
    public static function at(Setup $setup, Situation $situation, Climate $climate): self
    {
        return new self((new Demand($setup, $situation, $climate))->use, $situation->place);
    }

    /**
     * Litres of a day's rain that fall on the soil.
     *
     * @param float $covered c, share of the soil under leaves
     */
    public function rainL(float $mm, float $openSoilM2, float $covered): float
    {
        return $this->rainShare * $openSoilM2 * ((1.0 - $covered) * $mm + $covered * max(0.0, $mm - self::LEAVES_KEEP_MM));
    }
}
