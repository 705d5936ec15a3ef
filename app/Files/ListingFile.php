<?php

declare(strict_types=1);

namespace App\Files;

use App\Sheets\Column;
use App\Sheets\Listing;
use App\Sheets\Sheet;
use App\Sheets\Table;

/** A table of a kind as a file: its columns with their units, then those of sieves where it has any. */
final readonly class ListingFile
{
    /** Sieves that a template offers. */
    private const TEMPLATE_SIEVES = ['16', '8', '4', '2', '1', '0.5', 'pan'];

    public function __construct(private Listing $listing) {}

    public static function template(Sheet $sheet): string
    {
        return Table::write(self::header($sheet, $sheet->sieveUnit() === null ? [] : self::TEMPLATE_SIEVES), []);
    }

    /** @throws \Zolbek\Core\Basis\Input\Refused field "as" where it is too large for a spreadsheet */
    public function write(string $format): string
    {
        if (! $this->listing instanceof Sheet || $this->listing->sieveUnit() === null) {
            return Table::write(self::header($this->listing, []), self::rows($this->listing->all(), $this->listing, []), $format);
        }
        $rows = [];
        foreach ($this->listing->all() as $row) {
            $rows[] = $row;
        }
        $apertures = self::apertures($rows);

        return Table::write(self::header($this->listing, $apertures), self::rows($rows, $this->listing, $apertures), $format);
    }

    /**
     * @param iterable<array<string, mixed>> $rows
     * @param list<string>                   $apertures
     *
     * @return \Generator<list<string|float|null>>
     */
    private static function rows(iterable $rows, Listing $listing, array $apertures): \Generator
    {
        $columns = $listing->columns();
        foreach ($rows as $row) {
            yield [
                ...array_map(static fn(Column $column): string|float|null => self::cell($row[$column->field] ?? null), $columns),
                ...array_map(static fn(string $aperture): ?float => isset($row['sieve'][$aperture]) ? (float) $row['sieve'][$aperture] : null, $apertures),
            ];
        }
    }

    private static function cell(mixed $value): string|float|null
    {
        return match (true) {
            is_array($value) => implode(' ', $value),
            is_int($value), is_float($value) => (float) $value,
            is_string($value) => $value,
            default => null,
        };
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<string> coarsest first, the pan last
     */
    private static function apertures(array $rows): array
    {
        $all = [];
        foreach ($rows as $row) {
            foreach (array_keys($row['sieve'] ?? []) as $aperture) {
                $all[(string) $aperture] = $aperture === 'pan' ? -1.0 : (float) $aperture;
            }
        }
        arsort($all);

        return array_map(strval(...), array_keys($all));
    }

    /**
     * @param list<string> $apertures
     *
     * @return list<string>
     */
    private static function header(Listing $listing, array $apertures): array
    {
        $unit = $listing instanceof Sheet ? $listing->sieveUnit() : null;

        return [
            ...array_map(static fn(Column $column): string => $column->header(), $listing->columns()),
            ...array_map(static fn(string $aperture): string => 'sieve '.$aperture.($aperture === 'pan' ? '' : ' mm').' ['.$unit.']', $apertures),
        ];
    }
}
