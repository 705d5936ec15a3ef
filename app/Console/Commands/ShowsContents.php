<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Contents;

/** What is in a backup, in one line. */
final class ShowsContents
{
    public static function line(Contents $contents): string
    {
        $rows = array_filter($contents->rows);
        $told = array_map(static fn(string $table, int $count): string => $count.' '.str_replace('_', ' ', $table), array_keys($rows), $rows);

        return 'made '.$contents->madeAt.', with '.implode(', ', [...$told, count($contents->pictures).' files of pictures']);
    }
}
