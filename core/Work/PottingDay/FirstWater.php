<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Place\Plant\PlantGroup;

/**
 * When a freshly potted plant gets its first water: at once and through and through, or after cut fleshy roots have sealed.
 *
 * Source: model section 13; five to ten days, seven to start from. Check: a maple is watered at once, a desert plant with cut roots after 7 days.
 */
final readonly class FirstWater
{
    public const DAYS = 7;
    public const FEWEST_DAYS = 1;
    public const MOST_DAYS = 21;

    public int $afterDays;

    public function __construct(PlantGroup $group, float $rootsCut, ?int $chosenDays = null)
    {
        $this->afterDays = $chosenDays ?? ($group->waitsForWounds() && $rootsCut > 0.0 ? self::DAYS : 0);
    }
}
