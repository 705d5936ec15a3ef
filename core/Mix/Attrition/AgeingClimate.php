<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Attrition;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;

/**
 * What frost and warmth do to ageing.
 *
 *     clay granules   crumble_rate * (1 + frost cycles a year / 20)
 *     everything      decay_rate and structure_loss * 2^((yearly mean - 15) / 10)
 *
 * Frost cycles are those that freeze the pot through, see FrostCycles. A pace multiplies all three rates, another the wash-out: what the model itself may be
 * wrong by. Source: model section 8 and revision (b); Q10 = 2 for decay is a usual figure.
 * Check: 20 frost cycles a year double the crumbling of clay granules; 25 degC doubles decay.
 */
final readonly class AgeingClimate
{
    public const STEADY_C = 15.0;

    public function __construct(public float $frostCycles = 0.0, public float $meanC = self::STEADY_C, public float $pace = 1.0, public float $washOutPace = 1.0) {}

    public function crumbleRate(Material $component): float
    {
        return $this->pace * $component->crumbleRate * ($component->kind === MaterialKind::ClayGranule ? 1.0 + $this->frostCycles / 20.0 : 1.0);
    }

    public function decayRate(Material $component): float
    {
        return $this->pace * $component->decayRate * $this->warmth();
    }

    /** keep_i = exp(-s_i t 2^((mean - 15) / 10)): the share of its crumbs and flakes that has not given way after t years. */
    public function structureKept(Material $component, float $years): float
    {
        return exp(-$this->pace * $component->structureLoss * $years * $this->warmth());
    }

    private function warmth(): float
    {
        return 2.0 ** (($this->meanC - self::STEADY_C) / 10.0);
    }
}
