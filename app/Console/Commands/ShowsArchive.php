<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Archive;

/** What is in a backup, in one line. */
final class ShowsArchive
{
    public static function line(Archive $archive): string
    {
        $rows = array_filter($archive->rows);
        $told = array_map(static fn(string $table, int $count): string => $count.' '.str_replace('_', ' ', $table), array_keys($rows), $rows);

        return 'made '.$archive->madeAt.', with '.implode(', ', [...$told, count($archive->pictures).' files of pictures']);
    }
}
