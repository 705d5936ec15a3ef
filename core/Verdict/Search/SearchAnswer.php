<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** What a search has to say: at first what it found so far, in the end all of it. */
final readonly class SearchAnswer
{
    /**
     * @param list<Found>    $found
     * @param list<Loosened> $loosened where nothing is good
     * @param float|null     $leftAtMost greatest fit that those not looked at could have; null where that is not known
     */
    public function __construct(public array $found, public Counts $counts, public array $loosened = [], public ?float $leftAtMost = null, public bool $isEnd = false) {}
}
