<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

/**
 * What a mix in a pot is rated by: three figures that kill, three that make it a poor mix, four to be mindful of. Stock and cost stand beside them.
 *
 * Source: model revision (f).
 */
enum Criterion: string
{
    /** Share of bulk volume after free drainage, tipped if the pot is. */
    case Air = 'air';

    /** Share of a hot spell's demand that is not met, coming by as somebody does. */
    case Drought = 'drought';

    /** Seconds. */
    case RunThrough = 'run_through';

    /** pH after a month. */
    case Ph = 'ph';

    /** pH at the end of the planned years, under this water and feed. */
    case LaterPh = 'later_ph';

    /** Years until the pot fails its plant, against the years planned; 8 where more. */
    case Years = 'years';

    /** Share of the surface that this way of watering would wash off. */
    case FloatShare = 'float_share';

    /** D90 in mm against the depth of the pot. */
    case LargestGrain = 'largest_grain';

    /** kg. */
    case WetWeight = 'wet_weight';

    /** Largest D50 of a component over the smallest. */
    case Segregation = 'segregation';

    /** What kills cannot be outweighed. */
    public function kills(): bool
    {
        return $this === self::Air || $this === self::Drought || $this === self::RunThrough;
    }

    /** Power with which it counts in the fit beside what kills; null for what kills and for a note. */
    public function power(): ?float
    {
        return match ($this) {
            self::Ph, self::Years => 1.0 / 2.0,
            self::LaterPh => 1.0 / 3.0,
            default => null,
        };
    }

    /** Weight among the notes, which are never a stop; null for what is no note. */
    public function noteWeight(): ?float
    {
        return match ($this) {
            self::FloatShare, self::Segregation => 0.25,
            self::LargestGrain, self::WetWeight => 0.5,
            default => null,
        };
    }
}
