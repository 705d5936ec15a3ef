<?php

declare(strict_types=1);

namespace App\Situations;

use RuntimeException;

/** The library of plants that ships with Zolbek, as species.json in database/reference describes it. */
final readonly class ReferenceSpecies
{
    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $text = file_get_contents(database_path('reference/species.json'));
        if ($text === false) {
            throw new RuntimeException('database/reference/species.json is missing.');
        }

        return array_values(json_decode($text, true, 16, JSON_THROW_ON_ERROR)['species']);
    }

    /** @return array<string, array<string, mixed>> */
    public function byKey(): array
    {
        return array_column($this->all(), null, 'key');
    }
}
