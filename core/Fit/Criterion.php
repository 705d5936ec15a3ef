<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/** What a mix in a pot is rated by. */
enum Criterion: string
{
    /** Share of bulk volume after free drainage, tipped if the pot is. */
    case Air = 'air';

    /** Hours between waterings in the hottest month, against the hours between visits. */
    case Interval = 'interval';

    /** Seconds. */
    case RunThrough = 'run_through';

    case Ph = 'ph';

    /** pH at the end of the planned years, under this water. */
    case LaterPh = 'later_ph';

    /** kg. */
    case WetWeight = 'wet_weight';

    /** D90 in mm against the depth of the pot. */
    case LargestGrain = 'largest_grain';

    /** Share of the surface that this way of watering would wash off. */
    case FloatShare = 'float_share';

    /** Largest D50 of a component over the smallest. */
    case Segregation = 'segregation';

    /** Years until the pot fails its plant, against the years planned. */
    case Years = 'years';

    /** Of the mix in one pot, against what it may cost. */
    case Cost = 'cost';

    /** Pots that the stock fills, against the pots wanted. */
    case Stock = 'stock';

    /** Weight in the fit: what kills a plant counts fully, what can be lived with half. */
    public function weight(): float
    {
        return match ($this) {
            self::LaterPh, self::FloatShare, self::Segregation, self::Cost, self::Stock => 0.5,
            default => 1.0,
        };
    }
}
