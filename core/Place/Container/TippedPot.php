<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Retention\RetentionCurve;

/**
 * The water that stays in a pot tipped along its length, so that the low corner drains the rest.
 *
 *     suction = (z - t + min(t, hc)) cos a + x sin a,   x in cm along the tip from the low edge of the floor
 *
 * z height above the floor when level, t and hc of a drainage layer (see RootZone); under an overhanging rim x is negative and the mix may stay saturated. The plan of a
 * rectangular pot is a rectangle, of every other an ellipse of the same area. Angle in degrees, 0 to 60; water in L.
 * Source: hydrostatics. Check: at 0 degrees it is W(0) of RootZone; a longer pot lets out more.
 */
final readonly class TippedPot
{
    public const STEEPEST_DEG = 60.0;

    public float $waterL;

    /** Litres that tipping lets out of a pot that has drained level. */
    public float $letsOutL;

    public function __construct(RootZone $zone, RetentionCurve $retention, float $degrees)
    {
        $level = $zone->waterL($retention);
        if ($degrees <= 0.0) {
            $this->waterL = $level;
            $this->letsOutL = 0.0;

            return;
        }
        $angle = deg2rad(min(self::STEEPEST_DEG, $degrees));
        [$cos, $sin] = [cos($angle), sin($angle)];
        $height = $zone->topCm - $zone->bottomCm;
        $lowEdge = -$zone->pot->widthCm(0.0) / 2.0;
        $suctions = $litres = [];
        $saturatedL = 0.0;
        foreach (GaussLegendre::SIXTEEN as [$u, $weight]) {
            $z = $zone->bottomCm + $height * $u * $u;
            $slice = $weight * 2.0 * $height * $u * $zone->pot->areaCm2($z) / 1000.0;
            foreach (self::plan($zone->pot, $z) as [$x, $share]) {
                $suction = $zone->suctionCm($z) * $cos + ($x - $lowEdge) * $sin;
                if ($suction > 0.0) {
                    $suctions[] = $suction;
                    $litres[] = $slice * $share;
                } else {
                    $saturatedL += $slice * $share;
                }
            }
        }
        $this->waterL = $retention->saturated * $saturatedL + ($suctions === [] ? 0.0 : $retention->water($suctions, $litres, 0.0));
        $this->letsOutL = max(0.0, $level - $this->waterL);
    }

    /** @return list<array{float, float}> places x in cm from the middle, and the share of the section that lies there */
    private static function plan(Container $pot, float $z): array
    {
        $half = $pot->shape === PotShape::Polygon ? sqrt($pot->areaCm2($z) / M_PI) : $pot->widthCm($z) / 2.0;
        $places = [];
        foreach (GaussLegendre::SIXTEEN as [$node, $weight]) {
            if ($pot->shape === PotShape::Rectangular) {
                $places[] = [$half * (2.0 * $node - 1.0), $weight];
            } else {
                $turn = M_PI * ($node - 0.5);
                $places[] = [$half * sin($turn), 2.0 * $weight * cos($turn) ** 2];
            }
        }

        return $places;
    }
}
