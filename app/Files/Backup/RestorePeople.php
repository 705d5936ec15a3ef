<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\People\PeopleFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use Zolbek\Core\Basis\Input\Refused;

/** Puts people and devices of a backup in the place of those that are there, which are kept beside them. Everybody signs in anew. */
final class RestorePeople
{
    /**
     * @return string file in which those who were there are kept
     *
     * @throws Refused          where none are in it
     * @throws RuntimeException where there is no room
     */
    public static function from(Archive $archive): string
    {
        $zip = Archive::open($archive->file);
        if ($zip->locateName(Archive::PEOPLE) === false) {
            throw Refused::because('file', 'no_people_in_it', basename($archive->file));
        }
        $file = (string) config('database.connections.people.database');
        Archive::unpack($zip, Archive::PEOPLE, $file.'.part');
        SoundDatabase::migrations($file.'.part', basename($archive->file), PeopleFile::knownMigrations());
        DB::purge('people');
        $kept = dirname($file).'/people-before-restore-'.Carbon::now()->format('Y-m-d-His').'.sqlite';
        // whole under its name at once; what a writer left beside the old one is taken in first
        (new PDO('sqlite:'.$file))->exec('pragma wal_checkpoint(truncate)');
        if ((is_file($file) && ! copy($file, $kept)) || ! chmod($file.'.part', 0o600) || ! rename($file.'.part', $file)) {
            throw new RuntimeException("$file cannot be written.");
        }
        array_map(unlink(...), array_filter([$file.'-wal', $file.'-shm'], is_file(...)));
        PeopleFile::prepare();
        DB::connection('people')->table('sessions')->delete();

        return $kept;
    }
}
