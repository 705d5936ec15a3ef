<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Plants\PhotoStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Zolbek\Core\Basis\Input\Refused;

/** Puts a backup in the place of what is there, which is kept beside it. Killed on the way, the next start finishes it. */
final class Restore
{
    /**
     * @return string folder in which what was there is kept
     *
     * @throws Refused          where the file is no backup that can be put back
     * @throws RuntimeException where there is no room
     */
    public static function from(DataFolder $data, Archive $archive): string
    {
        DB::disconnect();
        $kept = $data->path().'/before-restore-'.Carbon::now()->format('Y-m-d-His').'-'.bin2hex(random_bytes(2));
        $pictures = PhotoStore::folder().'.restored';
        File::deleteDirectory($pictures);
        File::ensureDirectoryExists($pictures);
        $zip = Archive::open($archive->file);
        foreach ($archive->pictures as $picture) {
            Archive::unpack($zip, Archive::PHOTOS.$picture, $pictures.'/'.$picture);
        }
        // the last to come: as long as it is not whole under this name, everything is as it was
        Archive::unpack($zip, Archive::DATABASE, $data->restored().'.part');
        SoundDatabase::migrations($data->restored().'.part');
        File::put($data->restored().'.kept', $kept);
        self::move($data->restored().'.part', $data->restored());
        self::finish($data);

        return $kept;
    }

    /** Moves what was there away and what was put back into its place, or goes on with that. */
    public static function finish(DataFolder $data): void
    {
        if (! is_file($data->restored())) {
            return;
        }
        $kept = trim((string) @file_get_contents($data->restored().'.kept'));
        $kept = $kept === '' ? $data->path().'/before-restore' : $kept;
        File::ensureDirectoryExists($kept);
        foreach ([...$data->databaseFiles(), ...(is_dir(PhotoStore::folder().'.restored') && is_dir(PhotoStore::folder()) ? [PhotoStore::folder()] : [])] as $old) {
            self::move($old, $kept.'/'.basename($old));
        }
        if (is_dir(PhotoStore::folder().'.restored')) {
            self::move(PhotoStore::folder().'.restored', PhotoStore::folder());
        }
        self::move($data->restored(), $data->database);
        File::delete($data->restored().'.kept');
    }

    private static function move(string $from, string $to): void
    {
        rename($from, $to) || throw new RuntimeException("$from cannot be moved to $to.");
    }
}
