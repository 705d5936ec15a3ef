<?php

declare(strict_types=1);

namespace App\Files\Yard;

use App\Plants\PhotoStore;
use App\Plants\Picture;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use JsonException;
use PDO;
use ZipArchive;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Takes in a whole yard where there is none yet. It is built up in a database of its own, as the tables were when it was taken out, and brought up to date there; then
 * it is moved over in one transaction.
 */
final readonly class TakeYard
{
    private const CONNECTION = 'yard';
    private const MOST_UNPACKED = 8_000_000_000;
    private const MOST_FILES = 200_000;

    /** What makes a yard a yard: where any of these is there, nothing is taken in. */
    private const RECORDS = ['plants', 'pots', 'recipes', 'sites', 'batches', 'potting_days', 'lots', 'stock_movements', 'bench_tests', 'care_tasks', 'fertilisers'];

    public function __construct(private RecomputeForecasts $recompute) {}

    /**
     * @return array<string, int> rows of each table that were taken in
     *
     * @throws Refused field "file", saying why not
     */
    public function __invoke(string $file): array
    {
        self::mustBeEmpty();
        $zip = new ZipArchive();
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'yard_file', 'zip');
        }
        $manifest = self::manifest($zip);
        $built = sys_get_temp_dir().'/zolbek-yard-'.bin2hex(random_bytes(8)).'.sqlite';
        File::put($built, '');
        $usual = DB::getDefaultConnection();
        config(['database.connections.'.self::CONNECTION => [...(array) config('database.connections.'.$usual), 'database' => $built]]);
        try {
            DB::setDefaultConnection(self::CONNECTION);
            $this->build($zip, $manifest['migrations']);
            DB::setDefaultConnection($usual);
            DB::purge(self::CONNECTION);
            $pictures = self::pictures($zip, $built);

            $taken = self::move($zip, $built, $pictures);
            PhotoStore::clean();

            return $taken;
        } finally {
            DB::setDefaultConnection($usual);
            DB::purge(self::CONNECTION);
            array_map(unlink(...), glob($built.'*') ?: []);
        }
    }

    private static function mustBeEmpty(): void
    {
        foreach (self::RECORDS as $table) {
            if (DB::table($table)->exists()) {
                throw Refused::because('file', 'yard_not_empty', $table);
            }
        }
    }

    /** @return array{migrations: list<string>} */
    private static function manifest(ZipArchive $zip): array
    {
        $unpacked = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $unpacked += $zip->statIndex($i)['size'] ?? 0;
        }
        if ($unpacked > self::MOST_UNPACKED || $zip->numFiles > self::MOST_FILES) {
            throw Refused::because('file', 'file_size', $unpacked, ['max' => self::MOST_UNPACKED / 1_000_000]);
        }
        $manifest = json_decode((string) $zip->getFromName('yard.json'), true);
        if (! is_array($manifest) || ($manifest['format'] ?? null) !== WriteYard::FORMAT || ! is_array($manifest['migrations'] ?? null)) {
            throw Refused::because('file', 'yard_file', 'yard.json');
        }
        $unknown = array_diff($manifest['migrations'], self::migrations());
        if (($manifest['version'] ?? null) !== WriteYard::VERSION || $unknown !== []) {
            throw Refused::because('file', 'yard_newer', array_values($unknown)[0] ?? $manifest['version'] ?? null);
        }

        return ['migrations' => array_values(array_filter($manifest['migrations'], is_string(...)))];
    }

    /** @return list<string> */
    private static function migrations(): array
    {
        return array_map(static fn(string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }

    /** @param list<string> $migrations */
    private function build(ZipArchive $zip, array $migrations): void
    {
        $path = static fn(string $migration): string => database_path('migrations/'.$migration.'.php');
        Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => array_map($path, $migrations)]);
        $there = DB::connection()->getPdo();
        $there->exec('pragma foreign_keys = off');
        $there->beginTransaction();
        foreach (WriteYard::tables($there) as $table) {
            $there->exec(sprintf('delete from "%s"', $table));
            $columns = array_column(DB::select(sprintf('select name from pragma_table_info("%s")', $table)), 'name');
            foreach (self::rows($zip, $table) as $row) {
                self::insert($there, $table, $columns, $row);
            }
        }
        $there->commit();
        if (DB::select('pragma foreign_key_check') !== []) {
            throw Refused::because('file', 'yard_torn', DB::select('pragma foreign_key_check')[0]->table);
        }
        Artisan::call('migrate', ['--force' => true]);
        if (ModelNotice::asksToRecompute()) {
            ($this->recompute)();
        }
    }

    /** @return array<mixed> */
    private static function rows(ZipArchive $zip, string $table): array
    {
        $text = $zip->getFromName('tables/'.$table.'.json');
        if ($text === false) {
            return [];
        }
        try {
            $rows = json_decode($text, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw Refused::because('file', 'yard_table', $table, ['why' => $fault->getMessage()]);
        }

        return is_array($rows) && array_is_list($rows) ? $rows : throw Refused::because('file', 'yard_table', $table, ['why' => 'list']);
    }

    /** @param list<string> $columns that the table has */
    private static function insert(PDO $there, string $table, array $columns, mixed $row): void
    {
        if (! is_array($row) || $row === [] || array_diff(array_keys($row), $columns) !== [] || array_filter($row, static fn(mixed $value): bool => ! is_scalar($value) && $value !== null) !== []) {
            throw Refused::because('file', 'yard_table', $table, ['why' => is_array($row) ? implode(', ', array_diff(array_keys($row), $columns)) : 'row']);
        }
        $names = '"'.implode('", "', array_keys($row)).'"';
        try {
            $statement = $there->prepare(sprintf('insert into "%s" (%s) values (%s)', $table, $names, implode(', ', array_fill(0, count($row), '?'))));
            foreach (array_values($row) as $i => $value) {
                $statement->bindValue($i + 1, $value, is_int($value) || is_bool($value) ? PDO::PARAM_INT : ($value === null ? PDO::PARAM_NULL : PDO::PARAM_STR));
            }
            $statement->execute();
        } catch (\PDOException $fault) {
            throw Refused::because('file', 'yard_table', $table, ['why' => $fault->errorInfo[2] ?? $fault->getMessage()]);
        }
    }

    /**
     * Names of those that the yard names and has, if they are pictures: looked at one by one, for all of them may be more than there is room for.
     *
     * @return list<string>
     */
    private static function pictures(ZipArchive $zip, string $built): array
    {
        $pictures = [];
        foreach ((new PDO('sqlite:'.$built))->query('select file from photos') ?: [] as $photo) {
            $name = (string) $photo['file'];
            $bytes = $zip->getFromName('pictures/'.$name);
            if ($bytes === false) {
                continue; // it was not there when the yard was taken out either
            }
            if (! Picture::isName($name) || ! isset(Picture::TYPES[(@getimagesizefromstring($bytes) ?: ['mime' => ''])['mime']])) {
                throw Refused::because('file', 'not_a_picture', $name);
            }
            $pictures[] = $name;
        }

        return $pictures;
    }

    /**
     * @param list<string> $pictures
     *
     * @return array<string, int>
     */
    private static function move(ZipArchive $zip, string $built, array $pictures): array
    {
        $taken = [];
        DB::statement('attach database ? as taken', [$built]);
        try {
            DB::transaction(static function () use (&$taken, $zip, $pictures): void {
                self::mustBeEmpty();
                DB::statement('pragma defer_foreign_keys = on');
                foreach (WriteYard::tables(DB::connection()->getPdo()) as $table) {
                    $columns = array_column(DB::select(sprintf('select name from pragma_table_info("%s")', $table)), 'name');
                    $names = '"'.implode('", "', $columns).'"';
                    DB::statement(sprintf('delete from main."%s"', $table));
                    $taken[$table] = DB::affectingStatement(sprintf('insert into main."%s" (%s) select %s from taken."%s"', $table, $names, $names, $table));
                }
                File::ensureDirectoryExists(PhotoStore::folder());
                foreach ($pictures as $name) {
                    File::put(PhotoStore::folder().'/'.$name, (string) $zip->getFromName('pictures/'.$name));
                }
            });
        } finally {
            DB::statement('detach database taken');
        }

        return array_filter($taken);
    }
}
