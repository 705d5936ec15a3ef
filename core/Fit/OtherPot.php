<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Container\Holes;
use Zolbek\Core\Container\Pot;

/** Another pot of the yard that a mix could go into. */
final readonly class OtherPot
{
    public function __construct(public string $key, public Pot $pot, public Holes $holes, public float $weightKg, public bool $dryingSides) {}
}
