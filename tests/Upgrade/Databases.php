<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/** Databases in files of this process, among them one of every state that the tables have been in. */
final class Databases
{
    public const OLDEST = '533ed4e';
    public const NEWEST = '9ce5c4f';

    /** @var array<string, string> files by commit */
    private static array $kept = [];

    /** A file in a folder of its own that is deleted with the process. */
    public static function file(string $name): string
    {
        $folder = sys_get_temp_dir().'/zolbek-upgrade-'.getmypid().'-'.$name;
        if (! is_dir($folder)) {
            mkdir($folder);
            register_shutdown_function(static fn() => exec('rm -rf '.escapeshellarg($folder)));
        }

        return $folder.'/yard.sqlite';
    }

    public static function open(string $file): string
    {
        config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.synchronous' => 'OFF']);
        DB::purge('sqlite');

        return $file;
    }

    /** A new one, with what ships. */
    public static function fresh(string $name, bool $isDemo = false): string
    {
        $file = self::open(self::file($name));
        array_map(unlink(...), glob($file.'*') ?: []);
        expect(Artisan::call('zolbek:prepare', $isDemo ? ['--demo' => true] : []))->toBe(0);

        return $file;
    }

    /** The demo yard, made once for all tests, each of which has a copy. */
    public static function demo(string $name): string
    {
        if (! isset(self::$kept['demo'])) {
            self::fresh($name, isDemo: true);
            DB::statement('pragma wal_checkpoint(truncate)');
            DB::purge('sqlite');
            self::$kept['demo'] = self::file('demo');
            copy(self::file($name), self::$kept['demo']);
        }
        $file = self::file($name);
        array_map(unlink(...), array_filter(glob($file.'*') ?: [], is_file(...)));
        copy(self::$kept['demo'], $file);

        return self::open($file);
    }

    /** As the code of a commit made it. */
    public static function madeBy(string $commit): string
    {
        $file = self::file('now');
        array_map(unlink(...), glob($file.'*') ?: []);
        $database = new PDO('sqlite:'.$file);
        $database->exec('pragma synchronous = off; pragma journal_mode = memory');
        $database->exec((string) gzdecode((string) file_get_contents(__DIR__.'/databases/'.$commit.'.sql.gz')));

        return self::open($file);
    }

    /** The same, opened by the code of today; that is done once for all tests, each of which has a copy. */
    public static function upgradedFrom(string $commit): string
    {
        if (! isset(self::$kept[$commit])) {
            self::madeBy($commit);
            expect(Artisan::call('zolbek:prepare'))->toBe(0);
            DB::statement('pragma wal_checkpoint(truncate)');
            DB::purge('sqlite');
            self::$kept[$commit] = self::file($commit);
            copy(self::file('now'), self::$kept[$commit]);
        }
        $file = self::file('copy');
        array_map(unlink(...), glob($file.'*') ?: []);
        copy(self::$kept[$commit], $file);

        return self::open($file);
    }

    /** @return list<string> */
    public static function commits(): array
    {
        return array_map(static fn(string $file): string => basename($file, '.sql.gz'), glob(__DIR__.'/databases/*.sql.gz') ?: []);
    }
}
