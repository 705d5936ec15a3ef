<?php

declare(strict_types=1);

namespace App\Truth;

use RuntimeException;

/** Published figures and practice cases to set the model beside, as published.json and panel.json in database/reference hold them. */
final readonly class ReferencePanel
{
    /** @return list<array{key: string, name: string, source: string, sure: string, use: string, figures?: list<array<string, float|int|string>>, ranges?: array<string, array{float|int|null, float|int|null}>, given?: array<string, mixed>}> */
    public function published(): array
    {
        return array_values(self::read('published.json')['sets']);
    }

    /** @return array{sites: array<string, array<string, mixed>>, cases: list<array{id: string, mix: array<string, float|int>, pot: array<string, mixed>, holes: array<string, mixed>, headspace_cm: float|int, species: string, exposure: string, habit_h?: float|int|null, site: string|array<string, mixed>, expect: array{rating: string, levels: array<string, string>, sure: string}}>} */
    public function panel(): array
    {
        $panel = self::read('panel.json');

        return ['sites' => $panel['sites'], 'cases' => array_values($panel['cases'])];
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        $text = file_get_contents(database_path('reference/'.$file));
        if ($text === false) {
            throw new RuntimeException('database/reference/'.$file.' is missing.');
        }

        return json_decode($text, true, 32, JSON_THROW_ON_ERROR);
    }
}
