<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Plants\PhotoStore;
use App\Plants\Picture;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use RuntimeException;
use ZipArchive;
use Zolbek\Core\Basis\Input\Refused;

/**
 * All that would be missed, as one archive: a copy of the database by its own means, of one moment while others write; the pictures; and backup.json, which says what
 * they are. It stands under its name only once it was read back. The key that seals cookies stays at home.
 */
final class Backup
{
    public const FORMAT = 'zolbek-backup';
    public const VERSION = 1;

    /**
     * @throws Refused          where the database is damaged
     * @throws RuntimeException where it cannot be written, such as on a full disk
     */
    public static function write(DataFolder $data, string $target, bool $isWithPeople = false): Archive
    {
        $draft = $target.'.part';
        $copy = $target.'.sqlite.part';
        $people = $target.'.people.part';
        File::delete([$draft, $copy, $people]);
        try {
            DB::statement('vacuum into ?', [$copy]);
            $zip = new ZipArchive();
            if ($zip->open($draft, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
                throw new RuntimeException("Nothing can be written to $draft.");
            }
            $zip->addFile($copy, Archive::DATABASE);
            if ($isWithPeople) {
                DB::connection('people')->statement('vacuum into ?', [$people]);
                $zip->addFile($people, Archive::PEOPLE);
            }
            $pictures = array_filter(glob(PhotoStore::folder().'/*') ?: [], static fn(string $file): bool => is_file($file) && Picture::isName(basename($file)));
            foreach ($pictures as $picture) {
                $zip->addFile($picture, Archive::PHOTOS.basename($picture));
                $zip->setCompressionName(Archive::PHOTOS.basename($picture), ZipArchive::CM_STORE);
            }
            $zip->addFromString(Archive::MANIFEST, json_encode([
                'format' => self::FORMAT, 'version' => self::VERSION, 'made_at' => Carbon::now()->toIso8601String(), 'sha256' => hash_file('sha256', $copy),
                'rows' => self::rows(), 'pictures' => count($pictures),
            ], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR));
            if (! @$zip->close()) {
                throw new RuntimeException("The copy could not be written to $draft: ".$zip->getStatusString().'. Is the disk full?');
            }
            $archive = Archive::read($draft);
            if (! rename($draft, $target)) {
                throw new RuntimeException("$target cannot be written.");
            }

            return $archive;
        } finally {
            File::delete(array_filter([$draft, $copy, $copy.'-journal', $people, $people.'-journal'], is_file(...)));
        }
    }

    /** @return array<string, int> of what a reader would look for */
    private static function rows(): array
    {
        $rows = [];
        foreach (Archive::COUNTED as $table) {
            // data of before may not have it yet
            if (Schema::hasTable($table)) {
                $rows[$table] = DB::table($table)->count();
            }
        }

        return $rows;
    }
}
