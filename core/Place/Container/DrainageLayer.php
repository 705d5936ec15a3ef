<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Substrate\Substrate;

/** A layer of coarser grains on the floor of the pot, in cm. */
final readonly class DrainageLayer
{
    public function __construct(public Substrate $substrate, public float $thicknessCm) {}
}
