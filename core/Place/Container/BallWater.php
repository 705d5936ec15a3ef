<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/**
 * Water and air of a kept root ball beside those of the mix at the same heights, after free drainage.
 *
 *     wetter or drier where the water contents are more than 0.08 apart
 *
 * Shares of bulk volume; litres of the ball without the gaps that new mix fills. Source: model section 5; 0.08 is a starting figure, from where two bodies dry at
 * visibly different speeds. Check: a ball of the new mix itself is alike.
 */
final readonly class BallWater
{
    public const APART = 0.08;

    public float $litres;
    public float $waterL;
    public float $theta;
    public float $thetaAround;
    public float $air;

    /** One of wetter, drier, alike. */
    public string $stays;

    public function __construct(Filling $filling, RootBall $ball)
    {
        [$this->theta, $this->thetaAround] = $filling->ballAndAround();
        $this->litres = (1.0 - $ball->gapShare()) * $filling->ballL;
        $this->waterL = $filling->waterOf()[1];
        $this->air = $ball->substrate->retention->saturated - $this->theta;
        $this->stays = match (true) {
            $this->theta > $this->thetaAround + self::APART => 'wetter',
            $this->theta < $this->thetaAround - self::APART => 'drier',
            default => 'alike',
        };
    }
}
