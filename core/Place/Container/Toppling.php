<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * The gust that a tree in a pot stands before it goes over, m/s: where the moment of the wind about the edge of its foot is that of its weight.
 *
 *     1/2 rho Cd A v^2 arm = M g w/2;   A = pi/4 b h_c the crown as an ellipse, h_c = 0.7 h;   arm = foot to collar + h - h_c/2
 *
 * M kg, w the narrowest width of what it stands on, b breadth of the crown, h height over the collar, all in m; rho 1.2 kg/m3. Tied in, all of it stands on the base of the pot;
 * held by nothing, the tree and its ball stand on the foot of the ball; stones on the ball add a tenth of the whole.
 * Source: statics; Cd 0.6 in the middle of 0.9 in light air and 0.3 in a storm, of conifer crowns in a wind tunnel: G. J. Mayhead, Agricultural Meteorology 12 (1973) 123-130.
 * Share of the crown, Cd and stones are starting figures. Check: 10 kg on 0.2 m, 0.6 m high, 0.5 m broad, collar at 0.08 m: 18.75 m/s.
 */
final readonly class Toppling
{
    public const STONES_SHARE = 0.1;

    private const AIR = 1.2;
    private const DRAG = 0.6;
    private const CROWN_SHARE = 0.7;
    private const GRAVITY = 9.81;

    /** Moment of the wind about the foot at 1 m/s, N m. */
    private float $windMoment;

    /**
     * @param float $heightCm of the tree over its collar
     * @param float $canopyCm breadth of its crown
     * @param float $collarCm over what it stands on
     * @param float $footCm   narrowest width of what it stands on
     */
    public function __construct(float $heightCm, float $canopyCm, float $collarCm, private float $footCm)
    {
        $crown = self::CROWN_SHARE * $heightCm / 100.0;
        $area = M_PI / 4.0 * $canopyCm / 100.0 * $crown;
        $arm = ($collarCm + $heightCm) / 100.0 - $crown / 2.0;
        $this->windMoment = 0.5 * self::AIR * self::DRAG * $area * $arm;
    }

    /** Gust that so many kg stand. */
    public function gustMs(float $kg): float
    {
        return sqrt($kg * self::GRAVITY * $this->footCm / 200.0 / $this->windMoment);
    }

    /** Kilograms that so heavy a thing lacks at its foot to stand a gust; 0 where it stands it. */
    public function lacksKg(float $kg, float $gustMs): float
    {
        return max(0.0, $this->windMoment * $gustMs ** 2 / (self::GRAVITY * $this->footCm / 200.0) - $kg);
    }
}
