<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Common\RefusalWords;
use Closure;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Takes in a CSV file, or says row by row why not: schema ImportReport of the API. All rows or none, unless the good ones are asked for. Rows are read, checked and worked
 * out on a copy, so that nobody waits for it; what comes of it is written in one go.
 */
final class Import
{
    private const LONGEST_S = 900;

    /** How often it is worked out anew where others write meanwhile. */
    private const TRIES = 5;

    /**
     * @param bool $dryRun   only say what would happen
     * @param bool $goodOnly take the rows that can be taken
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "file" when the file as a whole cannot be read
     */
    public function __invoke(Sheet $sheet, string $bytes, bool $dryRun, bool $goodOnly): array
    {
        set_time_limit(self::LONGEST_S);
        $table = Table::parse($bytes);
        if (! Rehearsal::isPossible()) {
            return $this->within($sheet, $table, $dryRun, $goodOnly);
        }
        for ($try = 0; $try < self::TRIES; ++$try) {
            $rehearsal = new Rehearsal();
            $report = $rehearsal->of(fn(): array => $this->report(clone $sheet, $table, $dryRun, $goodOnly, $rehearsal));
            if (! $report['taken'] || $rehearsal->play()) {
                return $report;
            }
            // somebody wrote meanwhile what this was worked out from: once more, from how it is now
        }

        throw Refused::because('file', 'too_busy', count($table->rows));
    }

    /**
     * Where it is part of something larger.
     *
     * @return array<string, mixed>
     */
    private function within(Sheet $sheet, Table $table, bool $dryRun, bool $goodOnly): array
    {
        DB::beginTransaction();
        try {
            $report = $this->report($sheet, $table, $dryRun, $goodOnly);
            $report['taken'] ? DB::commit() : DB::rollBack();

            return $report;
        } catch (\Throwable $fault) {
            DB::rollBack();

            throw $fault;
        }
    }

    /** @return array<string, mixed> */
    private function report(Sheet $sheet, Table $table, bool $dryRun, bool $goodOnly, ?Rehearsal $rehearsal = null): array
    {
        $reader = new SheetReader($sheet, $table);
        $report = ['added' => 0, 'changed' => 0, 'same' => 0, 'refused' => 0];
        $rows = $keys = [];
        foreach ($table->rows as $line => $row) {
            [$status, $name, $errors] = $this->row($sheet, $reader, $row, $line, $keys);
            $rehearsal?->keep($status !== 'refused');
            ++$report[$status];
            $rows[] = ['line' => $line, 'name' => mb_strimwidth($name, 0, 100, '…', 'UTF-8'), 'status' => $status, 'errors' => $errors];
        }
        $isTaken = ! $dryRun && ($report['refused'] === 0 || $goodOnly) && $report['added'] + $report['changed'] > 0;

        return [...$report, 'dry_run' => $dryRun, 'taken' => $isTaken, 'rows' => $rows];
    }

    /**
     * @param list<string>       $row
     * @param array<string, int> $keys line by key of the rows before
     *
     * @return array{string, string, list<array{column: string, message: string}>} status, name, errors
     */
    private function row(Sheet $sheet, SheetReader $reader, array $row, int $line, array &$keys): array
    {
        $name = $row[0] ?? '';
        try {
            $values = $reader->values($row);
            $key = $sheet->key($values);
            if (isset($keys[$key])) {
                throw Refused::because('', 'row_twice', $name, ['line' => $keys[$key]]);
            }
            $keys[$key] = $line;
            [$status, $name] = self::wholeOrNot(static fn(): array => $sheet->take($values));

            return [$status, $name, []];
        } catch (Refused $refused) {
            return ['refused', $name, array_map(static fn(Refusal $refusal): array => [
                'column' => $reader->columnOf($refusal->field),
                'message' => RefusalWords::sentence($refusal),
            ], $refused->refusals)];
        }
    }

    /**
     * What a refused row has done by half is undone. Savepoints that the framework sets within stay open until the whole is written, and each makes every later write
     * slower; this one is released, and they with it.
     *
     * @param Closure(): array{string, string} $work
     *
     * @return array{string, string}
     */
    private static function wholeOrNot(Closure $work): array
    {
        DB::statement('savepoint row_of_file');
        try {
            return $work();
        } catch (\Throwable $fault) {
            DB::statement('rollback to row_of_file');

            throw $fault;
        } finally {
            DB::statement('release row_of_file');
        }
    }
}
