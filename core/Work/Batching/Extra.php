<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Mix\Substrate\Portion;

/** A handful of something that some pots of a day get on top of the base mix: so many litres of it for each of them. */
final readonly class Extra
{
    public const HANDFUL_L = 0.15;

    public function __construct(public string $label, public int $pots, public Portion $portion, public float $litresPerPot) {}
}
