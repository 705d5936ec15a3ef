<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/** What a mix in a pot is rated by. */
enum Criterion: string
{
    /** Share of bulk volume after free drainage. */
    case Air = 'air';

    /** Seconds. */
    case RunThrough = 'run_through';

    case Ph = 'ph';

    /** kg. */
    case WetWeight = 'wet_weight';

    /** D90 in mm against the depth of the pot. */
    case LargestGrain = 'largest_grain';
}
