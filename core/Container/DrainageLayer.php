<?php

declare(strict_types=1);

namespace Zolbek\Core\Container;

use Zolbek\Core\Blending\Substrate;

/** A layer of coarser grains on the floor of the pot, in cm. */
final readonly class DrainageLayer
{
    public function __construct(public Substrate $substrate, public float $thicknessCm) {}
}
