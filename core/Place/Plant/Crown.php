<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * What of a plant drives its water use: canopy in m2 seen from above, leaf, evergreen or not, share of roots cut, weeks since.
 *
 *     recovery = r0 + (1 - r0) weeks/6, at most 1;  r0 = max(0.2, 1 - 1.6 cut) without leaves, max(0.2, 1 - 1.2 cut) in leaf
 *
 * Half the roots off and no leaves starts from 0.2. Source: model section 9, starting figures of practice.
 * Check: half the roots cut, no leaves, that day: 0.2; after six weeks 1.
 */
final readonly class Crown
{
    public const WEEKS_TO_RECOVER = 6.0;
    private const LEAST = 0.2;

    public function __construct(
        public ?float $canopyM2 = null,
        public Leaf $leaf = Leaf::Middling,
        public bool $evergreen = false,
        public float $rootsCut = 0.0,
        public float $weeksSince = 0.0,
    ) {}

    public function recovery(): float
    {
        $steep = $this->leaf === Leaf::None ? 1.6 : 1.2;
        $start = max(self::LEAST, 1.0 - $steep * $this->rootsCut);

        return $start + (1.0 - $start) * min(1.0, $this->weeksSince / self::WEEKS_TO_RECOVER);
    }
}
