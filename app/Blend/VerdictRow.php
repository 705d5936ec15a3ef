<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Verdict\Fit\Verdict;

/** A figure in its band, as the API tells it: schema Verdict, without how sure it is and what would mend it. */
final class VerdictRow
{
    /** @return array<string, mixed> */
    public static function of(Verdict $verdict): array
    {
        return [
            'criterion' => $verdict->criterion->value,
            'value' => $verdict->value,
            'low' => $verdict->band->low,
            'high' => is_finite($verdict->band->high) ? $verdict->band->high : null,
            'level' => $verdict->level->value,
            'desirability' => $verdict->desirability,
            'outside' => $verdict->marginsOutside,
            'kills' => $verdict->kills(),
            'note' => $verdict->criterion->noteWeight() !== null,
            'uncertainty' => null,
            'close' => null,
            'mends' => [],
        ];
    }
}
