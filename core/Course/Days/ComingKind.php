<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

/** What brings somebody to water a pot. */
enum ComingKind: string
{
    /** Every so many hours, by season. */
    case Every = 'every';

    /** Whoever looks, and waters what has come down to a share of its easy water. */
    case Share = 'share';

    /** At the latest: before a round would end in want. */
    case Need = 'need';

    /** On some days. */
    case Dates = 'dates';

    /** Nobody. */
    case Never = 'never';
}
