<?php

declare(strict_types=1);

namespace App\Situations;

use RuntimeException;

/** Climates that ship with Zolbek, each typical of a zone of the world: what a site begins with until somebody has figures of its own. Schema TypicalClimate of the API. */
final readonly class TypicalClimates
{
    /** @return list<array{key: string, winters: string, summers: string, rain: string, latitude: float, altitude_m: float, alkalinity_mg_l: float, months: list<array{tmin: float, tmax: float, rain_mm: float}>}> */
    public function all(): array
    {
        $text = file_get_contents(database_path('reference/climates.json'));

        return $text === false ? throw new RuntimeException('database/reference/climates.json is missing.') : array_values(json_decode($text, true, 16, JSON_THROW_ON_ERROR)['climates']);
    }
}
