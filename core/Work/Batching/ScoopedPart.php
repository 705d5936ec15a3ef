<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/** So many scoops of one portion for a load, in halves, and the millilitres beside them that no half scoop tells. Check: 1.5 scoops of 2 L and 40 ml are 3.04 L. */
final readonly class ScoopedPart
{
    public float $litres;

    public function __construct(public string $key, public float $scoops, public float $scoopL, public int $ml = 0)
    {
        $this->litres = $scoops * $scoopL + $ml / 1000.0;
    }
}
