<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Place\Plant\PlantGroup;

/**
 * Whether a plant is likely lost: it got less than a tenth of what it wanted on so many days in a row that wanted anything.
 *
 * Judged, and harsh: a tree in want shuts, drops its leaves and lives longer. Shown as a rank among pots, never as a date and never alone. Source: the season model,
 * section 4. Check: three days for most plants, two for seedlings, sixty in the desert.
 */
final class LikelyLost
{
    /** Share of what is wanted below which a day counts. */
    public const BELOW = 0.1;

    public static function afterDays(PlantGroup $group): int
    {
        return match ($group) {
            PlantGroup::Seedlings => 2,
            PlantGroup::AiryConifers, PlantGroup::Mediterranean => 7,
            PlantGroup::TropicalDrySeason => 14,
            PlantGroup::Desert => 60,
            default => 3,
        };
    }
}
