<?php

declare(strict_types=1);

namespace App\Shelf;

use RuntimeException;

/** The typical components that ship with Zolbek, as components.json and further.json in database/reference describe them. */
final readonly class ReferenceComponents
{
    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        return [...array_values($this->read('components.json')['components']), ...array_values($this->read('further.json')['components'])];
    }

    /** @return array<string, array{colour: string, hazards: list<string>}> colour and cautions by component key */
    public function looks(): array
    {
        return $this->read('looks.json');
    }

    /** @return array<string, mixed> */
    private function read(string $file): array
    {
        $text = file_get_contents(database_path('reference/'.$file));
        if ($text === false) {
            throw new RuntimeException('database/reference/'.$file.' is missing.');
        }

        return json_decode($text, true, 16, JSON_THROW_ON_ERROR);
    }
}
