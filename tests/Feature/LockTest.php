<?php

declare(strict_types=1);

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

// two at once on one file: who writes takes the lock as it begins

beforeEach(function (): void {
    $this->file = tempnam(sys_get_temp_dir(), 'zolbek-lock-');
    foreach (['one', 'two'] as $name) {
        config(["database.connections.$name" => [...config('database.connections.sqlite'), 'database' => $this->file, 'busy_timeout' => 0]]);
    }
    DB::connection('one')->statement('create table heaps (litres real)');
    DB::connection('one')->table('heaps')->insert(['litres' => 100]);
});

afterEach(function (): void {
    DB::purge('one');
    DB::purge('two');
    array_map(unlink(...), glob($this->file.'*') ?: []);
});

test('a second one does not begin before the first has ended, and then sees what it wrote', function (): void {
    [$one, $two] = [DB::connection('one'), DB::connection('two')];
    $take = static function (Connection $connection): void {
        $litres = $connection->table('heaps')->value('litres');
        $connection->table('heaps')->update(['litres' => $litres - 60]);
    };
    $one->beginTransaction();
    expect(fn() => $two->beginTransaction())->toThrow(PDOException::class, 'database is locked');
    $take($one);
    $one->commit();
    $two->transaction(static fn() => $take($two));
    expect($one->table('heaps')->value('litres'))->toBe(-20.0);
});

test('one that only looks goes on meanwhile, and sees nothing half done', function (): void {
    [$one, $two] = [DB::connection('one'), DB::connection('two')];
    $one->beginTransaction();
    $one->table('heaps')->update(['litres' => 1]);
    expect($two->table('heaps')->value('litres'))->toBe(100.0);
    $one->rollBack();
    expect($one->table('heaps')->value('litres'))->toBe(100.0);
});

test('what fails leaves nothing and gives the lock back', function (): void {
    [$one, $two] = [DB::connection('one'), DB::connection('two')];
    expect(fn() => $one->transaction(static function () use ($one): void {
        $one->table('heaps')->update(['litres' => 1]);
        $one->statement('insert into nowhere values (1)');
    }))->toThrow(QueryException::class);
    $two->transaction(static fn() => $two->table('heaps')->increment('litres', 5));
    expect($one->table('heaps')->value('litres'))->toBe(105.0)->and($one->transactionLevel())->toBe(0);
});

test('one inside another is taken back alone', function (): void {
    $one = DB::connection('one');
    $one->transaction(static function () use ($one): void {
        $one->table('heaps')->update(['litres' => 50]);
        rescue(static fn() => $one->transaction(static function () use ($one): void {
            $one->table('heaps')->update(['litres' => 1]);

            throw new RuntimeException('no');
        }), report: false);
    });
    expect($one->table('heaps')->value('litres'))->toBe(50.0);
});
