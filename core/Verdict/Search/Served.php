<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Verdict\Fit\Rating;

/** What a mix would be in one situation, and what the best of those tried would be there. */
final readonly class Served
{
    public function __construct(public int $situation, public Rating $rating, public float $fit, public Rating $bestRating, public float $bestFit) {}

    /** Fit that is given up for having fewer mixes. */
    public function givenUp(): float
    {
        return max(0.0, $this->bestFit - $this->fit);
    }
}
