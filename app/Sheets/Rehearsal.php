<?php

declare(strict_types=1);

namespace App\Sheets;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

/**
 * Works something long out on a copy of the database, so that nobody waits for it, and then plays the writes that it came to on the database itself, in one short
 * transaction. They are played only where nothing changed meanwhile of what they were worked out from: the tables that were looked into, by a stamp of each.
 */
final class Rehearsal
{
    private const NAME = 'rehearsal';

    /** Lines that only ever come on top, to which nothing that is played refers. */
    private const APPENDED = ['stock_movements', 'plant_events'];

    /** What tells that a row of a table changed, where it has it. */
    private const TELLING = ['revision' => 'sum', 'stock_l' => 'total', 'updated_at' => 'max', 'version' => 'sum'];

    /** @var list<array{string, array<mixed>}> statements that write, of what is kept */
    private array $kept = [];

    /** @var list<array{string, array<mixed>}> those since it was last said what is kept */
    private array $open = [];

    /** @var array<string, true> tables that were looked into or written */
    private array $touched = [];

    /** @var array<string, string> stamps of all tables when the copy was taken */
    private array $stamps = [];

    /** Whether there is a database of its own to copy: not within a transaction, and not one in memory. */
    public static function isPossible(): bool
    {
        return DB::transactionLevel() === 0 && is_file((string) DB::connection()->getConfig('database'));
    }

    /**
     * @template T
     *
     * @param Closure(): T $work that says after each piece whether it is kept
     *
     * @return T
     */
    public function of(Closure $work): mixed
    {
        $usual = DB::getDefaultConnection();
        $copy = sys_get_temp_dir().'/zolbek-rehearsal-'.bin2hex(random_bytes(8)).'.sqlite';
        DB::connection()->statement('vacuum into ?', [$copy]);
        config(['database.connections.'.self::NAME => [...(array) config('database.connections.'.$usual), 'database' => $copy]]);
        DB::purge(self::NAME);
        $there = DB::connection(self::NAME);
        foreach ($there->table('sqlite_master')->where('type', 'table')->pluck('name') as $table) {
            $this->stamps[$table] = self::stampOf($there, $table);
        }
        $there->listen($this->note(...));
        DB::setDefaultConnection(self::NAME);
        try {
            return $there->transaction(static fn(): mixed => $work());
        } finally {
            DB::setDefaultConnection($usual);
            DB::purge(self::NAME);
            array_map(unlink(...), glob($copy.'*') ?: []);
        }
    }

    /** Whether what was done since is part of what is played, or was taken back. */
    public function keep(bool $isKept): void
    {
        array_push($this->kept, ...($isKept ? $this->open : []));
        $this->open = [];
    }

    /** Plays what is kept; false, and nothing is written, where something changed meanwhile of what it was worked out from. */
    public function play(): bool
    {
        return DB::transaction(function (): bool {
            $here = DB::connection();
            foreach (array_keys($this->touched) as $table) {
                if (self::stampOf($here, $table) !== ($this->stamps[$table] ?? '')) {
                    return false;
                }
            }
            $prepared = [];
            foreach ($this->kept as [$sql, $bindings]) {
                $prepared[$sql] ??= $here->getPdo()->prepare($sql);
                $here->bindValues($prepared[$sql], $here->prepareBindings($bindings));
                $prepared[$sql]->execute();
            }

            return true;
        });
    }

    private function note(QueryExecuted $query): void
    {
        if ($query->connectionName !== self::NAME) {
            return;
        }
        preg_match_all('/(?:from|into|update|join)\s+"([a-z_]+)"/i', $query->sql, $found);
        foreach (array_diff($found[1], self::APPENDED) as $table) {
            $this->touched[$table] = true;
        }
        if (preg_match('/^\s*(insert|update|delete)\b/i', $query->sql) === 1) {
            $this->open[] = [$query->sql, $query->bindings];
        }
    }

    private static function stampOf(Connection $connection, string $table): string
    {
        $columns = $connection->getSchemaBuilder()->getColumnListing($table);
        $figures = ['count(*)'];
        if (in_array('id', $columns, true)) {
            // a table without is renumbered by copying; the sequence tells of rows that came and went, whose numbers are not given again
            array_push($figures, 'max(id)', sprintf("(select seq from sqlite_sequence where name = '%s')", $table));
        }
        foreach (self::TELLING as $column => $figure) {
            if (in_array($column, $columns, true)) {
                $figures[] = sprintf('%s("%s")', $figure, $column);
            }
        }

        return (string) json_encode($connection->table($table)->selectRaw(implode(', ', $figures))->first());
    }
}
