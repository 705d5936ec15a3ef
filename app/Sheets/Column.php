<?php

declare(strict_types=1);

namespace App\Sheets;

/** One column of a CSV file: its name and unit in the header, and the field that it fills. */
final readonly class Column
{
    public const TEXT = 'text';
    public const NUMBER = 'number';

    public function __construct(public string $name, public string $field, public string $type = self::TEXT, public string $unit = '', public bool $required = false) {}

    public function header(): string
    {
        return $this->unit === '' ? $this->name : $this->name.' ['.$this->unit.']';
    }
}
