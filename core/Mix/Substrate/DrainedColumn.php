<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Substrate;

use Zolbek\Core\Basis\Numerics\GaussLegendre;

/**
 * Water and air of a substrate after free drainage in a column with straight walls.
 *
 *     water = integral of theta(h u^2) 2u du over u from 0 to 1;   air = saturated - water
 *
 * Source: porometer method for container media (W. C. Fonteno, in Water, Media and Nutrition for Greenhouse Crops, 1996). Check: a column of no height keeps all its water.
 */
final readonly class DrainedColumn
{
    public float $water;
    public float $saturated;
    public float $air;

    public function __construct(Substrate $substrate, float $heightCm)
    {
        $this->water = GaussLegendre::integrate(static fn(float $u): float => 2.0 * $u * $substrate->retention->theta($heightCm * $u * $u), 0.0, 1.0);
        $this->saturated = $substrate->retention->saturated;
        $this->air = $this->saturated - $this->water;
    }
}
