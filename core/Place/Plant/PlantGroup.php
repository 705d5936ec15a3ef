<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * Groups of plants with starting targets for a settled mix in the plant's own pot: air after watering as a share of bulk
 * volume (soft margin 0.06), pH (soft margin 0.8), the suction it bears, how short it may go in a hot spell and the years that a mix serves it.
 *
 * Source: the practice of growers, figures to start from. Check: pines and junipers want air 0.14 to 0.38 and pH 5.5 to 6.8, and bear a drought of 0.15.
 */
enum PlantGroup: string
{
    case Desert = 'desert';
    case AiryConifers = 'airy_conifers';
    case ThirstyConifers = 'thirsty_conifers';
    case BroadleafDeciduous = 'broadleaf_deciduous';
    case BroadleafEvergreen = 'broadleaf_evergreen';
    case FruitingFlowering = 'fruiting_flowering';
    case AcidLovers = 'acid_lovers';
    case Mediterranean = 'mediterranean';
    case TropicalEvergreen = 'tropical_evergreen';
    case TropicalDrySeason = 'tropical_dry_season';
    case Seedlings = 'seedlings';

    private const AIR_MARGIN = 0.06;
    private const PH_MARGIN = 0.8;

    public function air(): Band
    {
        [$low, $high] = match ($this) {
            self::Desert => [0.14, 0.45],
            self::AiryConifers => [0.14, 0.38],
            self::ThirstyConifers, self::BroadleafDeciduous, self::BroadleafEvergreen, self::TropicalEvergreen => [0.10, 0.30],
            self::FruitingFlowering => [0.08, 0.28],
            self::AcidLovers => [0.10, 0.32],
            self::Mediterranean => [0.12, 0.36],
            self::TropicalDrySeason => [0.12, 0.38],
            self::Seedlings => [0.08, 0.25],
        };

        return new Band($low, $high, self::AIR_MARGIN);
    }

    public function ph(): Band
    {
        [$low, $high] = match ($this) {
            self::Desert => [6.0, 7.5],
            self::AiryConifers, self::ThirstyConifers => [5.5, 6.8],
            self::BroadleafDeciduous => [5.8, 7.0],
            self::BroadleafEvergreen => [5.8, 7.2],
            self::FruitingFlowering, self::TropicalEvergreen => [5.8, 6.8],
            self::AcidLovers => [4.5, 5.6],
            self::Mediterranean => [6.2, 7.6],
            self::TropicalDrySeason => [6.0, 7.2],
            self::Seedlings => [5.5, 6.5],
        };

        return new Band($low, $high, self::PH_MARGIN);
    }

    /** Suction in cm at which plants of this group begin to suffer. */
    public function tensionLimitCm(): float
    {
        return match ($this) {
            self::Desert => 3000.0,
            self::AiryConifers => 200.0,
            self::ThirstyConifers, self::FruitingFlowering => 80.0,
            self::BroadleafDeciduous, self::TropicalEvergreen => 100.0,
            self::BroadleafEvergreen => 120.0,
            self::AcidLovers => 60.0,
            self::Mediterranean => 300.0,
            self::TropicalDrySeason => 400.0,
            self::Seedlings => 50.0,
        };
    }

    /** Degree of drought in a hot spell, see Drought, that it takes without harm, with its margin. */
    public function drought(): Band
    {
        [$most, $margin] = match ($this) {
            self::Seedlings => [0.05, 0.20],
            self::AiryConifers, self::Mediterranean => [0.15, 0.30],
            self::TropicalDrySeason => [0.25, 0.35],
            self::Desert => [0.60, 0.30],
            default => [0.10, 0.25],
        };

        return new Band(0.0, $most, $margin);
    }

    /** @return array{float, float} years after which the mix is replaced: young plants, old ones */
    public function replaceYears(): array
    {
        return match ($this) {
            self::AiryConifers, self::Mediterranean => [3.0, 5.0],
            self::FruitingFlowering => [1.0, 3.0],
            self::TropicalEvergreen => [2.0, 3.0],
            self::Seedlings => [1.0, 1.0],
            default => [2.0, 4.0],
        };
    }

    /** Daily mean in degC whose passing in spring tells a site's season for it, where nothing was observed. */
    public function wakesAtC(): float
    {
        return match ($this) {
            self::Desert, self::TropicalEvergreen, self::TropicalDrySeason => 15.0,
            default => 6.0,
        };
    }

    /** Whether cut roots are left to seal before the first water. */
    public function waitsForWounds(): bool
    {
        return $this === self::Desert || $this === self::TropicalDrySeason;
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn(self $group): string => $group->value, self::cases());
    }
}
