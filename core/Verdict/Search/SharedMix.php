<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** One mix, and the situations that it serves. */
final readonly class SharedMix
{
    /**
     * @param non-empty-array<int, int> $parts  whole parts by place of the ingredient
     * @param list<Served>              $serves
     */
    public function __construct(public array $parts, public array $serves) {}
}
