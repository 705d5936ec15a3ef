<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Place\Container\Container;

/**
 * Wire to tie a tree into its pot: gauge by the trunk, length by pot and ball.
 *
 *     gauge   1.5 mm to 15 mm of trunk, 2 to 30, 2.5 to 50, 3 above;  two wires above 30 mm or a ball longer than 25 cm, else one
 *     length  each: up through the floor twice, over the ball: 2 depth + width + 2 ball height + 20 cm to twist
 *
 * cm and mm. Source: practice, starting figures. Check: trunk 20 mm, pot 6 cm deep and 30 wide, ball 4 high: one wire of 2 mm, 70 cm.
 */
final readonly class TieWire
{
    private const TWIST_CM = 20.0;

    public float $gaugeMm;
    public int $wires;
    public float $lengthCm;

    public function __construct(Container $pot, float $trunkMm, float $ballLengthCm, float $ballHeightCm)
    {
        $this->gaugeMm = match (true) {
            $trunkMm <= 15.0 => 1.5,
            $trunkMm <= 30.0 => 2.0,
            $trunkMm <= 50.0 => 2.5,
            default => 3.0,
        };
        $this->wires = $trunkMm > 30.0 || $ballLengthCm > 25.0 ? 2 : 1;
        $this->lengthCm = $this->wires * (2.0 * $pot->depthCm + $pot->widthCm($pot->depthCm) + 2.0 * $ballHeightCm + self::TWIST_CM);
    }
}
