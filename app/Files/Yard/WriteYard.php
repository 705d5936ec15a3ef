<?php

declare(strict_types=1);

namespace App\Files\Yard;

use App\Plants\PhotoStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PDO;
use ZipArchive;

/**
 * The whole yard as one ZIP: yard.json tells its format and the state of its tables, tables/<name>.json holds each as a list of rows, pictures/ the pictures. It is of
 * one moment, and nobody waits while it is made.
 */
final class WriteYard
{
    public const FORMAT = 'zolbek-yard';
    public const VERSION = 1;

    /** Of the database's own, or nobody's record. */
    private const NOT_TAKEN = ['migrations', 'sqlite_sequence', 'sqlite_stat1', 'sqlite_stat4'];

    /** @return string path of a file that is the caller's to delete */
    public static function to(string $folder): string
    {
        $name = $folder.'/zolbek-yard-'.bin2hex(random_bytes(8));
        $copy = $name.'.sqlite';
        $files = [];
        DB::statement('vacuum into ?', [$copy]);
        try {
            $there = new PDO('sqlite:'.$copy, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC]);
            $zip = new ZipArchive();
            $zip->open($name.'.zip', ZipArchive::CREATE | ZipArchive::EXCL);
            $rows = [];
            foreach (self::tables($there) as $i => $table) {
                $files[] = $file = $name.'-'.$i.'.json';
                $rows[$table] = self::write($there, $table, $file);
                $zip->addFile($file, 'tables/'.$table.'.json');
            }
            foreach (self::query($there, 'select file from photos order by id') as $photo) {
                $path = PhotoStore::folder().'/'.$photo['file'];
                if (is_file($path)) {
                    $zip->addFile($path, 'pictures/'.$photo['file']);
                    // a picture is packed already
                    $zip->setCompressionName('pictures/'.$photo['file'], ZipArchive::CM_STORE);
                }
            }
            $zip->addFromString('yard.json', json_encode([
                'format' => self::FORMAT, 'version' => self::VERSION, 'made_at' => Carbon::now()->toIso8601String(),
                'migrations' => array_column(self::query($there, 'select migration from migrations order by migration'), 'migration'), 'rows' => $rows,
            ], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
            $zip->close();

            return $name.'.zip';
        } finally {
            array_map(unlink(...), [...array_filter($files, is_file(...)), ...(glob($copy.'*') ?: [])]);
        }
    }

    /** @return list<string> */
    public static function tables(PDO $there): array
    {
        $names = array_column(self::query($there, "select name from sqlite_master where type = 'table' order by name"), 'name');

        return array_values(array_diff($names, self::NOT_TAKEN));
    }

    /** Writes a table row by row, and says how many. */
    private static function write(PDO $there, string $table, string $file): int
    {
        $stream = fopen($file, 'w') ?: throw new \RuntimeException('No temporary file.');
        $rows = 0;
        foreach ($there->query(sprintf('select * from "%s" order by rowid', $table)) ?: [] as $row) {
            fwrite($stream, ($rows === 0 ? "[\n" : ",\n").json_encode($row, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
            ++$rows;
        }
        fwrite($stream, $rows === 0 ? "[]\n" : "\n]\n");
        fclose($stream);

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private static function query(PDO $there, string $sql): array
    {
        $found = $there->query($sql);

        return $found === false ? [] : array_values($found->fetchAll());
    }
}
