<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

use Zolbek\Core\Component\Component;
use Zolbek\Core\Component\ComponentKind;

/**
 * What frost and warmth do to ageing.
 *
 *     clay granules   crumble_rate * (1 + frost cycles a year / 20)
 *     everything      decay_rate * 2^((yearly mean - 15) / 10)
 *
 * Source: model section 8; Q10 = 2 for decay is a usual figure. Check: 20 frost cycles a year double the crumbling of clay granules; 25 degC doubles decay.
 */
final readonly class AgeingClimate
{
    public function __construct(public float $frostCycles, public float $meanC) {}

    public function crumbleRate(Component $component): float
    {
        return $component->crumbleRate * ($component->kind === ComponentKind::ClayGranule ? 1.0 + $this->frostCycles / 20.0 : 1.0);
    }

    public function decayRate(Component $component): float
    {
        return $component->decayRate * 2.0 ** (($this->meanC - 15.0) / 10.0);
    }
}
