<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * What a plant wants of a settled mix in its own pot, from its group, what is known of its species, and what it is potted for.
 *
 *     air            of the group or species, both ends + 0.04 to recover, newly collected or as a layer; soft margin 0.06, doubled for a stop-gap
 *     pH             of the group or species, low end - 0.8 f and high end - 0.4 f in a mix of organic share f (organic soils serve at a lower pH);
 *                    soft margin 0.8 max(1, 10/B), doubled for a stop-gap: a mix of little buffer B follows its water
 *     tension limit  suction in cm at which it begins to suffer
 *     drought        share of a hot spell that may go short, see PlantGroup
 *     years          until it is planned to be repotted
 *
 * Air as a share of bulk volume, B in mmol H+ per L and pH unit. Source: model section 13, revision (c), (f); R. E. Lucas and J. F. Davis, Soil Science 92 (1961)
 * 177-182; J. C. Peterson (1982). Check: a pine to recover wants air 0.18 to 0.42; in pure peat pH 4.7 to 6.4.
 */
final readonly class Targets
{
    private const ORGANIC_LOW = 0.8;
    private const ORGANIC_HIGH = 0.4;
    private const BUFFERED = 10.0;

    public function __construct(
        public Band $air,
        public Band $ph,
        public float $tensionLimitCm,
        public float $plannedYears,
        public Band $drought,
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
            $group->drought(),
        );
    }

    /**
     * The pH wanted of a mix of an organic share and a buffer; an endless margin where nothing buffers.
     *
     * @param float $organicShare of the envelope volume, 0..1
     */
    public function phIn(float $organicShare, float $bufferMmolL): Band
    {
        return new Band(
            $this->ph->low - self::ORGANIC_LOW * $organicShare,
            $this->ph->high - self::ORGANIC_HIGH * $organicShare,
            $bufferMmolL > 0.0 ? $this->ph->margin * max(1.0, self::BUFFERED / $bufferMmolL) : INF,
        );
    }

    public function withPlannedYears(float $years): self
    {
        return new self($this->air, $this->ph, $this->tensionLimitCm, $years, $this->drought);
    }
}
