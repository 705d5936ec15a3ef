<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Watering\Floating;

/**
 * What a component is good and bad for, read from its properties as it lies poured: the words of a grower for figures of the model.
 *
 * Thresholds are the middle and the ends of what the reference components span. Check: pumice 3-6 mm drains fast, holds its shape, and is light
 * on food; peat holds much water, is acid and rots.
 */
enum Quality: string
{
    case HoldsMuchWater = 'holds_much_water';
    case HoldsLittleWater = 'holds_little_water';
    case DrainsFast = 'drains_fast';
    case DrainsSlowly = 'drains_slowly';
    case Light = 'light';
    case Heavy = 'heavy';
    case Lasting = 'lasting';
    case Crumbles = 'crumbles';
    case Rots = 'rots';
    case LowersPh = 'lowers_ph';
    case RaisesPh = 'raises_ph';
    case HoldsFood = 'holds_food';
    case HoldsNoFood = 'holds_no_food';
    case Floats = 'floats';
    case Compacts = 'compacts';

    /** @return list<self> */
    public static function of(Material $component): array
    {
        $poured = new Substrate(new Blend([[$component, 1.0]]), CompressiblePacking::POURED);
        $water = $poured->retention->theta(10.0);
        $flux = $poured->flow->fluxCmS();
        $acts = $component->ph !== null && $component->buffer >= 5.0;
        $found = [
            [$water > 0.40, self::HoldsMuchWater],
            [$water < 0.15, self::HoldsLittleWater],
            [$flux > 2.0, self::DrainsFast],
            [$flux < 0.3, self::DrainsSlowly],
            [$component->bulkDensity < 0.3, self::Light],
            [$component->bulkDensity > 1.1, self::Heavy],
            [$component->crumbleRate <= 0.012 && $component->decayRate <= 0.01 && $component->structureLoss <= 0.05, self::Lasting],
            [$component->crumbleRate >= 0.04, self::Crumbles],
            [$component->decayRate >= 0.08 || $component->structureLoss >= 0.3, self::Rots],
            [$acts && $component->ph < 5.6, self::LowersPh],
            [$acts && $component->ph > 7.3, self::RaisesPh],
            [$component->cec >= 10.0, self::HoldsFood],
            [$component->cec <= 3.0, self::HoldsNoFood],
            [Floating::soaked($component) > 0.5, self::Floats],
            [$component->structureLoss >= 0.15 || $component->settledIndex > 6.0, self::Compacts],
        ];

        return array_values(array_map(
            static fn(array $pair): self => $pair[1],
            array_filter($found, static fn(array $pair): bool => $pair[0]),
        ));
    }

    /** Whether growers welcome it; most is a matter of what one wants. */
    public function isWelcome(): bool
    {
        return match ($this) {
            self::HoldsMuchWater, self::DrainsFast, self::Light, self::Lasting, self::HoldsFood => true,
            default => false,
        };
    }
}
