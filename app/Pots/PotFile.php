<?php

declare(strict_types=1);

namespace App\Pots;

use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use Zolbek\Core\Basis\Input\Refused;

/** One pot as an open JSON file. */
final readonly class PotFile
{
    public const FORMAT = 'zolbek-pot';

    public function __construct(private SavePot $save) {}

    /** @return array<string, mixed> */
    public function write(Pot $pot): array
    {
        return ['format' => self::FORMAT, 'version' => 1, 'pot' => array_filter([...PotSheet::plain($pot), 'measures' => (object) $pot->measures], static fn(mixed $value): bool => $value !== null)];
    }

    /** @throws Refused naming each field and what it may be */
    public function take(string $text): Pot
    {
        $file = json_decode($text, true);
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ! is_array($file['pot'] ?? null)) {
            throw Refused::because('file', 'pot_file', is_array($file) ? ($file['format'] ?? null) : null);
        }
        try {
            return ($this->save)(new Pot(), $file['pot']);
        } catch (Refused $refused) {
            throw $refused->under('pot');
        }
    }
}
