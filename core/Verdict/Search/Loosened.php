<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Rating;

/** What would make more possible: wishes let go of, or one change of pot or place, how far at least, and the word that a mix would have then. */
final readonly class Loosened
{
    /**
     * @param list<Wish> $wishes  none where pot or place change
     * @param float|null $to      least ceiling or years that would do; by how much or to what a change is made
     * @param string|null $word   what a change is to: an exposure, a season, a feed
     */
    public function __construct(public array $wishes, public ?ChangeKind $change, public ?float $to, public ?string $word, public Rating $rating, public Confirmed $recipe) {}
}
