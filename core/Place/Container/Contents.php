<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/** What stands in a pot beside the new mix: a root ball on a bed, a zone at the wall, objects. Lengths in cm. */
final readonly class Contents
{
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

    /** The ball as it lies in this root zone. */
    public function ballIn(RootZone $zone): ?RootBall
    {
        if ($this->ball === null || $this->ballShare === null) {
            return $this->ball;
        }

        return $this->ballShare <= 0.0 ? null : RootBall::ofShare($zone, $this->ballShare, $this->ball->treatment, $this->ball->substrate, $this->ball->gaps);
    }
}
