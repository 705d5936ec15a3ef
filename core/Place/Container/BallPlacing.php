<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * Where a root ball stands in its pot, seen from above: off the middle and turned, and the room that is left at each side.
 *
 *     half width of a turned ball   ellipse  (a^2 cos^2 t + b^2 sin^2 t)^(1/2),  rectangle  a |cos t| + b |sin t|;  half depth with sin and cos exchanged
 *     gap to the right              half the pot at its narrowest over the height of the ball - x - half width;  the others likewise
 *     it goes in                    where every point of its rim lies inside the section of the pot there
 *
 * x to the right and y to the back, cm from the middle; t from the length of the pot against the clock, degrees. A pot is taken as an ellipse, a rectangle where it is one.
 * Source: geometry. Check: a ball of 12 x 8 in a rectangle of 20 x 14, 2 to the right: 2 cm at the right, 6 at the left, 3 before and behind; turned by 90 degrees 4, 8 and 1.
 */
final readonly class BallPlacing
{
    private const POINTS = 72;

    public float $leftCm;
    public float $rightCm;
    public float $frontCm;
    public float $backCm;
    public bool $goesIn;

    /** @param float $fromCm heights above the floor between which it stands */
    public function __construct(Container $pot, float $fromCm, float $toCm, float $lengthCm, float $widthCm, float $xCm = 0.0, float $yCm = 0.0, float $turnDeg = 0.0)
    {
        $heights = [min($pot->depthCm, max(0.0, $fromCm)), min($pot->depthCm, max(0.0, $toCm))];
        $halfWidth = min(array_map($pot->widthCm(...), $heights)) / 2.0;
        $halfBreadth = min(array_map($pot->breadthCm(...), $heights)) / 2.0;
        [$a, $b] = [$lengthCm / 2.0, $widthCm / 2.0];
        [$cos, $sin] = [cos(deg2rad($turnDeg)), sin(deg2rad($turnDeg))];
        $isRectangle = $pot->shape === PotShape::Rectangular;
        $across = $isRectangle ? $a * abs($cos) + $b * abs($sin) : hypot($a * $cos, $b * $sin);
        $along = $isRectangle ? $a * abs($sin) + $b * abs($cos) : hypot($a * $sin, $b * $cos);
        $this->rightCm = $halfWidth - $xCm - $across;
        $this->leftCm = $halfWidth + $xCm - $across;
        $this->backCm = $halfBreadth - $yCm - $along;
        $this->frontCm = $halfBreadth + $yCm - $along;
        $this->goesIn = min($this->rightCm, $this->leftCm, $this->backCm, $this->frontCm) >= 0.0 && ($isRectangle || self::isInside($halfWidth, $halfBreadth, $a, $b, $xCm, $yCm, $cos, $sin));
    }

    private static function isInside(float $halfWidth, float $halfBreadth, float $a, float $b, float $x, float $y, float $cos, float $sin): bool
    {
        for ($i = 0; $i < self::POINTS; ++$i) {
            $angle = 2.0 * M_PI * $i / self::POINTS;
            [$u, $v] = [$a * cos($angle), $b * sin($angle)];
            if ((($x + $u * $cos - $v * $sin) / $halfWidth) ** 2 + (($y + $u * $sin + $v * $cos) / $halfBreadth) ** 2 > 1.0 + 1e-9) {
                return false;
            }
        }

        return true;
    }
}
