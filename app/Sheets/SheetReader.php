<?php

declare(strict_types=1);

namespace App\Sheets;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Turns the texts of a CSV file into values by field, as the columns of its sheet say. */
final readonly class SheetReader
{
    private const SIEVE = '/^sieve (?:(pan)|(\d+(?:[.,]\d+)?) ?mm)$/i';

    /** @var array<int, Column> by place in the row */
    private array $columns;

    /** @var array<int, string> aperture by place in the row */
    private array $sieves;

    /** @throws Refused field "file" for a header that is not known, or stands twice, or lacks something */
    public function __construct(private Sheet $sheet, Table $table)
    {
        $known = [];
        foreach ($sheet->columns() as $column) {
            $known[$column->name] = $column;
        }
        $refusals = new Refusals();
        $columns = $sieves = [];
        foreach ($table->header as $place => $text) {
            $name = strtolower(trim((string) preg_replace('/\[.*\]$/', '', $text)));
            $unit = preg_match('/\[(.*)\]$/', $text, $found) === 1 ? trim($found[1]) : '';
            if ($text === '') {
                continue;
            }
            if ($sheet->sieveUnit() !== null && preg_match(self::SIEVE, $name, $found) === 1) {
                $aperture = $found[1] !== '' ? 'pan' : (string) (float) str_replace(',', '.', $found[2]);
                if (in_array($aperture, $sieves, true)) {
                    $refusals->add(new Refusal('file', 'column_twice', $text));
                }
                $sieves[$place] = $aperture;
            } elseif (! isset($known[$name])) {
                $refusals->add(new Refusal('file', 'column_unknown', $text, ['known' => implode(', ', array_map(static fn(Column $column): string => $column->header(), $sheet->columns()))]));
            } elseif (in_array($known[$name], $columns, true)) {
                $refusals->add(new Refusal('file', 'column_twice', $text));
            } elseif ($unit !== '' && $unit !== $known[$name]->unit) {
                $refusals->add(new Refusal('file', 'column_unit', $text, ['unit' => $known[$name]->header()]));
            } else {
                $columns[$place] = $known[$name];
            }
        }
        foreach ($known as $column) {
            if ($column->required && ! in_array($column, $columns, true)) {
                $refusals->add(new Refusal('file', 'column_missing', $column->header()));
            }
        }
        $refusals->throwIfAny();
        $this->columns = $columns;
        $this->sieves = $sieves;
    }

    /**
     * @param list<string> $row
     *
     * @return array<string, mixed> by field, empty cells left out
     *
     * @throws Refused naming columns
     */
    public function values(array $row): array
    {
        $refusals = new Refusals();
        $values = $sieve = [];
        if (count($row) > max([0, ...array_keys($this->columns), ...array_keys($this->sieves)]) + 1 && array_filter(array_slice($row, count($this->columns) + count($this->sieves))) !== []) {
            $refusals->add(new Refusal('', 'row_too_long', count($row)));
        }
        foreach ($this->columns as $place => $column) {
            $text = $row[$place] ?? '';
            if ($text === '') {
                if ($column->required) {
                    $refusals->add(new Refusal($column->field, 'required'));
                }
            } elseif ($column->type === Column::NUMBER) {
                $values[$column->field] = self::number($text, $column->field, $refusals);
            } else {
                $values[$column->field] = self::text($text, $column->field, $refusals);
            }
        }
        foreach ($this->sieves as $place => $aperture) {
            $text = $row[$place] ?? '';
            if ($text !== '') {
                $sieve[$aperture] = self::number($text, 'sieve.'.$aperture, $refusals);
            }
        }
        $refusals->throwIfAny();

        return $sieve === [] ? $values : [...$values, 'sieve' => $sieve];
    }

    /** Name of the column of a field, as the header has it. */
    public function columnOf(string $field): string
    {
        foreach ($this->sheet->columns() as $column) {
            if ($column->field === $field || str_starts_with($field, $column->field.'.')) {
                return $column->header();
            }
        }

        return preg_match('/^(?:readings\.rounds\.0\.retained|sieve)\.(.+)$/', $field, $found) === 1 ? 'sieve '.$found[1].($found[1] === 'pan' ? '' : ' mm') : $field;
    }

    /** A number with a point or a comma. */
    private static function number(string $text, string $field, Refusals $refusals): float
    {
        $plain = str_replace(',', '.', $text);
        if (preg_match('/^-?(\d+\.?\d*|\.\d+)(e-?\d+)?$/i', $plain) !== 1) {
            $refusals->add(new Refusal($field, self::isFormula($text) ? 'formula' : 'number', $text));

            return NAN;
        }

        return (float) $plain;
    }

    private static function text(string $text, string $field, Refusals $refusals): string
    {
        if (self::isFormula($text)) {
            $refusals->add(new Refusal($field, 'formula', $text));
        }

        // an apostrophe that was put before what looks like a formula
        return preg_match("/^'[=+@-]/", $text) === 1 ? substr($text, 1) : $text;
    }

    private static function isFormula(string $text): bool
    {
        return preg_match('/^[=+@]|^-[^\d.,]/', $text) === 1;
    }
}
