<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Place\Setup\Windthrow;

/**
 * The gusts that a plant stands in its pot. Schema Topple of the API.
 *
 * @phpstan-type Gusts array{wet_ms: float, dry_ms: float, loose_ms: float|null, stones_ms: float|null, storm_ms: float, lacks_kg: float, least: string}
 */
final class ToppleDocument
{
    /** @return Gusts */
    public static function of(Windthrow $stands): array
    {
        return [
            'wet_ms' => $stands->wetMs, 'dry_ms' => $stands->dryMs, 'loose_ms' => $stands->looseMs, 'stones_ms' => $stands->stonesMs,
            'storm_ms' => $stands->stormMs, 'lacks_kg' => $stands->lacksKg, 'least' => $stands->least(),
        ];
    }
}
