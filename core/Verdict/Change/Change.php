<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Setup\Setup;

/** A single change of a setup, with what it takes to name it and to make it. */
final readonly class Change
{
    /**
     * @param float       $size         of the change for ranking, 1 for a moderate one
     * @param float       $by           by how much or to what: parts, cm, mm, degrees, hours, years, share of rain, mmol H+ per L and year, pH
     * @param string|null $componentKey of the portion that changes, or that comes in
     * @param string|null $to           word that it changes to: an exposure, a feed, or the key of a pot or of the portion that is replaced
     */
    public function __construct(
        public ChangeKind $kind,
        public Setup $setup,
        public float $size,
        public float $by = 0.0,
        public ?string $componentKey = null,
        public ?string $to = null,
    ) {}
}
