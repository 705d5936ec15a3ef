<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Plants\Picture;
use JsonException;
use ZipArchive;
use Zolbek\Core\Basis\Input\Refused;

/** What is in a backup, once it was looked at: its database is whole, and this version can work on it. */
final readonly class Archive
{
    public const DATABASE = 'database.sqlite';
    public const PHOTOS = 'photos/';
    public const PEOPLE = 'people.sqlite';
    public const MANIFEST = 'backup.json';
    public const COUNTED = ['plants', 'pots', 'recipes', 'components', 'potting_days', 'batches', 'bench_tests', 'stock_movements', 'care_tasks'];

    /**
     * @param array<string, int> $rows
     * @param list<string>       $pictures names
     */
    private function __construct(public string $file, public string $madeAt, public array $rows, public array $pictures) {}

    /** @throws Refused field "file", saying what is wrong with it */
    public static function read(string $file): self
    {
        $zip = self::open($file);
        try {
            $told = json_decode((string) $zip->getFromName(self::MANIFEST), true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $told = null;
        }
        if (! is_array($told) || ($told['format'] ?? null) !== Backup::FORMAT || ! is_string($told['sha256'] ?? null) || ! is_array($told['rows'] ?? null)) {
            throw Refused::because('file', 'backup_file', basename($file));
        }
        if (($told['version'] ?? null) !== Backup::VERSION) {
            throw Refused::because('file', 'backup_newer', $told['version'] ?? null);
        }
        $copy = (string) tempnam(sys_get_temp_dir(), 'zolbek-look-');
        try {
            self::unpack($zip, self::DATABASE, $copy);
            if (! hash_equals($told['sha256'], (string) hash_file('sha256', $copy))) {
                throw Refused::because('file', 'backup_changed', basename($file));
            }
            SoundDatabase::migrations($copy, basename($file));
        } finally {
            unlink($copy);
        }

        return new self($file, (string) ($told['made_at'] ?? ''), array_map(intval(...), array_intersect_key($told['rows'], array_flip(self::COUNTED))), self::pictures($zip));
    }

    /** Unpacks one file of it whole, byte by byte as it comes. */
    public static function unpack(ZipArchive $zip, string $name, string $to): void
    {
        $from = $zip->getStream($name);
        $into = fopen($to, 'w');
        if ($from === false || $into === false) {
            throw Refused::because('file', 'backup_file', $name);
        }
        $size = $zip->statName($name)['size'] ?? -1;
        if (@stream_copy_to_stream($from, $into) !== $size || ! fclose($into)) {
            throw Refused::because('file', 'backup_torn', $name);
        }
    }

    public static function open(string $file): ZipArchive
    {
        $zip = new ZipArchive();
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw Refused::because('file', 'backup_file', basename($file));
        }

        return $zip;
    }

    /** @return list<string> */
    private static function pictures(ZipArchive $zip): array
    {
        $names = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            if (str_starts_with($name, self::PHOTOS)) {
                $picture = substr($name, strlen(self::PHOTOS));
                // a name that leads elsewhere is no picture
                Picture::isName($picture) || throw Refused::because('file', 'not_a_picture', $name);
                $names[] = $picture;
            }
        }

        return $names;
    }
}
