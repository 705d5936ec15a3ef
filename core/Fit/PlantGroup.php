<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/**
 * Groups of plants with starting targets for a settled mix in the plant's own pot: air after watering as a share of bulk
 * volume (soft margin 0.06) and pH (soft margin 0.5).
 *
 * Figures are the practice of growers, to start from. Check: pines and junipers want air 0.14 to 0.38 and pH 5.5 to 6.8.
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
    private const PH_MARGIN = 0.5;

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

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn(self $group): string => $group->value, self::cases());
    }
}
