<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Support\Carbon;

/**
 * Records that several people change: each change counts, and each field keeps at which change, when and by whom it changed last.
 *
 * @property int                                                              $revision
 * @property array<string, array{revision: int, at: string, by: string}>|null $changed  by field
 */
trait Stamped
{
    public static function bootStamped(): void
    {
        static::updating(static function (self $record): void {
            $fields = array_diff(array_keys($record->getDirty()), ['revision', 'changed', 'created_at', 'updated_at']);
            if ($fields !== []) {
                $record->stamp(...$fields);
            }
        });
    }

    public function initializeStamped(): void
    {
        $this->mergeCasts(['revision' => 'integer', 'changed' => 'array']);
    }

    /** Notes that fields change; those of rows that belong to the record are named by whoever writes them. */
    public function stamp(string ...$fields): void
    {
        $this->revision = ($this->revision ?? 1) + 1;
        $stamp = ['revision' => $this->revision, 'at' => Carbon::now()->toIso8601String(), 'by' => Author::name()];
        $this->changed = [...($this->changed ?? []), ...array_fill_keys($fields, $stamp)];
    }
}
