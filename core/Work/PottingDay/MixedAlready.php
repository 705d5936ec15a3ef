<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Mix\Substrate\Portion;

/** What is mixed already of one mix of a day, whether or not a pot still takes it: loose litres, and the numbers of its loads. */
final readonly class MixedAlready
{
    /**
     * @param non-empty-list<array{Portion, float}> $portions
     * @param list<int>                             $numbers
     */
    public function __construct(public array $portions, public float $litres, public array $numbers) {}
}
