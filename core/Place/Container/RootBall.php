<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * A root ball that is kept: its size in cm, how it was treated, and the old mix it is of.
 *
 * A ball lies in the pot as an upright body of the same section all the way: an ellipse, or a rectangle in a rectangular pot. One of a share f of the
 * root zone has the height f^(1/3) of it and the section that gives f of its volume.
 *
 * Source: geometry. Check: a quarter of the 3.381309855 L of an oval tray 34 x 26, 30 x 22 below, 6.5 deep, 0.8 cm free: 20.01726097 x 14.97415259 x 3.590774992 cm.
 */
final readonly class RootBall
{
    public function __construct(
        public float $lengthCm,
        public float $widthCm,
        public float $heightCm,
        public BallTreatment $treatment,
        public Substrate $substrate,
        public ?float $gaps = null,
    ) {}

    /** A ball that takes a share of a root zone, of the same proportions as the pot. */
    public static function ofShare(RootZone $zone, float $share, BallTreatment $treatment, Substrate $substrate, ?float $gaps = null): self
    {
        $height = ($zone->topCm - $zone->bottomCm) * $share ** (1.0 / 3.0);
        $area = 1000.0 * $share * $zone->volumeL / $height;
        $middle = ($zone->topCm + $zone->bottomCm) / 2.0;
        $slim = $zone->pot->breadthCm($middle) / $zone->pot->widthCm($middle);
        $length = sqrt($area / $slim / ($zone->pot->shape === PotShape::Rectangular ? 1.0 : M_PI / 4.0));

        return new self($length, $length * $slim, $height, $treatment, $substrate, $gaps);
    }

    public function areaCm2(Container $pot): float
    {
        return $this->lengthCm * $this->widthCm * ($pot->shape === PotShape::Rectangular ? 1.0 : M_PI / 4.0);
    }

    /** Share of its volume that new mix fills. */
    public function gapShare(): float
    {
        return $this->gaps ?? $this->treatment->gapShare();
    }
}
