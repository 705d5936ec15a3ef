<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;

/** Another pot of the yard that a mix could go into. */
final readonly class OtherPot
{
    public function __construct(public string $key, public Container $pot, public Holes $holes, public float $weightKg, public bool $dryingSides) {}
}
