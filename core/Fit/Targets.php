<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/**
 * What a plant wants of a settled mix in its own pot, from its group, what is known of its species, and what it is potted for.
 *
 * Air as a share of bulk volume, pH, the suction in cm at which it begins to suffer, years until it is planned to be repotted.
 * Source: model section 13. Check: a pine to recover wants air 0.18 to 0.42.
 */
final readonly class Targets
{
    public function __construct(
        public Band $air,
        public Band $ph,
        public float $tensionLimitCm,
        public float $plannedYears,
    ) {}

    /**
     * @param array{air_low?: float|null, air_high?: float|null, ph_low?: float|null, ph_high?: float|null, tension_limit_cm?: float|null, years_young?: float|null, years_old?: float|null} $species
     *        what a species wants otherwise than its group
     * @param float|null $plannedYears what somebody means to do, whatever is usual
     */
    public static function of(PlantGroup $group, array $species = [], Purpose $purpose = Purpose::GrowOn, bool $old = false, ?float $plannedYears = null): self
    {
        $margin = $purpose->marginFactor();
        [$air, $ph] = [$group->air(), $group->ph()];
        [$young, $aged] = $group->replaceYears();
        $years = $old ? ($species['years_old'] ?? $aged) : ($species['years_young'] ?? $young);

        return new self(
            new Band(
                ($species['air_low'] ?? $air->low) + $purpose->moreAir(),
                ($species['air_high'] ?? $air->high) + $purpose->moreAir(),
                $air->margin * $margin,
            ),
            new Band($species['ph_low'] ?? $ph->low, $species['ph_high'] ?? $ph->high, $ph->margin * $margin),
            $species['tension_limit_cm'] ?? $group->tensionLimitCm(),
            $plannedYears ?? $years * $purpose->yearsFactor(),
        );
    }
}
