<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\GaussLegendre;

/**
 * What stands in a pot beside the new mix: a root ball on a bed, a zone at the wall, objects. Lengths in cm.
 *
 *     a ball of a share f:  integral of min(section, pot less wall) over its height = f * root zone
 *
 * Source: conservation of volume. Check: half of a bowl is half of it, though a body of one section would lose a quarter at its wall.
 */
final readonly class Contents
{
    /** What a share may lose at the wall before the ball is shaped anew, and by how much it is more than enough then. */
    private const KEPT = 0.001;
    private const WIDEST = 3.0;
    private const HALVINGS = 40;

    /**
     * @param float $bedCm    new mix beneath the ball
     * @param float $collarCm from the top of the ball up to the collar
     * @param float $moundCm  that the mix may stand above the rim
     * @param float $objectsL plate, stone, foam
     */
    public function __construct(
        public ?RootBall $ball = null,
        public ?float $ballShare = null,
        public ?WallZone $wall = null,
        public float $objectsL = 0.0,
        public float $bedCm = 1.0,
        public float $collarCm = 0.0,
        public float $moundCm = 0.0,
    ) {}

    /**
     * The ball as it lies in this root zone. One of a share keeps that share: where the wall of the pot would cut it, as in a bowl, it is wider and, where that does
     * not help, higher.
     *
     * @throws Refused field "ball_share" where so much does not lie above the bed
     */
    public function ballIn(RootZone $zone): ?RootBall
    {
        if ($this->ball === null || $this->ballShare === null) {
            return $this->ball;
        }
        if ($this->ballShare <= 0.0) {
            return null;
        }
        $ball = RootBall::ofShare($zone, $this->ballShare, $this->ball->treatment, $this->ball->substrate, $this->ball->gaps);
        $litres = $this->ballShare * $zone->volumeL;
        if ($this->litresIn($zone, $ball) > (1.0 - self::KEPT) * $litres) {
            return $ball;
        }
        $room = $zone->topCm - $zone->bottomCm - $this->bedCm;
        $high = $ball->heightCm;
        $wide = static fn(float $height): RootBall => new RootBall(self::WIDEST * $ball->lengthCm, self::WIDEST * $ball->widthCm, $height, $ball->treatment, $ball->substrate, $ball->gaps);
        if ($this->litresIn($zone, $wide($high)) < $litres * (1.0 + self::KEPT)) {
            if ($this->litresIn($zone, $wide(max(0.0, $room))) < $litres) {
                throw Refused::because('ball_share', 'ball_over_bed', $this->ballShare, ['max' => floor(1000.0 * $this->litresIn($zone, $wide(max(0.0, $room))) / $zone->volumeL) / 1000.0]);
            }
            $high = self::between($high, $room, fn(float $height): float => $this->litresIn($zone, $wide($height)) - min($litres * (1.0 + self::KEPT), $this->litresIn($zone, $wide($room))));
        }
        $scale = self::between(1.0, self::WIDEST, fn(float $scale): float => $this->litresIn($zone, new RootBall($scale * $ball->lengthCm, $scale * $ball->widthCm, $high, $ball->treatment, $ball->substrate)) - $litres);

        return new RootBall($scale * $ball->lengthCm, $scale * $ball->widthCm, $high, $ball->treatment, $ball->substrate, $ball->gaps);
    }

    /** Litres of a ball that lie inside the pot and beside its wall zone. */
    private function litresIn(RootZone $zone, RootBall $ball): float
    {
        $low = min($zone->topCm, $zone->bottomCm + $this->bedCm);
        $section = $ball->areaCm2($zone->pot);

        return GaussLegendre::integrate(function (float $z) use ($zone, $section): float {
            $area = $zone->pot->areaCm2($z);

            return min($section, $area - $area * ($this->wall?->shareOf($area) ?? 0.0)) / 1000.0;
        }, $low, max($low, min($zone->topCm, $low + $ball->heightCm)));
    }

    /** Where a rising figure passes zero. */
    private static function between(float $low, float $high, callable $figure): float
    {
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($low + $high) / 2.0;
            if ($figure($middle) < 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }
}
